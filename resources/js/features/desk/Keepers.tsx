import type { Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { type LearnedShare, standsOn } from '../../ui/learned';

/** How many frames of a pass are kept, and the share, the same wherever it is said. */
export function Kept({ rate, frames }: { rate: number; frames: number }) {
  return (
    <>
      {t.rich('keepers.of', {
        rate: <b>{Math.round(rate * frames)}</b>,
        frames,
        rate2: <span className="quiet">({Math.round(100 * rate)}%)</span>,
      })}
    </>
  );
}

/** How many frames of a pass are likely to be kept, with what chance and a roughly known skill leave open. */
export function Keepers({
  best,
  playing,
  learned,
}: {
  best: Plan['best'];
  playing: boolean;
  learned?: LearnedShare;
}) {
  const by = standsOn(learned);
  if (best.keeper_rate === undefined || !best.keepers || !best.frames) {
    return <span className="keepers quiet">{playing ? t('keepers.simulating') : ''}</span>;
  }
  const low = Math.round(best.keepers.low);
  const high = Math.round(best.keepers.high);
  return (
    <span className="keepers" title={t('keepers.what-chance-good-days')}>
      <Kept rate={best.keeper_rate} frames={best.frames} />{' '}
      {t.rich('keepers.kept', {
        playing: (
          <small className="quiet">
            {playing
              ? t('keepers.being-played-again')
              : low === high
                ? by
                : t('keepers.to', { low, high, by })}
          </small>
        ),
      })}
    </span>
  );
}
