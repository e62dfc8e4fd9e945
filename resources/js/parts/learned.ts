/** What a prediction stands on besides the model. */
export type LearnedShare = { log_share: number; practised?: boolean | undefined } | null | undefined;

/** How much of a prediction is one's log, and whether practice has a part in it, in few words. */
export function standsOn(learned: LearnedShare): string {
  if (!learned) return 'by the model';
  const log = learned.log_share > 0 ? `${Math.round(100 * learned.log_share)}% your log` : '';
  return [log, learned.practised ? 'with your practice' : ''].filter(Boolean).join(', ') || 'by the model';
}
