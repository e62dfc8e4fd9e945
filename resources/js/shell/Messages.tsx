import { Button } from 'antd';
import { useEffect } from 'react';
import { useRouteError } from 'react-router';
import { putOff } from '../parts/putOff';

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
  const text =
    message ??
    (missing
      ? 'There is no page at this address.'
      : error instanceof Error
        ? error.message
        : 'Something went wrong.');
  return (
    <main className="message">
      <h1>{missing ? 'Nothing here' : 'That did not work'}</h1>
      <p className="quiet">{text}</p>
      <Button href="/rushes">Back to your rushes</Button>
    </main>
  );
}
