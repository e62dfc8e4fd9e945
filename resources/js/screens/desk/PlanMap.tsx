import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Plan, Rush } from '../../api/client';
import { say, useUnits } from '../../parts/units';

const width = 280;
const height = 188;
const camera = { x: width / 2, y: height - 16 };

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onSettle: () => void;
};

const round = (value: number, step: number) => Number((Math.round(value / step) * step).toFixed(3));

/** Seen from above, the camera at the bottom: drag the start nearer or farther, the end to turn or lengthen the way. */
export function PlanMap({ rush, plan, onChange, onSettle }: Props) {
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<{ scale: number } | null>(null);
  const { path, subject } = rush;
  const heading = path.heading_deg ?? 0;
  const seconds = path.seconds ?? 2.5;
  const samples = plan?.lane.samples ?? [];
  const last = samples.at(-1);
  const reach = Math.max(path.start_m, ...samples.map((s) => s.y), 2) * 1.12;
  const aside = Math.max(...samples.map((s) => Math.abs(s.x)), 0.5) * 1.15;
  const fitted = Math.min((height - 30) / reach, (width / 2 - 8) / aside);
  // While a handle is held the scale stays, or it would run away from the hand.
  const scale = held.current?.scale ?? fitted;
  const px = (x: number, y: number) => ({ x: camera.x + x * scale, y: camera.y - y * scale });
  const start = px(0, path.start_m);
  const end = last ? px(last.x, last.y) : start;
  const straight = !path.bend_radius_m && (path.points?.length ?? 0) === 0;
  const half = plan ? Math.atan((plan.frame.sensor_mm[0] ?? 36) / 2 / plan.frame.focal_mm) : 0.036;
  const view = (height / scale) * 1.1;
  const focus = plan?.best.hold.focus?.start_at_m;

  function place(event: { clientX: number; clientY: number }) {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return null;
    return {
      x: (((event.clientX - box.left) / box.width) * width - camera.x) / scale,
      y: (camera.y - ((event.clientY - box.top) / box.height) * height) / scale,
    };
  }

  function moveStart(metres: number) {
    onChange('path', { start_m: Math.max(1, round(metres, metres < 20 ? 0.5 : 1)) }, 'drag start');
  }

  function moveEnd(x: number, y: number) {
    const dx = x;
    const dy = y - path.start_m;
    const length = Math.hypot(dx, dy);
    if (length < 0.3) return;
    const turned = round((Math.atan2(dx, -dy) * 180) / Math.PI, 1);
    const before = last ? Math.hypot(last.x, last.y - path.start_m) : length;
    const lasting =
      straight && before > 0.3 && subject.speed_mps > 0.2 ? (seconds * length) / before : seconds;
    onChange(
      'path',
      { heading_deg: turned, seconds: Math.max(0.2, Math.min(60, round(lasting, 0.05))) },
      'drag end',
    );
  }

  // What the handles do, as of the latest drawing: a drag outlives many of them.
  const latest = useRef({ place, moveStart, moveEnd, onSettle });
  latest.current = { place, moveStart, moveEnd, onSettle };

  function drag(event: PointerEvent<SVGGElement>, end: 'start' | 'end') {
    event.preventDefault();
    event.currentTarget.focus();
    held.current = { scale };
    const follow = (e: globalThis.PointerEvent) => {
      const to = latest.current.place(e);
      if (!to) return;
      if (end === 'start') latest.current.moveStart(to.y);
      else latest.current.moveEnd(to.x, to.y);
    };
    const letGo = () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('pointerup', letGo);
      window.removeEventListener('pointercancel', letGo);
      held.current = null;
      latest.current.onSettle();
    };
    window.addEventListener('pointermove', follow);
    window.addEventListener('pointerup', letGo);
    window.addEventListener('pointercancel', letGo);
  }

  const keys = (...moves: [string, () => void][]) => ({
    onKeyDown: (event: KeyboardEvent) => {
      const move = moves.find(([key]) => key === event.key)?.[1];
      if (!move) return;
      event.preventDefault();
      move();
    },
  });
  const turn = (by: number) =>
    onChange('path', { heading_deg: ((((heading + by + 180) % 360) + 360) % 360) - 180 }, 'turn');

  return (
    <div className="plan-map">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing, not a part of a form */}
      <svg ref={svg} viewBox={`0 0 ${width} ${height}`} aria-label="The way from above" role="group">
        {[0.25, 0.5, 0.75, 1].map((share) => {
          const r = round(reach * share, reach > 40 ? 10 : reach > 12 ? 5 : 1);
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
        <g
          className="handle"
          role="slider"
          tabIndex={0}
          aria-label="Distance at the start"
          aria-valuenow={path.start_m}
          aria-valuetext={say(path.start_m, 'length', units)}
          onPointerDown={(event) => drag(event, 'start')}
          {...keys(
            ['ArrowUp', () => moveStart(path.start_m + 1)],
            ['ArrowDown', () => moveStart(path.start_m - 1)],
            ['PageUp', () => moveStart(path.start_m + 10)],
            ['PageDown', () => moveStart(path.start_m - 10)],
          )}
        >
          <circle className="grip" cx={start.x} cy={start.y} r="14" />
          <circle className="dot" cx={start.x} cy={start.y} r="5.5" />
        </g>
        <g
          className="handle"
          role="slider"
          tabIndex={0}
          aria-label="Heading"
          aria-valuenow={heading}
          aria-valuetext={`${heading}° from straight at the camera`}
          onPointerDown={(event) => drag(event, 'end')}
          {...keys(
            ['ArrowLeft', () => turn(-5)],
            ['ArrowRight', () => turn(5)],
            ['ArrowUp', () => onChange('path', { seconds: round(seconds + 0.1, 0.05) }, 'lengthen')],
            [
              'ArrowDown',
              () => onChange('path', { seconds: Math.max(0.2, round(seconds - 0.1, 0.05)) }, 'lengthen'),
            ],
          )}
        >
          <circle className="grip" cx={end.x} cy={end.y} r="14" />
          <path
            className="dot"
            d="M-6,-5L7,0L-6,5L-3,0Z"
            transform={`translate(${end.x} ${end.y}) rotate(${last && samples.length > 1 ? direction(samples) : 90 - heading})`}
          />
        </g>
      </svg>
    </div>
  );
}

/** Direction of the last stretch on the screen, degrees clockwise from the right. */
function direction(samples: Plan['lane']['samples']): number {
  const b = samples.at(-1);
  const a = samples.at(-6) ?? samples[0];
  if (!a || !b) return 0;
  return (Math.atan2(-(b.y - a.y), b.x - a.x) * 180) / Math.PI;
}
