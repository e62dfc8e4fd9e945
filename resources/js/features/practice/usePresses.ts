import { type KeyboardEvent, useCallback, useRef, useState } from 'react';
import { readGamepad } from './gamepad';
import { keyOf } from './hand';
import { tone } from './sound';

/** Which controls a hand holds, by key, touch or gamepad, written down as it does. */
export function usePresses(sound: boolean) {
  const [held, setHeld] = useState<number | null>(null);
  const live = useRef<{ begun: number; trace: number[][]; down: Set<number> } | null>(null);
  const pads = useRef<boolean[]>([]);

  const mark = useCallback(
    (key: number, down: boolean, at: number) => {
      const run = live.current;
      if (!run || key < 0 || down === run.down.has(key)) return;
      if (down) run.down.add(key);
      else run.down.delete(key);
      run.trace.push([Number(Math.max(0, (at - run.begun) / 1000).toFixed(4)), key, down ? 1 : 0]);
      setHeld(down ? key : null);
      if (down && sound) tone(660, 0.05, 0, 0.08);
    },
    [sound],
  );

  return {
    held,
    mark,
    begin: () => {
      live.current = { begun: performance.now(), trace: [], down: new Set() };
    },
    /** Seconds since it began; null while nothing is written down. */
    time: () => (live.current ? (performance.now() - live.current.begun) / 1000 : null),
    end: () => {
      const trace = live.current?.trace ?? [];
      live.current = null;
      setHeld(null);
      return trace;
    },
    /** What is held on a gamepad, of so many controls. */
    poll: (controls: number) => {
      const pad = readGamepad();
      if (!pad) return;
      pad.pressed.forEach((down, i) => {
        if (down !== (pads.current[i] ?? false)) mark(i < controls ? i : -1, down, performance.now());
      });
      pads.current = pad.pressed;
    },
    /** Letter keys stand for the controls at these places. */
    keys: (places: string[]) => ({
      onKeyDown: (event: KeyboardEvent) => {
        const key = keyOf(places, event.code);
        if (key < 0) return;
        event.preventDefault();
        if (!event.repeat) mark(key, true, event.timeStamp);
      },
      onKeyUp: (event: KeyboardEvent) => mark(keyOf(places, event.code), false, event.timeStamp),
    }),
  };
}
