import { Link } from 'react-router';
import { usePractice } from '../../api/practice';

/** Whether layouts reckon with one's own times of controls, and what those stand on. */
export function OwnTimes() {
  const practice = usePractice().data;
  const timed = practice?.feeds.controls ?? [];
  if (!practice || timed.length === 0) return null;
  const trials = timed.reduce((sum, c) => sum + c.trials, 0);
  return (
    <p className="quiet own-times">
      {practice.settings.feeds.controls
        ? `Finding ${timed.length} controls takes your own times, from ${trials} presses. `
        : `You have practised ${timed.length} controls; these are first guesses all the same. `}
      <Link to="/practice">
        {practice.settings.feeds.controls ? 'Practice' : 'Let layouts reckon with your times'}
      </Link>
    </p>
  );
}
