import { type KeyboardEvent, type PointerEvent, useCallback, useEffect, useRef, useState } from 'react';
import { client, take } from '../../api/client';

type Course = { seconds: number; ring: number; course: number[][] };
export type AimScore = {
  aim: number;
  panning: number;
  lag_s: number;
  stages: { speed: number; on_target: number; scatter: number }[];
};

/** How fast held arrows move the ring, widths of the field a second. */
const KEY_SPEED = 0.75;

/** A mark that moves for twenty seconds and a ring that is kept on it; the server judges what the pointer did. */
export function useAimTest() {
  const field = useRef<SVGSVGElement>(null);
  const mark = useRef<SVGGElement>(null);
  const ring = useRef<SVGCircleElement>(null);
  const [stage, setStage] = useState<'ready' | 'running' | 'judging' | 'done'>('ready');
  const [left, setLeft] = useState(0);
  const [score, setScore] = useState<AimScore | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const course = useRef<Course | null>(null);
  const seed = useRef(0);
  const pointer = useRef<[number, number] | null>(null);
  const trace = useRef<number[][]>([]);
  const frame = useRef(0);
  const held = useRef(new Set<string>());

  useEffect(() => () => cancelAnimationFrame(frame.current), []);

  const show = useCallback((x: number, y: number) => {
    pointer.current = [x, y];
    ring.current?.setAttribute('cx', String(x * 1000));
    ring.current?.setAttribute('cy', String(y * 1000));
  }, []);

  /** The arrows that are held move the ring, with Shift slowly. */
  const steer = useCallback(
    (seconds: number) => {
      const keys = held.current;
      const by = (KEY_SPEED / (keys.has('Shift') ? 3 : 1)) * seconds;
      const right = Number(keys.has('ArrowRight')) - Number(keys.has('ArrowLeft'));
      const down = Number(keys.has('ArrowDown')) - Number(keys.has('ArrowUp'));
      if (right === 0 && down === 0) return;
      const [x, y] = pointer.current ?? [0, 0];
      show(Math.max(-0.5, Math.min(0.5, x + right * by)), Math.max(-0.32, Math.min(0.32, y + down * by)));
    },
    [show],
  );

  const follow = useCallback(
    (event: PointerEvent<SVGSVGElement>) => {
      const box = field.current?.getBoundingClientRect();
      if (!box) return;
      const x = (event.clientX - box.left) / box.width - 0.5;
      const y = ((event.clientY - box.top) / box.height - 0.5) * (box.height / box.width);
      show(x, y);
    },
    [show],
  );

  async function start() {
    setProblem(null);
    setScore(null);
    seed.current = Math.floor(Math.random() * 1_000_000);
    try {
      course.current = await take(client.GET('/api/aim-test', { params: { query: { seed: seed.current } } }));
    } catch (error) {
      setProblem((error as Error).message);
      return;
    }
    trace.current = [];
    setStage('running');
    held.current.clear();
    field.current?.focus();
    const begun = performance.now();
    let before = begun;
    const step = () => {
      steer((performance.now() - before) / 1000);
      before = performance.now();
      const c = course.current;
      if (!c) return;
      const t = (performance.now() - begun) / 1000;
      const perS = (c.course.length - 1) / c.seconds;
      const at = c.course[Math.min(c.course.length - 1, Math.round(t * perS))];
      if (at)
        mark.current?.setAttribute('transform', `translate(${(at[1] ?? 0) * 1000} ${(at[2] ?? 0) * 1000})`);
      if (pointer.current && t <= c.seconds) trace.current.push([t, ...pointer.current]);
      setLeft(Math.max(0, Math.ceil(c.seconds - t)));
      if (t < c.seconds) frame.current = requestAnimationFrame(step);
      else void judge();
    };
    step();
  }

  async function judge() {
    setStage('judging');
    try {
      const rounded = trace.current.map((p) => p.map((v) => Number(v.toFixed(5))));
      setScore(await take(client.POST('/api/aim-test', { body: { seed: seed.current, trace: rounded } })));
      setStage('done');
    } catch (error) {
      setProblem((error as Error).message);
      setStage('ready');
    }
  }

  return {
    stage,
    left,
    score,
    problem,
    start,
    /** What is drawn, and what moves the ring there. */
    drawn: { field, mark, ring },
    hands: {
      onPointerMove: follow,
      onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        follow(event);
      },
      onKeyDown: (event: KeyboardEvent<SVGSVGElement>) => {
        held.current.add(event.key);
        if (event.key.startsWith('Arrow')) event.preventDefault();
      },
      onKeyUp: (event: KeyboardEvent<SVGSVGElement>) => void held.current.delete(event.key),
      onBlur: () => held.current.clear(),
    },
  };
}

export type AimTesting = ReturnType<typeof useAimTest>;
