import { type PointerEvent, useRef, useState } from 'react';
import type { Day } from '../../api/day';
import { within } from '../../lang/labels';
import { listed } from '../../lang/lists';
import { t } from '../../lang/outing';
import { PictureTable } from '../../ui/PictureTable';
import { useSize } from '../../ui/useSize';
import { BLOCK, clockOf, type DayScale, dayScale, SKY, WORTH } from './dayScale';
import { whenPlanned } from './planned';

/** Whether the air moves enough to be seen in the frames. */
const shimmers = (level: string | undefined) => level === 'some' || level === 'strong';

type Props = {
  day: Day;
  /** Moves a rush to begin at a time of day. */
  onMove: (rush: number, clock: string) => void;
};

/** A block that is dragged: of which rush, where it was grabbed, and the step it begins at now. */
type Held = { rush: number; grab: number; step: number };

/** Light above, rushes below: where each is worth it, and when it is planned. A planned block can be dragged. */
export function DayTimeline({ day, onMove }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const [wide] = useSize(holder, [900, 0]);
  const scale = dayScale(day, Math.max(240, wide));
  const [held, setHeld] = useState<Held | null>(null);
  const [over, setOver] = useState<number | null>(null);
  const now = over === null ? null : Math.max(0, Math.min(scale.steps, over));

  const drag = {
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      const at = scale.stepAt(event.clientX, event.currentTarget.getBoundingClientRect());
      setOver(Math.round(at));
      if (held) setHeld({ ...held, step: scale.snapped(at - held.grab) });
    },
    onPointerUp: () => {
      if (held) onMove(held.rush, scale.clockAt(held.step));
      setHeld(null);
    },
    onPointerLeave: () => setOver(null),
  };

  return (
    <div ref={holder} className="day">
      <PictureTable
        caption={t('day-timeline.what-each-rush-keeps')}
        head={[
          t('day-timeline.time'),
          t('day-timeline.sun'),
          t('day-timeline.light'),
          ...day.rushes.map((r) => r.name),
        ]}
        rows={() => rowsOf(day)}
        title={<Says day={day} now={now} />}
      >
        <svg
          width={scale.width}
          height={scale.height}
          className="day-plot"
          aria-label={t('day-timeline.the-day-light-above')}
          {...drag}
        >
          <Light day={day} scale={scale} />
          {day.rushes.map((rush, r) => (
            <Lane
              // biome-ignore lint/suspicious/noArrayIndexKey: rushes may have one name
              key={r}
              rush={rush}
              at={r}
              scale={scale}
              step={held?.rush === r ? held.step : null}
              onHold={(grab, step) => setHeld({ rush: r, grab, step })}
            />
          ))}
          {now !== null && (
            <line className="lane-now" x1={scale.x(now)} x2={scale.x(now)} y1={0} y2={scale.height - 20} />
          )}
        </svg>
      </PictureTable>
    </div>
  );
}

/** The day in numbers, by the half hour. */
const rowsOf = (day: Day): string[][] =>
  day.light
    .filter((_, i) => i % 2 === 0)
    .map((m, i) => [
      clockOf(m.at),
      `${Math.round(m.sun_height_deg)}°`,
      t('day-timeline.ev', { ev100: m.ev100.toFixed(1) }),
      ...day.rushes.map((r) => `${Math.round(100 * (r.by_time[2 * i]?.keeper_rate ?? 0))}%`),
    ]);

/** What the moment under the pointer has; without one, how to read the drawing. */
function Says({ day, now }: { day: Day; now: number | null }) {
  return (
    <p className="day-says">
      {now !== null && day.light[now] ? (
        <>
          {t.rich('day-timeline.sun-ev', {
            at: <b>{clockOf(day.light[now].at)}</b>,
            sunHeightDeg: Math.round(day.light[now].sun_height_deg),
            ev100: day.light[now].ev100.toFixed(1),
          })}
          {day.rushes.map((r) => (
            <span key={r.name} className="quiet">
              {' '}
              ·{' '}
              {listed(
                `${r.name} ${Math.round(100 * (r.by_time[now]?.keeper_rate ?? 0))}%`,
                r.by_time[now]?.light === 'back' && t('day-timeline.against-the-light'),
                shimmers(r.by_time[now]?.shimmer) && t('day-timeline.shimmer'),
              )}
            </span>
          ))}
        </>
      ) : (
        <span className="quiet">
          {t('day-timeline.height-share-of-frames')}
          {day.rushes.some((r) => r.by_time.some((b) => b.light === 'back')) && (
            <>
              {' '}
              <i className="key-against" /> {t('day-timeline.against-the-light-2')}
            </>
          )}
          {day.rushes.some((r) => r.by_time.some((b) => shimmers(b.shimmer))) && (
            <> {t('day-timeline.waves-the-air-shimmers')}</>
          )}
        </span>
      )}
    </p>
  );
}

