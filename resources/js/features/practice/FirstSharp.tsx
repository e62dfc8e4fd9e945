import './practice.css';
import './moment.css';
import { Button, Segmented } from 'antd';
import { type RefObject, useEffect, useRef, useState } from 'react';
import { usePractice } from '../../api/practice';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { useTitle } from '../../ui/useTitle';
import { DrillFrame } from './DrillFrame';
import { Feed } from './Feeds';
import { readGamepad } from './gamepad';
import { useTurn } from './useTurn';

type Trial = { byHand: boolean; seconds: number; missed: boolean };

/** Shows the time that runs, and hears a gamepad as well: its first button as the key, its second as what went wrong. */
function useWatch(
  press: RefObject<(at: number, missed: boolean) => void>,
  began: RefObject<number | null>,
): RefObject<HTMLSpanElement | null> {
  const clock = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    let frame = 0;
    let padded: boolean[] = [];
    const step = () => {
      if (clock.current)
        clock.current.textContent =
          began.current === null ? '0.00' : ((performance.now() - began.current) / 1000).toFixed(2);
      const pad = readGamepad();
      if (pad) {
        if (pad.pressed[0] && !padded[0]) press.current(performance.now(), false);
        if (pad.pressed[1] && !padded[1]) press.current(performance.now(), true);
        padded = pad.pressed;
      }
      frame = requestAnimationFrame(step);
    };
    step();
    return () => cancelAnimationFrame(frame);
  }, [press, began]);
  return clock;
}

/** A stopwatch for trials with the real camera: from one subject to another until it is sharp. */
export default function FirstSharp() {
  useTitle(label('exercise', 'first-sharp'));
  const turn = useTurn();
  const practice = usePractice().data;
  const [byHand, setByHand] = useState(false);
  const [trials, setTrials] = useState<Trial[]>([]);
  const [begun, setBegun] = useState<number | null>(null);
  const field = useRef<HTMLDivElement>(null);
  const began = useRef<number | null>(null);
  began.current = begun;
  const press = useRef<(at: number, missed: boolean) => void>(() => undefined);
  press.current = (at, missed) => {
    if (begun === null) {
      if (!missed) setBegun(at);
      return;
    }
    const seconds = Math.min(30, Math.max(0.05, (at - begun) / 1000));
    setTrials([...trials, { byHand, seconds: Number(seconds.toFixed(3)), missed }]);
    setBegun(null);
  };

  const clock = useWatch(press, began);

  const running = begun !== null;
  const count = (hand: boolean) => trials.filter((t) => t.byHand === hand).length;
  return (
    <DrillFrame
      title={label('exercise', 'first-sharp')}
      says={t('first-sharp.with-your-camera-choose')}
      turn={turn}
      onStart={() => undefined}
      begins={null}
      honest={t('first-sharp.these-are-your-times')}
      result={null}
    >
      <div
        ref={field}
        className="first-field"
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: keys start and stop it
        tabIndex={0}
        aria-label={t('first-sharp.stopwatch-space-starts-and')}
        onKeyDown={(event) => {
          if (event.key === ' ') {
            event.preventDefault();
            if (!event.repeat) press.current(event.timeStamp, false);
          }
          if (event.key.toLowerCase() === 'm' && !event.repeat) press.current(event.timeStamp, true);
        }}
      >
        <Segmented
          aria-label={t('first-sharp.how')}
          value={byHand ? 'hand' : 'auto'}
          disabled={running}
          options={[
            { value: 'auto', label: t('first-sharp.autofocus', { count: count(false) }) },
            { value: 'hand', label: t('first-sharp.by-hand', { count: count(true) }) },
          ]}
          onChange={(value) => setByHand(value === 'hand')}
        />
        <p className="first-clock figures">
          {t.rich('first-sharp.s', { span: <span ref={clock}>0.00</span> })}
        </p>
        <div className="first-keys">
          <Button
            size="large"
            type="primary"
            onPointerDown={(e) => press.current(e.timeStamp, false)}
            onClick={(e) => e.detail === 0 && press.current(performance.now(), false)}
          >
            {running ? t('first-sharp.sharp') : t('first-sharp.start')}
          </Button>
          <Button
            size="large"
            disabled={!running}
            onPointerDown={(e) => running && press.current(e.timeStamp, true)}
            onClick={(e) => e.detail === 0 && press.current(performance.now(), true)}
          >
            {t('first-sharp.went-wrong')}
          </Button>
          <span className="quiet first-key-hint">{t('first-sharp.space-and-m')}</span>
        </div>
        <Trials trials={trials} onChange={setTrials} />
        <div className="first-keys">
          <Button
            disabled={trials.length === 0 || running}
            loading={turn.stage === 'scoring'}
            onClick={() => {
              turn.finish({
                format: 'rush-hold/drill@1',
                drill: 'first-sharp',
                seed: 1,
                trace: trials.map((t) => [t.byHand ? 1 : 0, t.seconds, t.missed ? 1 : 0]),
              });
              setTrials([]);
            }}
          >
            {t('first-sharp.keep-these-trials', { trials: trials.length, trials2: trials.length || '' })}
          </Button>
          {turn.stage === 'done' && (
            <span role="status" className="quiet">
              {t('first-sharp.kept')}
            </span>
          )}
        </div>
      </div>
      {practice && (
        <section aria-label={t('first-sharp.your-times')} className="first-own">
          <h2>{t('first-sharp.your-times-so-far')}</h2>
          <Feed feed="first_sharp" practice={practice} />
        </section>
      )}
    </DrillFrame>
  );
}

function Trials({ trials, onChange }: { trials: Trial[]; onChange: (trials: Trial[]) => void }) {
  if (trials.length === 0) return null;
  return (
    <ol className="first-trials">
      {trials.map((trial, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: trials are told by their order
        <li key={i}>
          {trial.byHand ? t('first-sharp.by-hand-2') : t('first-sharp.autofocus-2')}{' '}
          <strong className="figures">{t('first-sharp.s-2', { seconds: trial.seconds.toFixed(2) })}</strong>
          {trial.missed && <span className="quiet"> {t('first-sharp.went-wrong-2')}</span>}
          <Button
            size="small"
            type="text"
            aria-label={t('first-sharp.leave-out-trial', { i: i + 1 })}
            onClick={() => onChange(trials.filter((_, n) => n !== i))}
          >
            ×
          </Button>
        </li>
      ))}
    </ol>
  );
}
