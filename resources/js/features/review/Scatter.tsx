import { useRef, useState } from 'react';
import { t } from '../../lang/review';
import { useSize } from '../../ui/useSize';
import { type Predicted, percent } from './predicted';

const SIDE = 300;
const EDGE = 44;

/** Each burst: what was predicted across, what was kept up; on the line it was right. */
export function Scatter({ bursts, wrong }: { bursts: Predicted[]; wrong: Set<string> }) {
  const ref = useRef<HTMLDivElement>(null);
  const [wide] = useSize(ref, [SIDE, SIDE]);
  const [over, setOver] = useState<Predicted | null>(null);
  const side = Math.min(SIDE, wide);
  const place = (share: number) => EDGE + (side - EDGE - 8) * share;
  const up = (share: number) => side - EDGE - (side - EDGE - 8) * share;
  return (
    <div ref={ref} className="right-scatter">
      <svg
        width={side}
        height={side}
        role="img"
        aria-label={t('scatter.bursts-predicted-share-across', { bursts: bursts.length })}
      >
        <path d={`M${place(0)},${up(0)}L${place(1)},${up(1)}`} stroke="var(--line)" strokeDasharray="3 4" />
        <path d={`M${place(0)},${up(1)}V${up(0)}H${place(1)}`} stroke="var(--line)" fill="none" />
        {[0, 0.5, 1].map((tick) => (
          <g key={tick} fontSize="11.5" fill="var(--quiet)">
            <text x={place(tick)} y={side - EDGE + 16} textAnchor={tick === 1 ? 'end' : 'middle'}>
              {100 * tick}
            </text>
            <text x={EDGE - 6} y={up(tick) + 4} textAnchor="end">
              {100 * tick}
            </text>
          </g>
        ))}
        <g fontSize="12.5" fill="var(--quiet)" textAnchor="middle">
          <text x={place(0.5)} y={side - 8}>
            {t('scatter.predicted-percent')}
          </text>
          <text transform={`translate(12 ${up(0.5)}) rotate(-90)`}>{t('scatter.kept-percent')}</text>
        </g>
        {bursts.map((b) => (
          <g key={b.burst} onPointerEnter={() => setOver(b)} onPointerLeave={() => setOver(null)}>
            <path
              d={`M${place(b.low)},${up(b.keepers / b.frames)}H${place(b.high)}`}
              stroke="var(--subject)"
              strokeWidth="2"
              opacity="0.45"
            />
            <circle
              cx={place(b.learned)}
              cy={up(b.keepers / b.frames)}
              r={2.5 + Math.sqrt(b.frames) / 2}
              fill={wrong.has(b.burst) ? 'none' : 'var(--text)'}
              stroke={wrong.has(b.burst) ? 'var(--warn)' : 'var(--ground)'}
              strokeWidth="1.5"
            />
          </g>
        ))}
      </svg>
      <p className="quiet right-axis">
        {over
          ? t('scatter.predicted-kept', {
              rush: over.rush,
              learned: percent(over.learned),
              keepers: percent(over.keepers / over.frames),
            })
          : t('scatter.a-dot-is-a')}
      </p>
    </div>
  );
}
