import './progress.css';
/** How far long work has come, as a thin line that leaves its place empty when there is none. */
export function ProgressLine({
  what,
  working,
  done,
}: {
  what: string;
  working: boolean;
  done: number | undefined;
}) {
  return (
    <div
      className={working ? 'play-progress on' : 'play-progress'}
      role="progressbar"
      aria-label={what}
      aria-valuenow={Math.round(100 * (working ? (done ?? 0) : 1))}
    >
      <span style={{ width: `${working ? 8 + 92 * (done ?? 0) : 100}%` }} />
    </div>
  );
}
