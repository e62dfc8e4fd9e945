import { useRef } from 'react';
import type { Series } from '../../api/bench';
import { t } from '../../lang/bench';
import { figures } from '../../lang/language';
import { useSize } from '../../ui/useSize';
import { signed } from './values';

const HIGH = 210;
const LEFT = 14;
const BELOW = 26;

/** The frames of a series, each with a key of its own: two may be alike in everything. */
function beads({ scores }: Series) {
  const seen = new Map<string, number>();
  return scores.map(({ value, score }) => {
    const alike = `${value} ${score}`;
    seen.set(alike, (seen.get(alike) ?? 0) + 1);
    return { key: `${alike} ${seen.get(alike)}`, value, score };
  });
}

/** The curve of a series with its spread, each frame a bead. */
export function Curve({ series }: { series: Series }) {
  const ref = useRef<HTMLDivElement>(null);
  const [wide] = useSize(ref, [900, HIGH]);
  const width = Math.max(280, wide);
  const values = series.curve.map((p) => p.value);
  const [first, last] = [Math.min(...values), Math.max(...values)];
  const top =
    1.06 * Math.max(...series.scores.map((s) => s.score), ...series.curve.map((p) => p.score), 1e-9);
  const x = (value: number) => LEFT + ((width - 2 * LEFT) * (value - first)) / Math.max(1, last - first);
  const y = (score: number) => HIGH - BELOW - ((HIGH - BELOW - 8) * Math.max(0, score)) / top;
  const band = [
    ...series.curve.map((p) => `${x(p.value)},${y(p.score + 1.645 * p.spread)}`),
    ...[...series.curve].reverse().map((p) => `${x(p.value)},${y(p.score - 1.645 * p.spread)}`),
  ].join(' ');
  const best = series.best[0]?.value;
  return (
    <div ref={ref} className="bench-curve">
      <svg
        width={width}
        height={HIGH}
        role="img"
        aria-label={t('curve.sharpness-by-value-best', { best: signed(best ?? 0) })}
      >
        {series.equals.map((value) => (
          <rect
            key={value}
            x={x(value) - Math.max(4, x(first + 1) - x(first)) / 2}
            y={4}
            width={Math.max(4, x(first + 1) - x(first))}
            height={HIGH - BELOW - 4}
            fill="var(--accent-soft)"
          />
        ))}
        <polygon points={band} fill="var(--band)" />
        <polyline
          points={series.curve.map((p) => `${x(p.value)},${y(p.score)}`).join(' ')}
          fill="none"
          stroke="var(--subject)"
          strokeWidth="2"
        />
        <path d={`M${x(first)},${HIGH - BELOW}H${x(last)}`} stroke="var(--line)" />
        {values
          .filter((v) => v % 5 === 0 || values.length < 12)
          .map((v) => (
            <text
              key={v}
              x={x(v)}
              y={HIGH - 8}
              textAnchor="middle"
              fontSize="12"
              fill={v === best ? 'var(--text)' : 'var(--quiet)'}
            >
              {signed(v)}
            </text>
          ))}
        {beads(series).map(({ key, value, score }) => (
          <circle key={key} cx={x(value)} cy={y(score)} r={3.5} fill="var(--text)" stroke="var(--ground)">
            <title>{`${signed(value)}: ${figures(score.toFixed(2))}`}</title>
          </circle>
        ))}
      </svg>
    </div>
  );
}
