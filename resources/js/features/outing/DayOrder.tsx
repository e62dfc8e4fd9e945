import { Button } from 'antd';
import { Link } from 'react-router';
import type { Day, Outing } from '../../api/day';
import { within } from '../../lang/labels';
import { inside } from '../../lang/language';
import { t } from '../../lang/outing';
import { lostTo } from './DayTimeline';
import { clockOf } from './dayScale';
import { whenPlanned } from './planned';

/** The rushes in the order of the day, and what is changed in between. */
export function DayOrder({
  day,
  outing,
  onLog,
}: {
  day: Day;
  outing: Outing;
  /** Logs a burst of a rush; undefined where the outing is not kept yet. */
  onLog: ((rush: number) => void) | undefined;
}) {
  return (
    <ol className="day-order">
      {day.order.map((number) => {
        const rush = day.rushes[number];
        const changed = day.changes.find((c) => c.before === number);
        if (!rush?.planned) return null;
        const lost = lostTo(rush);
        const group = whenPlanned(rush)?.group;
        return (
          <li key={number}>
            {changed && (
              <p className="day-change">
                {changed.kit.length === 0 && changed.change.length === 0 && !changed.by
                  ? t('day-order.nothing-to-change')
                  : [
                      ...changed.kit.map((k) => t('day-order.to', { part: k.part, to: k.to })),
                      ...changed.change.map((c) => `${inside(c.name)} ${c.to}`),
                      ...(changed.by
                        ? [t('day-order.then-hold', { by: within('control-place', changed.by) })]
                        : []),
                    ].join(', ')}{' '}
                <span className="quiet">{t('day-order.s', { seconds: Math.round(changed.seconds) })}</span>
              </p>
            )}
            <p>
              <b>
                {clockOf(rush.planned.from)}–{clockOf(rush.planned.to)}
              </b>{' '}
              <Link to={`/rushes/${outing.rushes[number]?.rush ?? ''}`}>{rush.name}</Link>{' '}
              <span className="quiet">
                {t('day-order.wanted-frames', {
                  kept: Math.round(rush.planned.kept),
                  isLost: lost ? 'yes' : 'no',
                  lost,
                })}
              </span>{' '}
              {onLog && (
                <Button type="link" size="small" onClick={() => onLog(number)}>
                  {t.rich('day-order.log-a-burst-of', {
                    span: (text) => <span className="sr-only">{text}</span>,
                    name: rush.name,
                  })}
                </Button>
              )}
            </p>
            {group && <p className="day-group">{group}</p>}
          </li>
        );
      })}
      {day.left_out.map((number) => (
        <li key={number}>
          <p>
            <b className="day-without">{t('day-order.no-time')}</b>{' '}
            <Link to={`/rushes/${outing.rushes[number]?.rush ?? ''}`}>{day.rushes[number]?.name}</Link>{' '}
            <span className="quiet">{day.rushes[number]?.left_out}</span>
          </p>
        </li>
      ))}
    </ol>
  );
}
