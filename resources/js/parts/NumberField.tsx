import './fields.css';
import { InputNumber } from 'antd';
import { useId } from 'react';
import { type Quantity, scaleOf, useUnits } from './units';

type Props = {
  label: string;
  /** Null stays empty until a number is typed. */
  value: number | null;
  quantity: Quantity;
  onChange: (value: number) => void;
  /** What the server found wrong with it. */
  problem?: string | null | undefined;
  hint?: string;
};

/** A number in the person’s units; the value that goes in and out is in SI. */
export function NumberField({ label, value, quantity, onChange, problem, hint }: Props) {
  const id = useId();
  const scale = scaleOf(quantity, useUnits());
  const shown = value === null ? null : Number((value * scale.factor).toFixed(Math.max(scale.digits, 2)));
  return (
    <div className="field">
      <label htmlFor={id} title={hint}>
        {label}
      </label>
      <InputNumber
        id={id}
        value={shown}
        placeholder="–"
        step={scale.step}
        status={problem ? 'error' : ''}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? `${id}-problem` : undefined}
        suffix={<span className="unit">{scale.unit}</span>}
        onChange={(next) => {
          if (typeof next === 'number' && Number.isFinite(next)) {
            onChange(Number((next / scale.factor).toPrecision(10)));
          }
        }}
      />
      {problem && (
        <p id={`${id}-problem`} className="field-problem" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}
