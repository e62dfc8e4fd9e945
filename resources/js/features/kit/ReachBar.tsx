import { scaleLog } from 'd3-scale';
import type { Lens } from '../../api/client';
import { t } from '../../lang/kit';

const ticks = [25, 50, 100, 200, 400, 800];

/** The focal lengths of a lens on one scale with all others, and what extenders add. */
export function ReachBar({ lens, small = false }: { lens: Lens; small?: boolean }) {
  const width = small ? 200 : 440;
  const x = scaleLog([16, 1400], [0, width]);
  const marks = small ? ticks.filter((_, i) => i % 2 === 1) : ticks;
  const zoom = lens.zoom;
  const from = zoom[0]?.focal_mm ?? lens.focal_mm;
  const to = zoom.at(-1)?.focal_mm ?? lens.focal_mm;
  return (
    <svg
      viewBox={`0 0 ${width} 30`}
      className="reach-bar"
      role="img"
      aria-label={
        from === to
          ? t('reach-bar.mm', { from: Math.round(from) })
          : t('reach-bar.to-mm', { from: Math.round(from), to: Math.round(to) })
      }
    >
      {marks.map((mm) => (
        <g key={mm}>
          <line x1={x(mm)} x2={x(mm)} y1="2" y2="18" className="reach-tick" />
          <text x={x(mm)} y="29" textAnchor="middle">
            {mm}
          </text>
        </g>
      ))}
      {lens.extenders.map((times) => (
        <line key={times} x1={x(from)} x2={x(to * times)} y1="10" y2="10" className="reach-extended" />
      ))}
      <rect
        x={x(from) - 3}
        width={Math.max(6, x(to) - x(from) + 6)}
        y="5.5"
        height="9"
        rx="4.5"
        className="reach"
      />
    </svg>
  );
}
