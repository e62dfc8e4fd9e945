import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { DrillDocument } from '../../api/practice';
import { readStick } from './gamepad';

export type Move = NonNullable<DrillDocument['move']>;
export type Place = [number, number];

/** A stick moves the area so far in a second, frame widths; it takes a moment to get going. */
const STICK_PER_S = 0.62;
/** A thumb dragged over the whole pad moves it so much of the frame. */
const DRAG = 1.4;

const ARROWS: Record<string, Place> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const clamp = (v: number) => Math.max(-0.5, Math.min(0.5, v));

type Run = { begun: number; trace: number[][]; at: Place };

/** Where on the pad a pointer is, from its middle. */
const onPad = (event: PointerEvent): Place => {
  const box = event.currentTarget.getBoundingClientRect();
  return [(event.clientX - box.left) / box.width - 0.5, (event.clientY - box.top) / box.height - 0.5];
};

/** A stick, its arrow keys or a thumb on a pad, and the area they move; a turn begins, steps and ends. */
export function useAreaHand(move: Move, onPlace: (place: Place) => void) {
  const live = useRef<Run | null>(null);
  const push = useRef<Place>([0, 0]);
  const drag = useRef<{ x: number; y: number; from: Place } | null>(null);
  const held = useRef(new Set<string>());

  function put(x: number, y: number) {
    const run = live.current;
    if (!run) return;
    const next: [number, number] = [clamp(x), clamp(y)];
    if (next[0] === run.at[0] && next[1] === run.at[1]) return;
    run.at = next;
    run.trace.push([
      Number(((performance.now() - run.begun) / 1000).toFixed(4)),
      Number(next[0].toFixed(4)),
      Number(next[1].toFixed(4)),
    ]);
    onPlace(next);
  }

  function down(event: PointerEvent) {
    event.preventDefault();
    (event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId);
    const [x, y] = onPad(event);
    drag.current = { x, y, from: live.current?.at ?? [0, 0] };
    if (move === 'touch-absolute') put(x, y);
  }
  function along(event: PointerEvent) {
    if (!drag.current) return;
    const [x, y] = onPad(event);
    if (move === 'touch-absolute') put(x, y);
    else if (move === 'touch-relative')
      put(
        drag.current.from[0] + DRAG * (x - drag.current.x),
        drag.current.from[1] + DRAG * (y - drag.current.y),
      );
    else {
      const [dx, dy] = [x - drag.current.x, y - drag.current.y];
      const far = Math.max(0.12, Math.hypot(dx, dy));
      push.current = Math.hypot(dx, dy) < 0.03 ? [0, 0] : [dx / far, dy / far];
    }
  }
  function up() {
    drag.current = null;
    push.current = [0, 0];
  }

  function arrow(code: string, is: boolean): boolean {
    if (!ARROWS[code]) return false;
    if (is) held.current.add(code);
    else held.current.delete(code);
    push.current = [...held.current].reduce<[number, number]>(
      ([x, y], key) => [x + (ARROWS[key]?.[0] ?? 0), y + (ARROWS[key]?.[1] ?? 0)],
      [0, 0],
    );
    return true;
  }

  return {
    begin() {
      live.current = { begun: performance.now(), trace: [], at: [0, 0] };
      onPlace([0, 0]);
    },
    /** What was done so far, and nothing more from now on. */
    end(): number[][] {
      const { trace = [] } = live.current ?? {};
      live.current = null;
      return trace;
    },
    rest() {
      push.current = [0, 0];
    },
    /** The stick moves it on for some milliseconds. */
    step(ms: number) {
      const [px, py] = readStick() ?? push.current;
      const run = live.current;
      if (!run || move !== 'stick' || !(px || py)) return;
      const d = (STICK_PER_S * Math.min(50, ms)) / 1000;
      put(run.at[0] + px * d, run.at[1] + py * d * 1.5);
    },
    keys: {
      onKeyDown: (event: KeyboardEvent) => {
        if (move === 'stick' && arrow(event.code, true)) event.preventDefault();
      },
      onKeyUp: (event: KeyboardEvent) => void arrow(event.code, false),
      onBlur: () => {
        held.current.clear();
        push.current = [0, 0];
      },
    },
    pad: { onPointerDown: down, onPointerMove: along, onPointerUp: up, onPointerCancel: up },
  };
}