/** Night, twilight and day, the height of the sun, and the hours. */
function Light({ day, scale: { x, sunY, height } }: { day: Day; scale: DayScale }) {
  return (
    <>
      {day.light.slice(0, -1).map((m, i) => (
        <rect
          key={m.at}
          className={`day-${m.part}`}
          x={x(i)}
          y={0}
          width={x(i + 1) - x(i) + 0.5}
          height={SKY - 14}
        />
      ))}
      <path
        className="day-sun"
        d={day.light.map((m, i) => `${i === 0 ? 'M' : 'L'}${x(i)},${sunY(m.sun_height_deg)}`).join('')}
      />
      {day.light.map((m, i) =>
        m.at.slice(14, 16) === '00' ? (
          <g key={m.at}>
            <line className="day-hour" x1={x(i)} x2={x(i)} y1={SKY - 14} y2={height - 20} />
            <text x={x(i)} y={height - 6} textAnchor="middle">
              {clockOf(m.at)}
            </text>
          </g>
        ) : null,
      )}
    </>
  );
}

type LaneProps = {
  rush: Day['rushes'][number];
  /** Its place among the rushes of the day. */
  at: number;
  scale: DayScale;
  /** Where its block begins while it is dragged. */
  step: number | null;
  onHold: (grab: number, step: number) => void;
};

/** A rush: what it is worth by the hour, and its block where it is planned. */
function Lane({ rush, at, scale, step, onHold }: LaneProps) {
  const { x, steps, beside, names, end } = scale;
  const base = scale.base(at);
  const y = (rate: number) => base - rate * WORTH;
  const from = rush.planned && scale.indexOf(rush.planned.from);
  const moved = step !== null && from !== null ? step - from : 0;
  return (
    <g>
      <line className="day-base" x1={names} x2={end} y1={base} y2={base} />
      <path
        className="day-worth"
        d={`M${x(0)},${base}${rush.by_time.map((b, i) => `L${x(i)},${y(b.keeper_rate)}`).join('')}L${x(steps)},${base}Z`}
      />
      <Conditions rush={rush} base={base} x={x} />
      {from !== null && rush.planned && rush.planned.since !== rush.planned.from && (
        <path
          className="day-walk"
          d={`M${x(scale.indexOf(rush.planned.since) + moved)},${base - 4}H${x(from + moved)}`}
        />
      )}
      <Block rush={rush} base={base} scale={scale} step={step} onHold={onHold} />
      <text
        className="day-name"
        x={beside ? names - 10 : names}
        y={beside ? base - 14 : base - BLOCK - 4}
        textAnchor={beside ? 'end' : 'start'}
      >
        {beside && rush.name.length > 34 ? `${rush.name.slice(0, 33)}…` : rush.name}
      </text>
      {!rush.planned && beside && (
        <text className="day-out" x={names - 10} y={base} textAnchor="end">
          {t('day-timeline.does-not-fit')}
        </text>
      )}
    </g>
  );
}

/** Where it is against the light, and where the air shimmers. */
function Conditions({ rush, base, x }: Pick<LaneProps, 'rush'> & { base: number; x: DayScale['x'] }) {
  return rush.by_time.slice(0, -1).map((b, i) => (
    <g key={b.at}>
      {b.light === 'back' && (
        <rect className="day-against" x={x(i)} y={base + 2} width={x(i + 1) - x(i)} height={3} />
      )}
      {shimmers(b.shimmer) && (
        <path
          className="day-shimmer"
          d={`M${x(i)},${base + 8}q${(x(i + 1) - x(i)) / 8},-4 ${(x(i + 1) - x(i)) / 4},0t${(x(i + 1) - x(i)) / 4},0t${(x(i + 1) - x(i)) / 4},0t${(x(i + 1) - x(i)) / 4},0`}
        />
      )}
    </g>
  ));
}

type BlockProps = Omit<LaneProps, 'at'> & { base: number };

/** When it is planned; it can be dragged. */
function Block({ rush, base, scale, step, onHold }: BlockProps) {
  const { x } = scale;
  if (!rush.planned) return null;
  const from = scale.indexOf(rush.planned.from);
  const to = scale.indexOf(rush.planned.to);
  const begins = step ?? from;
  return (
    <g
      className="day-block"
      onPointerDown={(event) => {
        const svg = event.currentTarget.ownerSVGElement;
        if (!svg) return;
        svg.setPointerCapture(event.pointerId);
        onHold(scale.stepAt(event.clientX, svg.getBoundingClientRect()) - from, from);
      }}
    >
      <rect x={x(begins)} y={base - BLOCK} width={x(to) - x(from)} height={BLOCK} rx="3" />
      <text x={x(begins) + 6} y={base - BLOCK + 13}>
        {step === null ? clockOf(rush.planned.from) : scale.clockAt(step)}
      </text>
    </g>
  );
}

/** What loses most of a rush in the time it is planned for. */
export function lostTo(rush: Day['rushes'][number]): string | null {
  const at = whenPlanned(rush);
  if (at && at.stops_short >= 2) return t('day-timeline.stops-too-dark', { stopsShort: at.stops_short });
  return at?.lost_to && at.keeper_rate < 0.9 ? within('loss-cause', at.lost_to) : null;
}
