import { type RefObject, useRef } from 'react';
import type { Rush } from '../../api/client';
import type { PlanView } from './planView';
import { bendThrough, reaching, rounded, type Spot, turned } from './way';

type Changes = {
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onSettle: () => void;
};

type Held = { scale: number; path: Rush['path']; end: Spot };

/** What is held of the plan, from when a handle is taken until it is let go. */
export const useHeld = () => useRef<Held | null>(null);

/**
 * What happens when something on the plan is dragged or moved by keys. A drag starts from the way as it was when it was
 * taken hold of, not from answers that are still on their way.
 */
export function planMoves(
  rush: Rush,
  view: PlanView,
  held: RefObject<Held | null>,
  svg: RefObject<SVGSVGElement | null>,
  { onChange, onRush, onSettle }: Changes,
) {
  const { path, group } = rush;
  const from = () => held.current ?? { path, end: view.end };
  const fine = view.reach < 25 ? 0.1 : 0.5;
  return {
    /** What every handle is given. */
    handling: {
      place: (event: { clientX: number; clientY: number }): Spot | null => {
        const box = svg.current?.getBoundingClientRect();
        return box ? view.place(box, event) : null;
      },
      onHold: () => {
        held.current = { scale: view.scale, path, end: { x: view.end.x, y: view.end.y } };
      },
      onLetGo: () => {
        held.current = null;
        onSettle();
      },
    },
    start: (metres: number) =>
      onChange('path', { start_m: Math.max(1, rounded(metres, metres < 20 ? 0.5 : 1)) }, 'drag start'),
    end: (to: Spot) => {
      const moves = rush.subject.speed_mps > 0.2;
      onChange('path', reaching(from().path, view.start, from().end, to, moves), 'drag end');
    },
    bend: (to: Spot) => onChange('path', bendThrough(from().path, view.start, from().end, to), 'drag bend'),
    turn: (by: number) => onChange('path', { heading_deg: turned(path.heading_deg + by) }, 'turn'),
    lengthen: (by: number) =>
      onChange('path', { seconds: Math.max(0.2, rounded(path.seconds + by, 0.05)) }, 'lengthen'),
    corner: (i: number, to: Spot) => {
      const moved = { across_m: rounded(to.x, fine), away_m: Math.max(0.5, rounded(to.y, fine)) };
      onChange(
        'path',
        { points: path.points.map((one, at) => (at === i ? moved : one)) },
        `drag corner ${i}`,
      );
    },
    dropCorner: (i: number) => {
      if (path.points.length > 1) {
        onChange('path', { points: path.points.filter((_, at) => at !== i) }, 'corner away');
      }
    },
    companion: (i: number, to: Spot) => {
      const moved = {
        distance_m: Math.max(1, rounded(Math.hypot(to.x, to.y), 0.1)),
        across_m: rounded(to.x, 0.1),
      };
      onRush({ ...rush, group: group.map((one, at) => (at === i ? moved : one)) }, `drag companion ${i}`);
    },
  };
}

export type PlanMoves = ReturnType<typeof planMoves>;

/** The arrow keys, each a step from where it is. */
export const arrows = (at: Spot, step: number, to: (spot: Spot) => void): [string, () => void][] => [
  ['ArrowLeft', () => to({ x: at.x - step, y: at.y })],
  ['ArrowRight', () => to({ x: at.x + step, y: at.y })],
  ['ArrowUp', () => to({ x: at.x, y: at.y + step })],
  ['ArrowDown', () => to({ x: at.x, y: at.y - step })],
];
