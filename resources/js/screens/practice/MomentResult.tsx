import type { DrillCourse, DrillScore, KeptDrill } from '../../api/practice';
import { Plot } from '../../parts/Plot';
import { OfferCopy } from './OfferCopy';

const SPAN_S = 1.5;

type Trials = {
  trials: NonNullable<DrillScore['trials']>;
  of: NonNullable<DrillCourse['trials']>;
  /** Seconds of frames from before the press. */
  before: number;
  wide: number;
};

/** Each burst on the time about its peak. */
function Bursts({ trials, of, before, wide }: Trials) {
  const x = (seconds: number) => wide / 2 + (seconds / SPAN_S) * (wide / 2);
  return (
    <>
      <line x1={x(0)} x2={x(0)} y1={0} y2={trials.length * 18} className="moment-peak" />
      <text x={x(0)} y={trials.length * 18 + 20} textAnchor="middle" className="moment-axis">
        peak
      </text>
      {trials.map((trial, i) => {
        const burst = of[i]?.burst_s ?? 0.35;
        const off = trial.off;
        // What lies before or after the plot ends at its edge.
        const within = (seconds: number) => Math.max(0, Math.min(wide, x(seconds)));
        const from = within((off ?? 0) + 0.05 - before);
        const to = within((off ?? 0) + 0.05 + burst);
        return off === null ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: trials have nothing else
          <text key={i} x={8} y={i * 18 + 13} className="moment-axis">
            not pressed
          </text>
        ) : (
          <rect
            // biome-ignore lint/suspicious/noArrayIndexKey: trials have nothing else
            key={i}
            x={from}
            y={i * 18 + 4}
            width={Math.max(3, to - from)}
            height={10}
            rx={3}
            className={trial.caught ? 'moment-caught' : 'moment-missed'}
          />
        );
      })}
    </>
  );
}

/** When it was pressed against the peaks, and what longer bursts would be worth to this hand. */
export function MomentResult({ kept, course }: { kept: KeptDrill; course: DrillCourse }) {
  const s = kept.score;
  const trials = s.trials ?? [];
  const of = course.trials ?? [];
  const percent = (share: number | undefined) => `${Math.round((share ?? 0) * 100)}%`;
  const caught = trials.filter((t) => t.caught).length;
  const late = trials.filter((t) => t.before).length;
  return (
    <section className="drill-result" aria-label="Result">
      <p className="drill-verdict">
        <strong className="drill-big">{caught}</strong> of {trials.length} peaks caught
        <span className="quiet">
          {' '}
          · short bursts {percent(s.short)}, long ones {percent(s.long)} · foreseen {percent(s.foreseen)},
          sudden {percent(s.sudden)}
          {late > 0 && ` · ${late} of them only by a frame from before the press`}
        </span>
      </p>
      <dl className="drill-facts">
        {s.timing && (
          <div>
            <dt>Press against a foreseen peak</dt>
            <dd>
              {Math.round(Math.abs(s.timing.mean) * 1000)} ms {s.timing.mean < 0 ? 'before' : 'after'} ±{' '}
              {Math.round(s.timing.spread * 1000)}
            </dd>
          </div>
        )}
        {s.reaction_s != null && (
          <div>
            <dt>Reacting to a sudden one</dt>
            <dd>{Math.round(s.reaction_s * 1000)} ms</dd>
          </div>
        )}
      </dl>
      <div className="moment-plots">
        <Plot label="Bursts against their peaks" high={trials.length * 18 + 26}>
          {(wide) => <Bursts trials={trials} of={of} before={course.before_press_s ?? 0} wide={wide} />}
        </Plot>
        {(s.worth ?? []).length > 0 && (
          <table className="moment-worth">
            <caption>What a burst catches with this scatter</caption>
            <thead>
              <tr>
                <th scope="col">Burst</th>
                <th scope="col">Press before</th>
                <th scope="col">Catches</th>
                <th scope="col">Frames</th>
              </tr>
            </thead>
            <tbody>
              {s.worth?.map((w) => (
                <tr key={w.burst_s}>
                  <td>{w.burst_s.toFixed(2)} s</td>
                  <td>{w.lead_s < 0 ? `${(-w.lead_s).toFixed(2)} s after` : `${w.lead_s.toFixed(2)} s`}</td>
                  <td>{percent(w.chance)}</td>
                  <td>{w.frames}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
      <OfferCopy kind="drill" id={kept.id} says="Give this turn to others" />
    </section>
  );
}
