import { Select } from 'antd';
import { options } from './words';

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
      <label htmlFor={id}>Lamps</label>
      <Select
        id={id}
        value={lamps ?? 'none'}
        options={[{ value: 'none', label: 'None' }, ...options('lamps')]}
        onChange={(chosen) => onChange(chosen === 'none' ? undefined : chosen)}
      />
    </div>
  );
}
