import { Link } from 'react-router';
import { placeOf } from '../../api/drills';
import type { Practice, RungOf } from '../../api/practice';
import { sayDate } from '../../lang/dates';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { percent } from './drills';

const day = (at: string) => sayDate(at, 'shortDay');

const fieldTask: Record<string, string> = {
  still: t('ladder-view.in-the-field-a'),
  swimmer: t('ladder-view.in-the-field-a-burst-of-something'),
  perch: t('ladder-view.in-the-field-a-burst-with-the'),
  wild: t('ladder-view.in-the-field-a-burst-of-free'),
};

function mark(rung: RungOf): string {
  return rung.drill === 'buttons'
    ? t('ladder-view.right-at-once-within', { mark: percent(rung.mark), withinS: rung.within_s?.toFixed(1) })
    : t('ladder-view.of-what-a-practised', { mark: percent(rung.mark) });
}

/** The rungs from the highest down, how far each is reached, and where one stands. */
export function LadderView({ ladder }: { ladder: Practice['ladder'] }) {
  return (
    <ol className="ladder" reversed>
      {[...ladder.rungs].reverse().map((rung) => {
        const here = rung.rung === ladder.rung && !ladder.at_top;
        const state = rung.passed_on ? 'passed' : here ? 'here' : rung.open ? 'open' : 'later';
        const recent = rung.sessions.slice(-10);
        return (
          <li key={rung.rung} className={`rung ${state}`} aria-current={here ? 'step' : undefined}>
            <span className="rung-beads" aria-hidden="true">
              {Array.from({ length: rung.of }, (_, i) => (
                <span
                  // biome-ignore lint/suspicious/noArrayIndexKey: beads have nothing else
                  key={i}
                  className={rung.passed_on || i < rung.in_a_row ? 'rung-bead full' : 'rung-bead'}
                />
              ))}
            </span>
            <span className="rung-name">
              {state === 'later' ? (
                label('rung', rung.rung)
              ) : (
                <Link to={placeOf(rung.drill)}>{label('rung', rung.rung)}</Link>
              )}
              <span className="quiet">
                {rung.passed_on
                  ? t('ladder-view.passed-on', { passedOn: day(rung.passed_on) })
                  : here || state === 'open'
                    ? t('ladder-view.of-sessions-running', {
                        inARow: rung.in_a_row,
                        of: rung.of,
                        rung: mark(rung),
                      })
                    : mark(rung)}
              </span>
              {rung.field && state !== 'later' && (
                <span className="quiet rung-field">
                  {t('ladder-view.of', {
                    fieldTask: fieldTask[rung.rung],
                    done: Math.min(rung.field.done, rung.field.of),
                    of: rung.field.of,
                  })}
                </span>
              )}
            </span>
            <svg
              className="rung-spark"
              viewBox="0 0 120 34"
              role="img"
              aria-label={t('ladder-view.last-sessions-against-the', { recent: recent.length })}
            >
              <line x1="0" x2="120" y1="14" y2="14" className="rung-mark" />
              {recent.map((s, i) => (
                <circle
                  key={s.day}
                  cx={8 + i * 11.5}
                  cy={30 - Math.min(1.5, s.against) * 16}
                  r={3}
                  className={s.against >= 1 ? 'bead-kept' : 'bead-lost'}
                />
              ))}
            </svg>
          </li>
        );
      })}
    </ol>
  );
}
