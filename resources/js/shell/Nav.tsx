import { NavLink } from 'react-router';

export const places = [
  { to: '/', label: 'Today' },
  { to: '/outings', label: 'Outings' },
  { to: '/rushes', label: 'Rushes' },
  { to: '/review', label: 'Review' },
  { to: '/practice', label: 'Practice' },
  { to: '/kit', label: 'Kit' },
  { to: '/subjects', label: 'Subjects' },
];

/** The main places; the desk has its own head and reaches them from the menu. */
export function Nav() {
  return (
    <nav className="nav" aria-label="Main">
      {places.map(({ to, label }) => (
        <NavLink key={to} to={to} end={to === '/'}>
          {label}
        </NavLink>
      ))}
    </nav>
  );
}
