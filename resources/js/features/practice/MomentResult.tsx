import type { DrillCourse, DrillScore, KeptDrill } from '../../api/practice';
import { t } from '../../lang/practice';
import { Plot } from '../../ui/Plot';
import { Table } from '../../ui/Table';
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
        {t('moment-result.peak')}
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
            {t('moment-result.not-pressed')}
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
    <section className="drill-result" aria-label={t('moment-result.result')}>
      <p className="drill-verdict">
        {t.rich('moment-result.of-peaks-caught-short', {
          caught: <strong className="drill-big">{caught}</strong>,
          trials: trials.length,
          span: (text) => <span className="quiet">{text}</span>,
          short: percent(s.short),
          long: percent(s.long),
          foreseen: percent(s.foreseen),
          sudden: percent(s.sudden),
          isLate: late > 0 ? 'yes' : 'no',
          late,
        })}
      </p>
      <dl className="drill-facts">
        {s.timing && (
          <div>
            <dt>{t('moment-result.press-against-a-foreseen')}</dt>
            <dd>
              {t('moment-result.ms-after', {
                mean: Math.round(Math.abs(s.timing.mean) * 1000),
                isMean: s.timing.mean < 0 ? 'yes' : 'no',
                spread: Math.round(s.timing.spread * 1000),
              })}
            </dd>
          </div>
        )}
        {s.reaction_s != null && (
          <div>
            <dt>{t('moment-result.reacting-to-a-sudden')}</dt>
            <dd>{t('moment-result.ms', { reactionS: Math.round(s.reaction_s * 1000) })}</dd>
          </div>
        )}
      </dl>
      <div className="moment-plots">
        <Plot label={t('moment-result.bursts-against-their-peaks')} high={trials.length * 18 + 26}>
          {(wide) => <Bursts trials={trials} of={of} before={course.before_press_s ?? 0} wide={wide} />}
        </Plot>
        {(s.worth ?? []).length > 0 && (
          <Table
            caption={t('moment-result.what-a-burst-catches')}
            captioned
            columns={[
              {
                head: t('moment-result.burst'),
                cell: (w) => t('moment-result.s', { burstS: w.burst_s.toFixed(2) }),
              },
              {
                head: t('moment-result.press-before'),
                cell: (w) =>
                  w.lead_s < 0
                    ? t('moment-result.s-after', { leadS: (-w.lead_s).toFixed(2) })
                    : t('moment-result.s-2', { leadS: w.lead_s.toFixed(2) }),
              },
              { head: t('moment-result.catches'), figures: true, cell: (w) => percent(w.chance) },
              { head: t('moment-result.frames'), figures: true, cell: (w) => w.frames },
            ]}
            rows={s.worth ?? []}
            of={(w) => w.burst_s}
          />
        )}
      </div>
      <OfferCopy kind="drill" id={kept.id} says={t('moment-result.give-this-turn-to')} />
    </section>
  );
}
