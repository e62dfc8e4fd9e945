import './practice.css';
import './area-drill.css';
import { Checkbox } from 'antd';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useKit } from '../../api/kit';
import type { DrillCourse, DrillDocument } from '../../api/practice';
import { label, options } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Choice } from '../../ui/Choice';
import { outlineOf, within } from '../../ui/Silhouette';
import { useTitle } from '../../ui/useTitle';
import { AreaResult } from './AreaResult';
import { DrillFrame } from './DrillFrame';
import { readStick } from './gamepad';
import { tone, useSound } from './sound';
import { useTurn } from './useTurn';

type Move = NonNullable<DrillDocument['move']>;
type Target = NonNullable<DrillCourse['targets']>[number];

/** The frame is drawn so large, and the area so large in it. */
const WIDE = 300;
const HIGH = 200;
const AREA = [24, 24] as const;
/** A stick moves it so far in a second, frame widths; it takes a moment to get going. */
const STICK_PER_S = 0.62;
/** A thumb dragged over the whole pad moves it so much of the frame. */
const DRAG = 1.4;

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const how: Record<Move, string> = {
  stick: t('area-drill.arrow-keys-a-gamepad'),
  'touch-absolute': t('area-drill.put-the-thumb-on'),
  'touch-relative': t('area-drill.drag-the-thumb-over'),
};

const clamp = (v: number) => Math.max(-0.5, Math.min(0.5, v));

