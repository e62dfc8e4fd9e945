import './practice.css';
import './moment.css';
import { Button, Checkbox } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import type { DrillCourse, DrillDocument } from '../../api/practice';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { usePreferences } from '../../ui/bar/preferences';
import { outlineOf } from '../../ui/Silhouette';
import { useTitle } from '../../ui/useTitle';
import { DrillFrame } from './DrillFrame';
import { readGamepad } from './gamepad';
import { MomentResult } from './MomentResult';
import { tone, useSound } from './sound';
import { useTurn } from './useTurn';

type Trial = NonNullable<DrillCourse['trials']>[number];

/** Where the diver is over the water at a time, 0 at the top and 1 in it. */
function depthOf(trial: Trial, t: number): number {
  if (t < trial.cue) return 0;
  const share = (t - trial.cue) / (trial.peak - trial.cue);
  // It falls: slowly at first.
  return Math.min(1.25, share ** 2);
}

/** What moves while one plays. */
function useDrawn() {
  return {
    bird: useRef<SVGGElement>(null),
    splash: useRef<SVGGElement>(null),
    dots: useRef<SVGGElement>(null),
  };
}

type Drawn = ReturnType<typeof useDrawn>;

/** The dive as it is at a time. Without motion, lamps go on one after the other, the last at the peak. */
function paint(
  { bird, splash, dots }: Drawn,
  field: HTMLElement | null,
  of: Trial,
  t: number,
  still: boolean,
) {
  const depth = depthOf(of, t);
  if (field) field.dataset.phase = t < of.cue ? 'waits' : t < of.peak ? 'comes' : 'past';
  bird.current?.setAttribute('transform', `translate(250 ${40 + 190 * Math.min(1, depth)})`);
  bird.current?.setAttribute('opacity', depth > 1.02 || still ? '0' : '1');
  splash.current?.setAttribute('opacity', t >= of.peak && t < of.peak + 0.5 ? '1' : '0');
  const lit = t < of.cue ? 0 : Math.min(5, 1 + Math.floor((4 * (t - of.cue)) / (of.peak - of.cue)));
  dots.current?.querySelectorAll('circle').forEach((dot, i) => {
    dot.setAttribute('opacity', i < lit ? '1' : '0.2');
  });
}

/** Whether a button of a gamepad has gone down since it was asked last. */
function usePad() {
  const was = useRef(false);
  return () => {
    const down = readGamepad()?.pressed.some(Boolean) ?? false;
    const pressed = down && !was.current;
    was.current = down;
    return pressed;
  };
}

