import { Link } from 'react-router';
import type { LogGroup } from '../../api/log';
import { inside } from '../../lang/language';
import { listed } from '../../lang/lists';
import { t } from '../../lang/review';
import { percent } from './predicted';

const at = (share: number) => `${100 * share}%`;

/** Shares kept as dots on one scale, each with the interval it lies in nine times in ten. */
export function Shares({ groups, title }: { groups: LogGroup[]; title: string }) {
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <ul className="shares">
        {groups.map((group) => (
          <li key={`${group.rush_id} ${group.name}`}>
            <span className="shares-name">
              {group.rush_id ? <Link to={`/rushes/${group.rush_id}`}>{group.name}</Link> : group.name}
            </span>
            <span className="shares-scale" aria-hidden="true">
              {group.share && (
                <>
                  <i
                    className="shares-range"
                    style={{ left: at(group.share.low), width: at(group.share.high - group.share.low) }}
                  />
                  <i className="shares-dot" style={{ left: at(group.share.mean) }} />
                </>
              )}
            </span>
            <span className="shares-says">
              {group.share ? (
                <>
                  <b>{percent(group.share.mean)}</b>{' '}
                  <span className="quiet">
                    {t('shares.to', {
                      low: Math.round(100 * group.share.low),
                      high: Math.round(100 * group.share.high),
                    })}
                  </span>
                </>
              ) : (
                <span className="quiet">{t('shares.not-said')}</span>
              )}
            </span>
            <span className="shares-bursts quiet">
              {listed(
                t('shares.bursts', { bursts: group.bursts }),
                group.lost[0] && t('shares.lost-most-to', { label: inside(group.lost[0].label) }),
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
