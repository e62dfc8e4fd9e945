import './rushes.css';
import { Link } from 'react-router';
import type { RushSummary } from '../../api/client';
import { t } from '../../lang/rushes';
import { say, useUnits } from '../../lang/units';
import { Silhouette } from '../../ui/Silhouette';

/** A rush in a list: who comes, how fast, from where, and through which lens. */
export function RushLink({ rush }: { rush: RushSummary }) {
  const units = useUnits();
  return (
    <Link to={`/rushes/${rush.id}`} className="rush-link">
      <span className="rush-figure">
        <Silhouette figure={rush.figure} />
      </span>
      <span className="rush-name">
        {rush.name}
        <small className="quiet">
          {rush.subject || t('rush-link.no-subject-named')}
          {rush.tags.map((tag) => (
            <span key={tag} className="rush-tag">
              {tag}
            </span>
          ))}
        </small>
      </span>
      <span className="rush-fact">
        {say(rush.speed_mps, 'speed', units)}
        <small className="quiet">{t('rush-link.speed')}</small>
      </span>
      <span className="rush-fact">
        {say(rush.start_m, 'length', units)}
        <small className="quiet">{t('rush-link.from')}</small>
      </span>
      <span className="rush-fact">
        {t.rich('rush-link.mm-lens', {
          focalMm: Math.round(rush.focal_mm),
          small: (text) => <small className="quiet">{text}</small>,
        })}
      </span>
    </Link>
  );
}
