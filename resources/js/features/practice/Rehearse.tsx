import './practice.css';
import './buttons.css';
import './rehearsal.css';
import { Checkbox } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, Navigate, useLocation, useParams } from 'react-router';
import { planningDay, useDay } from '../../api/day';
import { useProgress } from '../../api/hooks';
import { useOuting } from '../../api/outings';
import type { DrillCourse, DrillDocument } from '../../api/practice';
import { label, within } from '../../lang/labels';
import { t } from '../../lang/practice';
import { useUnits } from '../../lang/units';
import { Failed } from '../../ui/bar/Messages';
import { usePreferences } from '../../ui/bar/preferences';
import { TopBar } from '../../ui/bar/TopBar';
import { Choice } from '../../ui/Choice';
import { ProgressLine } from '../../ui/ProgressLine';
import { useTitle } from '../../ui/useTitle';
import { DrillFrame } from './DrillFrame';
import { HandKeys } from './HandKeys';
import { doesOf, type HandKey, spotOf } from './hand';
import { RehearsalFrame } from './RehearsalFrame';
import { RehearsalResult } from './RehearsalResult';
import { comingAt, type Rehearsed, stageOf, warningLeft } from './rehearsal';
import { tone, useSound } from './sound';
import { usePresses } from './usePresses';
import { useTurn } from './useTurn';

const MOST_SEED = 1_000_000;

type Laid = { body: string | null; rehearsal: DrillDocument }[];

/** The rushes of an outing in an order by chance, in real time, with the buttons of its layout. */
export default function Rehearse() {
  const { id } = useParams();
  const given = (useLocation().state as { document?: DrillDocument } | null)?.document;
  if (id) return <OfOuting id={id} />;
  if (!given) return <Navigate to="/outings" replace />;
  return <Played outing={null} name="" layouts={[{ body: null, rehearsal: given }]} />;
}

function OfOuting({ id }: { id: string }) {
  const units = useUnits();
  const kept = useOuting(id);
  const done = useProgress(planningDay);
  const day = useDay(kept.data?.document, units);
  const name = kept.data?.document.name ?? t('rehearse.outing');
  useTitle(t('rehearse.rehearse', { name }));
  if (kept.isError)
    return (
      <>
        <TopBar />
        <Failed message={kept.error.message} missing={kept.error.status === 404} />
      </>
    );
  const laid = day.data?.played ? day.data.layouts : undefined;
  const can = laid?.flatMap(({ body, rehearsal }) => (rehearsal ? [{ body, rehearsal }] : []));
  if (!can || can.length === 0)
    return (
      <>
        <TopBar />
        <main className="page drill">
          <div className="page-head">
            <h1>{t('rehearse.rehearse', { name })}</h1>
            <Link className="ant-btn ant-btn-default" to={`/outings/${id}`}>
              {t('rehearse.back-to-the-outing')}
            </Link>
          </div>
          {day.isError ? (
            <Failed message={day.error.message} />
          ) : laid ? (
            <p className="practice-empty">
              {t.rich('rehearse.there-is-nothing-to', {
                link: (text) => <Link to="/kit/layouts">{text}</Link>,
              })}
            </p>
          ) : (
            <ProgressLine what={t('rehearse.working-out-the-buttons')} working done={done} />
          )}
        </main>
      </>
    );
  return <Played key={id} outing={id} name={name} layouts={can} />;
}

/** @param outing whose it is; null for a turn that was given, which is played as it is */
function Played({ outing, name, layouts }: { outing: string | null; name: string; layouts: Laid }) {
  useTitle(outing === null ? label('exercise', 'rehearsal') : t('rehearse.rehearse', { name }));
  const { still } = usePreferences();
  const [body, setBody] = useState(0);
  const [sound, setSound] = useSound();
  const [blind, setBlind] = useState(false);
  const turn = useTurn();
  const presses = usePresses(sound === 'on');
  const [now, setNow] = useState(0);
  const field = useRef<HTMLDivElement>(null);
  const timer = useRef(0);
  const chosen = layouts[body]?.rehearsal ?? layouts[0]?.rehearsal;
  const layout: HandKey[] = turn.course?.layout ?? chosen?.layout ?? [];
  const rushes = turn.course?.document.rushes ?? chosen?.rushes ?? [];
  const running = turn.stage === 'running';
  useEffect(() => () => cancelAnimationFrame(timer.current), []);

  function play(course: DrillCourse) {
    const comings = course.comings ?? [];
    let seen = -1;
    presses.begin();
    turn.setStage('running');
    field.current?.focus();
    const step = () => {
      const t = presses.time();
      if (t === null) return;
      const at = comingAt(comings, t);
      if (at !== seen) {
        seen = at;
        if (sound === 'on') tone(440, 0.06);
      }
      setNow(t);
      presses.poll(course.layout?.length ?? 0);
      if (document.hidden) {
        presses.end();
        turn.interrupted();
      } else if (t < course.seconds) timer.current = requestAnimationFrame(step);
      else turn.finish({ ...course.document, trace: presses.end(), aids: { sound: sound === 'on' } });
    };
    step();
  }

  async function start() {
    cancelAnimationFrame(timer.current);
    if (!chosen) return;
    const found = await turn.begin({
      drill: 'rehearsal',
      document:
        outing === null ? chosen : { ...chosen, seed: 1 + Math.floor(Math.random() * (MOST_SEED - 1)) },
    });
    if (found) play(found);
  }

  const { at, stage, answer } = momentOf(turn, rushes, now);
  return (
    <DrillFrame
      title={outing === null ? label('exercise', 'rehearsal') : t('rehearse.rehearse', { name })}
      says={t('rehearse.its-rushes-come-in')}
      turn={turn}
      onStart={() => void start()}
      honest={t('rehearse.it-trains-which-control')}
      settings={
        <>
          {layouts.length > 1 ? (
            <Choice
              label={t('rehearse.body')}
              disabled={running}
              value={String(body)}
              options={layouts.map((one, i) => ({ value: String(i), label: one.body ?? '' }))}
              onChange={(next) => setBody(Number(next))}
            />
          ) : (
            <p className="quiet">
              {outing === null
                ? t('rehearse.this-turn-was-given')
                : t('rehearse.with-the-buttons-of', { body: layouts[0]?.body })}
            </p>
          )}
          {!(blind && running) && <Answers rushes={rushes} layout={layout} />}
        </>
      }
      aids={
        <>
          <Checkbox checked={blind} onChange={(e) => setBlind(e.target.checked)}>
            {t('rehearse.hide-what-they-do')}
          </Checkbox>
          <Checkbox checked={sound === 'on'} onChange={(e) => setSound(e.target.checked ? 'on' : 'off')}>
            {t('rehearse.sound')}
          </Checkbox>
        </>
      }
      result={
        turn.stage === 'done' && turn.kept ? <RehearsalResult kept={turn.kept} outing={outing} /> : null
      }
    >
      <div
        ref={field}
        className={running ? 'buttons-field running' : 'buttons-field'}
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: keys stand for the buttons here
        tabIndex={0}
        aria-label={t('rehearse.the-frame-and-the')}
        data-coming={at}
        data-answer={stage === undefined || stage === 'gone' ? '' : answer}
        {...presses.keys(layout.map((key) => key.place))}
      >
        <Coming turn={turn} rushes={rushes} now={now} held={presses.held} still={still} />
        <HandKeys
          layout={layout}
          held={presses.held}
          onPress={presses.mark}
          says={(key) => !(blind && running) && <span className="hand-does">{doesOf(key)}</span>}
        />
      </div>
    </DrillFrame>
  );
}

