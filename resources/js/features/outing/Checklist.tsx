import '../../ui/set-up.css';
import { Checkbox } from 'antd';
import type { Day, Outing } from '../../api/day';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/outing';

type Props = {
  items: Day['checklist'];
  outing: Outing;
  onTick: (checked: NonNullable<Outing['checked']>) => void;
};

const today = () => new Date().toLocaleDateString('sv-SE');
const said = (date: string) => sayDate(date, 'shortDate');

/** What is looked at before leaving, ticked with the day it was done. */
export function Checklist({ items, outing, onTick }: Props) {
  const checked = outing.checked ?? {};
  const many = items.filter((item) => checked[item.key]).length;
  return (
    <section aria-label={t('checklist.before-leaving')}>
      <h2>
        {t.rich('checklist.before-leaving-of-done', {
          span: (text) => <span className="quiet">{text}</span>,
          many,
          items: items.length,
        })}
      </h2>
      <ul className="set-up">
        {items.map((item) => {
          const date = checked[item.key];
          return (
            <li key={item.key}>
              <Checkbox
                checked={date !== undefined}
                onChange={(event) => {
                  const { [item.key]: _, ...others } = checked;
                  onTick(event.target.checked ? { ...others, [item.key]: today() } : others);
                }}
              >
                {item.says}
              </Checkbox>
              {date && item.lasting && <small className="quiet">{said(date)}</small>}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
