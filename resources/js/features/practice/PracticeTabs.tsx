import '../review/review.css';
import '../rushes/rushes.css';
import { NavLink } from 'react-router';
import { t } from '../../lang/practice';

/** The ladder and the drills, how they went, and practising with others. */
export function PracticeTabs() {
  return (
    <nav className="review-tabs" aria-label={t('practice-tabs.practice')}>
      <NavLink to="/practice" end>
        {t('practice-tabs.levels')}
      </NavLink>
      <NavLink to="/practice/progress">{t('practice-tabs.progress')}</NavLink>
      <NavLink to="/practice/groups">{t('practice-tabs.groups')}</NavLink>
    </nav>
  );
}
