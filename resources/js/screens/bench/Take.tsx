import { App, Button, Input, InputNumber, Select, Table } from 'antd';
import { useEffect, useState } from 'react';
import { type BenchSession, sweepActions, type Trial, useSweepAction } from '../../api/bench';
import { useBurstPictures, usePictureBursts } from '../../api/pictures';
import { useTitle } from '../../parts/useTitle';
import { signed } from './signed';

const EYE = [1, 2, 3, 4, 5, 6, 7, 8, 9];

/** Frames into a session: typed, by eye from the pictures of a burst, measured in them, or taken by the stand-in. */
export function Take({ session }: { session: BenchSession }) {
  const { message } = App.useApp();
  const last = session.document.frames.at(-1);
  const [distance, setDistance] = useState(last?.distance_m ?? 10);
  const [focal, setFocal] = useState(last?.focal_mm ?? 500);
  const [typed, setTyped] = useState('');
  const [burst, setBurst] = useState<string | null>(null);
  const [flicking, setFlicking] = useState(false);
  const save = useSweepAction(sweepActions.save);
  const shoot = useSweepAction(sweepActions.standIn);
  const measured = useSweepAction(sweepActions.pictures);
  const bursts = usePictureBursts(false).data ?? [];
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const place = { distance_m: distance, focal_mm: focal };
  const keep = (frames: Trial[], then?: () => void) =>
    save.mutate(
      {
        id: session.id,
        version: session.version,
        name: session.name,
        body: session.body,
        lens: session.lens,
        document: { ...session.document, frames },
      },
      { ...fail, onSuccess: () => then?.() },
    );
  const read = readTyped(typed);
  const real = !session.stand_in;
  const frames = session.document.frames;

  return (
    <section aria-label="Frames">
      <h2>{frames.length === 0 ? 'Frames' : 'More frames'}</h2>
      <div className="bench-place">
        <label htmlFor="bench-distance">
          <span className="quiet">Distance</span>
          <InputNumber
            id="bench-distance"
            min={0.1}
            max={1000}
            value={distance}
            suffix="m"
            onChange={(metres) => metres && setDistance(metres)}
          />
        </label>
        <label htmlFor="bench-focal">
          <span className="quiet">Focal length</span>
          <InputNumber
            id="bench-focal"
            min={8}
            max={2000}
            value={focal}
            suffix="mm"
            onChange={(mm) => mm && setFocal(mm)}
          />
        </label>
        {(session.stand_in || frames.length === 0) && (
          <Button
            loading={shoot.isPending}
            onClick={() =>
              shoot.mutate(
                {
                  id: session.id,
                  frames: Array.from({ length: 41 }, (_, i) => ({ value: i - 20, times: 1 })),
                  ...place,
                },
                fail,
              )
            }
          >
            Have the stand-in sweep −20 to +20
          </Button>
        )}
      </div>
      {real && (
        <div className="bench-ways">
          <div>
            <h3>Scores you have</h3>
            <Input.TextArea
              aria-label="Values and scores"
              rows={5}
              value={typed}
              placeholder={'−5 4.2\n−4 5.0\n−3 6.1'}
              onChange={(event) => setTyped(event.target.value)}
            />
            {read.problem && <p className="field-problem">{read.problem}</p>}
            <Button
              disabled={read.trials.length === 0 || read.problem !== null}
              loading={save.isPending}
              onClick={() =>
                keep([...frames, ...read.trials.map((t) => ({ ...t, ...place }))], () => setTyped(''))
              }
            >
              {read.trials.length > 0 ? `Add ${read.trials.length}` : 'Add'}
            </Button>
            <p className="quiet">A value and a score on each line; more is sharper, on any scale.</p>
          </div>
          <div>
            <h3>Pictures of a burst</h3>
            {bursts.length === 0 ? (
              <p className="quiet">
                Drop the pictures of the sweep under Review, Pictures, and mark the target in one of them.
              </p>
            ) : (
              <>
                <Select
                  aria-label="Which burst"
                  className="wide"
                  placeholder="Which burst"
                  value={burst}
                  options={bursts.map((b) => ({
                    value: b.burst.id,
                    label: `${b.burst.rush || 'Burst'}, ${b.pictures} frames, ${new Date(b.burst.at).toLocaleDateString('en-GB')}`,
                  }))}
                  onChange={setBurst}
                />
                <div className="bench-of-burst">
                  <Button
                    disabled={!burst}
                    loading={measured.isPending}
                    onClick={() =>
                      burst && measured.mutate({ id: session.id, burst, values: null, ...place }, fail)
                    }
                  >
                    Measured, values in the file names
                  </Button>
                  <Button disabled={!burst} onClick={() => setFlicking(true)}>
                    By eye
                  </Button>
                </div>
                <p className="quiet">A name like target_+04.jpg says its value.</p>
              </>
            )}
          </div>
        </div>
      )}
      {flicking && burst && (
        <Flick
          burst={burst}
          onClose={() => setFlicking(false)}
          onDone={(trials) =>
            keep([...frames, ...trials.map((t) => ({ ...t, ...place }))], () => setFlicking(false))
          }
        />
      )}
      {frames.length > 0 && (
        <details className="bench-frames">
          <summary>All frames</summary>
          <Table
            size="small"
            rowKey={(_, i) => String(i)}
            pagination={{ pageSize: 20, hideOnSinglePage: true }}
            dataSource={frames.map((frame, number) => ({ ...frame, number }))}
            columns={[
              { title: 'Value', dataIndex: 'value', render: signed },
              { title: 'Score', dataIndex: 'score', render: (score: number) => score.toFixed(2) },
              { title: 'Distance', dataIndex: 'distance_m', render: (m: number) => `${m} m` },
              { title: 'Focal length', dataIndex: 'focal_mm', render: (mm: number) => `${mm} mm` },
              {
                title: '',
                dataIndex: 'number',
                render: (number: number) => (
                  <Button
                    size="small"
                    type="text"
                    aria-label={`Leave out frame ${number + 1}`}
                    onClick={() => keep(frames.filter((_, i) => i !== number))}
                  >
                    ×
                  </Button>
                ),
              },
            ]}
          />
        </details>
      )}
    </section>
  );
}

