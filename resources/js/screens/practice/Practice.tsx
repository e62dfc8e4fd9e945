import './practice.css';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { usePractice } from '../../api/practice';
import { Hints } from '../../parts/Hints';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { CalendarView } from './CalendarView';
import { DRILLS, placeOf } from './drills';
import { Feeds } from './Feeds';
import { LadderView } from './LadderView';
import { PracticeTabs } from './PracticeTabs';

const about: Record<string, string> = {
  buttons: 'The right control, by touch',
  still: 'Turn until it is sharp',
  swimmer: 'Keep the ring with it',
  perch: 'Set the distance, then wait',
  surprise: 'Pull it toward you',
  wild: 'Follow your own rush',
  moment: 'The peak in the burst',
  area: 'To the subject, by stick or touch',
  rehearsal: 'An outing, with its buttons',
  'first-sharp': 'Your own times, by stopwatch',
};

/** What is due, where one stands, and all there is to practise. */
export default function PracticePage() {
  useTitle('Practice');
  const practice = usePractice();
  const navigate = useNavigate();
  const p = practice.data;
  const next = p?.due[0];
  const coming = p?.ladder.calendar.find((s) => s.turns.length > 0);
  return (
    <>
      <TopBar />
      <Hints of="practice" />
      <main className="page practice">
        <div className="page-head">
          <h1>Practice</h1>
          <PracticeTabs />
        </div>
        {practice.isError && <Failed message={practice.error.message} />}
        {practice.isPending && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {p && (
          <>
            <section className="practice-due" aria-label="Today">
              {next ? (
                <>
                  <p className="practice-next">
                    {p.done_today > 0 ? 'Next' : 'Today'}: <strong>{label('exercise', next.drill)}</strong>
                    {next.turns > 1 && `, ${next.turns} rounds`}
                    {p.due.length > 1 && (
                      <span className="quiet">
                        {' '}
                        then{' '}
                        {p.due
                          .slice(1)
                          .map((t) => label('exercise', t.drill).toLowerCase())
                          .join(', ')}
                      </span>
                    )}
                  </p>
                  <Button type="primary" size="large" onClick={() => navigate(placeOf(next.drill))}>
                    Begin
                  </Button>
                </>
              ) : (
                <p className="practice-next">
                  {p.done_today > 0 ? 'Done for today.' : 'Nothing is due today.'}
                  {coming && (
                    <span className="quiet">
                      {' '}
                      Next session on{' '}
                      {new Date(`${coming.day}T12:00`).toLocaleDateString('en-GB', {
                        weekday: 'long',
                        day: 'numeric',
                        month: 'long',
                      })}
                      .
                    </span>
                  )}
                </p>
              )}
            </section>
            <div className="practice-body">
              <section aria-labelledby="ladder">
                <h2 id="ladder">Levels</h2>
                {p.ladder.at_top && <p className="quiet">All five levels are passed. Keep in practice.</p>}
                {p.ladder.too_hard && (
                  <p className="quiet">
                    The last three sessions fell far short. One of the level below comes first, then it is
                    tried again.
                  </p>
                )}
                {p.ladder.held_up && (
                  <p className="quiet">
                    This level takes its time. The next one is open as well, so that practice does not stand
                    still.
                  </p>
                )}
                <LadderView ladder={p.ladder} />
              </section>
              <section aria-labelledby="drills">
                <h2 id="drills">Drills</h2>
                <ul className="drill-list">
                  {DRILLS.map((drill) => {
                    const done = p.drills.find((d) => d.drill === drill);
                    return (
                      <li key={drill}>
                        <Link to={placeOf(drill)}>
                          <strong>{label('exercise', drill)}</strong>
                          <span className="quiet">{about[drill]}</span>
                          <span className="quiet figures">
                            {done ? (done.turns === 1 ? 'one round' : `${done.turns} rounds`) : 'new'}
                          </span>
                        </Link>
                      </li>
                    );
                  })}
                </ul>
              </section>
            </div>
            <CalendarView practice={p} />
            <Feeds practice={p} />
          </>
        )}
      </main>
    </>
  );
}
