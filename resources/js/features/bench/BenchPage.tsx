import '../rushes/rushes.css';
import './bench.css';
import { App, Button, Checkbox, Dropdown, Input } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { type BenchSession, sweepActions, useSweep, useSweepAction } from '../../api/bench';
import { t } from '../../lang/bench';
import { say, useUnits } from '../../lang/units';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { Curve } from './Curve';
import { Take } from './Take';
import { Verdict } from './Verdict';

/** A session at the bench: what to do, the frames, the curves, and the value that comes of it. */
export default function BenchPage() {
  const { id = '' } = useParams();
  const answer = useSweep(id);
  const session = answer.data;
  useTitle(session?.name ?? t('bench-page.calibration'));
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
            {t('bench-page.loading')}
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
        <Link to="/kit/bench" aria-label={t('bench-page.all-sessions')}>
          ←
        </Link>
        <h1 className="sr-only">{names.name}</h1>
        <Input
          className="bench-name"
          aria-label={t('bench-page.name-of-the-session')}
          variant="borderless"
          value={names.name}
          maxLength={120}
          onChange={(event) => setNames({ ...names, name: event.target.value })}
          onBlur={() => names.name.trim() !== '' && names.name !== session.name && keep({})}
        />
        <Dropdown
          menu={{
            items: [
              {
                key: 'paper',
                label: <a href={`/api/sweeps/${session.id}/paper`}>{t('bench-page.on-paper-pdf')}</a>,
              },
              {
                key: 'document',
                label: <a href={`/api/sweeps/${session.id}/document`}>{t('bench-page.document-json')}</a>,
              },
            ],
          }}
        >
          <Button>{t('bench-page.download')}</Button>
        </Dropdown>
      </div>
      <div className="bench-kit">
        {(['body', 'lens'] as const).map((part) => (
          <label key={part} htmlFor={`bench-${part}`}>
            <span className="quiet">{part === 'body' ? t('bench-page.body') : t('bench-page.lens')}</span>
            <Input
              id={`bench-${part}`}
              size="small"
              value={names[part]}
              maxLength={120}
              placeholder={part === 'body' ? t('bench-page.on-the-tripod') : t('bench-page.before-it')}
              onChange={(event) => setNames({ ...names, [part]: event.target.value })}
              onBlur={() => names[part] !== session[part] && keep({})}
            />
          </label>
        ))}
        <Checkbox
          checked={document.by_distance === true}
          onChange={(event) => keep({}, { by_distance: event.target.checked })}
        >
          {t('bench-page.the-lens-stores-a')}
        </Checkbox>
        {session.stand_in && <span className="bench-made-up">{t('bench-page.simulated-frames')}</span>}
      </div>
      {found ? <Verdict session={session} found={found} /> : <Steps frames={frames.length} />}
      {found?.series.map((series) => (
        <section
          key={`${series.distance_m} ${series.focal_mm}`}
          aria-label={t('bench-page.mm', {
            distanceM: say(series.distance_m, 'length', units),
            focalMm: Math.round(series.focal_mm),
          })}
        >
          <h2>
            {t.rich('bench-page.mm-frames-counts-percent', {
              distanceM: say(series.distance_m, 'length', units),
              focalMm: Math.round(series.focal_mm),
              span: (text) => <span className="quiet">{text}</span>,
              frames: series.frames,
              weight: Math.round(100 * series.weight),
              isPeaks: series.peaks.length > 1 ? 'yes' : 'no',
              peaks: series.peaks.length,
            })}
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
    t('bench-page.something-finely-detailed-flat'),
    t('bench-page.a-tripod-good-light'),
    t('bench-page.one-point-in-the'),
    t('bench-page.a-frame-or-more'),
  ];
  return (
    <section aria-label={t('bench-page.how')} className="bench-steps">
      <h2>{frames === 0 ? t('bench-page.before-the-first-frame') : t('bench-page.go-on-frames-at')}</h2>
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </section>
  );
}
