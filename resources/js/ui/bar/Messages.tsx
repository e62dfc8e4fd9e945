import { Button } from 'antd';
import { useEffect } from 'react';
import { useRouteError } from 'react-router';
import { t } from '../../lang/bar';
import { putOff } from '../putOff';
import { useOnline } from '../useOnline';

export function Waiting({ what = t('messages.loading') }: { what?: string }) {
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
      ? t('messages.there-is-no-page')
      : error instanceof Error
        ? error.message
        : t('messages.something-went-wrong'));
  return (
    <main className="message">
      <h1>
        {!online
          ? t('messages.no-connection')
          : missing
            ? t('messages.nothing-here')
            : t('messages.that-did-not-work')}
      </h1>
      <p className="quiet">{online ? text : t('messages.no-connection-the-cards')}</p>
      <p className="message-ways">
        {!missing && (
          <Button type="primary" onClick={() => window.location.reload()}>
            {t('messages.try-again')}
          </Button>
        )}
        {online ? (
          <Button href="/rushes">{t('messages.back-to-your-rushes')}</Button>
        ) : (
          <Button href="/card">{t('messages.cards-on-this-device')}</Button>
        )}
      </p>
    </main>
  );
}
