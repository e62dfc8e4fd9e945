import { NavLink, useLocation } from 'react-router';
import { t } from '../../lang/review';

/** What came back: the log, the pictures, what went wrong, which is better, and how right it has been. */
export function ReviewTabs() {
  const { pathname } = useLocation();
  return (
    <nav className="review-tabs" aria-label={t('review-tabs.review')}>
      <NavLink to="/review" end>
        {t('review-tabs.log')}
      </NavLink>
      <NavLink to="/review/pictures">{t('review-tabs.pictures')}</NavLink>
      <NavLink to="/review/why" className={pathname.endsWith('/why') ? 'active' : undefined}>
        {t('review-tabs.why-soft')}
      </NavLink>
      <NavLink to="/review/compare">{t('review-tabs.compare')}</NavLink>
      <NavLink to="/review/learned">{t('review-tabs.accuracy')}</NavLink>
    </nav>
  );
}
