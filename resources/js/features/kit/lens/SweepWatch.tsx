import { Button, InputNumber } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { client, take } from '../../../api/client';
import { t } from '../../../lang/kit';
import { figures } from '../../../lang/language';
import { NumberField } from '../../../ui/NumberField';

/** A stopwatch: what it shows, and whether it runs. The second press says how long it ran, s. */
function useWatch() {
  const [started, setStarted] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  const frame = useRef(0);
  useEffect(() => {
    if (started === null) return;
    const tick = () => {
      setNow((performance.now() - started) / 1000);
      frame.current = requestAnimationFrame(tick);
    };
    tick();
    return () => cancelAnimationFrame(frame.current);
  }, [started]);
  const press = (): number | null => {
    setStarted(started === null ? performance.now() : null);
    return started === null ? null : (performance.now() - started) / 1000;
  };
  return { runs: started !== null, now, press };
}

/** What to do with the lens meanwhile. */
function Steps({ sweeps, onSweeps }: { sweeps: number; onSweeps: (sweeps: number) => void }) {
  return (
    <ol>
      <li>{t('sweep-watch.full-range-on-the')}</li>
      <li>{t('sweep-watch.focus-on-the-near')}</li>
      <li>
        {t.rich('sweep-watch.go-back-and-forth', {
          sweeps: (
            <InputNumber
              size="small"
              aria-label={t('sweep-watch.sweeps-in-each-timing')}
              min={1}
              max={20}
              precision={0}
              value={sweeps}
              onChange={(v) => onSweeps(v ?? 1)}
            />
          ),
        })}
      </li>
    </ol>
  );
}

/** Half a minute with a stopwatch: how long the lens takes from its nearest distance to infinity. */
export function SweepWatch({ sweep, onSweep }: { sweep: number; onSweep: (seconds: number) => void }) {
  const [open, setOpen] = useState(false);
  const [sweeps, setSweeps] = useState(4);
  const [timings, setTimings] = useState<number[]>([]);
  const [found, setFound] = useState<{ sweep_s: number; error_s: number } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const watch = useWatch();

  async function press() {
    const ran = watch.press();
    if (ran === null) return;
    const next = [...timings, ran];
    setTimings(next);
    setProblem(null);
    try {
      setFound(await take(client.POST('/api/stopwatch', { body: { timings: next, sweeps } })));
    } catch (error) {
      setTimings(timings);
      setProblem((error as Error).message);
    }
  }
  const again = () => {
    setTimings([]);
    setFound(null);
  };

  return (
    <section className="stopwatch" aria-label={t('sweep-watch.sweep-time')}>
      <div className="stopwatch-row">
        <NumberField
          label={t('sweep-watch.af-time-near-to')}
          quantity="time"
          value={sweep}
          onChange={onSweep}
        />
        {!open && <Button onClick={() => setOpen(true)}>{t('sweep-watch.measure-it')}</Button>}
      </div>
      {open && (
        <>
          <Steps
            sweeps={sweeps}
            onSweeps={(many) => {
              setSweeps(many);
              again();
            }}
          />
          <div className="stopwatch-row">
            <Button size="large" type="primary" onClick={() => void press()}>
              {watch.runs ? t('sweep-watch.stop') : t('sweep-watch.start')}
            </Button>
            <output className="big">
              {t('sweep-watch.s', { started: (watch.runs ? watch.now : (timings.at(-1) ?? 0)).toFixed(2) })}
            </output>
            <span className="quiet">{timings.map((t) => figures(t.toFixed(2))).join('; ')}</span>
            {timings.length > 0 && (
              <Button size="small" type="text" onClick={again}>
                {t('sweep-watch.clear')}
              </Button>
            )}
          </div>
          {problem && (
            <p className="field-problem" role="alert">
              {problem}
            </p>
          )}
          {found && (
            <div className="stopwatch-row">
              <b>
                {t('sweep-watch.s-for-one-sweep', {
                  sweepS: found.sweep_s.toFixed(2),
                  errorS: found.error_s.toFixed(2),
                })}
              </b>
              <Button
                onClick={() => {
                  onSweep(Number(found.sweep_s.toFixed(2)));
                  setOpen(false);
                }}
              >
                {t('sweep-watch.use-it')}
              </Button>
            </div>
          )}
        </>
      )}
    </section>
  );
}