/** The area is brought to one place of the frame after the other, as one’s own camera moves it. */
export default function AreaDrill() {
  useTitle(label('exercise', 'area'));
  const given = (useLocation().state as { document?: DrillDocument } | null)?.document;
  const [query] = useSearchParams();
  const bodies = useKit('bodies').data ?? [];
  const own = bodies.find((b) => !b.sample);
  const [chosen, setChosen] = useState<Move | null>(null);
  const [sound, setSound] = useSound();
  const turn = useTurn();
  const [place, setPlace] = useState<[number, number]>([0, 0]);
  const [target, setTarget] = useState<{ at: number; of: Target } | null>(null);
  const live = useRef<{ begun: number; trace: number[][]; at: [number, number] } | null>(null);
  const push = useRef<[number, number]>([0, 0]);
  const drag = useRef<{ x: number; y: number; from: [number, number] } | null>(null);
  const timer = useRef(0);
  const field = useRef<HTMLDivElement>(null);
  const move: Move = given?.move ?? chosen ?? 'stick';
  useEffect(() => () => cancelAnimationFrame(timer.current), []);

  function put(x: number, y: number) {
    const run = live.current;
    if (!run) return;
    const next: [number, number] = [clamp(x), clamp(y)];
    if (next[0] === run.at[0] && next[1] === run.at[1]) return;
    run.at = next;
    run.trace.push([
      Number(((performance.now() - run.begun) / 1000).toFixed(4)),
      Number(next[0].toFixed(4)),
      Number(next[1].toFixed(4)),
    ]);
    setPlace(next);
  }

  function play(course: DrillCourse) {
    const targets = course.targets ?? [];
    live.current = { begun: performance.now(), trace: [], at: [0, 0] };
    setPlace([0, 0]);
    turn.setStage('running');
    field.current?.focus();
    let shown = -1;
    let last = performance.now();
    const step = () => {
      const run = live.current;
      if (!run) return;
      const now = performance.now();
      const t = (now - run.begun) / 1000;
      const at = targets.findLastIndex((one) => one.from <= t);
      const of = targets[at];
      if (at !== shown && of) {
        shown = at;
        setTarget({ at, of });
        if (sound === 'on') tone(440, 0.05);
      }
      const [px, py] = readStick() ?? push.current;
      if (move === 'stick' && (px || py)) {
        const d = (STICK_PER_S * Math.min(50, now - last)) / 1000;
        put(run.at[0] + px * d, run.at[1] + py * d * 1.5);
      }
      last = now;
      if (document.hidden) {
        live.current = null;
        turn.interrupted();
      } else if (t < course.seconds) timer.current = requestAnimationFrame(step);
      else {
        live.current = null;
        setTarget(null);
        turn.finish({ ...course.document, trace: run.trace, aids: { sound: sound === 'on' } });
      }
    };
    step();
  }

  async function start() {
    cancelAnimationFrame(timer.current);
    push.current = [0, 0];
    const seed = query.get('seed');
    const found = await turn.begin(
      given
        ? { drill: 'area', document: given }
        : { drill: 'area', move, ...(seed ? { seed: Number(seed) } : {}) },
    );
    if (found) play(found);
  }

  /** Where on the pad a pointer is, from its middle. */
  const onPad = (event: PointerEvent): [number, number] => {
    const box = event.currentTarget.getBoundingClientRect();
    return [(event.clientX - box.left) / box.width - 0.5, (event.clientY - box.top) / box.height - 0.5];
  };
  function down(event: PointerEvent) {
    event.preventDefault();
    (event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId);
    const [x, y] = onPad(event);
    drag.current = { x, y, from: live.current?.at ?? [0, 0] };
    if (move === 'touch-absolute') put(x, y);
  }
  function along(event: PointerEvent) {
    if (!drag.current) return;
    const [x, y] = onPad(event);
    if (move === 'touch-absolute') put(x, y);
    else if (move === 'touch-relative')
      put(
        drag.current.from[0] + DRAG * (x - drag.current.x),
        drag.current.from[1] + DRAG * (y - drag.current.y),
      );
    else {
      const [dx, dy] = [x - drag.current.x, y - drag.current.y];
      const far = Math.max(0.12, Math.hypot(dx, dy));
      push.current = Math.hypot(dx, dy) < 0.03 ? [0, 0] : [dx / far, dy / far];
    }
  }
  function up() {
    drag.current = null;
    push.current = [0, 0];
  }

  const held = useRef(new Set<string>());
  function arrow(code: string, is: boolean): boolean {
    if (!ARROWS[code]) return false;
    if (is) held.current.add(code);
    else held.current.delete(code);
    push.current = [...held.current].reduce<[number, number]>(
      ([x, y], key) => [x + (ARROWS[key]?.[0] ?? 0), y + (ARROWS[key]?.[1] ?? 0)],
      [0, 0],
    );
    return true;
  }

  const running = turn.stage === 'running';
  const box = within('songbird', 30, 22);
  const near = turn.course?.near ?? [0.035, 0.05];
  const there =
    target !== null &&
    Math.abs(place[0] - (target.of.at[0] ?? 0)) <= (near[0] ?? 0) &&
    Math.abs(place[1] - (target.of.at[1] ?? 0)) <= (near[1] ?? 0);
  return (
    <DrillFrame
      title={label('exercise', 'area')}
      says={t('area-drill.bring-the-area-to')}
      turn={turn}
      onStart={() => void start()}
      honest={t('area-drill.a-stick-or-pad')}
      settings={
        given ? (
          <p className="quiet">{t('area-drill.this-turn-was-given')}</p>
        ) : (
          <>
            <Choice
              label={t('area-drill.moved-by')}
              disabled={running}
              value={move}
              options={options('area-move', ['recall'])}
              onChange={(next) => setChosen(next as Move)}
            />
            <p className="quiet">{how[move]}</p>
            {own && <p className="quiet">{t('area-drill.what-has-kit-says', { name: own.name })}</p>}
          </>
        )
      }
      aids={
        <Checkbox checked={sound === 'on'} onChange={(e) => setSound(e.target.checked ? 'on' : 'off')}>
          {t('area-drill.sound')}
        </Checkbox>
      }
      result={turn.stage === 'done' && turn.kept ? <AreaResult kept={turn.kept} /> : null}
    >
      <div
        ref={field}
        className={running ? 'area-field running' : 'area-field'}
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: arrow keys stand for the stick here
        tabIndex={0}
        aria-label={t('area-drill.the-frame-with-a')}
        data-target={target ? target.of.at.join(' ') : ''}
        onKeyDown={(event) => {
          if (move === 'stick' && arrow(event.code, true)) event.preventDefault();
        }}
        onKeyUp={(event) => arrow(event.code, false)}
        onBlur={() => {
          held.current.clear();
          push.current = [0, 0];
        }}
      >
        <svg className="area-view" viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true">
          <rect width={WIDE} height={HIGH} fill="var(--sky-low)" />
          <path d="M0 158C80 146 150 168 300 150V200H0Z" fill="var(--land)" />
          {target && (
            <path
              d={outlineOf('songbird')}
              transform={`translate(${WIDE * (0.5 + (target.of.at[0] ?? 0)) - 15 + box.x} ${HIGH * (0.5 + (target.of.at[1] ?? 0)) - 11 + box.y}) scale(${box.wide} ${box.high})`}
              fill="var(--figure)"
            />
          )}
          <rect
            className={there ? 'area-mark there' : 'area-mark'}
            x={WIDE * (0.5 + place[0]) - AREA[0] / 2}
            y={HIGH * (0.5 + place[1]) - AREA[1] / 2}
            width={AREA[0]}
            height={AREA[1]}
            rx={AREA[0] / 2}
          />
        </svg>
        <div
          className="area-pad"
          data-move={move}
          onPointerDown={down}
          onPointerMove={along}
          onPointerUp={up}
          onPointerCancel={up}
        >
          <span className="quiet">
            {turn.stage === 'loading' && t('area-drill.loading')}
            {turn.stage === 'scoring' && t('area-drill.counting')}
            {running &&
              target &&
              t('area-drill.of', { at: target.at + 1, targets: turn.course?.targets?.length ?? 0 })}
            {!running &&
              turn.stage !== 'loading' &&
              turn.stage !== 'scoring' &&
              t('area-drill.your-thumb-goes-here')}
          </span>
        </div>
      </div>
    </DrillFrame>
  );
}
