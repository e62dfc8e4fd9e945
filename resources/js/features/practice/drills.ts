import type { DrillScore, KeptDrill } from '../../api/practice';
import { t } from '../../lang/practice';

/** The share that a turn is shown by, 0 to 1: right at once, kept, or caught; null where it has none. */
export const shareOf = (score: DrillScore): number | null => score.right ?? score.share ?? null;

/** What that share is of. */
export const sharedBy = (drill: string): string =>
  ['buttons', 'rehearsal'].includes(drill)
    ? t('drills.right-at-once')
    : drill === 'moment'
      ? t('drills.peaks-caught')
      : ['swimmer', 'wild'].includes(drill)
        ? t('drills.frames-kept')
        : t('drills.made');

export const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** Mean of each day with its least and its most, in the order of the days. */
export function byDay(
  drills: KeptDrill[],
): { day: string; mean: number; least: number; most: number; turns: number }[] {
  const days = new Map<string, number[]>();
  for (const drill of [...drills].reverse()) {
    const share = shareOf(drill.score);
    if (share !== null) days.set(drill.day, [...(days.get(drill.day) ?? []), share]);
  }
  return [...days].map(([day, all]) => ({
    day,
    mean: all.reduce((a, b) => a + b, 0) / all.length,
    least: Math.min(...all),
    most: Math.max(...all),
    turns: all.length,
  }));
}
