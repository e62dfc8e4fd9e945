import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { sayDate } from '../../lang/dates';
import { AddressOnce } from '../../ui/AddressOnce';
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
    <Part title={t('calendar.calendar')}>
      <p>{t('calendar.your-calendar-can-subscribe')}</p>
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
          {since ? t('calendar.make-a-new-address') : t('calendar.make-an-address')}
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
            {t('calendar.take-it-back')}
          </Button>
        )}
        {since && (
          <span className="quiet">
            {t('calendar.in-use-since-a', {
              value: sayDate(since, 'date'),
            })}
          </span>
        )}
      </p>
    </Part>
  );
}
