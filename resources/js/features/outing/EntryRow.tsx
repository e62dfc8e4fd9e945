import { Button, Select } from 'antd';
import { type ReactNode, useState } from 'react';
import type { Entry } from '../../api/day';
import { t } from '../../lang/outing';
import { NumberField } from '../../ui/NumberField';

type Props = {
  entry: Entry;
  name: string;
  onChange: (fields: Partial<Entry>) => void;
  onRemove: () => void;
  /** What it is shot with. */
  kit: ReactNode;
};

const wants = [
  { value: 0.5, label: t('entry-row.bonus') },
  { value: 1, label: t('entry-row.wanted') },
  { value: 2, label: t('entry-row.wanted-much') },
  { value: 4, label: t('entry-row.must-have') },
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
    entry.facing_deg !== null && t('entry-row.looking-to', { facingDeg: Math.round(entry.facing_deg) }),
    entry.earliest && t('entry-row.not-before', { earliest: entry.earliest }),
    entry.latest && t('entry-row.over-by', { latest: entry.latest }),
    entry.at && t('entry-row.at', { at: entry.at }),
    (entry.setup_min ?? 0) > 0 && t('entry-row.min-to-get-there', { setupMin: entry.setup_min }),
  ].filter(Boolean);
  const [open, setOpen] = useState(false);
  return (
    <li className="entry">
      <div className="entry-head">
        <b>{name}</b>
        <Select
          size="small"
          aria-label={t('entry-row.how-much-is-wanted', { name })}
          value={entry.wanted}
          options={wants}
          onChange={(wanted) => onChange({ wanted })}
        />
        <Button size="small" type="text" aria-label={t('entry-row.leave-out', { name })} onClick={onRemove}>
          ×
        </Button>
      </div>
      <div className="entry-fields">
        <NumberField
          label={t('entry-row.minutes')}
          quantity="count"
          value={entry.minutes}
          onChange={(v) => onChange({ minutes: Math.round(v) })}
        />
        <NumberField
          label={t('entry-row.passes')}
          quantity="count"
          value={entry.times}
          onChange={(v) => onChange({ times: Math.round(v) })}
        />
        <Button type="link" size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? t('entry-row.less') : t('entry-row.more')}
          <span className="sr-only"> {t('entry-row.about', { name })}</span>
        </Button>
        {!open && special.length > 0 && <span className="quiet entry-special">{special.join(', ')}</span>}
      </div>
      {open && (
        <div className="entry-fields">
          <NumberField
            label={t('entry-row.getting-there')}
            quantity="count"
            hint={t('entry-row.minutes-from-the-one')}
            value={entry.setup_min ?? 0}
            onChange={(v) => onChange({ setup_min: Math.round(v) })}
          />
          <NumberField
            label={t('entry-row.looking-to-2')}
            quantity="angle"
            hint={t('entry-row.compass-bearing-0-north')}
            value={entry.facing_deg}
            onChange={(v) => onChange({ facing_deg: v })}
          />
          <Clock
            label={t('entry-row.not-before-2')}
            value={entry.earliest}
            onChange={(earliest) => onChange({ earliest })}
          />
          <Clock
            label={t('entry-row.over-by-2')}
            value={entry.latest}
            onChange={(latest) => onChange({ latest })}
          />
          <Clock
            label={t('entry-row.just-at')}
            value={entry.at}
            onChange={(at) => onChange({ at, by_hand: false })}
          />
          {kit}
        </div>
      )}
    </li>
  );
}
