import type { Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { say, useUnits } from '../../lang/units';
import { Handle } from './Handle';
import { arrows, type PlanMoves } from './planMoves';
import type { PlanView } from './planView';
import { type Spot, shapeOf } from './way';

type Props = { rush: Rush; view: PlanView; moves: PlanMoves };

/** The middle of a way without corners, which bends it. */
export function BendHandle({ rush: { path, subject }, view, moves }: Props) {
  const units = useUnits();
  const { middle, px, reach } = view;
  if (shapeOf(path) === 'corners' || !middle || subject.speed_mps <= 0.2) return null;
  const at = px(middle.x, middle.y);
  return (
    <Handle
      {...moves.handling}
      label={t('plan-map.bend')}
      at={at}
      value={path.bend_radius_m ?? 0}
      says={
        path.bend_radius_m
          ? t('plan-map.turns-left-with-a', {
              side: path.bend_radius_m > 0 ? 'right' : 'left',
              bendRadiusM: say(Math.abs(path.bend_radius_m), 'length', units),
            })
          : t('plan-map.straight')
      }
      onDrag={moves.bend}
      keys={arrows(middle, Math.max(0.5, reach / 40), moves.bend)}
    >
      <circle className="knot" cx={at.x} cy={at.y} r="3.6" />
    </Handle>
  );
}

export function CornerHandles({ view, moves }: Omit<Props, 'rush'>) {
  const units = useUnits();
  return view.corners.map((corner, i) => {
    const at = view.px(corner.x, corner.y);
    return (
      <Handle
        // biome-ignore lint/suspicious/noArrayIndexKey: corners are told apart by their order alone
        key={i}
        {...moves.handling}
        label={t('plan-map.corner', { i: i + 1 })}
        at={at}
        value={corner.y}
        says={t('plan-map.across-away', {
          acrossM: say(corner.x, 'length', units),
          awayM: say(corner.y, 'length', units),
        })}
        onDrag={(to) => moves.corner(i, to)}
        keys={[
          ...arrows(corner, view.reach > 25 ? 1 : 0.5, (to) => moves.corner(i, to)),
          ['Delete', () => moves.dropCorner(i)],
        ]}
      >
        <rect className="knot" x={at.x - 3.6} y={at.y - 3.6} width="7.2" height="7.2" />
      </Handle>
    );
  });
}

export function CompanionHandles({ rush, view, moves }: Props) {
  const units = useUnits();
  return view.companions.map((spot, i) => {
    const at = view.px(spot.x, spot.y);
    return (
      <Handle
        // biome-ignore lint/suspicious/noArrayIndexKey: companions are told apart by their order alone
        key={i}
        {...moves.handling}
        label={t('plan-map.companion', { i: i + 1 })}
        at={at}
        value={rush.group[i]?.distance_m ?? 0}
        says={t('plan-map.away-across', {
          distanceM: say(rush.group[i]?.distance_m, 'length', units),
          x: say(spot.x, 'length', units),
        })}
        onDrag={(to) => moves.companion(i, to)}
        keys={arrows(spot, view.reach > 25 ? 1 : 0.2, (to) => moves.companion(i, to))}
      >
        <circle className="companion" cx={at.x} cy={at.y} r="4.5" />
      </Handle>
    );
  });
}

export function StartHandle({ rush: { path }, view, moves }: Props) {
  const at = view.px(0, path.start_m);
  return (
    <Handle
      {...moves.handling}
      label={t('plan-map.distance-at-the-start')}
      at={at}
      value={path.start_m}
      says={say(path.start_m, 'length', useUnits())}
      onDrag={(to) => moves.start(to.y)}
      keys={[
        ['ArrowUp', () => moves.start(path.start_m + 1)],
        ['ArrowDown', () => moves.start(path.start_m - 1)],
        ['PageUp', () => moves.start(path.start_m + 10)],
        ['PageDown', () => moves.start(path.start_m - 10)],
      ]}
    >
      <circle className="dot" cx={at.x} cy={at.y} r="5.5" />
    </Handle>
  );
}

/** Where the way ends; with corners it ends where the last of them is. */
export function EndHandle({ rush: { path }, view, moves }: Props) {
  const at = view.px(view.end.x, view.end.y);
  const arrow = <Arrow at={at} samples={view.samples} heading={path.heading_deg} />;
  if (shapeOf(path) === 'corners') return arrow;
  return (
    <Handle
      {...moves.handling}
      label={t('plan-map.heading')}
      at={at}
      value={path.heading_deg}
      says={t('plan-map.from-straight-at-the', { heading: path.heading_deg })}
      onDrag={moves.end}
      keys={[
        ['ArrowLeft', () => moves.turn(-5)],
        ['ArrowRight', () => moves.turn(5)],
        ['ArrowUp', () => moves.lengthen(0.1)],
        ['ArrowDown', () => moves.lengthen(-0.1)],
      ]}
    >
      {arrow}
    </Handle>
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
