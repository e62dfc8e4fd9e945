import { useRef } from 'react';
import type { Plan, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { say, useUnits } from '../../lang/units';
import { PictureTable } from '../../ui/PictureTable';
import { Handle } from './Handle';
import { bendThrough, planeOf, reaching, rounded, type Spot, shapeOf, turned } from './way';

const width = 280;
const height = 188;
const camera = { x: width / 2, y: height - 16 };

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onSettle: () => void;
};

type Held = { scale: number; path: Rush['path']; end: Spot };

/**
 * Seen from above, the camera at the bottom: drag the start nearer or farther, the end to turn or lengthen the way, its
 * middle to bend it, corners and companions to where they are.
 */
export function PlanMap({ rush, plan, onChange, onRush, onSettle }: Props) {
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<Held | null>(null);
  const { path, subject } = rush;
  const heading = path.heading_deg;
  const seconds = path.seconds;
  const shape = shapeOf(path);
  const corners = path.points;
  const group = rush.group;
  const samples = plan?.lane.samples ?? [];
  const last = samples.at(-1);
  const beside = group.map((one) => ({ x: one.across_m, y: planeOf(one) }));
  const drawn: Spot[] = [...samples, ...corners.map((c) => ({ x: c.across_m, y: c.away_m })), ...beside];
  const reach = Math.max(path.start_m, ...drawn.map((s) => s.y), 2) * 1.12;
  const aside = Math.max(...drawn.map((s) => Math.abs(s.x)), 0.5) * 1.15;
  const fitted = Math.min((height - 30) / reach, (width / 2 - 8) / aside);
  // While a handle is held the scale stays, or it would run away from the hand.
  const scale = held.current?.scale ?? fitted;
  const px = (x: number, y: number) => ({ x: camera.x + x * scale, y: camera.y - y * scale });
  const start = { x: 0, y: path.start_m };
  const end = last ?? start;
  const moves = subject.speed_mps > 0.2;
  const middle = samples[Math.floor(samples.length / 2)];
  const half = plan ? Math.atan((plan.frame.sensor_mm[0] ?? 36) / 2 / plan.frame.focal_mm) : 0.036;
  const view = (height / scale) * 1.1;
  const focus = plan?.best.hold.focus?.start_at_m;

  const handling = {
    place: (event: { clientX: number; clientY: number }): Spot | null => {
      const box = svg.current?.getBoundingClientRect();
      if (!box) return null;
      return {
        x: (((event.clientX - box.left) / box.width) * width - camera.x) / scale,
        y: (camera.y - ((event.clientY - box.top) / box.height) * height) / scale,
      };
    },
    onHold: () => {
      held.current = { scale, path, end: { x: end.x, y: end.y } };
    },
    onLetGo: () => {
      held.current = null;
      onSettle();
    },
  };
  // A drag starts from the way as it was when it was taken hold of, not from answers that are still on their way.
  const from = () => held.current ?? { path, end };

  const moveStart = (metres: number) =>
    onChange('path', { start_m: Math.max(1, rounded(metres, metres < 20 ? 0.5 : 1)) }, 'drag start');
  const moveEnd = (to: Spot) =>
    onChange('path', reaching(from().path, start, from().end, to, moves), 'drag end');
  const bendTo = (to: Spot) => onChange('path', bendThrough(from().path, start, from().end, to), 'drag bend');
  const turn = (by: number) => onChange('path', { heading_deg: turned(heading + by) }, 'turn');
  const lengthen = (by: number) =>
    onChange('path', { seconds: Math.max(0.2, rounded(seconds + by, 0.05)) }, 'lengthen');
  const fine = reach < 25 ? 0.1 : 0.5;
  const moveCorner = (i: number, to: Spot) =>
    onChange(
      'path',
      {
        points: corners.map((c, at) =>
          at === i ? { across_m: rounded(to.x, fine), away_m: Math.max(0.5, rounded(to.y, fine)) } : c,
        ),
      },
      `drag corner ${i}`,
    );
  const moveCompanion = (i: number, to: Spot) =>
    onRush(
      {
        ...rush,
        group: group.map((one, at) =>
          at === i
            ? { distance_m: Math.max(1, rounded(Math.hypot(to.x, to.y), 0.1)), across_m: rounded(to.x, 0.1) }
            : one,
        ),
      },
      `drag companion ${i}`,
    );
  const arrows = (at: Spot, step: number, to: (spot: Spot) => void): [string, () => void][] => [
    ['ArrowLeft', () => to({ x: at.x - step, y: at.y })],
    ['ArrowRight', () => to({ x: at.x + step, y: at.y })],
    ['ArrowUp', () => to({ x: at.x, y: at.y + step })],
    ['ArrowDown', () => to({ x: at.x, y: at.y - step })],
  ];

  return (
    <div className="plan-map">
      <PictureTable
        caption={t('plan-map.the-way-from-above')}
        head={[t('plan-map.time'), t('plan-map.distance'), t('plan-map.to-the-side'), t('plan-map.closing')]}
        rows={() =>
          samples
            .filter((_, i) => i % Math.max(1, Math.floor(samples.length / 8)) === 0)
            .map((s) => [
              t('plan-map.s', { t: s.t.toFixed(2) }),
              say(s.distance_m, 'length', units),
              Math.abs(s.x) < 0.05
                ? t('plan-map.straight-ahead')
                : `${say(Math.abs(s.x), 'length', units)} ${s.x < 0 ? 'left' : 'right'}`,
              `${s.closing_mps < 0 ? '−' : ''}${say(Math.abs(s.closing_mps), 'speed', units)}`,
            ])
        }
      >
        {/* biome-ignore lint/a11y/useSemanticElements: a drawing, not a part of a form */}
        <svg
          ref={svg}
          viewBox={`0 0 ${width} ${height}`}
          aria-label={t('plan-map.the-way-from-above')}
          role="group"
        >
          {[0.25, 0.5, 0.75, 1].map((share) => {
            const r = rounded(reach * share, reach > 40 ? 10 : reach > 12 ? 5 : 1);
            return r > 0 ? (
              <g key={share} className="ring">
                <path
                  d={`M${camera.x - r * scale},${camera.y}A${r * scale},${r * scale} 0 0 1 ${camera.x + r * scale},${camera.y}`}
                />
                <text
                  x={Math.min(width - 4, camera.x + r * scale * 0.72 + 4)}
                  y={camera.y - r * scale * 0.69}
                  textAnchor="end"
                >
                  {say(r, 'length', units)}
                </text>
              </g>
            ) : null;
          })}
          <path
            className="view-cone"
            d={`M${camera.x},${camera.y}L${px(-Math.tan(half) * view, view).x},${px(0, view).y}H${px(Math.tan(half) * view, view).x}Z`}
          />
          {focus != null && focus < reach * 1.4 && (
            <path
              className="map-focus"
              d={`M${px(-0.16 * focus, focus * 0.987).x},${px(0, focus * 0.987).y}A${focus * scale},${focus * scale} 0 0 1 ${px(0.16 * focus, 0).x},${px(0, focus * 0.987).y}`}
            />
          )}
          {shape === 'corners' && (
            <polyline
              className="map-corners"
              points={[start, ...corners.map((c) => ({ x: c.across_m, y: c.away_m }))]
                .map((s) => `${px(s.x, s.y).x},${px(s.x, s.y).y}`)
                .join(' ')}
            />
          )}
          <polyline
            className="map-path"
            points={samples.map((s) => `${px(s.x, s.y).x},${px(s.x, s.y).y}`).join(' ')}
          />
          {samples
            .filter((_, i) => i % 10 === 0)
            .map((s) => (
              <circle key={s.t} className="map-tick" cx={px(s.x, s.y).x} cy={px(s.x, s.y).y} r="1.7" />
            ))}
          <path
            className="map-camera"
            d={`M${camera.x - 9},${camera.y + 8}h18l-3,-9h-3l-1.4,-5h-3.2l-1.4,5h-3z`}
          />
          {shape !== 'corners' && middle && moves && (
            <Handle
              {...handling}
              label={t('plan-map.bend')}
              at={px(middle.x, middle.y)}
              value={path.bend_radius_m ?? 0}
              says={
                path.bend_radius_m
                  ? t('plan-map.turns-left-with-a', {
                      isBendRadiusM: path.bend_radius_m > 0 ? 'yes' : 'no',
                      bendRadiusM: say(Math.abs(path.bend_radius_m), 'length', units),
                    })
                  : t('plan-map.straight')
              }
              onDrag={bendTo}
              keys={arrows(middle, Math.max(0.5, reach / 40), bendTo)}
            >
              <circle className="knot" cx={px(middle.x, middle.y).x} cy={px(middle.x, middle.y).y} r="3.6" />
            </Handle>
          )}
          {corners.map((c, i) => {
            const at = { x: c.across_m, y: c.away_m };
            return (
              <Handle
                // biome-ignore lint/suspicious/noArrayIndexKey: corners are told apart by their order alone
                key={i}
                {...handling}
                label={t('plan-map.corner', { i: i + 1 })}
                at={px(at.x, at.y)}
                value={c.away_m}
                says={t('plan-map.across-away', {
                  acrossM: say(c.across_m, 'length', units),
                  awayM: say(c.away_m, 'length', units),
                })}
                onDrag={(to) => moveCorner(i, to)}
                keys={[
                  ...arrows(at, reach > 25 ? 1 : 0.5, (to) => moveCorner(i, to)),
                  [
                    'Delete',
                    () =>
                      corners.length > 1 &&
                      onChange('path', { points: corners.filter((_, other) => other !== i) }, 'corner away'),
                  ],
                ]}
              >
                <rect
                  className="knot"
                  x={px(at.x, at.y).x - 3.6}
                  y={px(at.x, at.y).y - 3.6}
                  width="7.2"
                  height="7.2"
                />
              </Handle>
            );
          })}
          {beside.map((at, i) => (
            <Handle
              // biome-ignore lint/suspicious/noArrayIndexKey: companions are told apart by their order alone
              key={i}
              {...handling}
              label={t('plan-map.companion', { i: i + 1 })}
              at={px(at.x, at.y)}
              value={group[i]?.distance_m ?? 0}
              says={t('plan-map.away-across', {
                distanceM: say(group[i]?.distance_m, 'length', units),
                x: say(at.x, 'length', units),
              })}
              onDrag={(to) => moveCompanion(i, to)}
              keys={arrows(at, reach > 25 ? 1 : 0.2, (to) => moveCompanion(i, to))}
            >
              <circle className="companion" cx={px(at.x, at.y).x} cy={px(at.x, at.y).y} r="4.5" />
            </Handle>
          ))}
          <Handle
            {...handling}
            label={t('plan-map.distance-at-the-start')}
            at={px(0, path.start_m)}
            value={path.start_m}
            says={say(path.start_m, 'length', units)}
            onDrag={(to) => moveStart(to.y)}
            keys={[
              ['ArrowUp', () => moveStart(path.start_m + 1)],
              ['ArrowDown', () => moveStart(path.start_m - 1)],
              ['PageUp', () => moveStart(path.start_m + 10)],
              ['PageDown', () => moveStart(path.start_m - 10)],
            ]}
          >
            <circle className="dot" cx={px(0, path.start_m).x} cy={px(0, path.start_m).y} r="5.5" />
          </Handle>
          {shape === 'corners' ? (
            <Arrow at={px(end.x, end.y)} samples={samples} heading={heading} />
          ) : (
            <Handle
              {...handling}
              label={t('plan-map.heading')}
              at={px(end.x, end.y)}
              value={heading}
              says={t('plan-map.from-straight-at-the', { heading })}
              onDrag={moveEnd}
              keys={[
                ['ArrowLeft', () => turn(-5)],
                ['ArrowRight', () => turn(5)],
                ['ArrowUp', () => lengthen(0.1)],
                ['ArrowDown', () => lengthen(-0.1)],
              ]}
            >
              <Arrow at={px(end.x, end.y)} samples={samples} heading={heading} />
            </Handle>
          )}
        </svg>
      </PictureTable>
    </div>
  );
}

function Arrow({ at, samples, heading }: { at: Spot; samples: Spot[]; heading: number }) {
  return (
    <path
      className="map-end"
      d="M-6,-5L7,0L-6,5L-3,0Z"
      transform={`translate(${at.x} ${at.y}) rotate(${samples.length > 1 ? direction(samples) : 90 - heading})`}
    />
  );
}

/** Direction of the last stretch on the screen, degrees clockwise from the right. */
function direction(samples: Spot[]): number {
  const b = samples.at(-1);
  const a = samples.at(-6) ?? samples[0];
  if (!a || !b) return 0;
  return (Math.atan2(-(b.y - a.y), b.x - a.x) * 180) / Math.PI;
}
