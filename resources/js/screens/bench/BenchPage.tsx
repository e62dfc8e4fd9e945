import '../rushes/rushes.css';
import './bench.css';
import { App, Button, Checkbox, Dropdown, Input } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { type BenchSession, sweepActions, useSweep, useSweepAction } from '../../api/bench';
import { say, useUnits } from '../../parts/units';
import { useTitle } from '../../parts/useTitle';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { Curve } from './Curve';
import { Take } from './Take';
import { Verdict } from './Verdict';

/** A session at the bench: what to do, the frames, the curves, and the value that comes of it. */
export default function BenchPage() {
  const { id = '' } = useParams();
  const answer = useSweep(id);
  const session = answer.data;
  useTitle(session?.name ?? 'Calibration');
  if (answer.isError) {
    return (
      <>
        <TopBar />
        <Failed message={answer.error.message} />
      </>
    );
  }
  return (
    <>
      <TopBar />
      {session ? (
        <Session key={session.id} session={session} />
      ) : (
        <main className="rushes">
          <p className="quiet" role="status">
            Loading…
          </p>
        </main>
      )}
    </>
  );
}

function Session({ session }: { session: BenchSession }) {
  const units = useUnits();
  const { message } = App.useApp();
  const [names, setNames] = useState({ name: session.name, body: session.body, lens: session.lens });
  const save = useSweepAction(sweepActions.save);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const { found, document } = session;
  const frames = document.frames;
  const keep = (fields: Partial<typeof names>, change: Partial<BenchSession['document']> = {}) =>
    save.mutate(
      { id: session.id, version: session.version, ...names, ...fields, document: { ...document, ...change } },
      fail,
    );
  useEffect(
    () => setNames({ name: session.name, body: session.body, lens: session.lens }),
    [session.name, session.body, session.lens],
  );

  return (
    <main className="rushes bench">
      <div className="rushes-head">
        <Link to="/kit/bench" aria-label="All sessions">
          ←
        </Link>
        <h1 className="sr-only">{names.name}</h1>
        <Input
          className="bench-name"
          aria-label="Name of the session"
          variant="borderless"
          value={names.name}
          maxLength={120}
          onChange={(event) => setNames({ ...names, name: event.target.value })}
          onBlur={() => names.name.trim() !== '' && names.name !== session.name && keep({})}
        />
        <Dropdown
          menu={{
            items: [
              { key: 'paper', label: <a href={`/api/sweeps/${session.id}/paper`}>On paper (PDF)</a> },
              { key: 'document', label: <a href={`/api/sweeps/${session.id}/document`}>Document (JSON)</a> },
            ],
          }}
        >
          <Button>Download</Button>
        </Dropdown>
      </div>
      <div className="bench-kit">
        {(['body', 'lens'] as const).map((part) => (
          <label key={part} htmlFor={`bench-${part}`}>
            <span className="quiet">{part === 'body' ? 'Body' : 'Lens'}</span>
            <Input
              id={`bench-${part}`}
              size="small"
              value={names[part]}
              maxLength={120}
              placeholder={part === 'body' ? 'on the tripod' : 'before it'}
              onChange={(event) => setNames({ ...names, [part]: event.target.value })}
              onBlur={() => names[part] !== session[part] && keep({})}
            />
          </label>
        ))}
        <Checkbox
          checked={document.by_distance === true}
          onChange={(event) => keep({}, { by_distance: event.target.checked })}
        >
          The lens stores a value for each distance
        </Checkbox>
        {session.stand_in && <span className="bench-made-up">Simulated frames</span>}
      </div>
      {found ? <Verdict session={session} found={found} /> : <Steps frames={frames.length} />}
      {found?.series.map((series) => (
        <section
          key={`${series.distance_m} ${series.focal_mm}`}
          aria-label={`${say(series.distance_m, 'length', units)}, ${Math.round(series.focal_mm)} mm`}
        >
          <h2>
            {say(series.distance_m, 'length', units)}, {Math.round(series.focal_mm)} mm{' '}
            <span className="quiet">
              {series.frames} frames, counts {Math.round(100 * series.weight)}%
              {series.peaks.length > 1 && `, ${series.peaks.length} peaks`}
            </span>
          </h2>
          <Curve series={series} />
        </section>
      ))}
      <Take session={session} />
    </main>
  );
}

/** What is done before the first frame. */
function Steps({ frames }: { frames: number }) {
  const steps = [
    'Something finely detailed, flat to the camera, at a distance you really shoot: a target, bark, a brick wall.',
    'A tripod, good light, the stabiliser off, the widest aperture, in-camera sharpening at zero.',
    'One point in the centre, single focus. Defocus by hand between frames.',
    'A frame or more at each fine-tune value from one end to the other. The curve may have more than one peak: leave none out.',
  ];
  return (
    <section aria-label="How" className="bench-steps">
      <h2>{frames === 0 ? 'Before the first frame' : 'Go on: frames at three values at least'}</h2>
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </section>
  );
}
