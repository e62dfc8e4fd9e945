import type { DrillName, DrillScore, KeptDrill } from '../../api/practice';
import { t } from '../../lang/practice';

/** The share that a turn is shown by, 0 to 1: right at once, kept, or caught; null where it has none. */
export const shareOf = (score: DrillScore): number | null => score.right ?? score.share ?? null;

/** What each drill is about, and what that share is of. */
export const DRILL: Record<DrillName, { about: string; share: string }> = {
  buttons: { about: t('practice.the-right-control-by'), share: t('drills.right-at-once') },
  still: { about: t('practice.turn-until-it-is'), share: t('drills.made') },
  swimmer: { about: t('practice.keep-the-ring-with'), share: t('drills.frames-kept') },
  perch: { about: t('practice.set-the-distance-then'), share: t('drills.made') },
  surprise: { about: t('practice.pull-it-toward-you'), share: t('drills.made') },
  wild: { about: t('practice.follow-your-own-rush'), share: t('drills.frames-kept') },
  moment: { about: t('practice.the-peak-in-the'), share: t('drills.peaks-caught') },
  rehearsal: { about: t('practice.an-outing-with-its'), share: t('drills.right-at-once') },
  area: { about: t('practice.to-the-subject-by'), share: t('drills.made') },
  'first-sharp': { about: t('practice.your-own-times-by'), share: t('drills.made') },
};

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
