import './fields.css';
import { Select } from 'antd';
import { useId } from 'react';

type Option = { value: string; label: string };

/** One of a few words, under its label. */
export function Choice({
  label,
  value,
  options,
  onChange,
  none,
  disabled = false,
}: {
  label: string;
  value: string | null | undefined;
  options: Option[];
  onChange: (value: string | null) => void;
  /** What leaving it open is called. */
  none?: string;
  disabled?: boolean;
}) {
  const id = useId();
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <Select
        id={id}
        disabled={disabled}
        value={value ?? ''}
        options={none === undefined ? options : [{ value: '', label: none }, ...options]}
        onChange={(chosen) => onChange(chosen === '' ? null : chosen)}
      />
    </div>
  );
}
