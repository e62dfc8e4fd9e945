import './habits.css';
import { App, Button } from 'antd';
import { useNavigate } from 'react-router';
import type { Habits } from '../../api/client';
import { useHabits, useSaveHabits } from '../../api/kit';
import { t } from '../../lang/habits';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { type AimScore, type AimTesting, useAimTest } from './useAimTest';

const pace = [t('aim-test.slow'), t('aim-test.steady'), t('aim-test.fast'), t('aim-test.wild')];

/** Twenty seconds of holding a ring on a mark that moves. */
export default function AimTest() {
  useTitle(t('aim-test.aim-test'));
  const navigate = useNavigate();
  const test = useAimTest();
  const { stage, score, problem } = test;
  return (
    <>
      <TopBar />
      <main className="page aim-test">
        <div className="page-head">
          <h1>{t('aim-test.aim-and-following')}</h1>
          <Button onClick={() => navigate('/habits')}>{t('aim-test.close')}</Button>
          <Button
            type="primary"
            disabled={stage === 'running' || stage === 'judging'}
            onClick={() => void test.start()}
          >
            {score ? t('aim-test.once-more') : t('aim-test.start')}
          </Button>
        </div>
        <p className="page-quiet">{t('aim-test.keep-the-ring-on')}</p>
        <Field test={test} />
        {problem && (
          <p className="guide-refused" role="alert">
            {problem}
          </p>
        )}
        {score && <Result score={score} />}
      </main>
    </>
  );
}

function Field({ test: { stage, left, score, drawn, hands } }: { test: AimTesting }) {
  const running = stage === 'running';
  return (
    <svg
      ref={drawn.field}
      className={running ? 'aim-field running' : 'aim-field'}
      viewBox="-500 -320 1000 640"
      role="application"
      aria-label={t('aim-test.the-field-in-which')}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the ring is moved by keys here
      tabIndex={0}
      {...hands}
    >
      <rect x="-500" y="-320" width="1000" height="640" className="aim-ground" />
      <g ref={drawn.mark}>
        <path
          d="M26 -6L14 -12C2 -14 -8 -30 -18 -34C-16 -22 -14 -14 -12 -8L-30 -4L-14 2C-6 8 6 10 14 4Z"
          fill="var(--figure)"
        />
        <circle r="3.5" fill="var(--accent)" />
      </g>
      <circle ref={drawn.ring} r={35} className="aim-ring" />
      {running && (
        <text x="-480" y="-285" className="aim-left">
          {t('aim-test.s', { left })}
        </text>
      )}
      {!running && !score && (
        <text y="150" textAnchor="middle" className="aim-left">
          {stage === 'judging' ? t('aim-test.judging') : t('aim-test.press-start-then-follow')}
        </text>
      )}
    </svg>
  );
}

/** What came of it, to start new rushes from. */
function Result({ score }: { score: AimScore }) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const habits = useHabits();
  const save = useSaveHabits();

  async function use() {
    if (!habits.data) return;
    try {
      await save.mutateAsync({
        ...habits.data,
        photographer: { ...habits.data.photographer, aim: score.aim, panning: score.panning } as NonNullable<
          Habits['photographer']
        >,
      });
      message.success(t('aim-test.new-rushes-start-from'));
      navigate('/habits');
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  return (
    <section className="aim-score" aria-label={t('aim-test.result')}>
      <dl className="subject-facts">
        <div>
          <dt>{t('aim-test.holding-an-area-on')}</dt>
          <dd>{t('aim-test.of-100', { aim: Math.round(score.aim * 100) })}</dd>
        </div>
        <div>
          <dt>{t('aim-test.following-smoothly')}</dt>
          <dd>{t('aim-test.of-100-2', { panning: Math.round(score.panning * 100) })}</dd>
        </div>
        <div>
          <dt>{t('aim-test.late-by')}</dt>
          <dd>{t('aim-test.ms', { lagS: Math.round(score.lag_s * 1000) })}</dd>
        </div>
      </dl>
      <ul className="aim-stages">
        {score.stages.map((s, i) => (
          <li key={s.speed}>
            <span>{pace[i]}</span>
            <span className="aim-bar">
              <span style={{ width: `${s.on_target * 100}%` }} />
            </span>
            <span>{t('aim-test.percent-on-the-bird', { onTarget: Math.round(s.on_target * 100) })}</span>
          </li>
        ))}
      </ul>
      <Button type="primary" loading={save.isPending} disabled={!habits.data} onClick={() => void use()}>
        {t('aim-test.start-from-these')}
      </Button>
    </section>
  );
}
