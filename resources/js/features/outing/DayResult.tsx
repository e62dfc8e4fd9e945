import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Hold } from '../../api/client';
import type { Day, Entry, Outing } from '../../api/day';
import { t } from '../../lang/outing';
import { standsOn } from '../../ui/learned';
import { Checklist } from './Checklist';
import { DayOrder } from './DayOrder';
import { DayTimeline } from './DayTimeline';
import { LogByHand } from './LogByHand';
import { Logged } from './Logged';
import { whenPlanned } from './planned';

/** How many wanted frames the day keeps, and what stands in the way of more. */
function Kept({ day, chosen, onBest }: { day: Day; chosen: boolean; onBest: () => void }) {
  return (
    <p className="day-kept">
      {t.rich('day-result.wanted-frames-kept', { keptWanted: <b>{Math.round(day.kept_wanted)}</b> })}
      {!day.played && <span className="quiet"> {t('day-result.if-nothing-goes-wrong')}</span>}
      {day.best_wanted > day.kept_wanted + 0.5 && (
        <span className="quiet">
          {' '}
          {t('day-result.of-in-the-best', { bestWanted: Math.round(day.best_wanted) })}
        </span>
      )}
      {chosen && (
        <Button type="link" size="small" onClick={onBest}>
          {t('day-result.take-the-best-order')}
        </Button>
      )}
      {day.left_out.length > 0 && (
        <span className="reached-lost">
          {' '}
          {t('day-result.will-not-fit', { leftOut: day.left_out.length })}
        </span>
      )}
    </p>
  );
}

type Props = {
  id: string | undefined;
  day: Day;
  /** As it is now. */
  outing: Outing;
  /** As it was when the day was asked for. */
  asked: Outing;
  onChange: (fields: Partial<Outing>) => void;
  onEntry: (at: number, fields: Partial<Entry>) => void;
};

/** What the day comes to: light and worth by the hour, the order, what is changed in between, and what to take care of. */
export function DayResult({ id, day, outing, asked, onChange, onEntry }: Props) {
  const [logging, setLogging] = useState<number | null>(null);
  const planned = logging === null ? undefined : day.rushes[logging];
  // It was shot when it was planned, or now while that still lies ahead.
  const begun = Date.parse(planned?.planned?.from ?? '');
  /** Lets go of the times somebody chose; what happens at a fixed time stays. */
  const takeBest = () =>
    onChange({
      order: 'solved',
      rushes: outing.rushes.map((e) => (e.by_hand ? { ...e, at: null, by_hand: false } : e)),
    });
  return (
    <>
      <Kept
        day={day}
        chosen={outing.order !== 'solved' || outing.rushes.some((e) => e.by_hand)}
        onBest={takeBest}
      />
      {day.learned && (
        <p className="quiet day-learned">
          {t.rich('day-result.predictions-are-the-rest', {
            learned: standsOn(day.learned),
            link: (text) => <Link to="/review/learned">{text}</Link>,
          })}
        </p>
      )}
      <DayTimeline day={day} onMove={(rush, at) => onEntry(rush, { at, by_hand: true })} />
      <DayOrder day={day} outing={asked} onLog={id === undefined ? undefined : setLogging} />
      {day.cautions.map((c) => (
        <p key={c.what} className="notice caution">
          {c.sentence}
        </p>
      ))}
      {id !== undefined && <Logged outing={id} zone={asked.place.zone} />}
      <Checklist items={day.checklist} outing={outing} onTick={(checked) => onChange({ checked })} />
      {planned && (
        <LogByHand
          shot={{
            outing_id: id ?? null,
            rush_id: asked.rushes[logging ?? 0]?.rush ?? null,
            rush: planned.name,
            at: new Date(Math.min(begun, Date.now())).toISOString(),
            hold: planned.hold as Hold,
          }}
          likely={whenPlanned(planned)?.lost_to ?? null}
          onClose={() => setLogging(null)}
        />
      )}
    </>
  );
}
