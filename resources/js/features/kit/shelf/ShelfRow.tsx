import { App, Button, Dropdown, Input, Modal } from 'antd';
import { useState } from 'react';
import type { Body, Lens, SubjectProfile } from '../../../api/client';
import { useSession } from '../../../api/hooks';
import { type ShelfListing, shelfActions, useShelfAction } from '../../../api/shelf';
import { dayOf } from '../../../lang/days';
import { t } from '../../../lang/kit';
import { dotted, listed } from '../../../lang/lists';
import { say, useUnits } from '../../../lang/units';
import { Silhouette } from '../../../ui/Silhouette';
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
        {words > 0 && ` · ${t('shelf-row.own-words', { words })}`}
        {guessedOf(body) && ` · ${guessedOf(body)}`}
      </>
    );
  }
  if (of.type === 'lenses') {
    const lens = of.outline as Partial<Lens>;
    return (
      <>
        {t('shelf-row.from-sweeps-in-s', {
          lens: openingOf(lens),
          nearestM: say(lens.nearest_m ?? 1, 'length', units),
          sweepS: lens.sweep_s,
        })}
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
          label: t('shelf-row.take-it-down'),
          onClick: () =>
            down.mutate(of.id, {
              ...failed,
              onSuccess: () => void message.success(t('shelf-row.taken-down-copies-that')),
            }),
        },
      ]
    : [
        {
          key: 'report',
          label: t('shelf-row.report-it'),
          disabled: demo === true,
          onClick: () => setReporting(true),
        },
      ];
  return (
    <li className="kit-row shelf-row">
      <div className={of.type === 'lenses' ? 'kit-link lens' : 'kit-link'}>
        <span className="shelf-picture">
          <Picture of={of} />
        </span>
        <span>
          <b>{of.name}</b>
          {of.mine && <em>{t('shelf-row.yours')}</em>}
          <small>
            <Facts of={of} />
          </small>
          <small className="quiet">
            {dotted(
              listed(of.by && t('shelf-row.by', { by: of.by }), dayOf(of.put_up_at)),
              of.taken > 0 && t('shelf-row.copied-times', { taken: of.taken }),
              of.hidden && t('shelf-row.reported-nobody-else-finds'),
            )}
          </small>
        </span>
      </div>
      <Button
        loading={taking.isPending}
        onClick={() => taking.mutate(of.id, { ...failed, onSuccess: (item) => onTaken(item) })}
      >
        {t.rich('shelf-row.copy', { name: <span className="sr-only"> {of.name}</span> })}
      </Button>
      <Dropdown trigger={['click']} menu={{ items }}>
        <Button type="text" aria-label={t('shelf-row.more-for', { name: of.name })}>
          •••
        </Button>
      </Dropdown>
      <Modal
        title={t('shelf-row.report', { name: of.name })}
        open={reporting}
        okText={t('shelf-row.report-it')}
        okButtonProps={{ disabled: reason.trim() === '', loading: report.isPending }}
        onCancel={() => setReporting(false)}
        onOk={() =>
          report.mutate(
            { id: of.id, reason: reason.trim() },
            {
              ...failed,
              onSuccess: () => {
                setReporting(false);
                void message.success(t('shelf-row.reported-whoever-runs-this'));
              },
            },
          )
        }
      >
        <p>{t('shelf-row.say-what-is-wrong')}</p>
        <Input.TextArea
          aria-label={t('shelf-row.what-is-wrong-with')}
          maxLength={300}
          autoSize={{ minRows: 2, maxRows: 5 }}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </Modal>
    </li>
  );
}
