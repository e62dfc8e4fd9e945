import { App, Button, Checkbox, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { type LoggedBurst, logActions, useLogAction } from '../../api/log';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/review';
import { useSelection } from '../../ui/useSelection';
import { useUndo } from '../../ui/useUndo';
import { saidOf } from '../outing/door';
import { Correct } from './Correct';

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
        aria-label={t('log-list.select-the-burst-of', {
          rush: burst.rush,
          moment: sayDate(burst.at, 'moment'),
        })}
        checked={chosen}
        onChange={(event) => onChoose(event.nativeEvent.shiftKey)}
      />
      <span className="burst-when quiet">{sayDate(burst.at, 'moment')}</span>
      <span className="burst-what">
        {burst.rush_id ? <Link to={`/rushes/${burst.rush_id}`}>{burst.rush}</Link> : burst.rush}
        <span className="quiet"> {saidOf(burst)}</span>
      </span>
      {burst.doubted && <span className="burst-doubted">{t('log-list.left-out')}</span>}
      {burst.lost_to && (
        <Link to={`/review/bursts/${burst.id}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
          {t('log-list.why')}
        </Link>
      )}
      {burst.pictures && <Link to={`/review/bursts/${burst.id}`}>{t('log-list.pictures')}</Link>}
      {same && (
        <Button
          type="text"
          size="small"
          title={t('log-list.count-it-with-the')}
          onClick={() =>
            merge.mutate(
              { id: same.id, other: burst.id },
              {
                onError: failed,
                onSuccess: (one) =>
                  undo(t('log-list.two-bursts-are-one'), () => takenBack.mutateAsync(one.undo)),
              },
            )
          }
        >
          {t('log-list.merge')}
        </Button>
      )}
      <Button type="text" size="small" onClick={onCorrect}>
        {t('log-list.correct')}
      </Button>
      <Button
        type="text"
        size="small"
        aria-label={t('log-list.delete-the-burst-of', { rush: burst.rush })}
        onClick={() =>
          remove.mutate(burst.id, {
            onError: failed,
            onSuccess: () => undo(t('log-list.the-burst-is-deleted'), () => restore.mutateAsync(burst.id)),
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
        undo(t('log-list.bursts-are-deleted', { many }), () => takenBack.mutateAsync(done.undo));
      },
    });
  };
  return (
    <section aria-label={t('log-list.bursts')}>
      <h2>{t('log-list.bursts')}</h2>
      <div className="rushes-tools">
        {selection.chosen.length > 0 ? (
          <>
            <b>{t('log-list.selected', { chosen: selection.chosen.length })}</b>
            <Button size="small" loading={removeAll.isPending} onClick={removeChosen}>
              {t('log-list.delete')}
            </Button>
            <Button size="small" type="link" onClick={selection.clear}>
              {t('log-list.clear')}
            </Button>
          </>
        ) : (
          <Select
            size="small"
            aria-label={t('log-list.of-which-rush')}
            popupMatchSelectWidth={false}
            value={rush ?? ''}
            options={[
              { value: '', label: t('log-list.all-rushes') },
              ...rushes.map((name) => ({ value: name, label: name })),
            ]}
            onChange={(to) => onRush(to || null)}
          />
        )}
      </div>
      {bursts.length === 0 && <p className="quiet">{t('log-list.no-burst-of-this')}</p>}
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
            {t('log-list.show-more')}
          </Button>
        </p>
      )}
      {correcting && <Correct burst={correcting} onClose={() => setCorrecting(null)} />}
    </section>
  );
}