/** What is reached from rest is answered by the first control that starts focus. */
const answerOf = (rush: Rehearsed, layout: HandKey[]) =>
  layout.find((key) => (rush.by ? key.place === rush.by : key.duty === 'start-focus'));

function Answers({ rushes, layout }: { rushes: Rehearsed[]; layout: HandKey[] }) {
  return (
    <dl className="rehearsal-answers" aria-label={t('rehearse.which-control-answers-which')}>
      {rushes.map((r) => (
        <div key={r.name}>
          <dt>{r.name}</dt>
          <dd>
            {spotOf(answerOf(r, layout)?.place ?? '').key}{' '}
            <span className="quiet">{label('control-place', answerOf(r, layout)?.place ?? '')}</span>
          </dd>
        </div>
      ))}
    </dl>
  );
}

type Turn = ReturnType<typeof useTurn>;

/** Which rush is coming at a time, how far it is, and which control answers it. */
function momentOf(turn: Turn, rushes: Rehearsed[], now: number) {
  const comings = turn.course?.comings ?? [];
  const at = turn.stage === 'running' ? comingAt(comings, now) : -1;
  const coming = comings[at];
  return {
    at,
    coming,
    of: comings.length,
    rush: coming && rushes[coming.entry],
    stage: coming && stageOf(coming, now),
    answer: coming && (turn.course?.answers ?? [])[coming.entry],
  };
}

type ComingProps = {
  turn: Turn;
  rushes: Rehearsed[];
  now: number;
  held: number | null;
  still: boolean;
};

/** The rush that is coming, its warning, and what is left to dial once its control is held. */
function Coming({ turn, rushes, now, held: pressed, still }: ComingProps) {
  const running = turn.stage === 'running';
  const { at, coming, of, rush, stage, answer } = momentOf(turn, rushes, now);
  const held = pressed !== null && pressed === answer && stage !== 'gone';
  return (
    <div className="rehearsal-view">
      {rush && stage !== 'gone' ? (
        <RehearsalFrame rush={rush} time={now - (coming?.due ?? 0)} still={still} />
      ) : (
        <div className="rehearsal-frame empty" />
      )}
      <span className="rehearsal-warning" aria-hidden="true">
        <span
          className={stage === 'there' ? 'due' : ''}
          style={{ width: `${coming && stage === 'comes' ? 100 * warningLeft(coming, now) : 100}%` }}
          hidden={!coming || stage === 'gone'}
        />
      </span>
      <p className="rehearsal-said" aria-live="off">
        {turn.stage === 'loading' && t('rehearse.loading')}
        {turn.stage === 'scoring' && t('rehearse.counting')}
        {rush && stage !== 'gone' && (
          <>
            <strong>{rush.name}</strong>{' '}
            <span className="quiet">
              {held
                ? (rush.left ?? []).length > 0
                  ? t('rehearse.held-then', {
                      left: (rush.left ?? []).map((one) => within('setting', one.setting)).join(', '),
                    })
                  : t('rehearse.held')
                : stage === 'there'
                  ? t('rehearse.first-frame')
                  : ''}
            </span>
          </>
        )}
        {running && (!rush || stage === 'gone') && <span className="quiet">{t('rehearse.wait-for-it')}</span>}
      </p>
      {running && (
        <span className="quiet figures rehearsal-count">{t('rehearse.of', { at: at + 1, comings: of })}</span>
      )}
    </div>
  );
}
