import { type RefObject, useEffect, useRef, useState } from 'react';
import type { DrillCourse } from '../../api/practice';
import { pulses, tone } from './sound';
import type { usePresses } from './usePresses';
import type { useTurn } from './useTurn';

/** So long one looks at the controls first, s; with the pulses to be learned, longer. */
const LOOK_S = 4;
const LOOK_SHUT_S = 9;

type How = {
  /** With eyes shut: calls come as pulses. */
  shut: boolean;
  sound: 'on' | 'off';
  /** Whose buttons they are. */
  chosen: string | null;
};

/** Calls one situation after the other, from the look at the controls until the turn is over. */
export function useCalls(
  turn: ReturnType<typeof useTurn>,
  presses: ReturnType<typeof usePresses>,
  field: RefObject<HTMLDivElement | null>,
  { shut, sound, chosen }: How,
) {
  const [call, setCall] = useState<number | null>(null);
  const [number, setNumber] = useState(0);
  const [soon, setSoon] = useState(0);
  const timer = useRef(0);
  useEffect(() => () => cancelAnimationFrame(timer.current), []);

  /** The controls are looked at before the first call. */
  function begin(course: DrillCourse) {
    turn.setStage('running');
    field.current?.focus();
    const until = performance.now() + 1000 * (shut ? LOOK_SHUT_S : LOOK_S);
    const wait = () => {
      const rest = Math.ceil((until - performance.now()) / 1000);
      setSoon(Math.max(0, rest));
      if (rest > 0) timer.current = requestAnimationFrame(wait);
      else play(course);
    };
    wait();
  }

  function play(course: DrillCourse) {
    const calls = (course.calls ?? []) as [number, number | null][];
    presses.begin();
    let called = -1;
    setNumber(0);
    const step = () => {
      const t = presses.time();
      if (t === null) return;
      const at = calls.findLastIndex(([when]) => when <= t);
      if (at !== called) {
        called = at;
        setNumber(at + 1);
        const key = calls[at]?.[1] ?? null;
        setCall(key === null ? -1 : key);
        const place = (course.asked ?? []).findIndex((a) => a.key === key);
        if (shut) pulses(key === null ? 1 : place + 2, sound === 'on');
        else if (sound === 'on') tone(440, 0.06);
      }
      presses.poll(course.layout?.length ?? 0);
      if (document.hidden) {
        presses.end();
        turn.interrupted();
      } else if (t < course.seconds) timer.current = requestAnimationFrame(step);
      else {
        setCall(null);
        turn.finish(
          { ...course.document, trace: presses.end(), aids: { eyes_shut: shut, sound: sound === 'on' } },
          chosen,
        );
      }
    };
    step();
  }

  return { call, number, soon, begin, stop: () => cancelAnimationFrame(timer.current) };
}
