import { type LoggedBurst, useBursts } from '../../api/outings';
import { sayDate } from '../../lang/dates';
import { within } from '../../lang/labels';
import { t } from '../../lang/outing';

/** What was logged of a burst, in a line. */
export const saidOf = (burst: LoggedBurst) =>
  [
    burst.keepers == null
      ? burst.kept && t('logged.kept', { kept: within('how-many', burst.kept) })
      : t('logged.of-kept', {
          keepers: burst.keepers,
          isFrames: burst.frames == null ? 'yes' : 'no',
          frames: burst.frames,
        }),
    burst.lost_to && t('logged.the-rest', { lostTo: within('loss-cause', burst.lost_to) }),
    burst.note,
  ]
    .filter(Boolean)
    .join(', ');

/** What was logged of the outing. */
export function Logged({ outing, zone }: { outing: string; zone: string }) {
  const bursts = useBursts(outing).data;
  if (!bursts || bursts.length === 0) return null;
  const clock = (at: string) => sayDate(at, 'clock', zone);
  return (
    <section aria-label={t('logged.logged')}>
      <h2>
        {t.rich('logged.logged-2', {
          bursts: <span className="quiet">{t('logged.bursts', { bursts: bursts.length })}</span>,
        })}
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
