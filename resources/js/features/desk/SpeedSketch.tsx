import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Plan, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { say, useUnits } from '../../lang/units';

const width = 280;
const height = 46;

type Props = {
  samples: Plan['lane']['samples'];
  changes: NonNullable<Rush['path']['speed_changes']>;
};

/** Speed over the time of the rush, so that a change that begins too late or never ends is seen. */
export function SpeedSketch({ samples, changes }: Props) {
  const units = useUnits();
  const speeds = samples.map((s) => ({ t: s.t, v: Math.hypot(s.closing_mps, s.across_mps, s.up_mps) }));
  const first = speeds[0];
  const last = speeds.at(-1);
  if (!first || !last) return null;
  const most = Math.max(...speeds.map((s) => s.v), 0.1);
  const x = scaleLinear([0, last.t], [4, width - 4]);
  const y = scaleLinear([0, most], [height - 6, 14]);
  const drawn = line<(typeof speeds)[number]>()
    .x((s) => x(s.t))
    .y((s) => y(s.v));
  return (
    <svg
      className="speed-sketch"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={t('speed-sketch.speed-at-first-in', {
        v: say(first.v, 'speed', units),
        v2: say(last.v, 'speed', units),
      })}
    >
      <line className="ground" x1={x(0)} x2={x(last.t)} y1={y(0)} y2={y(0)} />
      {changes
        .filter((c) => c.at_s < last.t)
        .map((c) => (
          <rect
            key={c.at_s}
            className="while"
            x={x(c.at_s)}
            width={Math.max(1, x(Math.min(last.t, c.at_s + c.over_s)) - x(c.at_s))}
            y={12}
            height={height - 18}
          />
        ))}
      <path className="speed" d={drawn(speeds) ?? ''} />
      <text x={x(0)} y={9}>
        {say(first.v, 'speed', units)}
      </text>
      <text x={x(last.t)} y={9} textAnchor="end">
        {say(last.v, 'speed', units)}
      </text>
    </svg>
  );
}
