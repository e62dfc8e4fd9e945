import { App, Button } from 'antd';
import { t } from '../lang/ui';

/** An address that is shown this once, to be copied. */
export function AddressOnce({ address }: { address: string }) {
  const { message } = App.useApp();
  return (
    <p className="share-address">
      <code>{address}</code>
      <Button
        size="small"
        onClick={() =>
          void navigator.clipboard
            .writeText(address)
            .then(() => message.success(t('address-once.copied')))
            .catch(() => message.info(t('address-once.mark-the-address-and')))
        }
      >
        {t('address-once.copy')}
      </Button>
      <span className="quiet">{t('address-once.it-is-shown-this')}</span>
    </p>
  );
}
