import type { DrillCourse } from '../../api/practice';
import { fitted } from '../../ui/Silhouette';
import { paint } from './paint';
import { paintPost, paintSubject } from './painted';
import { distanceAt, type Ring, stretchAt } from './ring';
import type { useRing } from './useRing';

/** How much of the picture the subject fills in the middle of its way: less where the place it flies to is seen as well. */
const FILLS = { alone: 0.4, withPost: 0.24 };

/** The hand is written down no more often than this, s. */
const SAMPLE_S = 0.004;

/** What was seen while it was played: frames a second, and how late the picture was after the hand, ms. */
export type Shown = { fps: number; lateMs: number | null; latestMs: number | null };

type Playing = {
  course: DrillCourse;
  view: HTMLCanvasElement;
  hand: ReturnType<typeof useRing>;
  /** As they are switched at the moment. */
  aids: () => { magnified: boolean; outline: boolean };
  /** Without motion of its own. */
  still: boolean;
  /** After each picture. */
  onPicture: (turn: number, secondsLeft: number) => void;
  /** At each frame the body would take. */
  onFrame: () => void;
  onHidden: () => void;
  /** Times, turns and whether the shutter was held; and how it was shown. */
  onDone: (trace: number[][], shown: Shown) => void;
};

const middle = (values: number[], share = 0.5) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;

/** What is before the lens, and how large: a millimetre on the sensor is so many pixels. */
function sceneOf(course: DrillCourse, of: Ring, wide: number) {
  const stretches = course.stretches ?? [];
  const { figure, length_m, height_m, sensor_mm } = course.about;
  const [wideM, highM] = fitted(figure, length_m, height_m);
  const post = stretches.some((s) => s.mark_m !== null) ? paintPost() : null;
  const sized = (metres: number) => (wideM * 1000 * of.focal_mm) / (metres * 1000 - of.focal_mm);
  const middleM = middle(stretches.flatMap((s) => s.way.map((w) => w[1] ?? 1)));
  const filled = ((post ? FILLS.withPost : FILLS.alone) * wide) / sized(middleM);
  // A frame is never shown smaller than whole; what stands upright is held by the height of the picture.
  const perMm = Math.max(wide / sensor_mm, filled / Math.max(1, (2.4 * highM) / wideM));
  return { of, stretches, subject: paintSubject(figure, length_m, height_m), post, sized, perMm };
}

/** Plays a turn before somebody's hand, picture by picture, until it is over; what is returned ends it before. */
export function playRing({ course, view, hand, aids, still, ...on }: Playing): () => void {
  const ctx = view.getContext('2d');
  if (!course.ring || !ctx) return () => undefined;
  view.width = view.clientWidth;
  view.height = view.clientHeight;
  const { of, stretches, ...scene } = sceneOf(course, course.ring, view.width);
  const trace: number[][] = [];
  const gaps: number[] = [];
  const late: number[] = [];
  hand.reset(course.start ?? 0.2);
  const begun = performance.now();
  let before = begun;
  let framed = -1;
  let frame = 0;

  const write = (t: number) => {
    const last = trace.at(-1);
    if (last && t - (last[0] ?? 0) <= SAMPLE_S) return;
    trace.push([Number(t.toFixed(4)), Number(hand.turn.current.toFixed(6)), hand.fires.current ? 1 : 0]);
  };
  const step = () => {
    const now = performance.now();
    const t = (now - begun) / 1000;
    if (now > before) gaps.push(now - before);
    hand.step((now - before) / 1000, now);
    before = now;
    const turn = hand.turn.current;
    const at = stretchAt(stretches, t);
    const blur = paint(ctx, { ...scene, of, t, turn, at, still, ...aids() });
    if (hand.since.current !== null) {
      late.push(performance.now() - hand.since.current);
      hand.since.current = null;
    }
    view.dataset.turn = turn.toFixed(6);
    view.dataset.blurUm = blur === null ? '' : blur.toFixed(2);
    view.dataset.metres = at ? distanceAt(at, t).toFixed(4) : '';
    view.dataset.mark = at?.mark_m?.toFixed(4) ?? '';
    write(t);
    const number = Math.floor(t * (course.frames_per_s ?? 10));
    if (hand.fires.current && at && number !== framed) {
      framed = number;
      on.onFrame();
    }
    on.onPicture(turn, Math.max(0, Math.ceil(course.seconds - t)));
    if (document.hidden) on.onHidden();
    else if (t < course.seconds) frame = requestAnimationFrame(step);
    else
      on.onDone(trace, {
        fps: 1000 / Math.max(1, middle(gaps)),
        lateMs: late.length ? middle(late) : null,
        latestMs: late.length ? middle(late, 0.95) : null,
      });
  };
  frame = requestAnimationFrame(step);
  return () => cancelAnimationFrame(frame);
}
