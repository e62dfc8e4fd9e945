import { type RefObject, useCallback, useEffect, useRef } from 'react';
import { readGamepad } from './gamepad';
import { clampTurn } from './ring';

/** Held arrows turn by so much of the throw in a second: at first, and after a while. */
const KEY_SPEED = [0.05, 0.45] as const;
/** Until then, s. */
const KEY_RAMP_S = 0.7;
/** With Shift, for the last little bit. */
const FINE = 0.15;
/** A stick pushed right over turns by so much in a second. */
const STICK_SPEED = 0.5;
/** Pixels of dragging for a degree. */
export const PIXELS_A_DEGREE = 12;

export type RingSettings = {
  /** Degrees from infinity to the nearest distance. */
  throwDeg: number;
  /** Turning right focuses nearer. */
  rightIsNear: boolean;
};

/**
 * A focusing ring under mouse, finger, wheel, keys and stick. The turn is in a ref, so that nothing is drawn anew but the
 * picture; `since` is when the hand last moved it, for telling how late the picture is.
 */
export function useRing(target: RefObject<HTMLElement | null>, settings: RingSettings) {
  const turn = useRef(0);
  const fires = useRef(false);
  const since = useRef<number | null>(null);
  const keys = useRef(new Map<string, number>());
  const fingers = useRef(new Set<string>());
  const set = useRef(settings);
  set.current = settings;

  const by = useCallback((share: number, at: number) => {
    turn.current = clampTurn(turn.current + (set.current.rightIsNear ? share : -share));
    since.current ??= at;
  }, []);

  const press = useCallback((who: string, down: boolean) => {
    if (down) fingers.current.add(who);
    else fingers.current.delete(who);
    fires.current = fingers.current.size > 0;
  }, []);

  /** What is held turns it on. */
  const step = useCallback(
    (seconds: number, now: number) => {
      const held = (key: string) => keys.current.get(key);
      for (const [key, sign] of [
        ['ArrowRight', 1],
        ['ArrowLeft', -1],
      ] as const) {
        const from = held(key);
        if (from === undefined) continue;
        const ramp = Math.min(1, (now - from) / 1000 / KEY_RAMP_S);
        const speed =
          (KEY_SPEED[0] + (KEY_SPEED[1] - KEY_SPEED[0]) * ramp) * (keys.current.has('Shift') ? FINE : 1);
        by(sign * speed * seconds, now);
      }
      const pad = readGamepad();
      if (pad) {
        if (pad.axis !== 0) by(pad.axis * Math.abs(pad.axis) * STICK_SPEED * seconds, now);
        press('pad', pad.pressed.some(Boolean));
      }
    },
    [by, press],
  );

  const reset = useCallback((to: number) => {
    turn.current = clampTurn(to);
    keys.current.clear();
    fingers.current.clear();
    fires.current = false;
    since.current = null;
  }, []);

  useEffect(() => {
    const element = target.current;
    if (!element) return;
    const wide = () => set.current.throwDeg * PIXELS_A_DEGREE;
    let dragged: { id: number; x: number } | null = null;
    const down = (event: PointerEvent) => {
      if ((event.target as HTMLElement).closest('[data-fire]')) return;
      dragged = { id: event.pointerId, x: event.clientX };
      element.setPointerCapture?.(event.pointerId);
    };
    const move = (event: PointerEvent) => {
      if (dragged?.id !== event.pointerId) return;
      // A browser tells of several movements at once.
      const all = event.getCoalescedEvents?.() ?? [];
      const first = all[0] ?? event;
      by((event.clientX - dragged.x) / wide(), first.timeStamp);
      dragged.x = event.clientX;
    };
    const up = (event: PointerEvent) => {
      if (dragged?.id === event.pointerId) dragged = null;
    };
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const pixels = (event.deltaY || event.deltaX) * (event.deltaMode === 1 ? 16 : 1);
      by((pixels / wide()) * (event.shiftKey ? FINE : 0.35), event.timeStamp);
    };
    const key = (event: KeyboardEvent) => {
      if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
        event.preventDefault();
        if (!event.repeat) keys.current.set(event.key, event.timeStamp);
      } else if (event.key === 'Shift') keys.current.set('Shift', event.timeStamp);
      else if (event.key === ' ' || event.key === 'Enter') {
        event.preventDefault();
        press('key', true);
      }
    };
    const keyUp = (event: KeyboardEvent) => {
      keys.current.delete(event.key);
      if (event.key === ' ' || event.key === 'Enter') press('key', false);
    };
    const blur = () => {
      keys.current.clear();
      press('key', false);
    };
    element.addEventListener('pointerdown', down);
    element.addEventListener('pointermove', move);
    element.addEventListener('pointerup', up);
    element.addEventListener('pointercancel', up);
    element.addEventListener('wheel', wheel, { passive: false });
    element.addEventListener('keydown', key);
    element.addEventListener('keyup', keyUp);
    element.addEventListener('blur', blur);
    return () => {
      element.removeEventListener('pointerdown', down);
      element.removeEventListener('pointermove', move);
      element.removeEventListener('pointerup', up);
      element.removeEventListener('pointercancel', up);
      element.removeEventListener('wheel', wheel);
      element.removeEventListener('keydown', key);
      element.removeEventListener('keyup', keyUp);
      element.removeEventListener('blur', blur);
    };
  }, [target, by, press]);

  return { turn, fires, since, step, press, reset };
}
