import './fields.css';
import { Slider } from 'antd';
import { useId } from 'react';

type Props = {
  label: string;
  value: number;
  onChange: (value: number) => void;
  low: string;
  high: string;
};

/** A share from 0 to 1 that people judge by eye, between two words. */
export function ShareField({ label, value, onChange, low, high }: Props) {
  const id = useId();
  return (
    <div className="field share">
      <span id={id} className="share-label">
        {label}
        <span className="unit">{Math.round(value * 100)}%</span>
      </span>
      <Slider
        min={0}
        max={1}
        step={0.05}
        value={value}
        ariaLabelledByForHandle={id}
        tooltip={{ open: false }}
        onChange={onChange}
      />
      <span className="share-ends" aria-hidden="true">
        <span>{low}</span>
        <span>{high}</span>
      </span>
    </div>
  );
}
