import { App, Button, Input, Table } from 'antd';
import { useState } from 'react';
import { type BenchSession, sweepActions, type Trial, useSweepAction } from '../../api/bench';
import { t } from '../../lang/bench';
import { figures } from '../../lang/language';
import { say, useUnits } from '../../lang/units';
import { NumberField } from '../../ui/NumberField';
import { FromBurst } from './FromBurst';
import { readTyped, type Scored, signed } from './values';

/** What the stand-in sweeps: every value that cameras usually have. */
const SWEPT = Array.from({ length: 41 }, (_, i) => ({ value: i - 20, times: 1 }));

/** Frames into a session: typed, from the pictures of a burst, or taken by the stand-in. */
export function Take({ session }: { session: BenchSession }) {
  const { message } = App.useApp();
  const frames = session.document.frames;
  const last = frames.at(-1);
  const [distance, setDistance] = useState(last?.distance_m ?? 10);
  const [focal, setFocal] = useState(last?.focal_mm ?? 500);
  const save = useSweepAction(sweepActions.save);
  const shoot = useSweepAction(sweepActions.standIn);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const place = { distance_m: distance, focal_mm: focal };
  const keep = (kept: Trial[], then?: () => void) =>
    save.mutate(
      {
        id: session.id,
        version: session.version,
        name: session.name,
        body: session.body,
        lens: session.lens,
        document: { ...session.document, frames: kept },
      },
      { ...fail, onSuccess: () => then?.() },
    );
  const add = (trials: Scored[], then: () => void) =>
    keep([...frames, ...trials.map((t) => ({ ...t, ...place }))], then);

  return (
    <section aria-label={t('take.frames')}>
      <h2>{frames.length === 0 ? t('take.frames') : t('take.more-frames')}</h2>
      <div className="bench-place">
        <NumberField label={t('take.distance')} quantity="length" value={distance} onChange={setDistance} />
        <NumberField label={t('take.focal-length')} quantity="mm" value={focal} onChange={setFocal} />
        {(session.stand_in || frames.length === 0) && (
          <Button
            loading={shoot.isPending}
            onClick={() => shoot.mutate({ id: session.id, frames: SWEPT, ...place }, fail)}
          >
            {t('take.simulate-a-series-from')}
          </Button>
        )}
      </div>
      {!session.stand_in && (
        <div className="bench-ways">
          <Typed busy={save.isPending} onScored={add} />
          <FromBurst session={session} place={place} onScored={add} />
        </div>
      )}
      {frames.length > 0 && (
        <Frames frames={frames} onDrop={(number) => keep(frames.filter((_, i) => i !== number))} />
      )}
    </section>
  );
}

function Typed({
  busy,
  onScored,
}: {
  busy: boolean;
  onScored: (trials: Scored[], then: () => void) => void;
}) {
  const [typed, setTyped] = useState('');
  const { trials, problem } = readTyped(typed);
  return (
    <div>
      <h3>{t('take.scores-you-have')}</h3>
      <Input.TextArea
        aria-label={t('take.values-and-scores')}
        rows={5}
        value={typed}
        placeholder={'−5 4.2\n−4 5.0\n−3 6.1'}
        onChange={(event) => setTyped(event.target.value)}
      />
      {problem && <p className="field-problem">{problem}</p>}
      <Button
        disabled={trials.length === 0 || problem !== null}
        loading={busy}
        onClick={() => onScored(trials, () => setTyped(''))}
      >
        {trials.length > 0 ? t('take.add', { trials: trials.length }) : t('take.add-2')}
      </Button>
      <p className="quiet">{t('take.a-value-and-a')}</p>
    </div>
  );
}

/** All frames, each to be left out. */
function Frames({ frames, onDrop }: { frames: Trial[]; onDrop: (number: number) => void }) {
  const units = useUnits();
  return (
    <details className="bench-frames">
      <summary>{t('take.all-frames')}</summary>
      <Table
        size="small"
        rowKey="number"
        pagination={{ pageSize: 20, hideOnSinglePage: true }}
        dataSource={frames.map((frame, number) => ({ ...frame, number }))}
        columns={[
          { title: t('take.value'), dataIndex: 'value', render: signed },
          {
            title: t('take.score'),
            dataIndex: 'score',
            render: (score: number) => figures(score.toFixed(2)),
          },
          {
            title: t('take.distance'),
            dataIndex: 'distance_m',
            render: (m: number) => say(m, 'length', units),
          },
          {
            title: t('take.focal-length'),
            dataIndex: 'focal_mm',
            render: (mm: number) => t('take.mm', { mm: Math.round(mm) }),
          },
          {
            title: '',
            dataIndex: 'number',
            render: (number: number) => (
              <Button
                size="small"
                type="text"
                aria-label={t('take.leave-out-frame', { number: number + 1 })}
                onClick={() => onDrop(number)}
              >
                ×
              </Button>
            ),
          },
        ]}
      />
    </details>
  );
}
