import type { Plan } from '../../api/client';
import { type LearnedShare, standsOn } from '../../parts/learned';

/** How many frames of a pass are kept, and the share, the same wherever it is said. */
export function Kept({ rate, frames }: { rate: number; frames: number }) {
  return (
    <>
      <b>{Math.round(rate * frames)}</b> of {frames}{' '}
      <span className="quiet">({Math.round(100 * rate)}%)</span>
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
    return <span className="keepers quiet">{playing ? 'simulating…' : ''}</span>;
  }
  const low = Math.round(best.keepers.low);
  const high = Math.round(best.keepers.high);
  return (
    <span
      className="keepers"
      title="What chance, good days and bad, and a skill that is only roughly known leave; a model, not a promise"
    >
      <Kept rate={best.keeper_rate} frames={best.frames} /> kept
      <small className="quiet">
        {playing ? 'being played again' : low === high ? by : `${low} to ${high}, ${by}`}
      </small>
    </span>
  );
}
