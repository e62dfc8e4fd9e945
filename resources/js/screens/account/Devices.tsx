import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { client, take } from '../../api/client';
import { Part } from './Part';
import { useWork } from './useWork';

/** Signing out wherever else somebody is signed in. */
export function Devices() {
  const queries = useQueryClient();
  const { busy, run } = useWork();
  return (
    <Part title="Devices">
      <p>Sign out everywhere but here, and withdraw all tokens, after losing a device for instance.</p>
      <Button
        loading={busy}
        onClick={() =>
          void run(async () => {
            await take(client.POST('/api/account/sign-out-everywhere'));
            await queries.invalidateQueries({ queryKey: ['tokens'] });
          }, 'Only this device is signed in now.')
        }
      >
        Sign out everywhere else
      </Button>
    </Part>
  );
}
