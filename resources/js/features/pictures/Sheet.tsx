import { scaleLinear, scaleLog } from 'd3-scale';
import type { Picture } from '../../api/pictures';
import { t } from '../../lang/pictures';
import { say, useUnits } from '../../lang/units';
import { Plot } from '../../ui/Plot';
import { SAYS, standing } from './filters';
import type { Culling } from './useCulling';

const [HIGH, LANE, LEFT, RIGHT] = [190, 84, 54, 16];

/** Seconds after the first frame; in order where the frames do not say when they were taken. */
function secondsOf(pictures: Picture[]): number[] {
  const first = pictures[0]?.taken_at;
  return pictures.map((one, i) =>
    first && one.taken_at ? (Date.parse(one.taken_at) - Date.parse(first)) / 1000 : i,
  );
}

/** A whole burst at once: how wide the blur is from frame to frame, how far away it was, and every frame small. */
export function Sheet({ culling }: { culling: Culling }) {
  return (
    <div className="sheet">
      <Curve culling={culling} />
      <ul className="sheet-frames" aria-label={t('sheet.all-frames')}>
        {culling.strip.map((one) => {
          const now = standing(one, culling.marked);
          return (
            <li key={one.id}>
              <button
                type="button"
                aria-label={t('sheet.show-frame', {
                  pictures: culling.pictures.indexOf(one) + 1,
                  sAYS: SAYS[now],
                })}
                aria-current={one.id === culling.shown.id}
                onClick={() => {
                  culling.choose(one.id);
                  culling.setSheet(false);
                }}
              >
                {one.thumbnail && <img src={one.thumbnail} alt="" loading="lazy" />}
                <span className="sheet-says">
                  <i className={`frame-bead ${now === 'kept' ? 'kept' : now === 'lost' ? '' : 'unknown'}`} />
                  {one.measured?.aim && one.measured.width_px != null
                    ? t('sheet.px', { widthPx: one.measured.width_px.toFixed(1) })
                    : SAYS[now]}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** Blur over time against what may be kept, and below it the distance: where it came closer and where focus was lost. */
function Curve({ culling }: { culling: Culling }) {
  const units = useUnits();
  const { strip } = culling;
  const seconds = secondsOf(strip);
  const timed = Boolean(strip[0]?.taken_at);
  const told = strip.flatMap((one, i) => {
    const width = one.measured?.aim ? one.measured.width_px : null;
    return width == null ? [] : [{ one, t: seconds[i] ?? 0, width: Math.max(0.4, width) }];
  });
  const distances = strip.flatMap((one, i) =>
    one.distance_m ? [{ t: seconds[i] ?? 0, m: one.distance_m }] : [],
  );
  const limit = strip.find((one) => one.measured)?.measured?.limit_px ?? 3;
  const end = Math.max(0.1, ...seconds);
  const widths = told.map(({ width }) => width);
  const lane = distances.length > 1;
  return (
    <Plot
      label={t('sheet.blur-of-frames-over', {
        told: told.length,
        end: end.toFixed(1),
        limit: limit.toFixed(1),
      })}
      high={HIGH + (lane ? LANE : 0)}
      className="sheet-curve"
    >
      {(wide) => {
        const x = scaleLinear([0, end], [LEFT, wide - RIGHT]);
        const y = scaleLog(
          [Math.min(0.8, ...widths) * 0.9, Math.max(2 * limit, ...widths) * 1.15],
          [HIGH - 26, 12],
        );
        const ticks = [1, 2, 5, 10, 20, 50].filter(
          (tick) => tick >= (y.domain()[0] ?? 1) && tick <= (y.domain()[1] ?? 50),
        );
        return (
          <>
            <rect
              x={LEFT}
              width={wide - RIGHT - LEFT}
              y={y(limit)}
              height={HIGH - 26 - y(limit)}
              fill="var(--band)"
            />
            <g fontSize="12" fill="var(--quiet)">
              {ticks.map((tick) => (
                <text key={tick} x={LEFT - 8} y={y(tick) + 4} textAnchor="end">
                  {t('sheet.px-2', { tick })}
                </text>
              ))}
              <text x={wide - RIGHT - 6} y={y(limit) + 16} textAnchor="end">
                {t('sheet.kept-below-px', { limit: limit.toFixed(1) })}
              </text>
              {x.ticks(Math.min(8, Math.round(wide / 110))).map((tick) => (
                <text key={tick} x={x(tick)} y={HIGH - 8} textAnchor="middle">
                  {timed ? t('sheet.s', { tick }) : Number.isInteger(tick) ? tick + 1 : ''}
                </text>
              ))}
            </g>
            <path
              d={`M${told.map(({ t, width }) => `${x(t)},${y(width)}`).join('L')}`}
              fill="none"
              stroke="var(--subject)"
              opacity="0.5"
            />
            {told.map(({ one, t: at, width }) => (
              <circle
                key={one.id}
                cx={x(at)}
                cy={y(width)}
                r={one.id === culling.shown.id ? 6.5 : 4.5}
                fill={standing(one, culling.marked) === 'kept' ? 'var(--text)' : 'var(--ground)'}
                stroke={one.id === culling.shown.id ? 'var(--accent)' : 'var(--text)'}
                strokeWidth="2"
              >
                <title>{t('sheet.px-3', { name: one.name, width: width.toFixed(1) })}</title>
              </circle>
            ))}
            {lane && <Lane distances={distances} x={x} say={(m) => say(m, 'length', units)} wide={wide} />}
          </>
        );
      }}
    </Plot>
  );
}

/** What the frames were focused at, the farther the higher. */
function Lane({
  distances,
  x,
  say: said,
  wide,
}: {
  distances: { t: number; m: number }[];
  x: (t: number) => number;
  say: (m: number) => string;
  wide: number;
}) {
  const metres = distances.map(({ m }) => m);
  const [near, far] = [Math.min(...metres), Math.max(...metres)];
  const y = scaleLinear([near, Math.max(far, near * 1.02)], [HIGH + LANE - 14, HIGH + 14]);
  return (
    <g fontSize="12" fill="var(--quiet)">
      <path d={`M${LEFT},${HIGH + 2}H${wide - RIGHT}`} stroke="var(--hair)" />
      <path
        d={`M${distances.map(({ t, m }) => `${x(t)},${y(m)}`).join('L')}`}
        fill="none"
        stroke="var(--accent)"
        strokeWidth="2"
      />
      <text x={LEFT - 8} y={y(far) + 4} textAnchor="end">
        {said(far)}
      </text>
      <text x={LEFT - 8} y={y(near) + 4} textAnchor="end">
        {said(near)}
      </text>
      <text x={wide - RIGHT - 6} y={HIGH + 16} textAnchor="end">
        {t('sheet.focused-at')}
      </text>
    </g>
  );
}
