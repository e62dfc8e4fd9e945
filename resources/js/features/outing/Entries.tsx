import { Select } from 'antd';
import type { RushSummary } from '../../api/client';
import type { Entry, Outing } from '../../api/day';
import { t } from '../../lang/outing';
import { Carried } from './Carried';
import { EntryRow } from './EntryRow';
import { freshEntry } from './fresh';

type Props = {
  outing: Outing;
  /** All rushes there are to take. */
  listed: RushSummary[];
  nameOf: (rush: string, at: number) => string;
  onOuting: (outing: Outing) => void;
  onEntry: (at: number, fields: Partial<Entry>) => void;
};

/** The rushes of an outing, and taking another one in. */
export function Entries({ outing, listed, nameOf, onOuting, onEntry }: Props) {
  const taken = new Set(outing.rushes.map((entry) => entry.rush));
  return (
    <section aria-label={t('entries.rushes-of-the-outing')}>
      <h2>{t('entries.rushes')}</h2>
      <ul className="entries">
        {outing.rushes.map((entry, i) => (
          <EntryRow
            key={entry.rush}
            entry={entry}
            name={nameOf(entry.rush, i)}
            kit={
              <Carried
                outing={outing}
                at={i}
                entry={entry}
                name={nameOf(entry.rush, i)}
                onChange={onOuting}
              />
            }
            onChange={(fields) => onEntry(i, fields)}
            onRemove={() =>
              onOuting({ ...outing, rushes: outing.rushes.filter((_, at) => at !== i), order: 'solved' })
            }
          />
        ))}
      </ul>
      <Select
        aria-label={t('entries.add-a-rush')}
        className="entry-add"
        placeholder={t('entries.add-a-rush')}
        showSearch={{ optionFilterProp: 'label' }}
        value={null}
        options={listed
          .filter((rush) => !taken.has(rush.id))
          .map((rush) => ({ value: rush.id, label: rush.name }))}
        onChange={(rush: string) => onOuting({ ...outing, rushes: [...outing.rushes, freshEntry(rush)] })}
      />
    </section>
  );
}
