import './lane.css';
import { scaleLinear, scaleLog } from 'd3-scale';
import { area, line } from 'd3-shape';
import { memo, type PointerEvent, useMemo, useRef, useState } from 'react';
import type { Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { say, sayDepth, scaleOf, useUnits } from '../../lang/units';
import { PictureTable } from '../../ui/PictureTable';
import { useSize } from '../../ui/useSize';
import { type Moment, pictureOf, sampleAt } from './lane';

const left = 58;
const right = 12;
const far = 6;

/** Round numbers inside a range, few enough to read. */
function ticks(low: number, high: number, most: number): number[] {
  const steps = [1, 1.5, 2, 3, 4, 5, 6, 8, 10];
  const all: number[] = [];
  for (let power = -2; power < 5; power++) {
    for (const step of steps) {
      const value = step * 10 ** power;
      if (value > low && value < high) all.push(value);
    }
  }
  const unique = [...new Set(all.map((v) => Number(v.toPrecision(3))))];
  const apart = Math.log(high / low) / most;
  return unique
    .filter((v, i) => i === 0 || Math.log(v / (unique[i - 1] as number)) > apart * 0.3)
    .filter((_, i, list) => list.length <= most || i % Math.ceil(list.length / most) === 0);
}

/**
 * Time across, distance down to the camera: the subject’s way, the focus, what is sharp around it, and each frame a
 * bead. Below, the same seen from the focus, where centimetres show.
 */
export const DepthLane = memo(function DepthLane({
  plan,
  time,
  onTime,
  others = [],
  pitchUm = null,
}: {
  plan: Plan;
  time: number;
  onTime: (t: number) => void;
  /** Distances at the start of others who have to be sharp as well, m; they go with the subject. */
  others?: number[];
  /** Size of a pixel, µm; null where none is known. */
  pitchUm?: number | null;
}) {
  const units = useUnits();
  const holder = useRef<HTMLDivElement>(null);
  const [wide, tall] = useSize(holder, [600, 0]);
  const width = Math.max(260, wide);
  const [over, setOver] = useState<number | null>(null);
  const { moments, beads, played } = useMemo(() => pictureOf(plan, pitchUm), [plan, pitchUm]);
  const seconds = plan.lane.seconds;
  // The head above and the line below take their part; the whole gets more of the rest than what is close.
  const room = Math.max(254, tall - 54);
  const wholeHeight = Math.round(room * 0.62);
  const closeHeight = room - wholeHeight;
  const unit = scaleOf('length', units);

  const x = scaleLinear([0, seconds], [left, width - right]);
  const start = moments[0]?.subject ?? 0;
  const beside = (metres: number, m: Moment) => Math.max(0.3, m.subject + metres - start);
  const distances = moments.flatMap((m) => [m.subject, ...others.map((metres) => beside(metres, m))]);
  // Focus that has run away is drawn at the edge.
  const low = Math.max(0.3, Math.min(...distances) * 0.85);
  const high = Math.max(...distances) * 1.18;
  const inside = (metres: number) => Math.max(low, Math.min(high, metres));
  const y = scaleLog([high, low], [far, wholeHeight - 18]);

  // Seen from the focus: what is sharp, and where the subject is.
  const close = useMemo(() => {
    const depths = moments.map((m) => Math.max(m.focus - m.near, m.far === null ? 0 : m.far - m.focus));
    const sorted = [...depths].sort((a, b) => a - b);
    const reach = Math.max(0.02, 2.2 * (sorted[Math.floor(sorted.length * 0.8)] ?? 0.1));
    return { reach, y: scaleLinear([reach, -reach], [8, closeHeight - 18]) };
  }, [moments, closeHeight]);
  const clampClose = (v: number) => close.y(Math.max(-close.reach, Math.min(close.reach, v)));

  const band = area<Moment>()
    .x((m) => x(m.t))
    .y0((m) => y(inside(m.near)))
    .y1((m) => y(inside(m.far ?? high)));
  const closeBand = area<Moment>()
    .x((m) => x(m.t))
    .y0((m) => clampClose(m.near - m.focus))
    .y1((m) => clampClose(m.far === null ? close.reach : m.far - m.focus));
  const subject = line<Moment>()
    .x((m) => x(m.t))
    .y((m) => y(m.subject));
  const focus = line<Moment>()
    .x((m) => x(m.t))
    .y((m) => y(inside(m.focus)));
  const offset = line<Moment>()
    .x((m) => x(m.t))
    .y((m) => clampClose(m.subject - m.focus));

  const timeAt = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return Math.max(0, Math.min(seconds, x.invert(((event.clientX - box.left) / box.width) * width)));
  };
  const nearest = (t: number) =>
    beads.reduce(
      (best, bead, i) => (Math.abs(bead.t - t) < Math.abs((beads[best]?.t ?? 0) - t) ? i : best),
      0,
    );
  const pointer = {
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      const t = timeAt(event);
      setOver(nearest(t));
      if (event.buttons === 1) onTime(t);
    },
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      onTime(timeAt(event));
    },
    onPointerLeave: () => setOver(null),
  };
  const now = over ?? nearest(time);
  const shot = beads[now];
  const kept = beads.filter((b) => b.kept).length;
  const size = Math.max(1.8, Math.min(4, ((width - left - right) / Math.max(1, beads.length)) * 0.36));
  const round = ticks(low * unit.factor, high * unit.factor, 5);
  // Where little changes, even steps read better than round ratios.
  const yTicks =
    round.length >= 3 ? round : scaleLinear([low * unit.factor, high * unit.factor], [0, 1]).ticks(4);
  const here = sampleAt(plan, time);
  // A round number near the middle of what is shown, in the unit it is read in.
  const closeUnit = close.reach < 1.6 ? scaleOf('size', units).factor : unit.factor;
  const rough = (close.reach / 1.15) * closeUnit;
  const power = 10 ** Math.floor(Math.log10(rough));
  const closeTick = (([5, 2, 1].find((n) => n * power <= rough) ?? 1) * power) / closeUnit;

  return (
    <div className="lane" ref={holder}>
      <PictureTable
        caption={t('depth-lane.the-frames-of-the')}
        head={[
          t('depth-lane.frame'),
          t('depth-lane.time'),
          t('depth-lane.distance'),
          t('depth-lane.focus'),
          t('depth-lane.what-came-of-it'),
        ]}
        rows={() =>
          beads.map((b, i) => [
            i + 1,
            t('depth-lane.s', { t: b.t.toFixed(2) }),
            say(b.distance, 'length', units),
            say(b.focus, 'length', units),
            b.says,
          ])
        }
        title={
          <div className="lane-head">
            <h2>{t('depth-lane.depth-lane')}</h2>
            <span className="lane-key">
              <i className="key-subject" /> {t('depth-lane.subject')}
              <i className="key-focus" /> {t('depth-lane.focus-2')}
              <i className="key-band" /> {t('depth-lane.sharp')}
              <i className="key-kept" /> {t('depth-lane.frame-kept')}
              <i className="key-lost" /> {t('depth-lane.lost')}
            </span>
            <span className="lane-count">
              {t.rich('depth-lane.of-sharp', {
                kept,
                beads: beads.length,
                played: (
                  <span className="quiet">
                    {played ? t('depth-lane.in-this-run') : t('depth-lane.if-focus-holds')}
                  </span>
                ),
              })}
            </span>
          </div>
        }
      >
        <svg
          width={width}
          height={wholeHeight}
          className="lane-plot"
          role="img"
          aria-label={t('depth-lane.distance-over-time-from', {
            subject: say(moments[0]?.subject, 'length', units),
            subject2: say(moments.at(-1)?.subject, 'length', units),
            kept,
            beads: beads.length,
          })}
          {...pointer}
        >
          {yTicks.map((v) => (
            <g key={v} className="tick">
              <line x1={left} x2={width - right} y1={y(v / unit.factor)} y2={y(v / unit.factor)} />
              <text x={left - 8} y={y(v / unit.factor)} dy="0.32em" textAnchor="end">
                {v} {unit.unit}
              </text>
            </g>
          ))}
          {x.ticks(6).map((v) => (
            <text key={v} className="tick-time" x={x(v)} y={wholeHeight - 3} textAnchor="middle">
              {t('depth-lane.s-2', { v })}
            </text>
          ))}
          <path className="lane-band" d={band(moments) ?? ''} />
          {others.map((metres, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: companions are told apart by their order alone
            <g key={i} className="lane-other">
              <path
                d={
                  line<Moment>()
                    .x((m) => x(m.t))
                    .y((m) => y(beside(metres, m)))(moments) ?? ''
                }
              />
              <text x={left + 14} y={y(metres) - 6}>
                {i === 0 ? t('depth-lane.beside-it') : ''}
              </text>
            </g>
          ))}
          <path className="lane-subject" d={subject(moments) ?? ''} />
          <path className="lane-focus" d={focus(moments) ?? ''} />
          {beads.map((b, i) => (
            <circle
              key={b.t}
              className={b.kept ? 'bead kept' : 'bead lost'}
              cx={x(b.t)}
              cy={y(b.distance)}
              r={i === now ? size + 2 : size}
            />
          ))}
          <line className="lane-now" x1={x(time)} x2={x(time)} y1={0} y2={wholeHeight - 16} />
        </svg>
        <svg
          width={width}
          height={closeHeight}
          className="lane-plot"
          role="img"
          aria-label={t('depth-lane.seen-from-the-focus', {
            farM: sayDepth(here.far_m === null ? null : (here.far_m - here.near_m) / 2, units),
          })}
          {...pointer}
        >
          {[closeTick, 0, -closeTick].map((v) => (
            <g key={v} className="tick">
              <line x1={left} x2={width - right} y1={close.y(v)} y2={close.y(v)} />
              <text x={left - 8} y={close.y(v)} dy="0.32em" textAnchor="end">
                {v === 0 ? t('depth-lane.focus-2') : `${v > 0 ? '+' : '−'}${sayDepth(Math.abs(v), units)}`}
              </text>
            </g>
          ))}
          <path className="lane-band" d={closeBand(moments) ?? ''} />
          <path className="lane-focus" d={`M${left},${close.y(0)}H${width - right}`} />
          <path className="lane-subject" d={offset(moments) ?? ''} />
          {beads.map((b, i) => (
            <circle
              key={b.t}
              className={b.kept ? 'bead kept' : 'bead lost'}
              cx={x(b.t)}
              cy={clampClose(b.distance - b.focus)}
              r={i === now ? size + 2 : size}
            />
          ))}
          <line className="lane-now" x1={x(time)} x2={x(time)} y1={0} y2={closeHeight - 14} />
          <text className="tick-time" x={width - right} y={closeHeight - 3} textAnchor="end">
            {t('depth-lane.behind-the-focus-in')}
          </text>
        </svg>
      </PictureTable>
      <p className="lane-says">
        {shot && (
          <>
            <b>
              {t('depth-lane.frame-s', {
                now: now + 1,
                t: shot.t.toFixed(2),
                distance: say(shot.distance, 'length', units),
              })}
            </b>{' '}
            <span>{shot.says}.</span>
          </>
        )}
      </p>
    </div>
  );
});
