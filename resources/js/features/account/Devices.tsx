import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { Part } from './Part';
import { useWork } from './useWork';

/** Signing out wherever else somebody is signed in. */
export function Devices() {
  const queries = useQueryClient();
  const { busy, run } = useWork();
  return (
    <Part title={t('devices.devices')}>
      <p>{t('devices.sign-out-everywhere-but')}</p>
      <Button
        loading={busy}
        onClick={() =>
          void run(async () => {
            await take(client.POST('/api/account/sign-out-everywhere'));
            await queries.invalidateQueries({ queryKey: ['tokens'] });
          }, t('devices.only-this-device-is'))
        }
      >
        {t('devices.sign-out-everywhere-else')}
      </Button>
    </Part>
  );
}
