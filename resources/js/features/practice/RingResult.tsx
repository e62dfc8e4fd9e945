import type { DrillCourse, KeptDrill } from '../../api/practice';
import { t } from '../../lang/practice';
import { say, useUnits } from '../../lang/units';
import { Plot } from '../../ui/Plot';
import { OfferCopy } from './OfferCopy';
import type { Shown } from './playRing';
import { distanceAt, metresAt } from './ring';

const HIGH = 240;

const ms = (seconds: number) => t('ring-result.ms', { seconds: Math.round(seconds * 1000) });

/** What a turn with the ring came to: in a sentence, in figures, and as it went. */
export function RingResult({
  kept,
  course,
  trace,
  shown,
}: {
  kept: KeptDrill;
  course: DrillCourse;
  trace: number[][];
  shown: Shown | null;
}) {
  const s = kept.score;
  const units = useUnits();
  const metres = (course.stretches ?? []).flatMap((x) => x.way.map((w) => w[1] ?? 1));
  const counts = ['still', 'perch'].includes(kept.drill);
  // Each subject is met anew.
  const anew = counts || kept.drill === 'surprise';
  const frames =
    kept.drill === 'surprise' ? t('ring-result.frames-near-enough') : t('ring-result.frames-kept');
  const par = (s.par ?? 0) * (s.slots ?? 0);
  return (
    <section className="drill-result" aria-label={t('ring-result.result')}>
      <p className="drill-verdict">
        {t.rich('ring-result.of-a-practised-hand', {
          kept: <strong className="drill-big">{s.kept}</strong>,
          slots: s.slots,
          isCounts: counts ? 'yes' : 'no',
          frames,
          span: (text) => <span className="quiet">{text}</span>,
          par: par < 10 ? par.toFixed(1) : Math.round(par),
        })}
      </p>
      <dl className="drill-facts">
        <div>
          <dt>{counts ? t('ring-result.first-sharp-frame') : t('ring-result.sharp-of-those-taken')}</dt>
          <dd>
            {counts
              ? s.first_sharp_s == null
                ? t('ring-result.none')
                : t('ring-result.s', { firstSharpS: s.first_sharp_s.toFixed(1) })
              : t('ring-result.of', { sharp: s.sharp, taken: s.taken })}
          </dd>
        </div>
        {s.lag_s != null && (
          <div>
            <dt>{t('ring-result.late-by')}</dt>
            <dd>{ms(s.lag_s)}</dd>
          </div>
        )}
        {s.scatter != null && (
          <div>
            <dt>{t('ring-result.scatter')}</dt>
            <dd>{t('ring-result.the-limit', { scatter: s.scatter.toFixed(1) })}</dd>
          </div>
        )}
        {anew && (
          <div>
            <dt>{t('ring-result.first-turn-the-wrong')}</dt>
            <dd>{t('ring-result.of-2', { wrongWay: s.wrong_way, starts: s.starts })}</dd>
          </div>
        )}
        <div>
          <dt>{t('ring-result.turned-too-far')}</dt>
          <dd>{s.overshoots}</dd>
        </div>
        {shown && (
          <div>
            <dt>{t('ring-result.shown')}</dt>
            <dd data-fps={shown.fps.toFixed(1)} data-late={shown.latestMs?.toFixed(1) ?? ''}>
              {t('ring-result.pictures-s', {
                fps: Math.round(shown.fps),
                isLateMs: shown.lateMs !== null ? 'yes' : 'no',
                lateMs: shown.lateMs === null ? '' : Math.round(shown.lateMs),
              })}
            </dd>
          </div>
        )}
      </dl>
      <Plot className="ring-lane" high={HIGH} label={t('ring-result.subject-and-ring-over')}>
        {(wide) => <RingLane kept={kept} course={course} trace={trace} wide={wide} />}
      </Plot>
      <p className="quiet">
        {t('ring-result.the-subject-and-where', {
          seconds: Math.round(course.seconds),
          from: say(Math.min(...metres), 'length', units),
          to: say(Math.max(...metres), 'length', units),
          isDrill: kept.drill === 'surprise' ? 'yes' : 'no',
        })}
      </p>
      <OfferCopy kind="drill" id={kept.id} says={t('ring-result.give-this-turn-to')} />
    </section>
  );
}

type Lane = { kept: KeptDrill; course: DrillCourse; trace: number[][]; wide: number };

function RingLane({ kept, course, trace, wide }: Lane) {
  const units = useUnits();
  const stretches = course.stretches ?? [];
  const ring = course.ring;
  if (!ring || stretches.length === 0) return null;
  const all = stretches.flatMap((s) => s.way.map((w) => w[1] ?? 1));
  const near = Math.min(...all) * 0.88;
  const far = Math.max(...all) * 1.14;
  const x = (t: number) => 60 + (t / course.seconds) * (wide - 66);
  const y = (m: number) =>
    HIGH -
    12 -
    ((Math.log(Math.max(near, Math.min(far, m))) - Math.log(near)) / (Math.log(far) - Math.log(near))) *
      (HIGH - 24);
  const many = (kept.score.frames ?? []).length > 120;
  const ticks = [near * 1.1, Math.sqrt(near * far), far / 1.1];
  const line = (points: [number, number][]) =>
    points.map(([t, m], i) => `${i ? 'L' : 'M'}${x(t).toFixed(1)} ${y(m).toFixed(1)}`).join('');
  return (
    <>
      {ticks.map((m) => (
        <text key={m} x={6} y={y(m) + 4} className="moment-axis">
          {say(m, 'length', units)}
        </text>
      ))}
      {stretches.map((s) => (
        <path
          key={s.from}
          className="ring-lane-subject"
          d={line(
            Array.from({ length: 41 }, (_, i) => {
              const t = s.from + ((s.to - s.from) * i) / 40;
              return [t, distanceAt(s, t)];
            }),
          )}
        />
      ))}
      <path
        className="ring-lane-ring"
        d={line(trace.filter((_, i) => i % 3 === 0).map(([t, u]) => [t ?? 0, metresAt(ring, u ?? 0)]))}
      />
      {(kept.score.frames ?? []).map((f) => (
        <circle
          key={f.t}
          cx={x(f.t)}
          cy={y(f.at_m)}
          r={many ? 2 : 3}
          className={f.kept ? 'bead-kept' : 'bead-lost'}
        />
      ))}
    </>
  );
}
