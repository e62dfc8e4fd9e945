import type { Plan, Rush } from '../../api/client';
import { planeOf, rounded, type Spot } from './way';

/** The plan as it is drawn, px. */
export const WIDTH = 280;
export const HEIGHT = 188;
export const CAMERA = { x: WIDTH / 2, y: HEIGHT - 16 };

/** What is on the plan and how large it is drawn; spots are in metres, the camera at 0, 0 and looking along y. */
export type PlanView = {
  /** Pixels of a metre. */
  scale: number;
  /** How far it reaches from the camera, m. */
  reach: number;
  start: Spot;
  end: Spot;
  /** The middle of the way; none before it was worked out. */
  middle: Spot | undefined;
  samples: Plan['lane']['samples'];
  corners: Spot[];
  companions: Spot[];
  /** From metres to where it is drawn. */
  px: (x: number, y: number) => Spot;
  /** From a place on the screen to metres. */
  place: (box: DOMRect, event: { clientX: number; clientY: number }) => Spot;
};

/** @param held  the scale while a handle is held: it stays, or it would run away from the hand */
export function viewOf(rush: Rush, plan: Plan | undefined, held: number | undefined): PlanView {
  const samples = plan?.lane.samples ?? [];
  const corners = rush.path.points.map((corner) => ({ x: corner.across_m, y: corner.away_m }));
  const companions = rush.group.map((one) => ({ x: one.across_m, y: planeOf(one) }));
  const drawn: Spot[] = [...samples, ...corners, ...companions];
  const reach = Math.max(rush.path.start_m, ...drawn.map((spot) => spot.y), 2) * 1.12;
  const aside = Math.max(...drawn.map((spot) => Math.abs(spot.x)), 0.5) * 1.15;
  const scale = held ?? Math.min((HEIGHT - 30) / reach, (WIDTH / 2 - 8) / aside);
  const start = { x: 0, y: rush.path.start_m };
  return {
    scale,
    reach,
    start,
    end: samples.at(-1) ?? start,
    middle: samples[Math.floor(samples.length / 2)],
    samples,
    corners,
    companions,
    px: (x, y) => ({ x: CAMERA.x + x * scale, y: CAMERA.y - y * scale }),
    place: (box, event) => ({
      x: (((event.clientX - box.left) / box.width) * WIDTH - CAMERA.x) / scale,
      y: (CAMERA.y - ((event.clientY - box.top) / box.height) * HEIGHT) / scale,
    }),
  };
}

/** Distances that are drawn as rings around the camera, m. */
export const ringsOf = (reach: number): number[] =>
  [0.25, 0.5, 0.75, 1]
    .map((share) => rounded(reach * share, reach > 40 ? 10 : reach > 12 ? 5 : 1))
    .filter((metres) => metres > 0);
