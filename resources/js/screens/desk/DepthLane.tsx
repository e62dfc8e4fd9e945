import { scaleLinear, scaleLog } from 'd3-scale';
import { area, line } from 'd3-shape';
import { type PointerEvent, useMemo, useRef, useState } from 'react';
import type { Plan } from '../../api/client';
import { say, sayDepth, scaleOf, useUnits } from '../../parts/units';
import { useWidth } from '../../parts/useWidth';
import { type Sample, type Shot, sampleAt } from './lane';

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

const verdicts: Record<Shot['verdict'], string> = {
  crisp: 'crisp',
  keeper: 'sharp enough',
  soft: 'too soft',
};

/**
 * Time across, distance down to the camera: the subject’s way, the focus, what is sharp around it, and each frame a
 * bead. Below, the same seen from the focus, where centimetres show.
 */
export function DepthLane({ plan, time, onTime }: { plan: Plan; time: number; onTime: (t: number) => void }) {
  const units = useUnits();
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 600);
  const [over, setOver] = useState<number | null>(null);
  const { samples, frames, seconds } = plan.lane;
  const wholeHeight = 158;
  const closeHeight = 96;
  const unit = scaleOf('length', units);

  const x = scaleLinear([0, seconds], [left, width - right]);
  const distances = samples.flatMap((s) => [s.distance_m, s.focus_m]);
  const low = Math.max(0.3, Math.min(...distances) * 0.88);
  const high = Math.max(...distances) * 1.12;
  const y = scaleLog([high, low], [far, wholeHeight - 18]);

  // Seen from the focus: what is sharp, and where the subject is.
  const close = useMemo(() => {
    const depths = samples.map((s) =>
      Math.max(s.focus_m - s.near_m, s.far_m === null ? 0 : s.far_m - s.focus_m),
    );
    const sorted = [...depths].sort((a, b) => a - b);
    const reach = Math.max(0.02, 2.2 * (sorted[Math.floor(sorted.length * 0.8)] ?? 0.1));
    return { reach, y: scaleLinear([reach, -reach], [8, closeHeight - 18]) };
  }, [samples]);
  const clampClose = (v: number) => close.y(Math.max(-close.reach, Math.min(close.reach, v)));

  const top = Math.log(high);
  const band = area<Sample>()
    .x((s) => x(s.t))
    .y0((s) => y(Math.max(low, s.near_m)))
    .y1((s) => y(Math.min(Math.exp(top), s.far_m ?? high)));
  const closeBand = area<Sample>()
    .x((s) => x(s.t))
    .y0((s) => clampClose(s.near_m - s.focus_m))
    .y1((s) => clampClose(s.far_m === null ? close.reach : s.far_m - s.focus_m));
  const subject = line<Sample>()
    .x((s) => x(s.t))
    .y((s) => y(s.distance_m));
  const focus = line<Sample>()
    .x((s) => x(s.t))
    .y((s) => y(Math.max(low, Math.min(high, s.focus_m))));
  const offset = line<Sample>()
    .x((s) => x(s.t))
    .y((s) => clampClose(s.distance_m - s.focus_m));

  const timeAt = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return Math.max(0, Math.min(seconds, x.invert(((event.clientX - box.left) / box.width) * width)));
  };
  const nearest = (t: number) =>
    frames.reduce((best, f, i) => (Math.abs(f.t - t) < Math.abs((frames[best] as Shot).t - t) ? i : best), 0);
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
  const shot = frames[now];
  const kept = frames.filter((f) => f.verdict !== 'soft').length;
  const bead = Math.max(1.8, Math.min(4, ((width - left - right) / Math.max(1, frames.length)) * 0.36));
  const yTicks = ticks(low * unit.factor, high * unit.factor, 5);
  const here = sampleAt(plan, time);
  // A round number near the middle of what is shown, in the unit it is read in.
  const closeUnit = close.reach < 1.6 ? scaleOf('size', units).factor : unit.factor;
  const rough = (close.reach / 1.8) * closeUnit;
  const power = 10 ** Math.floor(Math.log10(rough));
  const closeTick = (([5, 2, 1].find((n) => n * power <= rough) ?? 1) * power) / closeUnit;

  return (
    <div className="lane" ref={holder}>
      <div className="lane-head">
        <h2>Depth lane</h2>
        <span className="lane-key">
          <i className="key-subject" /> subject
          <i className="key-focus" /> focus
          <i className="key-band" /> sharp
          <i className="key-kept" /> frame kept
          <i className="key-lost" /> lost
        </span>
        <span className="lane-count">
          {kept} of {frames.length} sharp <span className="quiet">if focus holds</span>
        </span>
      </div>
      <svg
        width={width}
        height={wholeHeight}
        className="lane-plot"
        role="img"
        aria-label={`Distance over time: from ${say(samples[0]?.distance_m, 'length', units)} to ${say(samples.at(-1)?.distance_m, 'length', units)}, ${kept} of ${frames.length} frames sharp.`}
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
            {v} s
          </text>
        ))}
        <path className="lane-band" d={band(samples) ?? ''} />
        <path className="lane-subject" d={subject(samples) ?? ''} />
        <path className="lane-focus" d={focus(samples) ?? ''} />
        {frames.map((f, i) => (
          <circle
            key={f.t}
            className={f.verdict === 'soft' ? 'bead lost' : 'bead kept'}
            cx={x(f.t)}
            cy={y(f.distance_m)}
            r={i === now ? bead + 2 : bead}
          />
        ))}
        <line className="lane-now" x1={x(time)} x2={x(time)} y1={0} y2={wholeHeight - 16} />
      </svg>
      <svg
        width={width}
        height={closeHeight}
        className="lane-plot"
        role="img"
        aria-label={`Seen from the focus: sharp within about ${sayDepth(here.far_m === null ? null : (here.far_m - here.near_m) / 2, units)} either way.`}
        {...pointer}
      >
        {[closeTick, 0, -closeTick].map((v) => (
          <g key={v} className="tick">
            <line x1={left} x2={width - right} y1={close.y(v)} y2={close.y(v)} />
            <text x={left - 8} y={close.y(v)} dy="0.32em" textAnchor="end">
              {v === 0 ? 'focus' : `${v > 0 ? '+' : '−'}${sayDepth(Math.abs(v), units)}`}
            </text>
          </g>
        ))}
        <path className="lane-band" d={closeBand(samples) ?? ''} />
        <path className="lane-focus" d={`M${left},${close.y(0)}H${width - right}`} />
        <path className="lane-subject" d={offset(samples) ?? ''} />
        {frames.map((f, i) => (
          <circle
            key={f.t}
            className={f.verdict === 'soft' ? 'bead lost' : 'bead kept'}
            cx={x(f.t)}
            cy={clampClose(f.distance_m - sampleAt(plan, f.t).focus_m)}
            r={i === now ? bead + 2 : bead}
          />
        ))}
        <line className="lane-now" x1={x(time)} x2={x(time)} y1={0} y2={closeHeight - 14} />
        <text className="tick-time" x={width - right} y={closeHeight - 3} textAnchor="end">
          + behind the focus, − in front of it
        </text>
      </svg>
      <p className="lane-says">
        {shot && (
          <>
            <b>
              Frame {now + 1}, {shot.t.toFixed(2)} s, {say(shot.distance_m, 'length', units)}:{' '}
              {verdicts[shot.verdict]}
            </b>{' '}
            <span className="quiet">
              {shot.blur_um.toFixed(0)} µm of blur
              {shot.mostly ? `, mostly ${shot.mostly}` : ''}; a keeper has up to{' '}
              {(1.5 * plan.margins.coc_um).toFixed(0)} µm.
            </span>
          </>
        )}
      </p>
    </div>
  );
}
