import { NavLink } from 'react-router';
import { t } from '../../lang/bar';

export const places = [
  { to: '/', label: t('nav.today') },
  { to: '/outings', label: t('nav.outings') },
  { to: '/rushes', label: t('nav.rushes') },
  { to: '/review', label: t('nav.review') },
  { to: '/practice', label: t('nav.practice') },
  { to: '/kit', label: t('nav.kit') },
  { to: '/subjects', label: t('nav.subjects') },
];

/** The main places; the desk has its own head and reaches them from the menu. */
export function Nav() {
  return (
    <nav className="nav" aria-label={t('nav.main')}>
      {places.map(({ to, label }) => (
        <NavLink key={to} to={to} end={to === '/'}>
          {label}
        </NavLink>
      ))}
    </nav>
  );
}
