import { Button } from 'antd';
import { useEffect } from 'react';
import { useRouteError } from 'react-router';
import { putOff } from '../parts/putOff';
import { useOnline } from '../parts/useOnline';

export function Waiting({ what = 'Loading' }: { what?: string }) {
  useEffect(putOff, []);
  return (
    <div className="message" role="status">
      <p className="quiet">{what}…</p>
    </div>
  );
}

export function Failed({ missing = false, message }: { missing?: boolean; message?: string }) {
  const error = useRouteError();
  const online = useOnline();
  const text =
    message ??
    (missing
      ? 'There is no page at this address.'
      : error instanceof Error
        ? error.message
        : 'Something went wrong.');
  return (
    <main className="message">
      <h1>{!online ? 'No connection' : missing ? 'Nothing here' : 'That did not work'}</h1>
      <p className="quiet">{online ? text : 'No connection. The cards on this device work without one.'}</p>
      <p className="message-ways">
        {!missing && (
          <Button type="primary" onClick={() => window.location.reload()}>
            Try again
          </Button>
        )}
        {online ? (
          <Button href="/rushes">Back to your rushes</Button>
        ) : (
          <Button href="/card">Cards on this device</Button>
        )}
      </p>
    </main>
  );
}
