import { Link } from 'react-router';
import { type LoggedBurst, useLog } from '../../api/log';
import { usePictureBursts } from '../../api/pictures';
import { useLearned } from '../../api/review';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/today';
import { saidOf } from '../outing/door';

/** So many bursts are shown to be looked into. */
const MOST = 3;

/** Most of its frames were lost. */
const mostlyLost = (burst: LoggedBurst) =>
  burst.keepers != null && burst.frames != null
    ? burst.keepers < burst.frames / 2
    : burst.kept === 'none' || burst.kept === 'few';

/** What waits to be looked at: pictures without a mark, bursts that lost most, and what looks logged wrongly. */
export function Waiting() {
  const log = useLog().data?.pages[0]?.items ?? [];
  const pictures = (usePictureBursts(false).bursts ?? []).filter((b) => !b.marked);
  const outliers = useLearned().data?.learned?.outliers.length ?? 0;
  const lost = log.filter((b) => mostlyLost(b) && !b.asked && !b.doubted).slice(0, MOST);
  if (lost.length === 0 && pictures.length === 0 && outliers === 0) return null;
  return (
    <section aria-labelledby="waits-for-review" className="waits">
      <div className="today-head">
        <h2 id="waits-for-review">{t('waiting.to-review')}</h2>
        <Link to="/review">{t('waiting.the-log')}</Link>
      </div>
      <ul className="rush-list">
        {pictures.length > 0 && (
          <li className="rush-row waits-row">
            <Link to={pictures.length === 1 ? `/review/bursts/${pictures[0]?.burst.id}` : '/review/pictures'}>
              {t('waiting.pictures-of-bursts', { pictures: pictures.length })}
            </Link>
            <span className="quiet">{t('waiting.mark-the-subject-and')}</span>
          </li>
        )}
        {lost.map((burst) => (
          <li key={burst.id} className="rush-row waits-row">
            <Link to={`/review/bursts/${burst.id}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
              {t('waiting.why-soft', { rush: burst.rush })}
            </Link>
            <span className="quiet">
              {sayDate(burst.at, 'shortDay')}, {saidOf(burst)}
            </span>
          </li>
        ))}
        {outliers > 0 && (
          <li className="rush-row waits-row">
            <Link to="/review/learned">{t('waiting.bursts-look-logged-wrongly', { outliers })}</Link>
            <span className="quiet">{t('waiting.not-used-until-you')}</span>
          </li>
        )}
      </ul>
    </section>
  );
}
