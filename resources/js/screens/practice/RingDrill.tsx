import './practice.css';
import './ring.css';
import { Button, Checkbox } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useRushes } from '../../api/hooks';
import type { DrillCourse, DrillDocument, DrillName } from '../../api/practice';
import { fitted } from '../../parts/Silhouette';
import { useStored } from '../../parts/useStored';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { usePreferences } from '../../shell/preferences';
import { DrillFrame } from './DrillFrame';
import { paint } from './paint';
import { paintPost, paintSubject } from './painted';
import { RingResult } from './RingResult';
import { RingScale } from './RingScale';
import { type Degrees, EXERCISES, type RingExercise, RingSettings, type Way } from './RingSettings';
import { distanceAt, metresAt, stretchAt } from './ring';
import { tone, useSound } from './sound';
import { PIXELS_A_DEGREE, useRing } from './useRing';
import { useTurn } from './useTurn';

const how: Record<RingExercise, string> = {
  still: 'Eight subjects sit, one after the other. Turn until it is sharp, then press once.',
  swimmer: 'It goes slowly to and fro. Hold the shutter and keep the ring with it.',
  perch: 'It will fly to the post. Set the ring on the post, wait, and hold the shutter as it comes in.',
  surprise: 'Out of nothing something runs at you. Hold the shutter and sweep the ring toward you.',
  wild: 'Four passes of your rush as it really comes. Hold the shutter and follow.',
};

/** How much of the picture the subject fills in the middle of its way: less where the place it flies to is seen as well. */
const FILLS = { alone: 0.4, withPost: 0.24 };

/** What was seen while it was played: frames a second, and how late the picture was after the hand, ms. */
export type Shown = { fps: number; lateMs: number | null; latestMs: number | null };

const middle = (values: number[], share = 0.5) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;

