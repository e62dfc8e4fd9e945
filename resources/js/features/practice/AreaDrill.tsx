import './practice.css';
import './area-drill.css';
import { Checkbox } from 'antd';
import { useEffect, useRef, useState } from 'react';
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
import { tone, useSound } from './sound';
import { type Move, type Place, useAreaHand } from './useAreaHand';
import { useTurn } from './useTurn';

type Target = NonNullable<DrillCourse['targets']>[number];

/** The frame is drawn so large, and the area so large in it. */
const WIDE = 300;
const HIGH = 200;
const AREA = [24, 24] as const;

const how: Record<Move, string> = {
  stick: t('area-drill.arrow-keys-a-gamepad'),
  'touch-absolute': t('area-drill.put-the-thumb-on'),
  'touch-relative': t('area-drill.drag-the-thumb-over'),
};

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
  const [place, setPlace] = useState<Place>([0, 0]);
  const [target, setTarget] = useState<{ at: number; of: Target } | null>(null);
  const move: Move = given?.move ?? chosen ?? 'stick';
  const hand = useAreaHand(move, setPlace);
  const timer = useRef(0);
  const field = useRef<HTMLDivElement>(null);
  useEffect(() => () => cancelAnimationFrame(timer.current), []);

  function play(course: DrillCourse) {
    const targets = course.targets ?? [];
    const begun = performance.now();
    hand.begin();
    turn.setStage('running');
    field.current?.focus();
    let shown = -1;
    let last = begun;
    const step = () => {
      const now = performance.now();
      const seconds = (now - begun) / 1000;
      const at = targets.findLastIndex((one) => one.from <= seconds);
      const of = targets[at];
      if (at !== shown && of) {
        shown = at;
        setTarget({ at, of });
        if (sound === 'on') tone(440, 0.05);
      }
      hand.step(now - last);
      last = now;
      if (document.hidden) {
        hand.end();
        turn.interrupted();
      } else if (seconds < course.seconds) timer.current = requestAnimationFrame(step);
      else {
        setTarget(null);
        turn.finish({ ...course.document, trace: hand.end(), aids: { sound: sound === 'on' } });
      }
    };
    step();
  }

  async function start() {
    cancelAnimationFrame(timer.current);
    hand.rest();
    const seed = query.get('seed');
    const found = await turn.begin(
      given
        ? { drill: 'area', document: given }
        : { drill: 'area', move, ...(seed ? { seed: Number(seed) } : {}) },
    );
    if (found) play(found);
  }

  const running = turn.stage === 'running';
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
        {...hand.keys}
      >
        <View place={place} target={target?.of ?? null} near={turn.course?.near} />
        <div className="area-pad" data-move={move} {...hand.pad}>
          <span className="quiet">{padSays(turn, target?.at ?? null)}</span>
        </div>
      </div>
    </DrillFrame>
  );
}

type ViewProps = { place: Place; target: Target | null; near: number[] | undefined };

/** The frame with the subject, and the area on its way there. */
function View({ place, target, near = [0.035, 0.05] }: ViewProps) {
  const box = within('songbird', 30, 22);
  const there =
    target !== null &&
    Math.abs(place[0] - (target.at[0] ?? 0)) <= (near[0] ?? 0) &&
    Math.abs(place[1] - (target.at[1] ?? 0)) <= (near[1] ?? 0);
  return (
    <svg className="area-view" viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true">
      <rect width={WIDE} height={HIGH} fill="var(--sky-low)" />
      <path d="M0 158C80 146 150 168 300 150V200H0Z" fill="var(--land)" />
      {target && (
        <path
          d={outlineOf('songbird')}
          transform={`translate(${WIDE * (0.5 + (target.at[0] ?? 0)) - 15 + box.x} ${HIGH * (0.5 + (target.at[1] ?? 0)) - 11 + box.y}) scale(${box.wide} ${box.high})`}
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
  );
}

/** What stands on the pad: which target it is, or what happens. */
function padSays({ stage, course }: ReturnType<typeof useTurn>, at: number | null): string {
  if (stage === 'loading') return t('area-drill.loading');
  if (stage === 'scoring') return t('area-drill.counting');
  if (stage !== 'running') return t('area-drill.your-thumb-goes-here');
  return at === null ? '' : t('area-drill.of', { at: at + 1, targets: course?.targets?.length ?? 0 });
}
