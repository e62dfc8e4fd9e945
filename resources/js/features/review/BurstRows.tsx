import { useRef } from 'react';
import type { HoldComparison } from '../../api/review';
import { dayOf } from '../../lang/days';
import { t } from '../../lang/review';
import { useSize } from '../../ui/useSize';

type Held = NonNullable<HoldComparison['comparison']>['holds'][number];
type Shot = Held['shot'][number];

const ROW = 74;
const LEFT = 12;
const FOOT = 26;
/** The largest bead, and the smallest: by how many frames a burst has. */
const RADIUS = [5, 15] as const;
/** Days are told apart by at least so many pixels. */
const DAY_GAP = 78;

/** Days on which something was shot, in order; what has no time stands at the end. */
export function daysOf(holds: Held[]): string[] {
  const days = new Set(holds.flatMap((h) => h.shot.map((b) => b.at?.slice(0, 10) ?? '')));
  return [...days].sort((a, b) => (a === '' ? 1 : b === '' ? -1 : a.localeCompare(b)));
}

/** How large a bead is for so many frames, where the longest burst has `most`. */
export const radiusOf = (frames: number, most: number): number =>
  RADIUS[0] + (RADIUS[1] - RADIUS[0]) * Math.sqrt(frames / Math.max(1, most));

/** One burst: a bead as full as it kept. */
function Bead({ shot, x, y, r }: { shot: Shot; x: number; y: number; r: number }) {
  const share = shot.frames > 0 ? shot.keepers / shot.frames : 0;
  const level = y + r - 2 * r * share;
  // The part of the disc below its level.
  const half = Math.sqrt(Math.max(0, r ** 2 - (level - y) ** 2));
  const says = t('burst-rows.of-kept', {
    isAt: shot.at ? 'yes' : 'no',
    at: shot.at ? dayOf(shot.at) : '',
    keepers: shot.keepers,
    frames: shot.frames,
  });
  return (
    <g>
      <title>{says}</title>
      <circle cx={x} cy={y} r={r} className="bead-lost" />
      {share >= 1 ? (
        <circle cx={x} cy={y} r={r} className="bead-kept" />
      ) : (
        share > 0 && (
          <path
            d={`M${x - half} ${level}A${r} ${r} 0 ${share > 0.5 ? 1 : 0} 0 ${x + half} ${level}Z`}
            className="bead-kept"
          />
        )
      )}
    </g>
  );
}

/** The bursts of each hold as a row of beads over the days, each as large as it is long and as full as it kept. */
export function BurstRows({ holds, names }: { holds: Held[]; names: string[] }) {
  const box = useRef<HTMLElement>(null);
  const [width] = useSize(box, [0, 0]);
  const days = daysOf(holds);
  const most = Math.max(...holds.flatMap((h) => h.shot.map((b) => b.frames)), 1);
  const wide = Math.max(width || 900, LEFT + days.length * DAY_GAP);
  const each = (wide - LEFT) / Math.max(1, days.length);
  return (
    <section aria-labelledby="burst-rows" className="burst-rows">
      <h2 id="burst-rows">{t('burst-rows.burst-by-burst')}</h2>
      <section
        ref={box}
        className="burst-rows-scroll"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it
        tabIndex={0}
        aria-label={t('burst-rows.bursts-over-time')}
      >
        <svg
          width={wide}
          height={holds.length * ROW + FOOT}
          role="img"
          aria-label={holds
            .map((h, i) =>
              t('burst-rows.of-kept-2', { names: names[i], keepers: h.keepers, frames: h.frames }),
            )
            .join('; ')}
        >
          {days.map((day, d) => (
            <g key={day}>
              {d > 0 && (
                <line
                  x1={LEFT + d * each}
                  x2={LEFT + d * each}
                  y1="0"
                  y2={holds.length * ROW}
                  className="progress-grid"
                />
              )}
              <text x={LEFT + (d + 0.5) * each} y={holds.length * ROW + 17} className="burst-rows-day">
                {day === '' ? t('burst-rows.no-day') : dayOf(day)}
              </text>
            </g>
          ))}
          {holds.map((held, row) => {
            const y = row * ROW + ROW / 2 + 8;
            return (
              <g key={names[row]}>
                <text x={LEFT} y={row * ROW + 14} className="burst-rows-name">
                  {names[row]}
                </text>
                {days.map((day, d) => {
                  const shots = held.shot.filter((b) => (b.at?.slice(0, 10) ?? '') === day);
                  const gap = Math.min(2 * RADIUS[1] + 6, (each - 12) / Math.max(1, shots.length));
                  return shots.map((shot, i) => (
                    <Bead
                      // biome-ignore lint/suspicious/noArrayIndexKey: bursts of a day have nothing else
                      key={`${day} ${i}`}
                      shot={shot}
                      x={LEFT + (d + 0.5) * each + (i - (shots.length - 1) / 2) * gap}
                      y={y}
                      r={radiusOf(shot.frames, most)}
                    />
                  ));
                })}
              </g>
            );
          })}
        </svg>
      </section>
      <p className="quiet shares-key">{t('burst-rows.a-bead-is-a')}</p>
    </section>
  );
}
