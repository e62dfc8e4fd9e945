import './habits.css';
import { App, Button } from 'antd';
import { type PointerEvent, useCallback, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { client, type Habits, take } from '../../api/client';
import { useHabits, useSaveHabits } from '../../api/kit';
import { t } from '../../lang/habits';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';

type Course = { seconds: number; ring: number; course: number[][] };
type Score = {
  aim: number;
  panning: number;
  lag_s: number;
  stages: { speed: number; on_target: number; scatter: number }[];
};

/** How fast held arrows move the ring, widths of the field a second. */
const KEY_SPEED = 0.75;

const pace = [t('aim-test.slow'), t('aim-test.steady'), t('aim-test.fast'), t('aim-test.wild')];

/** Twenty seconds of holding a ring on a mark that moves; the server judges what the pointer did. */
export default function AimTest() {
  useTitle(t('aim-test.aim-test'));
  const navigate = useNavigate();
  const { message } = App.useApp();
  const habits = useHabits();
  const save = useSaveHabits();
  const field = useRef<SVGSVGElement>(null);
  const mark = useRef<SVGGElement>(null);
  const ring = useRef<SVGCircleElement>(null);
  const [stage, setStage] = useState<'ready' | 'running' | 'judging' | 'done'>('ready');
  const [left, setLeft] = useState(0);
  const [score, setScore] = useState<Score | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const course = useRef<Course | null>(null);
  const seed = useRef(0);
  const pointer = useRef<[number, number] | null>(null);
  const trace = useRef<number[][]>([]);
  const frame = useRef(0);
  const held = useRef(new Set<string>());

  useEffect(() => () => cancelAnimationFrame(frame.current), []);

  const show = useCallback((x: number, y: number) => {
    pointer.current = [x, y];
    ring.current?.setAttribute('cx', String(x * 1000));
    ring.current?.setAttribute('cy', String(y * 1000));
  }, []);

  /** The arrows that are held move the ring, with Shift slowly. */
  const steer = useCallback(
    (seconds: number) => {
      const keys = held.current;
      const by = (KEY_SPEED / (keys.has('Shift') ? 3 : 1)) * seconds;
      const right = Number(keys.has('ArrowRight')) - Number(keys.has('ArrowLeft'));
      const down = Number(keys.has('ArrowDown')) - Number(keys.has('ArrowUp'));
      if (right === 0 && down === 0) return;
      const [x, y] = pointer.current ?? [0, 0];
      show(Math.max(-0.5, Math.min(0.5, x + right * by)), Math.max(-0.32, Math.min(0.32, y + down * by)));
    },
    [show],
  );

  const follow = useCallback(
    (event: PointerEvent<SVGSVGElement>) => {
      const box = field.current?.getBoundingClientRect();
      if (!box) return;
      const x = (event.clientX - box.left) / box.width - 0.5;
      const y = ((event.clientY - box.top) / box.height - 0.5) * (box.height / box.width);
      show(x, y);
    },
    [show],
  );

  async function start() {
    setProblem(null);
    setScore(null);
    seed.current = Math.floor(Math.random() * 1_000_000);
    try {
      course.current = await take(client.GET('/api/aim-test', { params: { query: { seed: seed.current } } }));
    } catch (error) {
      setProblem((error as Error).message);
      return;
    }
    trace.current = [];
    setStage('running');
    held.current.clear();
    field.current?.focus();
    const begun = performance.now();
    let before = begun;
    const step = () => {
      steer((performance.now() - before) / 1000);
      before = performance.now();
      const c = course.current;
      if (!c) return;
      const t = (performance.now() - begun) / 1000;
      const perS = (c.course.length - 1) / c.seconds;
      const at = c.course[Math.min(c.course.length - 1, Math.round(t * perS))];
      if (at)
        mark.current?.setAttribute('transform', `translate(${(at[1] ?? 0) * 1000} ${(at[2] ?? 0) * 1000})`);
      if (pointer.current && t <= c.seconds) trace.current.push([t, ...pointer.current]);
      setLeft(Math.max(0, Math.ceil(c.seconds - t)));
      if (t < c.seconds) frame.current = requestAnimationFrame(step);
      else void judge();
    };
    step();
  }

  async function judge() {
    setStage('judging');
    try {
      const rounded = trace.current.map((p) => p.map((v) => Number(v.toFixed(5))));
      setScore(await take(client.POST('/api/aim-test', { body: { seed: seed.current, trace: rounded } })));
      setStage('done');
    } catch (error) {
      setProblem((error as Error).message);
      setStage('ready');
    }
  }

  async function use() {
    if (!score || !habits.data) return;
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

  const running = stage === 'running';
  return (
    <>
      <TopBar />
      <main className="page aim-test">
        <div className="page-head">
          <h1>{t('aim-test.aim-and-following')}</h1>
          <Button onClick={() => navigate('/habits')}>{t('aim-test.close')}</Button>
          <Button type="primary" disabled={running || stage === 'judging'} onClick={() => void start()}>
            {score ? t('aim-test.once-more') : t('aim-test.start')}
          </Button>
        </div>
        <p className="page-quiet">{t('aim-test.keep-the-ring-on')}</p>
        <svg
          ref={field}
          className={running ? 'aim-field running' : 'aim-field'}
          viewBox="-500 -320 1000 640"
          role="application"
          aria-label={t('aim-test.the-field-in-which')}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: the ring is moved by keys here
          tabIndex={0}
          onKeyDown={(event) => {
            held.current.add(event.key);
            if (event.key.startsWith('Arrow')) event.preventDefault();
          }}
          onKeyUp={(event) => held.current.delete(event.key)}
          onBlur={() => held.current.clear()}
          onPointerMove={follow}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            follow(event);
          }}
        >
          <rect x="-500" y="-320" width="1000" height="640" className="aim-ground" />
          <g ref={mark}>
            <path
              d="M26 -6L14 -12C2 -14 -8 -30 -18 -34C-16 -22 -14 -14 -12 -8L-30 -4L-14 2C-6 8 6 10 14 4Z"
              fill="var(--figure)"
            />
            <circle r="3.5" fill="var(--accent)" />
          </g>
          <circle ref={ring} r={35} className="aim-ring" />
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
        {problem && (
          <p className="guide-refused" role="alert">
            {problem}
          </p>
        )}
        {score && (
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
                  <span>
                    {t('aim-test.percent-on-the-bird', { onTarget: Math.round(s.on_target * 100) })}
                  </span>
                </li>
              ))}
            </ul>
            <Button
              type="primary"
              loading={save.isPending}
              disabled={!habits.data}
              onClick={() => void use()}
            >
              {t('aim-test.start-from-these')}
            </Button>
          </section>
        )}
      </main>
    </>
  );
}
