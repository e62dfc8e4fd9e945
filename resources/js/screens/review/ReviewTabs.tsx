import { NavLink, useLocation } from 'react-router';

/** What came back: the log, the pictures, what went wrong, which is better, and how right it has been. */
export function ReviewTabs() {
  const { pathname } = useLocation();
  return (
    <nav className="review-tabs" aria-label="Review">
      <NavLink to="/review" end>
        Log
      </NavLink>
      <NavLink to="/review/pictures">Pictures</NavLink>
      <NavLink to="/review/why" className={pathname.endsWith('/why') ? 'active' : undefined}>
        Why soft?
      </NavLink>
      <NavLink to="/review/compare">Compare</NavLink>
      <NavLink to="/review/learned">Accuracy</NavLink>
    </nav>
  );
}
