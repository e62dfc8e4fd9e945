import './today.css';
import { Button } from 'antd';
import { Link } from 'react-router';
import { useRushes, useSession } from '../../api/hooks';
import { useKit } from '../../api/kit';
import { useOuting, useOutings } from '../../api/outings';
import { t } from '../../lang/today';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { NearlyFull } from '../../ui/NearlyFull';
import { Silhouette } from '../../ui/Silhouette';
import { useStored } from '../../ui/useStored';
import { useTitle } from '../../ui/useTitle';
import { whenOf } from '../outing/door';
import { Due, Tasks } from '../practice/door';
import { OneLine, RushLink } from '../rushes/door';
import { Waiting } from './Waiting';

/** So many of the rushes last worked on are shown. */
const MOST = 6;

type Step = { done: boolean; title: string; why: string; to: string; action: string };

/** What a newcomer does first; each is ticked when it is done, and all can be put away. */
function FirstSteps({ steps, onAway }: { steps: Step[]; onAway: () => void }) {
  return (
    <section className="first-steps" aria-labelledby="first-steps">
      <div className="first-steps-head">
        <h2 id="first-steps">{t('today.get-started')}</h2>
        <Button type="text" onClick={onAway}>
          {t('today.hide')}
        </Button>
      </div>
      <ol>
        {steps.map((step) => (
          <li key={step.to} className={step.done ? 'done' : undefined}>
            <span className="tick" aria-hidden="true">
              {step.done ? '✓' : ''}
            </span>
            <div>
              <h3>
                {step.title}
                {step.done && <span className="sr-only"> {t('today.done')}</span>}
              </h3>
              <p className="quiet">{step.why}</p>
            </div>
            {!step.done && (
              <Link className="step-action" to={step.to}>
                {step.action}
              </Link>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Who is expected on an outing, at a glance. */
function Expected({ outing }: { outing: string }) {
  const entries = useOuting(outing).data?.document.rushes ?? [];
  const listed = useRushes('').data?.pages[0]?.items ?? [];
  const rushes = entries.flatMap((entry) => listed.find((r) => r.id === entry.rush) ?? []);
  if (rushes.length === 0) return null;
  return (
    <ul className="next-rushes" aria-label={t('today.its-rushes')}>
      {rushes.slice(0, MOST).map((rush) => (
        <li key={rush.id}>
          <Link to={`/rushes/${rush.id}`}>
            <span className="rush-figure">
              <Silhouette figure={rush.figure} />
            </span>
            <span>{rush.name}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** The outing that comes next with its card; else the way to one. */
function NextOuting() {
  const outings = useOutings().data;
  const next = outings?.filter((o) => Date.parse(o.ends_at) >= Date.now()).at(-1);
  if (!outings) return null;
  return (
    <section aria-labelledby="next-outing" className="next-outing">
      <div className="today-head">
        <h2 id="next-outing">{t('today.next-outing')}</h2>
        <Link to="/outings">{t('today.all-outings')}</Link>
      </div>
      {next ? (
        <p className="next-outing-row">
          <Link to={`/outings/${next.id}`}>{next.name || t('today.outing')}</Link>
          <span className="quiet">
            {whenOf(next)}
            {next.place && `, ${next.place}`}, {t('today.rushes', { rushes: next.rushes })}
          </span>
          <Link className="next-outing-card" to={`/card/${next.id}`}>
            {t('today.open-its-card')}
          </Link>
          <Link className="next-outing-card" to={`/outings/${next.id}/rehearse`}>
            {t('today.rehearse-it')}
          </Link>
        </p>
      ) : (
        <p>
          <Link to="/outings/new">{t('today.plan-an-outing')}</Link>
        </p>
      )}
      {next && <Expected outing={next.id} />}
    </section>
  );
}

export default function Today() {
  useTitle(t('today.today'));
  const session = useSession();
  const rushes = useRushes('');
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const person = session.data?.user?.id ?? 'nobody';
  const [away, setAway] = useStored<'yes' | 'no'>(`rush-hold.first-steps-away.${person}`, 'no', [
    'yes',
    'no',
  ]);
  const listed = rushes.data?.pages[0]?.items ?? [];
  const known = rushes.data && bodies.data && lenses.data;
  const steps: Step[] = [
    {
      done: bodies.data?.some((b) => !b.sample) ?? false,
      title: t('today.your-body'),
      why: t('today.frame-rate-areas-what'),
      to: '/kit/bodies/new',
      action: t('today.describe-your-body'),
    },
    {
      done: lenses.data?.some((l) => !l.sample) ?? false,
      title: t('today.a-lens'),
      why: t('today.how-far-it-reaches'),
      to: '/kit/lenses/new',
      action: t('today.describe-a-lens'),
    },
    {
      done: listed.length > 0,
      title: t('today.a-rush'),
      why: t('today.one-pass-of-a'),
      to: '/rushes/new',
      action: t('today.describe-your-first-rush'),
    },
  ];
  const open = away === 'no' && known && steps.some((step) => !step.done);

  return (
    <>
      <TopBar />
      <main className="page today">
        <h1>{t('today.today')}</h1>
        <OneLine />
        <NearlyFull />
        {rushes.isError && <Failed message={rushes.error.message} />}
        <Tasks />
        {open && <FirstSteps steps={steps} onAway={() => setAway('yes')} />}
        {listed.length > 0 && <NextOuting />}
        {listed.length > 0 && <Waiting />}
        <Due />
        {listed.length > 0 && (
          <section aria-labelledby="last-worked-on">
            <div className="today-head">
              <h2 id="last-worked-on">{t('today.last-worked-on')}</h2>
              <Link to="/rushes">{t('today.all-rushes')}</Link>
            </div>
            <ul className="rush-list">
              {listed.slice(0, MOST).map((rush) => (
                <li key={rush.id} className="rush-row">
                  <RushLink rush={rush} />
                </li>
              ))}
            </ul>
          </section>
        )}
        {known && listed.length === 0 && !open && (
          <p className="quiet">{t('today.your-recent-rushes-appear')}</p>
        )}
      </main>
    </>
  );
}
