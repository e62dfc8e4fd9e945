import '../review/review.css';
import '../rushes/rushes.css';
import { NavLink } from 'react-router';

/** The ladder and the drills, how they went, and practising with others. */
export function PracticeTabs() {
  return (
    <nav className="review-tabs" aria-label="Practice">
      <NavLink to="/practice" end>
        Levels
      </NavLink>
      <NavLink to="/practice/progress">Progress</NavLink>
      <NavLink to="/practice/groups">Groups</NavLink>
    </nav>
  );
}
