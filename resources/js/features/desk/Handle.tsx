import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef } from 'react';
import { useNarrow } from '../../ui/useNarrow';
import type { Spot } from './way';

type Props = {
  label: string;
  at: Spot;
  value: number;
  says: string;
  /** Where the pointer is in metres, or null when the drawing is gone. */
  place: (event: { clientX: number; clientY: number }) => Spot | null;
  onHold: () => void;
  onDrag: (to: Spot) => void;
  onLetGo: () => void;
  keys: [key: string, move: () => void][];
  children: ReactNode;
};

/** A grip in the drawing from above: dragged with a pointer, nudged with keys. */
export function Handle({ label, at, value, says, place, onHold, onDrag, onLetGo, keys, children }: Props) {
  // What it does, as of the latest drawing: a drag outlives many of them.
  const latest = useRef({ place, onDrag, onLetGo });
  latest.current = { place, onDrag, onLetGo };

  function hold(event: PointerEvent<SVGGElement>) {
    event.preventDefault();
    event.currentTarget.focus();
    onHold();
    const follow = (e: globalThis.PointerEvent) => {
      const to = latest.current.place(e);
      if (to) latest.current.onDrag(to);
    };
    const letGo = () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('pointerup', letGo);
      window.removeEventListener('pointercancel', letGo);
      latest.current.onLetGo();
    };
    window.addEventListener('pointermove', follow);
    window.addEventListener('pointerup', letGo);
    window.addEventListener('pointercancel', letGo);
  }

  const narrow = useNarrow();
  function nudge(event: KeyboardEvent) {
    const move = keys.find(([key]) => key === event.key)?.[1];
    if (!move) return;
    event.preventDefault();
    event.stopPropagation();
    move();
  }

  return (
    <g
      className="handle"
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuetext={says}
      onPointerDown={hold}
      onKeyDown={nudge}
    >
      <circle className="grip" cx={at.x} cy={at.y} r={narrow ? 17 : 14} />
      {children}
    </g>
  );
}
