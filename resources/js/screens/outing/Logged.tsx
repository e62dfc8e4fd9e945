import { type LoggedBurst, useBursts } from '../../api/outings';
import { label } from '../../parts/words';

/** What was logged of a burst, in a line. */
export const saidOf = (burst: LoggedBurst) =>
  [
    burst.keepers == null
      ? burst.kept && `${label('how-many', burst.kept).toLowerCase()} kept`
      : `${burst.keepers}${burst.frames == null ? '' : ` of ${burst.frames}`} kept`,
    burst.lost_to && `the rest: ${label('loss-cause', burst.lost_to).toLowerCase()}`,
    burst.note,
  ]
    .filter(Boolean)
    .join(', ');

/** What was logged of the outing. */
export function Logged({ outing, zone }: { outing: string; zone: string }) {
  const bursts = useBursts(outing).data;
  if (!bursts || bursts.length === 0) return null;
  const clock = (at: string) =>
    new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  return (
    <section aria-label="Logged">
      <h2>
        Logged <span className="quiet">{bursts.length === 1 ? 'one burst' : `${bursts.length} bursts`}</span>
      </h2>
      <ul className="logged">
        {bursts.map((burst) => (
          <li key={burst.id}>
            <b>{clock(burst.at)}</b> {burst.rush} <span className="quiet">{saidOf(burst)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
