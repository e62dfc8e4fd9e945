import './practice.css';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { DRILLS, placeOf } from '../../api/drills';
import { usePractice } from '../../api/practice';
import { lastPerson } from '../../field/db';
import { useTurnsWaiting } from '../../field/useField';
import { sayDate } from '../../lang/dates';
import { label, within } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { Hints } from '../../ui/Hints';
import { useTitle } from '../../ui/useTitle';
import { CalendarView } from './CalendarView';
import { DRILL } from './drills';
import { Feeds } from './Feeds';
import { LadderView } from './LadderView';
import { PracticeTabs } from './PracticeTabs';

/** What is due, where one stands, and all there is to practise. */
export default function PracticePage() {
  useTitle(t('practice.practice'));
  const practice = usePractice();
  const navigate = useNavigate();
  const waiting = useTurnsWaiting(lastPerson(), () => void practice.refetch());
  const p = practice.data;
  const next = p?.due[0];
  const coming = p?.ladder.calendar.find((s) => s.turns.length > 0);
  return (
    <>
      <TopBar />
      <Hints of="practice" />
      <main className="page practice">
        <div className="page-head">
          <h1>{t('practice.practice')}</h1>
          <PracticeTabs />
        </div>
        {practice.isError && <Failed message={practice.error.message} />}
        {waiting > 0 && (
          <p className="quiet practice-waits" role="status">
            {t('practice.turns-kept-here', { waiting })}
          </p>
        )}
        {practice.isPending && (
          <p className="quiet" role="status">
            {t('practice.loading')}
          </p>
        )}
        {p && (
          <>
            <section className="practice-due" aria-label={t('practice.today')}>
              {next ? (
                <>
                  <p className="practice-next">
                    {p.done_today > 0 ? t('practice.next') : t('practice.today')}:{' '}
                    <strong>{label('exercise', next.drill)}</strong>
                    {next.turns > 1 && `, ${t('practice.rounds', { turns: next.turns })}`}
                    {p.due.length > 1 && (
                      <span className="quiet">
                        {' '}
                        {t('practice.then')}{' '}
                        {p.due
                          .slice(1)
                          .map((t) => within('exercise', t.drill))
                          .join(', ')}
                      </span>
                    )}
                  </p>
                  <Button type="primary" size="large" onClick={() => navigate(placeOf(next.drill))}>
                    {t('practice.begin')}
                  </Button>
                </>
              ) : (
                <p className="practice-next">
                  {p.done_today > 0 ? t('practice.done-for-today') : t('practice.nothing-is-due-today')}
                  {coming && (
                    <span className="quiet">
                      {' '}
                      {t('practice.next-session-on', {
                        value: sayDate(coming.day, 'fullDay'),
                      })}
                    </span>
                  )}
                </p>
              )}
            </section>
            <div className="practice-body">
              <section aria-labelledby="ladder">
                <h2 id="ladder">{t('practice.levels')}</h2>
                {p.ladder.at_top && <p className="quiet">{t('practice.all-five-levels-are')}</p>}
                {p.ladder.too_hard && <p className="quiet">{t('practice.the-last-three-sessions')}</p>}
                {p.ladder.held_up && <p className="quiet">{t('practice.this-level-takes-its')}</p>}
                <LadderView ladder={p.ladder} />
              </section>
              <section aria-labelledby="drills">
                <h2 id="drills">{t('practice.drills')}</h2>
                <ul className="drill-list">
                  {DRILLS.map((drill) => {
                    const done = p.drills.find((d) => d.drill === drill);
                    return (
                      <li key={drill}>
                        <Link to={placeOf(drill)}>
                          <strong>{label('exercise', drill)}</strong>
                          <span className="quiet">{DRILL[drill].about}</span>
                          <span className="quiet figures">
                            {done ? t('practice.other-rounds', { turns: done.turns }) : t('practice.new')}
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
