import type { Layout, School } from '../../api/layout';
import { label } from '../../lang/labels';
import { t } from '../../lang/layouts';

type Props = { schools: Layout[]; chosen: School; onChoose: (school: School) => void };

/** The ways of working with buttons side by side: what the day keeps with each, and what it asks of the memory. */
export function Schools({ schools, chosen, onChoose }: Props) {
  return (
    <fieldset className="button-schools">
      <legend className="sr-only">{t('schools.way-of-working')}</legend>
      {schools.map((layout) => {
        const sets = layout.controls.filter((c) => c.set).length;
        const kept = Math.round(100 * (1 - layout.loss));
        return (
          <button
            key={layout.school}
            type="button"
            aria-pressed={layout.school === chosen}
            onClick={() => onChoose(layout.school)}
          >
            <b>{label('button-school', layout.school)}</b>
            <span className="button-school-kept">{kept}%</span>
            <span className="button-school-track" aria-hidden="true">
              <i style={{ width: `${kept}%` }} />
            </span>
            <small>{t('schools.of-the-days-keepers')}</small>
            <small>
              {layout.to_learn === 0
                ? t('schools.nothing-to-learn')
                : t('schools.to-learn', { sets, toLearn: layout.to_learn })}
            </small>
          </button>
        );
      })}
    </fieldset>
  );
}
