import '../../ui/share.css';
import { App, Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { useSession } from '../../api/hooks';
import { type CopyLink, copyActions, useCopyLinks, usePracticeAction } from '../../api/practice';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/practice';
import { AddressOnce } from '../../ui/AddressOnce';

const DAYS = [7, 30, 90];

const what: Record<CopyLink['kind'], string> = {
  drill: t('offer-copy.the-same-turn-with'),
  rush: t('offer-copy.this-rush'),
  hold: t('offer-copy.this-rush-with-what'),
  layout: t('offer-copy.this-body-with-its'),
  card: t('offer-copy.this-outing-with-its'),
};

type Props = {
  kind: CopyLink['kind'];
  id: string;
  says: string;
  /** What it can be offered as, where there is a choice. */
  kinds?: CopyLink['kind'][];
};

/** A copy of something, as it is now, for others to take into their own account. */
export function OfferCopy(props: Props) {
  const [open, setOpen] = useState(false);
  const demo = useSession().data?.user?.is_demo;
  if (demo) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>{props.says}</Button>
      <OfferModal {...props} open={open} onClose={() => setOpen(false)} />
    </>
  );
}

/** The same where it is opened from a menu. */
export function OfferModal({
  kind,
  id,
  says,
  kinds = [kind],
  open,
  onClose,
}: Props & { open: boolean; onClose: () => void }) {
  const [as, setAs] = useState(kind);
  const [days, setDays] = useState(30);
  const [from, setFrom] = useState('');
  const [place, setPlace] = useState(false);
  const [address, setAddress] = useState<string | null>(null);
  const { message } = App.useApp();
  const links = useCopyLinks(open);
  const offer = usePracticeAction(copyActions.offer);
  const close = usePracticeAction(copyActions.close);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  return (
    <Modal title={says} open={open} onCancel={onClose} footer={null}>
      <p className="quiet">
        {t('offer-copy.whoever-has-the-address', { what: what[as], isAs: as !== 'layout' ? 'yes' : 'no' })}
      </p>
      <div className="share-make">
        {kinds.length > 1 && (
          <Select
            aria-label={t('offer-copy.what')}
            value={as}
            options={kinds.map((k) => ({
              value: k,
              label: k === 'hold' ? t('offer-copy.with-its-hold') : t('offer-copy.the-rush-alone'),
            }))}
            onChange={(next) => {
              setAs(next);
              setAddress(null);
            }}
          />
        )}
        <Select
          aria-label={t('offer-copy.for-how-long')}
          value={days}
          options={DAYS.map((d) => ({ value: d, label: t('offer-copy.for-days', { d }) }))}
          onChange={setDays}
        />
        <Input
          aria-label={t('offer-copy.from-whom')}
          placeholder={t('offer-copy.from-a-name-if')}
          maxLength={60}
          value={from}
          onChange={(event) => setFrom(event.target.value)}
        />
        {as !== 'layout' && (
          <Checkbox checked={place} onChange={(event) => setPlace(event.target.checked)}>
            {as === 'card' ? t('offer-copy.with-the-name-of') : t('offer-copy.with-its-place-to')}
          </Checkbox>
        )}
        <Button
          type="primary"
          loading={offer.isPending}
          onClick={() =>
            offer.mutate(
              { kind: as, id, days, from: from.trim(), place },
              { ...failed, onSuccess: (made) => setAddress(made.address) },
            )
          }
        >
          {t('offer-copy.make-an-address')}
        </Button>
      </div>
      {address && <AddressOnce address={address} />}
      <ul className="share-links">
        {links.data?.map((link) => (
          <li key={link.id}>
            {t('offer-copy.until', {
              name: link.name,
              value: sayDate(link.expires_at, 'day'),
            })}
            <Button size="small" onClick={() => close.mutate(link.id, failed)}>
              {t('offer-copy.take-back')}
            </Button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
