import './practice.css';
import './buttons.css';
import { Checkbox } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useKit } from '../../api/kit';
import { type DrillCourse, type DrillDocument, useLayoutOf } from '../../api/practice';
import { Choice } from '../../parts/Choice';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { ButtonsResult } from './ButtonsResult';
import { DrillFrame } from './DrillFrame';
import { HandKeys } from './HandKeys';
import { doesOf, type HandKey } from './hand';
import { Scene } from './Scene';
import { pulses, tone, useSound } from './sound';
import { usePresses } from './usePresses';
import { useTurn } from './useTurn';

/** So long one looks at the controls first, s; with the pulses to be learned, longer. */
const LOOK_S = 4;
const LOOK_SHUT_S = 9;

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
  const presses = usePresses(sound === 'on');
  const [number, setNumber] = useState(0);
  const [soon, setSoon] = useState(0);
  const field = useRef<HTMLDivElement>(null);
  const timer = useRef(0);
  const chosen = body ?? bodies.find((b) => !b.sample)?.id ?? null;
  // Before the start: the controls as they will be asked.
  const preview = useLayoutOf(chosen, given);
  const layout: HandKey[] = turn.course?.layout ?? preview ?? [];

  useEffect(() => () => cancelAnimationFrame(timer.current), []);

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
    presses.begin();
    let called = -1;
    setNumber(0);
    const step = () => {
      const t = presses.time();
      if (t === null) return;
      const at = calls.findLastIndex(([when]) => when <= t);
      if (at !== called) {
        called = at;
        setNumber(at + 1);
        const key = calls[at]?.[1] ?? null;
        setCall(key === null ? -1 : key);
        const place = (course.asked ?? []).findIndex((a) => a.key === key);
        if (shut) pulses(key === null ? 1 : place + 2, sound === 'on');
        else if (sound === 'on') tone(440, 0.06);
      }
      presses.poll(course.layout?.length ?? 0);
      if (document.hidden) {
        presses.end();
        turn.interrupted();
      } else if (t < course.seconds) timer.current = requestAnimationFrame(step);
      else {
        setCall(null);
        turn.finish(
          { ...course.document, trace: presses.end(), aids: { eyes_shut: shut, sound: sound === 'on' } },
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
        {...presses.keys(places)}
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
            {turn.stage === 'ready' && layout.length > 0 && 'Your controls. Start when you know them.'}
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
          <HandKeys
            layout={layout}
            held={presses.held}
            onPress={presses.mark}
            says={(key, i) => {
              const pulse = (turn.course?.asked ?? []).findIndex((a) => a.key === i);
              return (
                !(blind && running && soon === 0) && (
                  <span className="hand-does">
                    {doesOf(key)}
                    {shut && pulse >= 0 && ` · ${pulse + 2} pulses`}
                  </span>
                )
              );
            }}
          />
        ) : (
          <p className="buttons-hint">
            The controls of your body come up where the hand has them, with some seconds to look at them.
          </p>
        )}
      </div>
    </DrillFrame>
  );
}
