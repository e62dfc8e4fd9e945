import { aimOn, fitted, outlineOf, poseAt, usePoses } from '../../ui/Silhouette';
import type { Rehearsed } from './rehearsal';

/** The frame is drawn so large. */
const WIDE = 300;
const HIGH = 200;
/** It comes in from the side over the last so many seconds of its warning. */
const COMES_S = 1.4;
/** Before it comes it is as much smaller. */
const FAR = 0.55;

type Props = {
  rush: Rehearsed;
  /** Seconds since its first frame; before it, below zero. */
  time: number;
  /** Whether it stays in its place. */
  still: boolean;
};

/** What the finder shows of a rush: at true scale for its lens and distance, coming in with its warning. */
export function RehearsalFrame({ rush, time, still }: Props) {
  const figure = rush.figure ?? 'plain';
  const poses = usePoses(figure);
  const [across = 1, along = 0] = rush.way ?? [];
  const [first = 0.2, last = first] = rush.wide ?? [];
  const pose = poses && poseAt(poses, across, along, still ? 0 : time + 60, rush.poses_hz ?? 2);
  const come = still ? 1 : Math.min(1, Math.max(0, 1 + time / COMES_S));
  const pass = Math.min(1, Math.max(0, time / rush.pass_s));
  const share = time < 0 ? first * (FAR + (1 - FAR) * come) : first + (last - first) * pass;
  // A dot would be no rush, and one that is larger than the frame is only the frame.
  const length = WIDE * Math.min(0.95, Math.max(0.02, share));
  const [ofLength, ofHeight] = pose?.of ?? [1, 1];
  const [wide, high] = fitted(figure, length, length * (rush.tall ?? 0.5));
  const [w, h] = pose ? [length * ofLength, length * (rush.tall ?? 0.5) * ofHeight] : [wide, high];
  const side = Math.abs(across) < 0.2 * Math.abs(along) ? 0 : -Math.sign(across);
  const x = WIDE / 2 + side * (1 - come) * (WIDE / 2 + w / 2);
  const [ax, ay] = aimOn(pose ?? {}, 'head');
  const mirrored = across < 0;
  return (
    <svg className="rehearsal-frame" viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={rush.name}>
      <rect width={WIDE} height={HIGH} fill="var(--sky-low)" />
      <path d="M0 158C80 146 150 168 300 150V200H0Z" fill="var(--land)" />
      <path
        d={pose?.path ?? outlineOf(figure)}
        transform={`translate(${x} ${HIGH / 2}) scale(${mirrored ? -1 : 1} 1) translate(${-ax * w} ${-ay * h}) scale(${w} ${h})`}
        fill="var(--figure)"
        opacity={time < 0 && side === 0 && !still ? 0.35 + 0.65 * come : 1}
      />
    </svg>
  );
}
