/** No more beads than this for a pass; beyond, one stands for several frames. */
const MOST = 90;

/** Losses below this many frames of a pass are not worth a line. */
const LEAST = 0.3;

export type Lost = { cause: string; frames: number; beads: number };

/**
 * The frames of a pass as beads: kept and lost by cause, as many together as there are frames. Rounding gives the beads
 * left over to whoever lost most by it.
 *
 * @param rate share of frames kept
 * @param losses share of frames lost, by cause
 */
export function beadsOf(rate: number, losses: Record<string, number>, frames: number) {
  const each = Math.ceil(frames / MOST);
  const all = Math.round(frames / each);
  const causes = Object.entries(losses).filter(([, share]) => share * frames >= LEAST);
  const shares = [rate, ...causes.map(([, share]) => share)];
  const whole = shares.map((share) => Math.floor(share * all));
  const order = shares.map((share, i) => ({ i, rest: share * all - Math.floor(share * all) }));
  order.sort((a, b) => b.rest - a.rest);
  const total = Math.min(all, Math.round(shares.reduce((sum, share) => sum + share, 0) * all));
  let left = total - whole.reduce((sum, n) => sum + n, 0);
  for (const { i } of order) {
    if (left-- <= 0) break;
    whole[i] = (whole[i] ?? 0) + 1;
  }
  const lost: Lost[] = causes.map(([cause, share], i) => ({
    cause,
    frames: share * frames,
    beads: whole[i + 1] ?? 0,
  }));
  return { kept: whole[0] ?? 0, lost, each };
}
