import { Button, Select } from 'antd';
import { type ReactNode, useState } from 'react';
import type { Entry } from '../../api/day';
import { NumberField } from '../../parts/NumberField';

type Props = {
  entry: Entry;
  name: string;
  onChange: (fields: Partial<Entry>) => void;
  onRemove: () => void;
  /** What it is shot with. */
  kit: ReactNode;
};

const wants = [
  { value: 0.5, label: 'Bonus' },
  { value: 1, label: 'Wanted' },
  { value: 2, label: 'Wanted much' },
  { value: 4, label: 'Must have' },
];

/** A time of day that may be left open. */
function Clock({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string | null;
  onChange: (v: string | null) => void;
}) {
  return (
    <label className="clock-field">
      <span>{label}</span>
      <input
        type="time"
        className="ant-input"
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value || null)}
      />
    </label>
  );
}

/** One rush of the outing: how long and how often, which way one looks, when it may happen, how much it is wanted. */
export function EntryRow({ entry, name, onChange, onRemove, kit }: Props) {
  const special = [
    entry.facing_deg !== null && `looking to ${Math.round(entry.facing_deg)}°`,
    entry.earliest && `not before ${entry.earliest}`,
    entry.latest && `over by ${entry.latest}`,
    entry.at && `at ${entry.at}`,
    (entry.setup_min ?? 0) > 0 && `${entry.setup_min} min to get there`,
  ].filter(Boolean);
  const [open, setOpen] = useState(false);
  return (
    <li className="entry">
      <div className="entry-head">
        <b>{name}</b>
        <Select
          size="small"
          aria-label={`How much ${name} is wanted`}
          value={entry.wanted}
          options={wants}
          onChange={(wanted) => onChange({ wanted })}
        />
        <Button size="small" type="text" aria-label={`Leave out ${name}`} onClick={onRemove}>
          ×
        </Button>
      </div>
      <div className="entry-fields">
        <NumberField
          label="Minutes"
          quantity="count"
          value={entry.minutes}
          onChange={(v) => onChange({ minutes: Math.round(v) })}
        />
        <NumberField
          label="Passes"
          quantity="count"
          value={entry.times}
          onChange={(v) => onChange({ times: Math.round(v) })}
        />
        <Button type="link" size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Less' : 'More'}
          <span className="sr-only"> about {name}</span>
        </Button>
        {!open && special.length > 0 && <span className="quiet entry-special">{special.join(', ')}</span>}
      </div>
      {open && (
        <div className="entry-fields">
          <NumberField
            label="Getting there"
            quantity="count"
            hint="Minutes from the one before, setting up included"
            value={entry.setup_min ?? 0}
            onChange={(v) => onChange({ setup_min: Math.round(v) })}
          />
          <NumberField
            label="Looking to"
            quantity="angle"
            hint="Compass bearing: 0 north, 90 east"
            value={entry.facing_deg}
            onChange={(v) => onChange({ facing_deg: v })}
          />
          <Clock label="Not before" value={entry.earliest} onChange={(earliest) => onChange({ earliest })} />
          <Clock label="Over by" value={entry.latest} onChange={(latest) => onChange({ latest })} />
          <Clock label="Just at" value={entry.at} onChange={(at) => onChange({ at, by_hand: false })} />
          {kit}
        </div>
      )}
    </li>
  );
}
