import './practice.css';
import './buttons.css';
import { Checkbox } from 'antd';
import { type PointerEvent, useCallback, useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useKit } from '../../api/kit';
import type { DrillCourse, DrillDocument } from '../../api/practice';
import { Choice } from '../../parts/Choice';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { ButtonsResult } from './ButtonsResult';
import { DrillFrame } from './DrillFrame';
import { readGamepad } from './gamepad';
import { keyOf, spotOf } from './hand';
import { Scene } from './Scene';
import { pulses, tone, useSound } from './sound';
import { useTurn } from './useTurn';

/** So long one looks at the controls first, s; with the pulses to be learned, longer. */
const LOOK_S = 4;
const LOOK_SHUT_S = 9;

/** What a control does, in words. */
export function doesOf(key: NonNullable<DrillCourse['layout']>[number]): string {
  if (key.duty !== 'stored-set') return label('duty', key.duty);
  const parts = [
    key.area && label('area', key.area),
    key.detect && key.detect !== 'off' && label('detection', key.detect),
    key.mode && label('focus-mode', key.mode),
  ];
  return parts.filter(Boolean).join(', ') || label('duty', key.duty);
}

/** A situation is called, and the right button of one’s own layout has to be found without looking. */
export default function ButtonsDrill() {
  useTitle(label('exercise', 'buttons'));
  const given = (useLocation().state as { document?: DrillDocument } | null)?.document;
  const [query] = useSearchParams();
  const bodies = useKit('bodies').data ?? [];
  const [body, setBody] = useState<string | null>(null);
  const [sound, setSound] = useSound();
  const [shut, setShut] = useState(false);
  const [blind, setBlind] = useState(false);
  const turn = useTurn();
  const [call, setCall] = useState<number | null>(null);
  const [held, setHeld] = useState<number | null>(null);
  const [number, setNumber] = useState(0);
  const [soon, setSoon] = useState(0);
  const field = useRef<HTMLDivElement>(null);
  const live = useRef<{
    course: DrillCourse;
    begun: number;
    trace: number[][];
    down: Set<number>;
    at: number;
  } | null>(null);
  const timer = useRef(0);
  const pads = useRef<boolean[]>([]);
  const layout = turn.course?.layout ?? [];
  const chosen = body ?? bodies.find((b) => !b.sample)?.id ?? null;

  useEffect(() => () => cancelAnimationFrame(timer.current), []);

  const mark = useCallback(
    (key: number, down: boolean, at: number) => {
      const run = live.current;
      if (!run || key < 0) return;
      if (down === run.down.has(key)) return;
      if (down) run.down.add(key);
      else run.down.delete(key);
      run.trace.push([Number(Math.max(0, (at - run.begun) / 1000).toFixed(4)), key, down ? 1 : 0]);
      setHeld(down ? key : null);
      if (down && sound === 'on') tone(660, 0.05, 0, 0.08);
    },
    [sound],
  );

  /** The controls are looked at before the first call. */
  function look(course: DrillCourse) {
    turn.setStage('running');
    field.current?.focus();
    const until = performance.now() + 1000 * (shut ? LOOK_SHUT_S : LOOK_S);
    const wait = () => {
      const rest = Math.ceil((until - performance.now()) / 1000);
      setSoon(Math.max(0, rest));
      if (rest > 0) timer.current = requestAnimationFrame(wait);
      else play(course);
    };
    wait();
  }

  function play(course: DrillCourse) {
    const calls = (course.calls ?? []) as [number, number | null][];
    live.current = { course, begun: performance.now(), trace: [], down: new Set(), at: -1 };
    setNumber(0);
    const step = () => {
      const run = live.current;
      if (!run) return;
      const t = (performance.now() - run.begun) / 1000;
      const at = calls.findLastIndex(([when]) => when <= t);
      if (at !== run.at) {
        run.at = at;
        setNumber(at + 1);
        const key = calls[at]?.[1] ?? null;
        setCall(key === null ? -1 : key);
        const place = (course.asked ?? []).findIndex((a) => a.key === key);
        if (shut) pulses(key === null ? 1 : place + 2, sound === 'on');
        else if (sound === 'on') tone(440, 0.06);
      }
      const pad = readGamepad();
      if (pad) {
        pad.pressed.forEach((down, i) => {
          if (down !== (pads.current[i] ?? false))
            mark(i < (course.layout?.length ?? 0) ? i : -1, down, performance.now());
        });
        pads.current = pad.pressed;
      }
      if (document.hidden) {
        live.current = null;
        turn.interrupted();
      } else if (t < course.seconds) timer.current = requestAnimationFrame(step);
      else {
        live.current = null;
        setCall(null);
        turn.finish(
          { ...course.document, trace: run.trace, aids: { eyes_shut: shut, sound: sound === 'on' } },
          chosen,
        );
      }
    };
    step();
  }

  async function start() {
    cancelAnimationFrame(timer.current);
    const seed = query.get('seed');
    const found = await turn.begin(
      given
        ? { drill: 'buttons', document: given }
        : { drill: 'buttons', body: chosen, ...(seed ? { seed: Number(seed) } : {}) },
    );
    if (found) look(found);
  }

  const running = turn.stage === 'running';
  const places = layout.map((k) => k.place);
  const press = (key: number, down: boolean) => (event: PointerEvent) => {
    event.preventDefault();
    if (down) (event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId);
    mark(key, down, event.timeStamp);
  };
  const said =
    call === null
      ? null
      : call === -1
        ? 'now'
        : (turn.course?.asked?.find((a) => a.key === call)?.call ?? null);
  return (
    <DrillFrame
      title={label('exercise', 'buttons')}
      says="A situation is called: press the control that answers it, and hold it for a moment. The first five calls take any control; they measure how fast your hand is when nothing has to be found."
      turn={turn}
      onStart={() => void start()}
      honest="It trains which, not where: keys and glass do not lie where the buttons of a camera do. With the camera in your hands, eyes shut, say the calls to yourself."
      settings={
        given ? (
          <p className="quiet">
            This turn was given to you: the same layout and calls for everybody who plays it.
          </p>
        ) : (
          <Choice
            label="Buttons of"
            disabled={running}
            value={chosen ?? 'sample-fast-mirrorless'}
            options={bodies.map((b) => ({ value: b.id, label: b.name }))}
            onChange={setBody}
          />
        )
      }
      aids={
        <>
          <Checkbox checked={shut} disabled={running} onChange={(e) => setShut(e.target.checked)}>
            Eyes shut: pulses only
          </Checkbox>
          <Checkbox checked={blind} onChange={(e) => setBlind(e.target.checked)}>
            Hide what they do
          </Checkbox>
          <Checkbox checked={sound === 'on'} onChange={(e) => setSound(e.target.checked ? 'on' : 'off')}>
            Sound
          </Checkbox>
        </>
      }
      result={turn.stage === 'done' && turn.kept ? <ButtonsResult kept={turn.kept} layout={layout} /> : null}
    >
      <div
        ref={field}
        className={running ? 'buttons-field running' : 'buttons-field'}
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: keys stand for the buttons here
        tabIndex={0}
        aria-label="A situation, and the controls under the hand. Letter keys stand for the controls, as written on them."
        data-call={call ?? ''}
        onKeyDown={(event) => {
          const key = keyOf(places, event.code);
          if (key < 0) return;
          event.preventDefault();
          if (!event.repeat) mark(key, true, event.timeStamp);
        }}
        onKeyUp={(event) => mark(keyOf(places, event.code), false, event.timeStamp)}
      >
        <div className="buttons-call">
          {said && !shut && <Scene call={said} />}
          <p className="buttons-said" aria-live="off">
            {said && !shut && label('call', said)}
            {running && shut && said && 'Listen, or feel'}
            {running &&
              !said &&
              (soon > 0
                ? `${shut ? 'One pulse: any of them. ' : ''}Look at your controls: ${soon}`
                : 'Hands on the controls')}
            {turn.stage === 'loading' && 'Loading…'}
            {turn.stage === 'scoring' && 'Counting…'}
          </p>
          {running && soon === 0 && (
            <span className="quiet figures">
              {number} of {turn.course?.calls?.length ?? 0}
            </span>
          )}
        </div>
        {layout.length > 0 ? (
          <div className="buttons-hand">
            {layout.map((key, i) => {
              const spot = spotOf(key.place);
              const pulse = (turn.course?.asked ?? []).findIndex((a) => a.key === i);
              return (
                <button
                  key={key.place}
                  type="button"
                  data-key={i}
                  className={held === i ? 'hand-key held' : 'hand-key'}
                  style={{ left: `${spot.x}%`, top: `${(spot.y / 60) * 100}%` }}
                  tabIndex={-1}
                  onPointerDown={press(i, true)}
                  onPointerUp={press(i, false)}
                  onPointerCancel={press(i, false)}
                >
                  <kbd>{spot.key}</kbd>
                  {!(blind && running && soon === 0) && (
                    <span className="hand-does">
                      {doesOf(key)}
                      {shut && pulse >= 0 && ` · ${pulse + 2} pulses`}
                    </span>
                  )}
                  <span className="sr-only">{label('control-place', key.place)}</span>
                </button>
              );
            })}
          </div>
        ) : (
          <p className="buttons-hint">
            The controls of your body come up where the hand has them, with some seconds to look at them.
          </p>
        )}
      </div>
    </DrillFrame>
  );
}
