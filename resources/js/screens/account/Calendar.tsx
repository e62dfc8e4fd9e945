import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { client, take } from '../../api/client';
import { AddressOnce } from '../../parts/AddressOnce';
import { Part } from './Part';
import { useWork } from './useWork';

/** The address by which a calendar subscribes to outings and practice. */
export function Calendar() {
  const queries = useQueryClient();
  const { busy, run } = useWork();
  const [address, setAddress] = useState<string | null>(null);
  const feed = useQuery({ queryKey: ['calendar'], queryFn: () => take(client.GET('/api/account/calendar')) });
  const refresh = () => queries.invalidateQueries({ queryKey: ['calendar'] });
  const since = feed.data?.since;
  return (
    <Part title="Calendar">
      <p>
        Your calendar can subscribe to your outings and practice and keep up with them. Whoever has the
        address sees their names, hours and places.
      </p>
      {address && <AddressOnce address={address} />}
      <p className="account-row">
        <Button
          loading={busy}
          onClick={() =>
            void run(async () => {
              setAddress((await take(client.POST('/api/account/calendar'))).address);
              await refresh();
            })
          }
        >
          {since ? 'Make a new address' : 'Make an address'}
        </Button>
        {since && (
          <Button
            onClick={() =>
              void run(async () => {
                await take(client.DELETE('/api/account/calendar'));
                setAddress(null);
                await refresh();
              })
            }
          >
            Take it back
          </Button>
        )}
        {since && (
          <span className="quiet">
            In use since{' '}
            {new Date(since).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })}.
            A new address ends the old one.
          </span>
        )}
      </p>
    </Part>
  );
}
