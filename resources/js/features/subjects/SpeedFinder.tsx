import { Button, Segmented } from 'antd';
import { useRef, useState } from 'react';
import { client, take } from '../../api/client';
import { t } from '../../lang/subjects';
import { say, useUnits } from '../../lang/units';
import { NumberField } from '../../ui/NumberField';

type Found = { speed_mps: number; error_mps: number };

/** A subject’s speed from a stopwatch and a distance, or from the frames of a burst. */
export function SpeedFinder({
  lengthM,
  lengthError,
  onUse,
}: {
  lengthM: number;
  lengthError: number;
  onUse: (speed: number, share: number) => void;
}) {
  const units = useUnits();
  const [by, setBy] = useState<'stopwatch' | 'frames'>('stopwatch');
  const [metres, setMetres] = useState(30);
  const [off, setOff] = useState(2);
  const [seconds, setSeconds] = useState(2.5);
  const [lengths, setLengths] = useState(4);
  const [frames, setFrames] = useState(5);
  const [rate, setRate] = useState(20);
  const [found, setFound] = useState<Found | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  async function find(time = seconds) {
    setProblem(null);
    try {
      setFound(
        await take(
          client.POST('/api/speed', {
            body:
              by === 'stopwatch'
                ? { by, metres, seconds: time, metres_error: off }
                : { by, lengths, length_m: lengthM, frames, frames_per_s: rate, length_error: lengthError },
          }),
        ),
      );
    } catch (error) {
      setFound(null);
      setProblem((error as Error).message);
    }
  }

  return (
    <section className="speed-finder" aria-label={t('speed-finder.speed-finder')}>
      <h3>{t('speed-finder.find-its-speed')}</h3>
      <Segmented<'stopwatch' | 'frames'>
        size="small"
        value={by}
        onChange={(v) => {
          setBy(v);
          setFound(null);
        }}
        options={[
          { value: 'stopwatch', label: t('speed-finder.stopwatch-and-distance') },
          { value: 'frames', label: t('speed-finder.frames-of-a-burst') },
        ]}
      />
      {by === 'stopwatch' ? (
        <div className="fields three">
          <NumberField
            label={t('speed-finder.between-two-marks')}
            quantity="length"
            value={metres}
            onChange={setMetres}
          />
          <NumberField
            label={t('speed-finder.give-or-take')}
            quantity="length"
            value={off}
            onChange={setOff}
          />
          <NumberField label={t('speed-finder.time')} quantity="time" value={seconds} onChange={setSeconds} />
        </div>
      ) : (
        <InFrames
          lengths={lengths}
          onLengths={setLengths}
          frames={frames}
          onFrames={setFrames}
          rate={rate}
          onRate={setRate}
        />
      )}
      <div className="speed-row">
        {by === 'stopwatch' && (
          <Watch
            onTime={(time) => {
              setSeconds(time);
              void find(time);
            }}
          />
        )}
        <Button onClick={() => void find()}>{t('speed-finder.work-it-out')}</Button>
        {found && (
          <>
            <output>
              <b>{say(found.speed_mps, 'speed', units)}</b> ± {say(found.error_mps, 'speed', units)}
            </output>
            <Button type="primary" onClick={() => onUse(found.speed_mps, found.error_mps / found.speed_mps)}>
              {t('speed-finder.use-it')}
            </Button>
          </>
        )}
      </div>
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
    </section>
  );
}

/** Started as it passes the first mark, stopped at the second. */
function Watch({ onTime }: { onTime: (seconds: number) => void }) {
  const started = useRef<number | null>(null);
  const [running, setRunning] = useState(false);
  return (
    <Button
      onClick={() => {
        if (started.current === null) {
          started.current = performance.now();
          setRunning(true);
          return;
        }
        const time = Number(((performance.now() - started.current) / 1000).toFixed(2));
        started.current = null;
        setRunning(false);
        onTime(time);
      }}
    >
      {running ? t('speed-finder.stop-as-it-passes') : t('speed-finder.start-the-watch')}
    </Button>
  );
}

type InFramesProps = {
  lengths: number;
  onLengths: (lengths: number) => void;
  frames: number;
  onFrames: (frames: number) => void;
  rate: number;
  onRate: (rate: number) => void;
};

/** How many of its own lengths it moved in so many frames. */
function InFrames({ lengths, onLengths, frames, onFrames, rate, onRate }: InFramesProps) {
  return (
    <div className="fields three">
      <NumberField
        label={t('speed-finder.its-own-lengths-moved')}
        quantity="plain"
        value={lengths}
        onChange={onLengths}
      />
      <NumberField
        label={t('speed-finder.in-so-many-frames')}
        quantity="count"
        value={frames}
        onChange={onFrames}
      />
      <NumberField label={t('speed-finder.frame-rate')} quantity="frames" value={rate} onChange={onRate} />
    </div>
  );
}
