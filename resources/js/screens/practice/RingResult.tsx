import type { DrillCourse, KeptDrill } from '../../api/practice';
import { Plot } from '../../parts/Plot';
import { say, useUnits } from '../../parts/units';
import { OfferCopy } from './OfferCopy';
import type { Shown } from './playRing';
import { distanceAt, metresAt } from './ring';

const HIGH = 240;

const ms = (seconds: number) => `${Math.round(seconds * 1000)} ms`;

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
  const counts = ['still', 'perch'].includes(kept.drill);
  // Each subject is met anew.
  const anew = counts || kept.drill === 'surprise';
  const frames = kept.drill === 'surprise' ? 'frames near enough' : 'frames kept';
  const par = (s.par ?? 0) * (s.slots ?? 0);
  return (
    <section className="drill-result" aria-label="Result">
      <p className="drill-verdict">
        <strong className="drill-big">{s.kept}</strong> of {s.slots} {counts ? 'made' : frames}
        <span className="quiet">
          {' '}
          · a practised hand {counts ? 'makes' : 'keeps'} about {par < 10 ? par.toFixed(1) : Math.round(par)}{' '}
          here
        </span>
      </p>
      <dl className="drill-facts">
        <div>
          <dt>{counts ? 'First sharp frame' : 'Sharp of those taken'}</dt>
          <dd>
            {counts
              ? s.first_sharp_s == null
                ? 'none'
                : `${s.first_sharp_s.toFixed(1)} s`
              : `${s.sharp} of ${s.taken}`}
          </dd>
        </div>
        {s.lag_s != null && (
          <div>
            <dt>Late by</dt>
            <dd>{ms(s.lag_s)}</dd>
          </div>
        )}
        {s.scatter != null && (
          <div>
            <dt>Scatter</dt>
            <dd>{s.scatter.toFixed(1)} × the limit</dd>
          </div>
        )}
        {anew && (
          <div>
            <dt>First turn the wrong way</dt>
            <dd>
              {s.wrong_way} of {s.starts}
            </dd>
          </div>
        )}
        <div>
          <dt>Turned too far</dt>
          <dd>{s.overshoots}</dd>
        </div>
        {shown && (
          <div>
            <dt>Shown</dt>
            <dd data-fps={shown.fps.toFixed(1)} data-late={shown.latestMs?.toFixed(1) ?? ''}>
              {Math.round(shown.fps)} pictures/s
              {shown.lateMs !== null && `, ${Math.round(shown.lateMs)} ms after the hand`}
            </dd>
          </div>
        )}
      </dl>
      <Plot className="ring-lane" high={HIGH} label="Subject and ring over time">
        {(wide) => <RingLane kept={kept} course={course} trace={trace} wide={wide} />}
      </Plot>
      <p className="quiet">
        The subject, and where the ring stood, over {Math.round(course.seconds)} s. Distances from{' '}
        {say(
          Math.min(...(course.stretches ?? []).flatMap((x) => x.way.map((w) => w[1] ?? 1))),
          'length',
          units,
        )}{' '}
        to{' '}
        {say(
          Math.max(...(course.stretches ?? []).flatMap((x) => x.way.map((w) => w[1] ?? 1))),
          'length',
          units,
        )}
        ; each bead is a frame, filled where it is {kept.drill === 'surprise' ? 'near enough' : 'sharp'}.
      </p>
      <OfferCopy kind="drill" id={kept.id} says="Give this turn to others" />
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
