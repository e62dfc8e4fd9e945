import { App, Button, Checkbox, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { type LoggedBurst, logActions, useLogAction } from '../../api/log';
import { useSelection } from '../../parts/useSelection';
import { useUndo } from '../../parts/useUndo';
import { saidOf } from '../outing/Logged';
import { Correct } from './Correct';

const moment = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** The burst before it of the same rush, within the hour: likely the same pass, logged twice. */
function sameBefore(bursts: LoggedBurst[], burst: LoggedBurst): LoggedBurst | null {
  const next = bursts[bursts.indexOf(burst) + 1];
  const near = next && Math.abs(new Date(next.at).getTime() - new Date(burst.at).getTime()) < 3_600_000;
  return near && next.rush_id === burst.rush_id && next.rush === burst.rush ? next : null;
}

type RowProps = {
  burst: LoggedBurst;
  /** The one it may be the same as. */
  same: LoggedBurst | null;
  chosen: boolean;
  onChoose: (range: boolean) => void;
  onCorrect: () => void;
};

/** One burst: when, of what, how much was kept, and what can be done with it. */
function BurstRow({ burst, same, chosen, onChoose, onCorrect }: RowProps) {
  const { message } = App.useApp();
  const undo = useUndo();
  const remove = useLogAction(logActions.remove);
  const restore = useLogAction(logActions.restore);
  const merge = useLogAction(logActions.merge);
  const takenBack = useLogAction(logActions.undo);
  const failed = (error: Error) => message.error(error.message);
  return (
    <li className={chosen ? 'rush-row burst-row chosen' : 'rush-row burst-row'}>
      <Checkbox
        aria-label={`Select the burst of ${burst.rush} at ${moment.format(new Date(burst.at))}`}
        checked={chosen}
        onChange={(event) => onChoose(event.nativeEvent.shiftKey)}
      />
      <span className="burst-when quiet">{moment.format(new Date(burst.at))}</span>
      <span className="burst-what">
        {burst.rush_id ? <Link to={`/rushes/${burst.rush_id}`}>{burst.rush}</Link> : burst.rush}
        <span className="quiet"> {saidOf(burst)}</span>
      </span>
      {burst.doubted && <span className="burst-doubted">left out</span>}
      {burst.lost_to && (
        <Link to={`/review/bursts/${burst.id}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>Why?</Link>
      )}
      {burst.pictures && <Link to={`/review/bursts/${burst.id}`}>Pictures</Link>}
      {same && (
        <Button
          type="text"
          size="small"
          title="Count it with the burst of the same rush below"
          onClick={() =>
            merge.mutate(
              { id: same.id, other: burst.id },
              {
                onError: failed,
                onSuccess: (one) => undo('Two bursts are one', () => takenBack.mutateAsync(one.undo)),
              },
            )
          }
        >
          Merge
        </Button>
      )}
      <Button type="text" size="small" onClick={onCorrect}>
        Correct
      </Button>
      <Button
        type="text"
        size="small"
        aria-label={`Delete the burst of ${burst.rush}`}
        onClick={() =>
          remove.mutate(burst.id, {
            onError: failed,
            onSuccess: () => undo('The burst is deleted', () => restore.mutateAsync(burst.id)),
          })
        }
      >
        ×
      </Button>
    </li>
  );
}

type Props = {
  bursts: LoggedBurst[];
  /** Names of the rushes there are bursts of. */
  rushes: string[];
  /** The one whose bursts are shown; null: all. */
  rush: string | null;
  onRush: (rush: string | null) => void;
  more: { busy: boolean; onMore: () => void } | null;
};

/** The bursts that were logged, of one rush where one is chosen; several can be deleted at once. */
export function LogList({ bursts, rushes, rush, onRush, more }: Props) {
  const { message } = App.useApp();
  const undo = useUndo();
  const removeAll = useLogAction(logActions.removeAll);
  const takenBack = useLogAction(logActions.undo);
  const [correcting, setCorrecting] = useState<LoggedBurst | null>(null);
  const ids = useMemo(() => bursts.map(({ id }) => id), [bursts]);
  const selection = useSelection(ids);
  const removeChosen = () => {
    const many = selection.chosen.length;
    removeAll.mutate(selection.chosen, {
      onError: (error) => message.error(error.message),
      onSuccess: (done) => {
        selection.clear();
        undo(many === 1 ? 'The burst is deleted' : `${many} bursts are deleted`, () =>
          takenBack.mutateAsync(done.undo),
        );
      },
    });
  };
  return (
    <section aria-label="Bursts">
      <h2>Bursts</h2>
      <div className="rushes-tools">
        {selection.chosen.length > 0 ? (
          <>
            <b>{selection.chosen.length} selected</b>
            <Button size="small" loading={removeAll.isPending} onClick={removeChosen}>
              Delete
            </Button>
            <Button size="small" type="link" onClick={selection.clear}>
              Clear
            </Button>
          </>
        ) : (
          <Select
            size="small"
            aria-label="Of which rush"
            popupMatchSelectWidth={false}
            value={rush ?? ''}
            options={[
              { value: '', label: 'All rushes' },
              ...rushes.map((name) => ({ value: name, label: name })),
            ]}
            onChange={(to) => onRush(to || null)}
          />
        )}
      </div>
      {bursts.length === 0 && <p className="quiet">No burst of this rush.</p>}
      <ul className="rush-list">
        {bursts.map((burst) => (
          <BurstRow
            key={burst.id}
            burst={burst}
            same={sameBefore(bursts, burst)}
            chosen={selection.has(burst.id)}
            onChoose={(range) => selection.toggle(burst.id, range)}
            onCorrect={() => setCorrecting(burst)}
          />
        ))}
      </ul>
      {more && (
        <p className="rushes-more">
          <Button onClick={more.onMore} loading={more.busy}>
            Show more
          </Button>
        </p>
      )}
      {correcting && <Correct burst={correcting} onClose={() => setCorrecting(null)} />}
    </section>
  );
}
