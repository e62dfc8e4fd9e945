import '../../parts/share.css';
import { App, Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { useSession } from '../../api/hooks';
import { type CopyLink, copyActions, useCopyLinks, usePracticeAction } from '../../api/practice';
import { AddressOnce } from '../../parts/AddressOnce';

const DAYS = [7, 30, 90];

const what: Record<CopyLink['kind'], string> = {
  drill: 'the same turn, with the same seed',
  rush: 'this rush',
  hold: 'this rush with what is pinned of its hold',
  layout: 'this body with its buttons',
  card: 'this outing with its rushes',
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
        Whoever has the address can take a copy of {what[as]}, as it is now, into an account of their own.
        Your skills and your log are not in it, and what they change stays with them.
        {as !== 'layout' && ' Where it is, and who you are, is in it only as you say here.'}
      </p>
      <div className="share-make">
        {kinds.length > 1 && (
          <Select
            aria-label="What"
            value={as}
            options={kinds.map((k) => ({
              value: k,
              label: k === 'hold' ? 'With its hold' : 'The rush alone',
            }))}
            onChange={(next) => {
              setAs(next);
              setAddress(null);
            }}
          />
        )}
        <Select
          aria-label="For how long"
          value={days}
          options={DAYS.map((d) => ({ value: d, label: `For ${d} days` }))}
          onChange={setDays}
        />
        <Input
          aria-label="From whom"
          placeholder="From (a name, if you like)"
          maxLength={60}
          value={from}
          onChange={(event) => setFrom(event.target.value)}
        />
        {as !== 'layout' && (
          <Checkbox checked={place} onChange={(event) => setPlace(event.target.checked)}>
            {as === 'card'
              ? 'With the name of its place, and where it is to about 10 km'
              : 'With its place, to about 10 km'}
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
          Make an address
        </Button>
      </div>
      {address && <AddressOnce address={address} />}
      <ul className="share-links">
        {links.data?.map((link) => (
          <li key={link.id}>
            {link.name}, until{' '}
            {new Date(link.expires_at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}
            <Button size="small" onClick={() => close.mutate(link.id, failed)}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
