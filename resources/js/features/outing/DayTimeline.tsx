import { type PointerEvent, useRef, useState } from 'react';
import type { Day } from '../../api/day';
import { label } from '../../lang/labels';
import { t } from '../../lang/outing';
import { PictureTable } from '../../ui/PictureTable';
import { useSize } from '../../ui/useSize';
import { later, whenPlanned } from './planned';

const left = 236;
const right = 22;
const skyHeight = 62;
/** Of a rush: what it is worth by the hour, its block, and all of it with what stands under it, where there is room beside for its name and where not. */
const worthHeight = 38;
const blockHeight = 40;
const rowHeight = { beside: 54, above: 72 };
const STEP_MIN = 15;
/** A block goes along in steps of this. */
const DRAG_MIN = 5;

/** The clock at the place, from a time as the server writes it. */
export const clockOf = (at: string) => at.slice(11, 16);

/** Whether the air moves enough to be seen in the frames. */
const shimmers = (level: string | undefined) => level === 'some' || level === 'strong';

type Props = {
  day: Day;
  /** Moves a rush to begin at a time of day. */
  onMove: (rush: number, clock: string) => void;
};

/** Light above, rushes below: where each is worth it, and when it is planned. A planned block can be dragged. */
export function DayTimeline({ day, onMove }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const [wide] = useSize(holder, [900, 0]);
  const width = Math.max(240, wide);
  const [held, setHeld] = useState<{ rush: number; grab: number; step: number } | null>(null);
  const [over, setOver] = useState<number | null>(null);
  const steps = day.light.length - 1;
  const names = width < 560 ? 18 : left;
  const row = names > 20 ? rowHeight.beside : rowHeight.above;
  const x = (step: number) => names + ((width - names - right) * step) / Math.max(1, steps);
  const stepAt = (clientX: number, box: DOMRect) =>
    ((clientX - box.left - names) / (width - names - right)) * steps;
  const indexOf = (at: string) => {
    const first = Date.parse(day.light[0]?.at ?? at);
    return (Date.parse(at) - first) / 60_000 / STEP_MIN;
  };
  const clockAt = (step: number) => {
    const quarter = Math.floor(step + 1e-6);
    return later(clockOf(day.light[quarter]?.at ?? ''), Math.round((step - quarter) * STEP_MIN));
  };
  const snapped = (step: number) =>
    Math.max(0, Math.min(steps - 1, (Math.round((step * STEP_MIN) / DRAG_MIN) * DRAG_MIN) / STEP_MIN));
  const height = skyHeight + day.rushes.length * row + 22;
  const highest = Math.max(12, ...day.light.map((m) => m.sun_height_deg));
  const sunY = (deg: number) => 46 - (Math.max(0, deg) / highest) * 38;
  const now = over === null ? null : Math.max(0, Math.min(steps, over));

  const drag = {
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      const at = stepAt(event.clientX, event.currentTarget.getBoundingClientRect());
      setOver(Math.round(at));
      if (held) setHeld({ ...held, step: snapped(at - held.grab) });
    },
    onPointerUp: () => {
      if (held) onMove(held.rush, clockAt(held.step));
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
        rows={() =>
          day.light
            .filter((_, i) => i % 2 === 0)
            .map((m, i) => [
              clockOf(m.at),
              `${Math.round(m.sun_height_deg)}°`,
              t('day-timeline.ev', { ev100: m.ev100.toFixed(1) }),
              ...day.rushes.map((r) => `${Math.round(100 * (r.by_time[2 * i]?.keeper_rate ?? 0))}%`),
            ])
        }
        title={
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
                    · {r.name} {Math.round(100 * (r.by_time[now]?.keeper_rate ?? 0))}%
                    {r.by_time[now]?.light === 'back' ? t('day-timeline.against-the-light') : ''}
                    {shimmers(r.by_time[now]?.shimmer) ? t('day-timeline.shimmer') : ''}
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
        }
      >
        <svg
          width={width}
          height={height}
          className="day-plot"
          aria-label={t('day-timeline.the-day-light-above')}
          {...drag}
        >
          {day.light.slice(0, -1).map((m, i) => (
            <rect
              key={m.at}
              className={`day-${m.part}`}
              x={x(i)}
              y={0}
              width={x(i + 1) - x(i) + 0.5}
              height={skyHeight - 14}
            />
          ))}
          <path
            className="day-sun"
            d={day.light.map((m, i) => `${i === 0 ? 'M' : 'L'}${x(i)},${sunY(m.sun_height_deg)}`).join('')}
          />
          {day.light.map((m, i) =>
            m.at.slice(14, 16) === '00' ? (
              <g key={m.at}>
                <line className="day-hour" x1={x(i)} x2={x(i)} y1={skyHeight - 14} y2={height - 20} />
                <text x={x(i)} y={height - 6} textAnchor="middle">
                  {clockOf(m.at)}
                </text>
              </g>
            ) : null,
          )}
          {day.rushes.map((rush, r) => {
            const base = skyHeight + (r + 1) * row - (names > 20 ? 8 : 14);
            const y = (rate: number) => base - rate * worthHeight;
            const from = rush.planned && indexOf(rush.planned.from);
            const to = rush.planned && indexOf(rush.planned.to);
            const moved = held?.rush === r && from !== null ? held.step - from : 0;
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: rushes may have one name
              <g key={r}>
                <line className="day-base" x1={names} x2={width - right} y1={base} y2={base} />
                <path
                  className="day-worth"
                  d={`M${x(0)},${base}${rush.by_time.map((b, i) => `L${x(i)},${y(b.keeper_rate)}`).join('')}L${x(steps)},${base}Z`}
                />
                {rush.by_time.slice(0, -1).map((b, i) => (
                  <g key={b.at}>
                    {b.light === 'back' && (
                      <rect
                        className="day-against"
                        x={x(i)}
                        y={base + 2}
                        width={x(i + 1) - x(i)}
                        height={3}
                      />
                    )}
                    {shimmers(b.shimmer) && (
                      <path
                        className="day-shimmer"
                        d={`M${x(i)},${base + 8}q${(x(i + 1) - x(i)) / 8},-4 ${(x(i + 1) - x(i)) / 4},0t${(x(i + 1) - x(i)) / 4},0t${(x(i + 1) - x(i)) / 4},0t${(x(i + 1) - x(i)) / 4},0`}
                      />
                    )}
                  </g>
                ))}
                {from !== null && rush.planned && rush.planned.since !== rush.planned.from && (
                  <path
                    className="day-walk"
                    d={`M${x(indexOf(rush.planned.since) + moved)},${base - 4}H${x(from + moved)}`}
                  />
                )}
                {from !== null && to !== null && (
                  <g
                    className="day-block"
                    onPointerDown={(event) => {
                      const svg = event.currentTarget.ownerSVGElement;
                      if (!svg) return;
                      svg.setPointerCapture(event.pointerId);
                      const grab = stepAt(event.clientX, svg.getBoundingClientRect()) - from;
                      setHeld({ rush: r, grab, step: from });
                    }}
                  >
                    <rect
                      x={x(from + moved)}
                      y={base - blockHeight}
                      width={x(to) - x(from)}
                      height={blockHeight}
                      rx="3"
                    />
                    <text x={x(from + moved) + 6} y={base - blockHeight + 13}>
                      {held?.rush === r ? clockAt(held.step) : clockOf(rush.planned?.from ?? '')}
                    </text>
                  </g>
                )}
                <text
                  className="day-name"
                  x={names > 20 ? names - 10 : names}
                  y={names > 20 ? base - 14 : base - blockHeight - 4}
                  textAnchor={names > 20 ? 'end' : 'start'}
                >
                  {names > 20 && rush.name.length > 34 ? `${rush.name.slice(0, 33)}…` : rush.name}
                </text>
                {!rush.planned && names > 20 && (
                  <text className="day-out" x={names - 10} y={base} textAnchor="end">
                    {t('day-timeline.does-not-fit')}
                  </text>
                )}
              </g>
            );
          })}
          {now !== null && <line className="lane-now" x1={x(now)} x2={x(now)} y1={0} y2={height - 20} />}
        </svg>
      </PictureTable>
    </div>
  );
}

/** What loses most of a rush in the time it is planned for. */
export function lostTo(rush: Day['rushes'][number]): string | null {
  const at = whenPlanned(rush);
  if (at && at.stops_short >= 2) return t('day-timeline.stops-too-dark', { stopsShort: at.stops_short });
  return at?.lost_to && at.keeper_rate < 0.9 ? label('loss-cause', at.lost_to).toLowerCase() : null;
}
