import { Link } from 'react-router';
import { usePractice } from '../../api/practice';
import { t } from '../../lang/practice';

/** Whether layouts reckon with one's own times of controls, and what those stand on. */
export function OwnTimes() {
  const practice = usePractice().data;
  const timed = practice?.feeds.controls ?? [];
  if (!practice || timed.length === 0) return null;
  const trials = timed.reduce((sum, c) => sum + c.trials, 0);
  return (
    <p className="quiet own-times">
      {practice.settings.feeds.controls
        ? t('own-times.finding-controls-takes-your', { timed: timed.length, trials })
        : t('own-times.you-have-practised-controls', { timed: timed.length })}{' '}
      <Link to="/practice">
        {practice.settings.feeds.controls ? t('own-times.practice') : t('own-times.let-layouts-reckon-with')}
      </Link>
    </p>
  );
}
