import './practice.css';
import './ring.css';
import { Button, Checkbox } from 'antd';
import { type RefObject, useEffect, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useRushes } from '../../api/hooks';
import type { DrillCourse, DrillDocument, DrillName } from '../../api/practice';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { usePreferences } from '../../ui/bar/preferences';
import { useStored } from '../../ui/useStored';
import { useTitle } from '../../ui/useTitle';
import { DrillFrame } from './DrillFrame';
import { playRing, type Shown } from './playRing';
import { RingResult } from './RingResult';
import { RingScale } from './RingScale';
import { DEGREES, type Degrees, EXERCISES, type RingExercise, RingSettings, type Way } from './RingSettings';
import { metresAt } from './ring';
import { tone, useSound } from './sound';
import { useLensRing } from './useLensRing';
import { PIXELS_A_DEGREE, useRing } from './useRing';
import { useTurn } from './useTurn';

const how: Record<RingExercise, string> = {
  still: t('ring-drill.eight-subjects-sit-one'),
  swimmer: t('ring-drill.it-goes-slowly-to'),
  perch: t('ring-drill.it-will-fly-to'),
  surprise: t('ring-drill.out-of-nothing-something'),
  wild: t('ring-drill.four-passes-of-your'),
};

/** What is drawn while one plays: the picture, the scale of the ring, and where it stands for whoever hears it. */
function useDrawn() {
  return {
    field: useRef<HTMLDivElement>(null),
    canvas: useRef<HTMLCanvasElement>(null),
    scale: useRef<SVGGElement>(null),
    slider: useRef<HTMLDivElement>(null),
  };
}

/** Says where the ring stands, as a share of its way and in metres. */
function sayWhere(slider: HTMLDivElement | null, turned: number, metres: number) {
  slider?.setAttribute('aria-valuenow', String(Math.round(turned * 1000) / 10));
  slider?.setAttribute('aria-valuetext', t('ring-drill.metres', { metres: metres.toFixed(1) }));
}

/** The ring of the lens, or the one that was chosen, and how far its scale moves with the hand that turns it, px. */
function useHandRing(
  field: RefObject<HTMLDivElement | null>,
  own: { throw_deg: number; right_is_nearer: boolean } | null,
) {
  const [degrees, setDegrees] = useStored<Degrees>('rush-hold.ring-throw', '180', [...DEGREES]);
  const [right, setRight] = useStored<Way>('rush-hold.ring-right', 'far', ['near', 'far']);
  const throwDeg = own?.throw_deg ?? Number(degrees);
  const rightIsNear = own?.right_is_nearer ?? right === 'near';
  const ring = useRing(field, { throwDeg, rightIsNear });
  return {
    ring,
    wide: throwDeg * PIXELS_A_DEGREE,
    sign: rightIsNear ? -1 : 1,
    chosen: { degrees, onDegrees: setDegrees, right, onRight: setRight },
  };
}

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
  const [sound, setSound] = useSound();
  const [magnified, setMagnified] = useState(false);
  const [outline, setOutline] = useState(false);
  const drawn = useDrawn();
  const stop = useRef(() => {});
  const [left, setLeft] = useState<number | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  const [way, setWay] = useState<number[][]>([]);
  const turn = useTurn();
  const lens = useLensRing(given ? undefined : (rush ?? rushes[0]?.id));
  const { ring, wide, sign, chosen } = useHandRing(drawn.field, lens?.ring ?? null);
  const moved = useRef(0);
  moved.current = -sign * wide;
  const aids = useRef({ magnified, outline });
  aids.current = { magnified, outline };

  useEffect(() => () => stop.current(), []);

  function play(course: DrillCourse) {
    const view = drawn.canvas.current;
    const of = course.ring;
    if (!view || !of) return;
    setShown(null);
    drawn.field.current?.focus();
    turn.setStage('running');
    stop.current = playRing({
      course,
      view,
      hand: ring,
      aids: () => aids.current,
      still,
      onPicture: (turned, secondsLeft) => {
        drawn.scale.current?.setAttribute('transform', `translate(${moved.current * turned} 0)`);
        sayWhere(drawn.slider.current, turned, metresAt(of, turned));
        setLeft(secondsLeft);
      },
      onFrame: () => sound === 'on' && tone(1900, 0.02, 0, 0.05),
      onHidden: turn.interrupted,
      onDone: (trace, seen) => {
        setShown(seen);
        setWay(trace);
        turn.finish({
          ...course.document,
          aids: { ...aids.current, sound: sound === 'on', still },
          trace,
        });
      },
    });
  }

  async function start() {
    stop.current();
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
      honest={t('ring-drill.it-trains-the-direction')}
      settings={
        given ? (
          <p className="quiet">{t('ring-drill.this-turn-was-given')}</p>
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
            {...chosen}
            lens={lens}
          />
        )
      }
      aids={
        <Aids
          magnified={magnified}
          onMagnified={setMagnified}
          outline={outline}
          onOutline={setOutline}
          sound={sound}
          onSound={setSound}
        />
      }
      result={
        done && turn.kept && turn.course ? (
          <RingResult kept={turn.kept} course={turn.course} trace={way} shown={shown} />
        ) : null
      }
    >
      <Field turn={turn} left={left} ring={ring} drawn={drawn} wide={wide} sign={sign} />
    </DrillFrame>
  );
}