/** Focusing by hand on a path of a real rush, with one's own lens. */
export default function RingDrill() {
  const [query, setQuery] = useSearchParams();
  const given = (useLocation().state as { document?: DrillDocument } | null)?.document;
  const asked = given?.drill ?? query.get('exercise') ?? 'still';
  const exercise = EXERCISES.find((e) => e === asked) ?? 'still';
  useTitle(label('exercise', exercise));
  const { still } = usePreferences();
  const rushes = useRushes('').data?.pages[0]?.items ?? [];
  const [rush, setRush] = useState<string | null>(query.get('rush'));
  const [opening, setOpening] = useState<number | null>(null);
  const [degrees, setDegrees] = useStored<Degrees>('rush-hold.ring-throw', '180', ['90', '180', '300']);
  const [right, setRight] = useStored<Way>('rush-hold.ring-right', 'far', ['near', 'far']);
  const [sound, setSound] = useSound();
  const [magnified, setMagnified] = useState(false);
  const [outline, setOutline] = useState(false);
  const field = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const scale = useRef<SVGGElement>(null);
  const slider = useRef<HTMLDivElement>(null);
  const frame = useRef(0);
  const [left, setLeft] = useState<number | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  const [way, setWay] = useState<number[][]>([]);
  const turn = useTurn();
  const ring = useRing(field, { throwDeg: Number(degrees), rightIsNear: right === 'near' });
  // The scale moves as far as the hand that turns it.
  const wide = Number(degrees) * PIXELS_A_DEGREE;
  const sign = right === 'near' ? -1 : 1;
  const aids = useRef({ magnified, outline });
  aids.current = { magnified, outline };

  useEffect(() => () => cancelAnimationFrame(frame.current), []);

  const play = useCallback(
    (course: DrillCourse) => {
      const of = course.ring;
      const stretches = course.stretches;
      const ctx = canvas.current?.getContext('2d');
      if (!of || !stretches || !ctx || !canvas.current) return;
      const view = canvas.current;
      view.width = view.clientWidth;
      view.height = view.clientHeight;
      const { figure, length_m, height_m, sensor_mm } = course.about;
      const subject = paintSubject(figure, length_m, height_m);
      const [wideM, highM] = fitted(figure, length_m, height_m);
      const post = stretches.some((s) => s.mark_m !== null) ? paintPost() : null;
      const middleM = middle(stretches.flatMap((s) => s.way.map((w) => w[1] ?? 1)));
      const sized = (metres: number) => (wideM * 1000 * of.focal_mm) / (metres * 1000 - of.focal_mm);
      // A frame is never shown smaller than whole; what stands upright is held by the height of the picture.
      const perMm = Math.max(
        view.width / sensor_mm,
        ((post ? FILLS.withPost : FILLS.alone) * view.width) /
          sized(middleM) /
          Math.max(1, (2.4 * highM) / wideM),
      );
      const trace: number[][] = [];
      const gaps: number[] = [];
      const late: number[] = [];
      ring.reset(course.start ?? 0.2);
      setShown(null);
      field.current?.focus();
      const begun = performance.now();
      let before = begun;
      let clicked = -1;
      const sounds = sound === 'on';
      const step = () => {
        const now = performance.now();
        const t = (now - begun) / 1000;
        if (now > before) gaps.push(now - before);
        ring.step((now - before) / 1000, now);
        before = now;
        const at = stretchAt(stretches, t);
        const blur = paint(ctx, {
          of,
          perMm,
          t,
          turn: ring.turn.current,
          subject,
          post,
          at,
          sized,
          still,
          ...aids.current,
        });
        if (ring.since.current !== null) {
          late.push(performance.now() - ring.since.current);
          ring.since.current = null;
        }
        view.dataset.turn = ring.turn.current.toFixed(6);
        view.dataset.blurUm = blur === null ? '' : blur.toFixed(2);
        view.dataset.metres = at ? distanceAt(at, t).toFixed(4) : '';
        view.dataset.mark = at?.mark_m?.toFixed(4) ?? '';
        scale.current?.setAttribute('transform', `translate(${-sign * ring.turn.current * wide} 0)`);
        slider.current?.setAttribute('aria-valuenow', String(Math.round(ring.turn.current * 1000) / 10));
        slider.current?.setAttribute(
          'aria-valuetext',
          `${metresAt(of, ring.turn.current).toFixed(1)} metres`,
        );
        const last = trace.at(-1);
        if (!last || t - (last[0] ?? 0) > 0.004)
          trace.push([
            Number(t.toFixed(4)),
            Number(ring.turn.current.toFixed(6)),
            ring.fires.current ? 1 : 0,
          ]);
        if (sounds && ring.fires.current && at && Math.floor(t * (course.frames_per_s ?? 10)) !== clicked) {
          clicked = Math.floor(t * (course.frames_per_s ?? 10));
          tone(1900, 0.02, 0, 0.05);
        }
        setLeft(Math.max(0, Math.ceil(course.seconds - t)));
        if (document.hidden) {
          turn.interrupted();
        } else if (t < course.seconds) frame.current = requestAnimationFrame(step);
        else {
          setShown({
            fps: 1000 / Math.max(1, middle(gaps)),
            lateMs: late.length ? middle(late) : null,
            latestMs: late.length ? middle(late, 0.95) : null,
          });
          setWay(trace);
          turn.finish({ ...course.document, aids: { ...aids.current, sound: sounds, still }, trace });
        }
      };
      turn.setStage('running');
      frame.current = requestAnimationFrame(step);
    },
    [ring, turn, sound, still, wide, sign],
  );

  async function start() {
    cancelAnimationFrame(frame.current);
    const seed = query.get('seed');
    const found = await turn.begin(
      given
        ? { drill: exercise as DrillName, document: given }
        : { drill: exercise, rush, f_number: opening, ...(seed ? { seed: Number(seed) } : {}) },
    );
    if (found) play(found);
  }

  const running = turn.stage === 'running';
  const done = turn.stage === 'done' && turn.kept;
  return (
    <DrillFrame
      title={label('exercise', exercise)}
      says={how[exercise]}
      turn={turn}
      onStart={() => void start()}
      honest="It trains the direction, the pace and the eye. A finger on glass has no friction and no weight of a lens; what you log in the field counts for more."
      settings={
        given ? (
          <p className="quiet">This turn was given to you: the same for everybody who plays it.</p>
        ) : (
          <RingSettings
            exercise={exercise}
            onExercise={(e) => setQuery({ exercise: e }, { replace: true })}
            disabled={running}
            rushes={rushes}
            rush={rush}
            onRush={setRush}
            opening={opening}
            onOpening={setOpening}
            degrees={degrees}
            onDegrees={setDegrees}
            right={right}
            onRight={setRight}
          />
        )
      }
      aids={
        <>
          <Checkbox checked={magnified} onChange={(e) => setMagnified(e.target.checked)}>
            Magnified
          </Checkbox>
          <Checkbox checked={outline} onChange={(e) => setOutline(e.target.checked)}>
            Dashes that close up
          </Checkbox>
          <Checkbox checked={sound === 'on'} onChange={(e) => setSound(e.target.checked ? 'on' : 'off')}>
            Sound
          </Checkbox>
        </>
      }
      result={
        done && turn.kept && turn.course ? (
          <RingResult kept={turn.kept} course={turn.course} trace={way} shown={shown} />
        ) : null
      }
    >
      <div
        ref={field}
        className={running ? 'ring-field running' : 'ring-field'}
        role="application"
        aria-label="The picture, and the ring under it. Arrow keys turn the ring, with Shift finely; the space bar is the shutter."
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the ring is turned by keys here
        tabIndex={0}
      >
        <canvas ref={canvas} className="ring-view" />
        {running && <span className="ring-left figures">{left} s</span>}
        {!running && (
          <p className="ring-hint">
            {turn.stage === 'scoring'
              ? 'Counting frames…'
              : turn.stage === 'loading'
                ? 'Loading…'
                : 'Drag or scroll the ring, or use ← and →. Space or the button is the shutter.'}
          </p>
        )}
        <div
          ref={slider}
          className="ring-arc"
          role="slider"
          aria-label="Focusing ring"
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={0}
          tabIndex={-1}
        >
          <RingScale ring={turn.course?.ring ?? null} wide={wide} sign={sign} group={scale} />
        </div>
        <Button
          data-fire
          className="ring-fire"
          size="large"
          onPointerDown={(event) => {
            event.preventDefault();
            (event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId);
            ring.press('finger', true);
          }}
          onPointerUp={() => ring.press('finger', false)}
          onPointerCancel={() => ring.press('finger', false)}
        >
          Shutter
        </Button>
      </div>
    </DrillFrame>
  );
}
