import type { Rush } from '../../api/client';

/**
 * Geometry of the way as it is drawn from above: x to the right of the line of sight, y away from the camera, metres.
 * It turns what a hand does to the drawing into the fields of the path; where the subject then goes, the server says.
 */
export type Spot = { x: number; y: number };
type Path = Rush['path'];

export type Shape = 'straight' | 'bend' | 'corners';

const degrees = 180 / Math.PI;
/** A drawn bend turns by no more than this to either side of its chord. */
const sharpest = 80 / degrees;

export const shapeOf = (path: Path): Shape =>
  path.points.length > 0 ? 'corners' : path.bend_radius_m ? 'bend' : 'straight';

/** An angle as −180 to 180 degrees. */
export const turned = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/** Direction from one spot to another as a heading: 0 straight at the camera, 90 to the right, 180 away. */
export const headingOf = (from: Spot, to: Spot): number =>
  turned(Math.atan2(to.x - from.x, -(to.y - from.y)) * degrees);

const between = (a: Spot, b: Spot): number => Math.hypot(b.x - a.x, b.y - a.y);

export const rounded = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(3));

const lasting = (seconds: number): number => Math.max(0.2, Math.min(60, rounded(seconds, 0.05)));

/** How much longer a bend is than its chord, when it leaves the chord at this angle. */
const stretch = (angle: number): number => (Math.abs(angle) < 1e-6 ? 1 : angle / Math.sin(angle));

/**
 * The bend from start to end that passes a spot held beside the middle: where it heads at first, how tight it is, and
 * how long it takes. A spot near the straight line makes it straight.
 */
export function bendThrough(path: Path, start: Spot, end: Spot, held: Spot): Partial<Path> {
  const chord = between(start, end);
  if (chord < 0.3) return {};
  const dx = (end.x - start.x) / chord;
  const dy = (end.y - start.y) / chord;
  // How far the spot lies to the left of the way: a bend to the right bulges to the left.
  const bulge = (held.x - (start.x + end.x) / 2) * -dy + (held.y - (start.y + end.y) / 2) * dx;
  const angle = Math.max(-sharpest, Math.min(sharpest, 2 * Math.atan2(2 * bulge, chord)));
  const along = headingOf(start, end);
  const before = path.bend_radius_m ? turned(path.heading_deg - along) / degrees : 0;
  const seconds = path.seconds;
  if (Math.abs(angle) < 3 / degrees) {
    return {
      heading_deg: rounded(along, 1),
      bend_radius_m: null,
      seconds: lasting(seconds / stretch(before)),
    };
  }
  const radius = chord / (2 * Math.sin(angle));
  return {
    heading_deg: rounded(turned(along + angle * degrees), 0.1),
    bend_radius_m:
      Math.sign(radius) * Math.max(1, rounded(Math.abs(radius), Math.abs(radius) < 20 ? 0.1 : 1)),
    seconds: lasting((seconds * stretch(angle)) / stretch(before)),
  };
}

/** The way with its end put elsewhere: turned and stretched as a whole, so that a bend keeps its form. */
export function reaching(path: Path, start: Spot, from: Spot, to: Spot, moves: boolean): Partial<Path> {
  const before = between(start, from);
  const after = between(start, to);
  if (after < 0.3) return {};
  if (before < 0.3) return { heading_deg: rounded(headingOf(start, to), 1) };
  const share = after / before;
  const bend = path.bend_radius_m;
  return {
    heading_deg: rounded(
      bend ? turned(path.heading_deg + headingOf(start, to) - headingOf(start, from)) : headingOf(start, to),
      1,
    ),
    ...(bend ? { bend_radius_m: Math.sign(bend) * Math.max(1, rounded(Math.abs(bend) * share, 0.1)) } : {}),
    ...(moves ? { seconds: lasting(path.seconds * share) } : {}),
  };
}

/** The same way told in another form, as near as that form allows. */
export function reshaped(path: Path, to: Shape, samples: Spot[]): Partial<Path> {
  const start = { x: 0, y: path.start_m };
  const end = samples.at(-1) ?? { x: 0, y: Math.max(1, path.start_m / 2) };
  if (to === 'corners') {
    const at = (share: number) => samples[Math.round(share * (samples.length - 1))] ?? end;
    const corner = ({ x, y }: Spot) => ({
      across_m: rounded(x, 0.1),
      away_m: Math.max(0.5, rounded(y, 0.1)),
    });
    return { points: [corner(at(0.5)), corner(end)] };
  }
  const straight: Partial<Path> = {
    points: [],
    bend_radius_m: null,
    heading_deg: rounded(headingOf(start, end), 1),
  };
  if (to === 'straight') return straight;
  const chord = between(start, end);
  const side = { x: -(end.y - start.y) / chord, y: (end.x - start.x) / chord };
  const middle = { x: (start.x + end.x) / 2, y: (start.y + end.y) / 2 };
  const held = { x: middle.x + 0.12 * chord * side.x, y: middle.y + 0.12 * chord * side.y };
  return { ...straight, ...bendThrough({ ...path, bend_radius_m: null }, start, end, held) };
}

/** A corner more, straight on from the last leg. */
export function cornerMore(path: Path): Partial<Path> {
  const points = path.points;
  const last = points.at(-1) ?? { across_m: 0, away_m: path.start_m };
  const before = points.at(-2) ?? { across_m: 0, away_m: path.start_m };
  return {
    points: [
      ...points,
      {
        across_m: rounded(last.across_m + (last.across_m - before.across_m || 2), 0.1),
        away_m: Math.max(0.5, rounded(last.away_m + (last.away_m - before.away_m), 0.1)),
      },
    ],
  };
}

/** Distance along the line of sight of somebody who stands to the side of it. */
export const planeOf = (one: { distance_m: number; across_m?: number }): number =>
  Math.sqrt(Math.max(0, one.distance_m ** 2 - (one.across_m ?? 0) ** 2));
