import { App, Button, Dropdown, Input, Modal } from 'antd';
import { useState } from 'react';
import type { Body, Lens, SubjectProfile } from '../../../api/client';
import { useSession } from '../../../api/hooks';
import { type ShelfListing, shelfActions, useShelfAction } from '../../../api/shelf';
import { dayOf } from '../../../parts/days';
import { Silhouette } from '../../../parts/Silhouette';
import { say, useUnits } from '../../../parts/units';
import { FrameSketch } from '../FrameSketch';
import { bodyFacts, guessedOf, openingOf } from '../facts';
import { ReachBar } from '../ReachBar';

/** What it is, at a glance. */
function Picture({ of }: { of: ShelfListing }) {
  if (of.type === 'bodies') return <FrameSketch body={of.outline as Body} />;
  if (of.type === 'lenses') return <ReachBar lens={of.outline as Lens} small />;
  return <Silhouette figure={(of.outline as Partial<SubjectProfile>).subject?.figure ?? 'plain'} />;
}

function Facts({ of }: { of: ShelfListing }) {
  const units = useUnits();
  if (of.type === 'bodies') {
    const body = of.outline as Partial<Body> & { own_words?: string[] };
    const words = body.own_words?.length ?? 0;
    return (
      <>
        {bodyFacts(body)}
        {words > 0 && ` · ${words === 1 ? 'one own word' : `${words} own words`}`}
        {guessedOf(body) && ` · ${guessedOf(body)}`}
      </>
    );
  }
  if (of.type === 'lenses') {
    const lens = of.outline as Partial<Lens>;
    return (
      <>
        {openingOf(lens)} · from {say(lens.nearest_m ?? 1, 'length', units)} · sweeps in {lens.sweep_s} s
      </>
    );
  }
  return <>{(of.outline as Partial<SubjectProfile>).group}</>;
}

type Props = { of: ShelfListing; onTaken: (item: { id: string; name: string }) => void };

/** One thing on the shelf: what it is, whose, and copying it. */
export function ShelfRow({ of, onTaken }: Props) {
  const { message } = App.useApp();
  const demo = useSession().data?.user?.is_demo;
  const [reporting, setReporting] = useState(false);
  const [reason, setReason] = useState('');
  const taking = useShelfAction(shelfActions.take);
  const down = useShelfAction(shelfActions.down);
  const report = useShelfAction(shelfActions.report);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  const items = of.mine
    ? [
        {
          key: 'down',
          label: 'Take it down',
          onClick: () =>
            down.mutate(of.id, {
              ...failed,
              onSuccess: () => void message.success('Taken down. Copies that were taken stay.'),
            }),
        },
      ]
    : [{ key: 'report', label: 'Report it', disabled: demo === true, onClick: () => setReporting(true) }];
  return (
    <li className="kit-row shelf-row">
      <div className={of.type === 'lenses' ? 'kit-link lens' : 'kit-link'}>
        <span className="shelf-picture">
          <Picture of={of} />
        </span>
        <span>
          <b>{of.name}</b>
          {of.mine && <em>yours</em>}
          <small>
            <Facts of={of} />
          </small>
          <small className="quiet">
            {of.by ? `by ${of.by}, ` : ''}
            {dayOf(of.put_up_at)}
            {of.taken > 0 && ` · copied ${of.taken === 1 ? 'once' : `${of.taken} times`}`}
            {of.hidden && ' · reported: nobody else finds it until it was looked at'}
          </small>
        </span>
      </div>
      <Button
        loading={taking.isPending}
        onClick={() => taking.mutate(of.id, { ...failed, onSuccess: (item) => onTaken(item) })}
      >
        Copy<span className="sr-only"> {of.name}</span>
      </Button>
      <Dropdown trigger={['click']} menu={{ items }}>
        <Button type="text" aria-label={`More for ${of.name}`}>
          •••
        </Button>
      </Dropdown>
      <Modal
        title={`Report “${of.name}”`}
        open={reporting}
        okText="Report it"
        okButtonProps={{ disabled: reason.trim() === '', loading: report.isPending }}
        onCancel={() => setReporting(false)}
        onOk={() =>
          report.mutate(
            { id: of.id, reason: reason.trim() },
            {
              ...failed,
              onSuccess: () => {
                setReporting(false);
                void message.success('Reported. Whoever runs this server will look at it.');
              },
            },
          )
        }
      >
        <p>Say what is wrong: figures that are not so, or something that does not belong here.</p>
        <Input.TextArea
          aria-label="What is wrong with it"
          maxLength={300}
          autoSize={{ minRows: 2, maxRows: 5 }}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </Modal>
    </li>
  );
}
