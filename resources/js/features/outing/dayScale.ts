import type { Day } from '../../api/day';
import { later } from './planned';

const LEFT = 236;
const RIGHT = 22;
/** Of a rush: all of it with what stands under it, where there is room beside for its name and where not. */
const ROW = { beside: 54, above: 72 };
const STEP_MIN = 15;
/** A block goes along in steps of this. */
const DRAG_MIN = 5;

/** How high the light above is, of a rush what it is worth by the hour, and its block, px. */
export const SKY = 62;
export const WORTH = 38;
export const BLOCK = 40;

/** The clock at the place, from a time as the server writes it. */
export const clockOf = (at: string) => at.slice(11, 16);

/** Where moments and rushes of a day stand in a drawing of some width, px; a step is a quarter of an hour. */
export function dayScale(day: Day, width: number) {
  const steps = day.light.length - 1;
  /** Names stand beside where there is room, else above. */
  const beside = width >= 560;
  const names = beside ? LEFT : 18;
  const row = beside ? ROW.beside : ROW.above;
  const highest = Math.max(12, ...day.light.map((m) => m.sun_height_deg));
  return {
    width,
    height: SKY + day.rushes.length * row + 22,
    steps,
    beside,
    names,
    end: width - RIGHT,
    x: (step: number) => names + ((width - names - RIGHT) * step) / Math.max(1, steps),
    sunY: (deg: number) => 46 - (Math.max(0, deg) / highest) * 38,
    /** On which a rush stands. */
    base: (rush: number) => SKY + (rush + 1) * row - (beside ? 8 : 14),
    stepAt: (clientX: number, box: DOMRect) =>
      ((clientX - box.left - names) / (width - names - RIGHT)) * steps,
    indexOf: (at: string) => {
      const first = Date.parse(day.light[0]?.at ?? at);
      return (Date.parse(at) - first) / 60_000 / STEP_MIN;
    },
    clockAt: (step: number) => {
      const quarter = Math.floor(step + 1e-6);
      return later(clockOf(day.light[quarter]?.at ?? ''), Math.round((step - quarter) * STEP_MIN));
    },
    snapped: (step: number) =>
      Math.max(0, Math.min(steps - 1, (Math.round((step * STEP_MIN) / DRAG_MIN) * DRAG_MIN) / STEP_MIN)),
  };
}

export type DayScale = ReturnType<typeof dayScale>;
