import type { Day } from '../../api/day';

type Rush = Day['rushes'][number];

/** What a rush keeps in the quarter hour in which it is planned to begin. */
export function whenPlanned(rush: Rush): Rush['by_time'][number] | undefined {
  const from = Date.parse(rush.planned?.from ?? '');
  return rush.by_time.findLast((quarter) => Date.parse(quarter.at) <= from);
}

/** The clock so many minutes after another. */
export function later(clock: string, minutes: number): string {
  const total = (Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5)) + minutes) % 1440;
  return `${String(Math.floor(total / 60)).padStart(2, '0')}:${String(total % 60).padStart(2, '0')}`;
}
