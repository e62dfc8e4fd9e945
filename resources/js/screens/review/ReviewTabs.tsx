import { NavLink } from 'react-router';

/** What came back: the log, and the pictures. */
export function ReviewTabs() {
  return (
    <nav className="review-tabs" aria-label="Review">
      <NavLink to="/review" end>
        Log
      </NavLink>
      <NavLink to="/review/pictures">Pictures</NavLink>
    </nav>
  );
}
