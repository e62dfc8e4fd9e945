import { Link } from 'react-router';
import { placeOf } from '../../api/drills';
import { usePractice } from '../../api/practice';
import { label } from '../../lang/labels';
import { listed } from '../../lang/lists';
import { t } from '../../lang/practice';

/** What is due of practice, for those who have begun with it. */
export function Due() {
  const practice = usePractice().data;
  if (!practice || practice.drills.length === 0 || practice.due.length === 0) return null;
  return (
    <section aria-labelledby="practice-due" className="waits">
      <div className="today-head">
        <h2 id="practice-due">{t('due.practice-due')}</h2>
        <Link to="/practice">{t('due.levels')}</Link>
      </div>
      <ul className="rush-list">
        {practice.due.map((turn) => (
          <li key={turn.drill} className="rush-row waits-row">
            <Link to={placeOf(turn.drill)}>{label('exercise', turn.drill)}</Link>
            <span className="quiet">
              {listed(t('due.rounds', { turns: turn.turns }), turn.refresher && t('due.so-that-it-stays'))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
