import { t } from '../lang/ui';
/** What a prediction stands on besides the model. */
export type LearnedShare = { log_share: number; practised?: boolean | undefined } | null | undefined;

/** How much of a prediction is one's log, and whether practice has a part in it, in few words. */
export function standsOn(learned: LearnedShare): string {
  if (!learned) return t('learned.by-the-model');
  const log =
    learned.log_share > 0
      ? t('learned.percent-your-log', { logShare: Math.round(100 * learned.log_share) })
      : '';
  return (
    [log, learned.practised ? t('learned.with-your-practice') : ''].filter(Boolean).join(', ') ||
    t('learned.by-the-model')
  );
}
