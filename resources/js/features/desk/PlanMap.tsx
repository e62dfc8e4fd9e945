import { useRef } from 'react';
import type { Plan, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { say, type Units, useUnits } from '../../lang/units';
import { PictureTable } from '../../ui/PictureTable';
import { BendHandle, CompanionHandles, CornerHandles, EndHandle, StartHandle } from './PlanHandles';
import { planMoves, useHeld } from './planMoves';
import { CAMERA, HEIGHT, type PlanView, ringsOf, viewOf, WIDTH } from './planView';
import { type Spot, shapeOf } from './way';

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onSettle: () => void;
};

/**
 * Seen from above, the camera at the bottom: drag the start nearer or farther, the end to turn or lengthen the way, its
 * middle to bend it, corners and companions to where they are.
 */
export function PlanMap({ rush, plan, ...changes }: Props) {
  const units = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const held = useHeld();
  const view = viewOf(rush, plan, held.current?.scale);
  const moves = planMoves(rush, view, held, svg, changes);
  return (
    <div className="plan-map">
      <PictureTable
        caption={t('plan-map.the-way-from-above')}
        head={[t('plan-map.time'), t('plan-map.distance'), t('plan-map.to-the-side'), t('plan-map.closing')]}
        rows={() => rowsOf(view.samples, units)}
      >
        {/* biome-ignore lint/a11y/useSemanticElements: a drawing, not a part of a form */}
        <svg
          ref={svg}
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          aria-label={t('plan-map.the-way-from-above')}
          role="group"
        >
          <Ground plan={plan} view={view} />
          <Way rush={rush} view={view} />
          <BendHandle rush={rush} view={view} moves={moves} />
          <CornerHandles view={view} moves={moves} />
          <CompanionHandles rush={rush} view={view} moves={moves} />
          <StartHandle rush={rush} view={view} moves={moves} />
          <EndHandle rush={rush} view={view} moves={moves} />
        </svg>
      </PictureTable>
    </div>
  );
}

/** The way in numbers: about eight of its moments. */
function rowsOf(samples: PlanView['samples'], units: Units): string[][] {
  return samples
    .filter((_, i) => i % Math.max(1, Math.floor(samples.length / 8)) === 0)
    .map((s) => [
      t('plan-map.s', { t: s.t.toFixed(2) }),
      say(s.distance_m, 'length', units),
      Math.abs(s.x) < 0.05
        ? t('plan-map.straight-ahead')
        : t('plan-map.aside', {
            metres: say(Math.abs(s.x), 'length', units),
            side: s.x < 0 ? 'left' : 'right',
          }),
      `${s.closing_mps < 0 ? '−' : ''}${say(Math.abs(s.closing_mps), 'speed', units)}`,
    ]);
}

/** Rings of distance, what the frame sees, and where it is focused beforehand. */
function Ground({ plan, view }: { plan: Plan | undefined; view: PlanView }) {
  const units = useUnits();
  const { scale, reach, px } = view;
  const half = plan ? Math.atan((plan.frame.sensor_mm[0] ?? 36) / 2 / plan.frame.focal_mm) : 0.036;
  const far = (HEIGHT / scale) * 1.1;
  const focus = plan?.best.hold.focus?.start_at_m;
  const edge = px(Math.tan(half) * far, far);
  return (
    <>
      {ringsOf(reach).map((metres) => {
        const r = metres * scale;
        return (
          <g key={metres} className="ring">
            <path d={`M${CAMERA.x - r},${CAMERA.y}A${r},${r} 0 0 1 ${CAMERA.x + r},${CAMERA.y}`} />
            <text x={Math.min(WIDTH - 4, CAMERA.x + r * 0.72 + 4)} y={CAMERA.y - r * 0.69} textAnchor="end">
              {say(metres, 'length', units)}
            </text>
          </g>
        );
      })}
      <path
        className="view-cone"
        d={`M${CAMERA.x},${CAMERA.y}L${2 * CAMERA.x - edge.x},${edge.y}H${edge.x}Z`}
      />
      {focus != null && focus < reach * 1.4 && (
        <path
          className="map-focus"
          d={`M${px(-0.16 * focus, 0).x},${px(0, focus * 0.987).y}A${focus * scale},${focus * scale} 0 0 1 ${px(0.16 * focus, 0).x},${px(0, focus * 0.987).y}`}
        />
      )}
    </>
  );
}

/** The way itself, with a tick for some of its moments, and the camera it is seen from. */
function Way({ rush: { path }, view: { start, corners, samples, px } }: { rush: Rush; view: PlanView }) {
  const line = (spots: Spot[]) =>
    spots.map((spot) => `${px(spot.x, spot.y).x},${px(spot.x, spot.y).y}`).join(' ');
  return (
    <>
      {shapeOf(path) === 'corners' && <polyline className="map-corners" points={line([start, ...corners])} />}
      <polyline className="map-path" points={line(samples)} />
      {samples
        .filter((_, i) => i % 10 === 0)
        .map((s) => (
          <circle key={s.t} className="map-tick" cx={px(s.x, s.y).x} cy={px(s.x, s.y).y} r="1.7" />
        ))}
      <path
        className="map-camera"
        d={`M${CAMERA.x - 9},${CAMERA.y + 8}h18l-3,-9h-3l-1.4,-5h-3.2l-1.4,5h-3z`}
      />
    </>
  );
}
