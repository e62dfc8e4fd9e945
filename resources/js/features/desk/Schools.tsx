import type { Hold, Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { label, within } from '../../lang/labels';
import { either } from '../../lang/lists';
import { pinsOf } from './Ranked';
import { Cost, Scale, Spot } from './Scale';

type Side = NonNullable<Plan['by_school']>[number];

function bySchool(sides: Side[]): Map<string, Side[]> {
  const schools = new Map<string, Side[]>();
  for (const side of sides) schools.set(side.school, [...(schools.get(side.school) ?? []), side]);
  return schools;
}

/** The sides of the honest disagreements, side by side on one scale; where they do not differ, said in a line. */
export function Schools({ plan, onAdopt }: { plan: Plan; onAdopt: (hold: Hold) => void }) {
  const frames = plan.best.frames ?? 1;
  const schools = bySchool(plan.by_school ?? []);
  const differ = [...schools].filter(([, sides]) => sides.length > 1 && sides.some((s) => s.matters));
  const same = [...schools].filter(([, sides]) => sides.length > 1 && !sides.some((s) => s.matters));
  const best = Math.max(0, ...(plan.by_school ?? []).map((s) => s.keeper_rate));
  const fewer = (side: Side) => Math.round(best * frames) - Math.round(side.keeper_rate * frames);

  return (
    <section className="hold-detail schools" aria-label={t('schools.styles')}>
      {differ.length > 0 && (
        <>
          <p className="quiet">{t('schools.the-best-that-each')}</p>
          <Scale frames={frames} />
        </>
      )}
      {differ.map(([school, sides]) => (
        <section key={school} aria-label={label('school', school)}>
          <h3>{label('school', school)}</h3>
          <ul className="ranked">
            {sides.map((s) => (
              <li key={s.side}>
                <button
                  type="button"
                  onClick={() => onAdopt(pinsOf(s.hold))}
                  title={t('schools.use-this-hold')}
                >
                  {label('side', s.side)}
                </button>
                <Spot rate={s.keeper_rate} error={s.standard_error} frames={frames} best={best} />
                <Cost fewer={s.matters ? fewer(s) : 0} sure />
              </li>
            ))}
          </ul>
        </section>
      ))}
      {same.length > 0 && (
        <>
          <h3>{t('schools.no-difference-here')}</h3>
          <ul className="all-one">
            {same.map(([school, sides]) => (
              <li key={school}>
                <b>{label('school', school)}</b>
                <span className="quiet">{either(sides.map((s) => within('side', s.side)))}</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