/** Lines of a value and a score. */
export function readTyped(text: string): {
  trials: { value: number; score: number }[];
  problem: string | null;
} {
  const trials: { value: number; score: number }[] = [];
  for (const [i, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue;
    const found = /^\s*([+\-−]?\d{1,3})[\s;:,\t]+(\d+(?:[.,]\d+)?)\s*$/.exec(line);
    const value = Number(found?.[1]?.replace('−', '-'));
    if (!found || Math.abs(value) > 100)
      return { trials, problem: `Line ${i + 1} is no value from −100 to +100 with a score from 0 up.` };
    trials.push({ value, score: Number(found[2]?.replace(',', '.')) });
  }
  return { trials, problem: null };
}

/** Frame after frame at 100 %, scored by a key. */
function Flick({
  burst,
  onClose,
  onDone,
}: {
  burst: string;
  onClose: () => void;
  onDone: (trials: { value: number; score: number }[]) => void;
}) {
  useTitle('Score by eye');
  const pictures = useBurstPictures(burst).data?.pictures ?? [];
  const [at, setAt] = useState(0);
  const [scores, setScores] = useState<Record<string, number>>({});
  const [from, setFrom] = useState(-20);
  const [step, setStep] = useState(1);
  const shown = pictures[at];
  const give = (score: number) => {
    if (!shown) return;
    setScores((now) => ({ ...now, [shown.id]: score }));
    setAt((now) => Math.min(pictures.length - 1, now + 1));
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.target as HTMLElement).closest('input, textarea')) return;
      const digit = Number(event.key);
      if (digit >= 1 && digit <= 9) give(digit);
      else if (event.key === 'ArrowRight') setAt((now) => Math.min(pictures.length - 1, now + 1));
      else if (event.key === 'ArrowLeft') setAt((now) => Math.max(0, now - 1));
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  const trials = pictures.flatMap((picture, i) => {
    const score = scores[picture.id];
    return score === undefined ? [] : [{ value: from + i * step, score }];
  });
  if (!shown) return <p role="status">Loading…</p>;
  return (
    <div className="bench-flick" role="dialog" aria-label="Score by eye">
      <div className="bench-flick-picture">
        <img src={`/api/pictures/${shown.id}/crop`} alt={`Frame ${at + 1} of ${pictures.length} at 100 %`} />
      </div>
      <div>
        <p>
          Frame <b>{at + 1}</b> of {pictures.length}, value <b>{signed(from + at * step)}</b>
        </p>
        <p className="bench-eye">
          {EYE.map((score) => (
            <Button
              key={score}
              type={scores[shown.id] === score ? 'primary' : 'default'}
              onClick={() => give(score)}
              aria-label={`Score ${score}`}
            >
              {score}
            </Button>
          ))}
        </p>
        <p className="quiet">1 is mush, 9 as crisp as it gets. Keys 1 to 9 score and go on; arrows step.</p>
        <div className="bench-place">
          <label htmlFor="bench-first">
            <span className="quiet">First value</span>
            <InputNumber
              id="bench-first"
              size="small"
              min={-100}
              max={100}
              value={from}
              onChange={(v) => v !== null && setFrom(v)}
            />
          </label>
          <label htmlFor="bench-step">
            <span className="quiet">Step</span>
            <InputNumber
              id="bench-step"
              size="small"
              min={-10}
              max={10}
              value={step}
              onChange={(v) => v && setStep(v)}
            />
          </label>
        </div>
        <p className="bench-of-burst">
          <Button type="primary" disabled={trials.length === 0} onClick={() => onDone(trials)}>
            {trials.length > 0 ? `Add ${trials.length}` : 'Add'}
          </Button>
          <Button onClick={onClose}>Close</Button>
        </p>
      </div>
    </div>
  );
}
