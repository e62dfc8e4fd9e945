import { App, Button } from 'antd';

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
            .then(() => message.success('Copied'))
            .catch(() => message.info('Mark the address and copy it.'))
        }
      >
        Copy
      </Button>
      <span className="quiet">It is shown this once.</span>
    </p>
  );
}
