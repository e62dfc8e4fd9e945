import type { DrillCourse, Stretch } from '../../api/practice';

export type Ring = NonNullable<DrillCourse['ring']>;

/** Lens travel for a distance, mm: none at infinity. */
const travel = (focal: number, metres: number) => focal ** 2 / (1000 * metres - focal);

/** Distance that is sharp when the ring is turned so far, 0 at infinity and 1 at the nearest, m. */
export function metresAt(ring: Ring, turn: number): number {
  const whole = travel(ring.focal_mm, ring.nearest_m);
  return (ring.focal_mm ** 2 / Math.max(1e-6, turn * whole) + ring.focal_mm) / 1000;
}

/** How far the ring is turned for a distance. */
export const turnFor = (ring: Ring, metres: number): number =>
  travel(ring.focal_mm, metres) / travel(ring.focal_mm, ring.nearest_m);

/** Diameter of the disc that a point of something shows on the sensor, µm: shown live; what counts is worked out by the server. */
export function blurUm(ring: Ring, turn: number, metres: number): number {
  const at = metresAt(ring, turn);
  const magnification = ring.focal_mm / (at * 1000 - ring.focal_mm);
  return (1000 * (ring.focal_mm / ring.f_number) * magnification * Math.abs(metres - at)) / metres;
}

/** Where a subject is at a time, m: evenly between the places that are known. */
export function distanceAt(stretch: Stretch, t: number): number {
  const way = stretch.way as [number, number][];
  let low = 0;
  let high = way.length - 1;
  const first: [number, number] = way[0] ?? [0, 1];
  const last: [number, number] = way[high] ?? [0, 1];
  if (t <= first[0]) return first[1];
  if (t >= last[0]) return last[1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((way[middle]?.[0] ?? 0) <= t) low = middle;
    else high = middle;
  }
  const [t0, m0] = way[low] ?? first;
  const [t1, m1] = way[high] ?? last;
  return m0 + ((m1 - m0) * (t - t0)) / Math.max(1e-9, t1 - t0);
}

/** What is there at a time. */
export const stretchAt = (stretches: Stretch[], t: number): Stretch | undefined =>
  stretches.find((s) => t >= s.from && t < s.to);

export const clampTurn = (turn: number): number => Math.max(0, Math.min(1, turn));
