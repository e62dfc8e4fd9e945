import type { DrillCourse, DrillDocument } from '../../api/practice';

export type Rehearsed = NonNullable<DrillDocument['rushes']>[number];
type Coming = NonNullable<DrillCourse['comings']>[number];

/** Which of the rushes is there, or was the last to be; −1 before the first. */
export const comingAt = (comings: Coming[], t: number): number =>
  comings.findLastIndex(({ from }) => from <= t);

/** How a rush stands: it comes, it is there, or it has gone. */
export function stageOf(coming: Coming, t: number): 'comes' | 'there' | 'gone' {
  if (t >= coming.to) return 'gone';
  return t < coming.due ? 'comes' : 'there';
}

/** Share of the warning that is left, 1 to 0. */
export const warningLeft = (coming: Coming, t: number): number =>
  coming.due <= coming.from ? 0 : Math.min(1, Math.max(0, (coming.due - t) / (coming.due - coming.from)));
