import '../../ui/share.css';
import { App, Button, Modal, Select } from 'antd';
import { useState } from 'react';
import { linkActions, useLinks, useOutingAction } from '../../api/outings';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/outing';
import { AddressOnce } from '../../ui/AddressOnce';
import { OfferCopy } from '../practice/door';

const DAYS = [1, 3, 7, 14, 30, 60];

/** Addresses under which somebody else sees the card, without an account. */
export function ShareCard({ outing, open, onClose }: { outing: string; open: boolean; onClose: () => void }) {
  const links = useLinks(outing, open);
  const { message } = App.useApp();
  const [days, setDays] = useState(7);
  const [address, setAddress] = useState<string | null>(null);
  const make = useOutingAction(linkActions.open);
  const close = useOutingAction(linkActions.close);
  const failed = (error: Error) => message.error(error.message);
  const again = () => void links.refetch();
  const day = (at: string) => sayDate(at, 'weekday');
  return (
    <Modal title={t('share-card.show-this-card-to')} open={open} onCancel={onClose} footer={null}>
      <p className="quiet">{t('share-card.whoever-has-the-address')}</p>
      <div className="share-make">
        <Select
          aria-label={t('share-card.for-how-long')}
          value={days}
          options={DAYS.map((d) => ({ value: d, label: t('share-card.for-days', { d }) }))}
          onChange={setDays}
        />
        <Button
          type="primary"
          loading={make.isPending}
          onClick={() =>
            make.mutate(
              { id: outing, days },
              {
                onError: failed,
                onSuccess: (made) => {
                  setAddress(made.address);
                  again();
                },
              },
            )
          }
        >
          {t('share-card.make-an-address')}
        </Button>
      </div>
      {address && <AddressOnce address={address} />}
      <ul className="share-links">
        {links.data?.map((link) => (
          <li key={link.id}>
            {t('share-card.until', { expiresAt: day(link.expires_at) })}
            <Button
              size="small"
              onClick={() =>
                close.mutate({ id: outing, link: link.id }, { onError: failed, onSuccess: again })
              }
            >
              {t('share-card.take-back')}
            </Button>
          </li>
        ))}
      </ul>
      <p className="quiet share-copy">{t('share-card.or-let-them-take')}</p>
      <OfferCopy kind="card" id={outing} says={t('share-card.give-a-copy')} />
    </Modal>
  );
}
