import type { Stretch } from '../../api/practice';
import { dash, put, type Stack } from './painted';
import { blurUm, distanceAt, type Ring } from './ring';

const MAGNIFIED = 3;
/** Without motion its size changes by steps, so many a second. */
const STILL_HZ = 3;

export type Painted = {
  of: Ring;
  perMm: number;
  t: number;
  turn: number;
  subject: Stack;
  post: Stack | null;
  at: Stretch | undefined;
  sized: (metres: number) => number;
  still: boolean;
  magnified: boolean;
  outline: boolean;
};

/** One picture; returns the blur of the subject in it, µm. */
export function paint(ctx: CanvasRenderingContext2D, p: Painted): number | null {
  const { width, height } = ctx.canvas;
  const perMm = p.perMm * (p.magnified ? MAGNIFIED : 1);
  const sky = ctx.createLinearGradient(0, 0, 0, height);
  sky.addColorStop(0, '#7f94a4');
  sky.addColorStop(0.62, '#a8b3b1');
  sky.addColorStop(1, '#7d8a78');
  ctx.fillStyle = sky;
  ctx.fillRect(0, 0, width, height);
  const radiusOf = (metres: number) => (blurUm(p.of, p.turn, metres) / 2000) * perMm;
  if (!p.at) return null;
  const mark = p.at.mark_m;
  if (mark !== null && p.post)
    put(ctx, p.post, width * 0.74, height * 0.66, 0.16 * p.sized(mark) * perMm, radiusOf(mark));
  const metres = distanceAt(p.at, p.t);
  // Without motion it is drawn larger and smaller by steps, and does not sway.
  const t = p.still ? Math.floor(p.t * STILL_HZ) / STILL_HZ : p.t;
  const long = p.sized(distanceAt(p.at, t)) * perMm;
  const flies = p.at.way.length > 1;
  const gone =
    mark === null ? 0 : Math.max(0, Math.min(1, (t - p.at.counts) / (p.at.to - 0.25 - p.at.counts)));
  const x =
    width * (mark === null ? 0.5 : 0.3 + 0.44 * gone) +
    (flies && !p.still ? width * 0.02 * Math.sin(t * 1.7) : 0);
  const y =
    height * (mark === null ? 0.48 : 0.46) + (flies && !p.still ? height * 0.02 * Math.sin(t * 2.3) : 0);
  const radius = radiusOf(metres);
  put(ctx, p.subject, x, y, long, radius);
  if (p.outline) dash(ctx, p.subject, x, y, long, radius);
  return blurUm(p.of, p.turn, metres);
}