type FieldProps = {
  turn: ReturnType<typeof useTurn>;
  left: number | null;
  ring: ReturnType<typeof useRing>;
  drawn: ReturnType<typeof useDrawn>;
  wide: number;
  sign: number;
};

/** The picture, and under it the ring and the shutter. */
function Field({ turn, left, ring, drawn, wide, sign }: FieldProps) {
  const running = turn.stage === 'running';
  return (
    <div
      ref={drawn.field}
      className={running ? 'ring-field running' : 'ring-field'}
      role="application"
      aria-label={t('ring-drill.the-picture-and-the')}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the ring is turned by keys here
      tabIndex={0}
    >
      <canvas ref={drawn.canvas} className="ring-view" />
      {running && <span className="ring-left figures">{t('ring-drill.s', { left })}</span>}
      {!running && (
        <p className="ring-hint">
          {turn.stage === 'scoring'
            ? t('ring-drill.counting-frames')
            : turn.stage === 'loading'
              ? t('ring-drill.loading')
              : t('ring-drill.drag-or-scroll-the')}
        </p>
      )}
      <div
        ref={drawn.slider}
        className="ring-arc"
        role="slider"
        aria-label={t('ring-drill.focusing-ring')}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={0}
        tabIndex={-1}
      >
        <RingScale ring={turn.course?.ring ?? null} wide={wide} sign={sign} group={drawn.scale} />
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
        {t('ring-drill.shutter')}
      </Button>
    </div>
  );
}

type AidsProps = {
  magnified: boolean;
  onMagnified: (on: boolean) => void;
  outline: boolean;
  onOutline: (on: boolean) => void;
  sound: 'on' | 'off';
  onSound: (sound: 'on' | 'off') => void;
};

function Aids({ magnified, onMagnified, outline, onOutline, sound, onSound }: AidsProps) {
  return (
    <>
      <Checkbox checked={magnified} onChange={(e) => onMagnified(e.target.checked)}>
        {t('ring-drill.magnified')}
      </Checkbox>
      <Checkbox checked={outline} onChange={(e) => onOutline(e.target.checked)}>
        {t('ring-drill.dashes-that-close-up')}
      </Checkbox>
      <Checkbox checked={sound === 'on'} onChange={(e) => onSound(e.target.checked ? 'on' : 'off')}>
        {t('ring-drill.sound')}
      </Checkbox>
    </>
  );
}