/** Pressing so that the peak lies in the burst. */
export default function MomentDrill() {
  useTitle(label('exercise', 'moment'));
  const given = (useLocation().state as { document?: DrillDocument } | null)?.document;
  const [query] = useSearchParams();
  const { still } = usePreferences();
  const [sound, setSound] = useSound();
  const turn = useTurn();
  const drawn = useDrawn();
  const field = useRef<HTMLDivElement>(null);
  const timer = useRef(0);
  const run = useRef<{ begun: number; presses: number[][] } | null>(null);
  const [trial, setTrial] = useState<{ at: number; of: Trial } | null>(null);
  const [bursting, setBursting] = useState(false);
  const padPressed = usePad();

  useEffect(() => () => cancelAnimationFrame(timer.current), []);

  function press(at: number) {
    if (!run.current) return;
    const t = (at - run.current.begun) / 1000;
    const last = run.current.presses.at(-1)?.[0] ?? -1;
    if (t - last < 0.05) return;
    run.current.presses.push([Number(t.toFixed(4))]);
    setBursting(true);
    setTimeout(() => setBursting(false), (trial?.of.burst_s ?? 0.35) * 1000);
    if (sound === 'on') for (let i = 0; i < 4; i++) tone(1900, 0.02, i * 0.06, 0.05);
  }

  function play(course: DrillCourse) {
    const trials = course.trials ?? [];
    run.current = { begun: performance.now(), presses: [] };
    field.current?.focus();
    turn.setStage('running');
    let shown = -1;
    const step = () => {
      const now = run.current;
      if (!now) return;
      const t = (performance.now() - now.begun) / 1000;
      const at = trials.findLastIndex((x) => x.from <= t);
      const of = trials[at];
      if (at !== shown && of) {
        shown = at;
        setTrial({ at, of });
      }
      if (of) paint(drawn, field.current, of, t, still);
      if (padPressed()) press(performance.now());
      if (document.hidden) {
        run.current = null;
        turn.interrupted();
      } else if (t < course.seconds) timer.current = requestAnimationFrame(step);
      else {
        run.current = null;
        setTrial(null);
        turn.finish({ ...course.document, trace: now.presses, aids: { sound: sound === 'on', still } });
      }
    };
    step();
  }

  async function start() {
    cancelAnimationFrame(timer.current);
    const seed = query.get('seed');
    const found = await turn.begin(
      given
        ? { drill: 'moment', document: given }
        : { drill: 'moment', ...(seed ? { seed: Number(seed) } : {}) },
    );
    if (found) play(found);
  }

  const running = turn.stage === 'running';
  return (
    <DrillFrame
      title={label('exercise', 'moment')}
      says={t('moment-drill.press-once-so-that')}
      turn={turn}
      onStart={() => void start()}
      honest={t('moment-drill.it-measures-your-hand')}
      settings={given && <p className="quiet">{t('moment-drill.this-turn-was-given')}</p>}
      aids={
        <Checkbox checked={sound === 'on'} onChange={(e) => setSound(e.target.checked ? 'on' : 'off')}>
          {t('moment-drill.sound')}
        </Checkbox>
      }
      result={
        turn.stage === 'done' && turn.kept && turn.course ? (
          <MomentResult kept={turn.kept} course={turn.course} />
        ) : null
      }
    >
      <div
        ref={field}
        className={running ? 'moment-field running' : 'moment-field'}
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the space bar is the shutter here
        tabIndex={0}
        aria-label={t('moment-drill.a-bird-that-dives')}
        onKeyDown={(event) => {
          if (event.key !== ' ' && event.key !== 'Enter') return;
          event.preventDefault();
          if (!event.repeat) press(event.timeStamp);
        }}
      >
        <View drawn={drawn} still={still} />
        <Said turn={turn} trial={trial} bursting={bursting} />
        <Button
          className="ring-fire"
          size="large"
          onPointerDown={(event) => {
            event.preventDefault();
            press(event.timeStamp);
          }}
        >
          {t('moment-drill.shutter')}
        </Button>
      </div>
    </DrillFrame>
  );
}

function View({ drawn: { bird, splash, dots }, still }: { drawn: Drawn; still: boolean }) {
  return (
    <svg viewBox="0 0 500 320" aria-hidden="true" className="moment-view">
      <rect x="-900" y="-600" width="2300" height="900" fill="var(--sky-low)" />
      <rect x="-900" y="240" width="2300" height="600" fill="var(--sky-high)" />
      <g ref={bird} transform="translate(250 40)" opacity={still ? 0 : 1}>
        <path
          d={outlineOf('diving-bird')}
          transform="translate(0 10) rotate(34) scale(78 102) translate(-0.98 -0.97)"
          fill="var(--figure)"
        />
      </g>
      <g ref={splash} opacity="0" stroke="var(--glint)" strokeWidth="4" fill="none">
        <path d="M214 238C204 214 208 200 214 190M250 236V176M286 238C296 214 292 200 286 190" />
      </g>
      {still && (
        <g ref={dots} fill="var(--figure)">
          {[0, 1, 2, 3, 4].map((i) => (
            <circle key={i} cx={150 + 50 * i} cy={130} r={i === 4 ? 22 : 14} opacity={0.2} />
          ))}
        </g>
      )}
    </svg>
  );
}

type SaidProps = {
  turn: ReturnType<typeof useTurn>;
  trial: { at: number; of: Trial } | null;
  bursting: boolean;
};

/** Which dive it is, and how long a burst it is for. */
function Said({ turn: { course, stage }, trial, bursting }: SaidProps) {
  const frames = course?.frames_per_s ?? 10;
  const before = course?.before_press_s ?? 0;
  return (
    <p className="moment-said">
      {trial && (
        <>
          {t.rich('moment-drill.of-long-burst-frames', {
            span: (text) => <span className="figures">{text}</span>,
            at: trial.at + 1,
            trials: course?.trials?.length,
            isBurstS: trial.of.burst_s < 0.6 ? 'yes' : 'no',
            value: Math.max(1, Math.round(trial.of.burst_s * frames)),
            isBefore: before > 0 ? 'yes' : 'no',
            before,
          })}
          {bursting && <strong> · {t('moment-drill.shooting')}</strong>}
        </>
      )}
      {stage !== 'running' &&
        stage !== 'done' &&
        (stage === 'loading'
          ? t('moment-drill.loading')
          : stage === 'scoring'
            ? t('moment-drill.counting')
            : t('moment-drill.space-or-the-button'))}
    </p>
  );
}
