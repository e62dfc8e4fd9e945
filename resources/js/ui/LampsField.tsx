import { Select } from 'antd';
import { options } from '../lang/labels';
import { t } from '../lang/ui';

/** What is lit, beside the daylight or instead of it. */
export function LampsField({
  id,
  lamps,
  onChange,
}: {
  id: string;
  lamps: string | undefined;
  onChange: (lamps: string | undefined) => void;
}) {
  return (
    <div className="field">
      <label htmlFor={id}>{t('lamps-field.lamps')}</label>
      <Select
        id={id}
        value={lamps ?? 'none'}
        options={[{ value: 'none', label: t('lamps-field.none') }, ...options('lamps')]}
        onChange={(chosen) => onChange(chosen === 'none' ? undefined : chosen)}
      />
    </div>
  );
}
