import { t } from '../../lang/desk';
/** The scale that set-ups stand on, from no frame of a pass to all of them. */
export function Scale({ frames }: { frames: number }) {
  return (
    <p className="frames-scale" aria-hidden="true">
      <span>0</span>
      <span>{Math.round(frames / 2)}</span>
      <span>{t('scale.frames', { frames })}</span>
    </p>
  );
}

type Spot = { rate: number; error: number; frames: number; best: number };

/** Where one stands on that scale: its beads kept, give or take what chance leaves, and how far it is from the best. */
export function Spot({ rate, error, frames, best }: Spot) {
  const at = (share: number) => `${Math.max(0, Math.min(1, share)) * 100}%`;
  const low = Math.max(0, rate - 2 * error);
  const high = Math.min(1, rate + 2 * error);
  return (
    <span className="spot">
      <span className="spot-track" aria-hidden="true">
        {best > rate && <i className="spot-lost" style={{ left: at(rate), width: at(best - rate) }} />}
        <i className="spot-noise" style={{ left: at(low), width: at(Math.max(0.005, high - low)) }} />
        <i className="spot-dot" style={{ left: at(rate) }} />
      </span>
      <span className="spot-says">
        <b>{Math.round(rate * frames)}</b> <span className="quiet">{Math.round(100 * rate)}%</span>
      </span>
    </span>
  );
}

/** What one costs against the first, in frames of a pass, and whether that may be chance; null for the first itself. */
export function Cost({ fewer, sure }: { fewer: number | null; sure: boolean }) {
  if (fewer === null) return <span className="cost" />;
  if (fewer === 0) return <span className="cost">{t('scale.as-many')}</span>;
  return (
    <span className="cost" title={sure ? undefined : t('scale.played-too-little-to')}>
      {fewer > 0 ? `−${fewer}` : `+${-fewer}`}
      {!sure && ' ?'}
    </span>
  );
}
