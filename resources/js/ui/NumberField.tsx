import './fields.css';
import { Input, type InputRef } from 'antd';
import { type KeyboardEvent, useEffect, useId, useRef, useState } from 'react';
import { readNumber } from '../lang/readNumber';
import { t } from '../lang/ui';
import { type Quantity, scaleOf, shownIn, useUnits } from '../lang/units';

type Props = {
  label: string;
  /** Null stays empty until a number is typed. */
  value: number | null;
  quantity: Quantity;
  onChange: (value: number) => void;
  /** What the server found wrong with it. */
  problem?: string | null | undefined;
  hint?: string;
  /** The label is only heard: a column or a row says it to those who see. */
  bare?: boolean;
  onFocus?: () => void;
};

/** The next value up or down: an even step, or a third of a stop for an exposure. */
function stepped(value: number, quantity: Quantity, factor: number, step: number, steps: number): number {
  if (quantity === 'shutter') {
    const next = value * 2 ** (-steps / 3);
    // Two figures, as exposures are written.
    return next < 0.3 ? 1 / Number((1 / next).toPrecision(2)) : Number(next.toPrecision(2));
  }
  // On the grid of the step, not beside it.
  const unit = Math.abs(steps) < 1 ? step * Math.abs(steps) : step;
  const at = (value * factor) / unit;
  const by = steps > 0 ? Math.floor(at + 1e-6) : Math.ceil(at - 1e-6);
  return Number((((by + Math.sign(steps) * Math.max(1, Math.abs(steps))) * unit) / factor).toPrecision(10));
}

/**
 * A number as people write it: decimal comma or point, fractions, any common unit, which is turned into the field’s own.
 * The value that goes in and out is in SI. Arrows and the wheel step it, ten times as far with Shift, a tenth with Alt.
 */
export function NumberField({ label, value, quantity, onChange, problem, hint, bare, onFocus }: Props) {
  const id = useId();
  const units = useUnits();
  const scale = scaleOf(quantity, units);
  const input = useRef<InputRef>(null);
  // What is being typed; null while nobody is.
  const [typed, setTyped] = useState<string | null>(null);
  const [left, setLeft] = useState(true);
  const before = useRef(value);
  const shown = value === null || !Number.isFinite(value) ? '' : shownIn(value, quantity, units);
  const read = typed === null ? null : readNumber(typed, quantity, units);
  // While one types nothing is wrong yet.
  const unread =
    !left || typed === null || read === null || 'value' in read
      ? null
      : 'problem' in read
        ? read.problem
        : t('number-field.is-not-a-whole', { typed });
  const complaint = unread ?? problem ?? null;

  const put = (text: string) => {
    setTyped(text);
    const next = readNumber(text, quantity, units);
    // What was read on the way to something unreadable was not meant: the value is again what it was.
    const meant = 'value' in next ? next.value : 'problem' in next ? before.current : null;
    if (meant !== null && meant !== value) onChange(meant);
  };
  const step = (steps: number) => {
    const next = stepped(value ?? 0, quantity, scale.factor, scale.step, steps);
    setTyped(null);
    onChange(next);
  };
  const leave = () => {
    setLeft(true);
    // What could be read is shown in the field’s own unit; an empty field shows what still holds.
    if (typed !== null && (typed.trim() === '' || (read && 'value' in read))) setTyped(null);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    event.preventDefault();
    step((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1));
  };

  // The wheel turns a field only while one is in it, and then not the page.
  const latest = useRef(step);
  latest.current = step;
  useEffect(() => {
    const element = input.current?.input;
    if (!element) return;
    const turn = (event: WheelEvent) => {
      if (document.activeElement !== element || event.deltaY === 0) return;
      event.preventDefault();
      latest.current((event.deltaY < 0 ? 1 : -1) * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1));
    };
    element.addEventListener('wheel', turn, { passive: false });
    return () => element.removeEventListener('wheel', turn);
  }, []);

  return (
    <div className="field">
      <label htmlFor={id} title={hint} className={bare ? 'sr-only' : undefined}>
        {label}
      </label>
      <Input
        id={id}
        ref={input}
        className="number"
        inputMode="decimal"
        autoComplete="off"
        value={typed ?? shown}
        placeholder="–"
        status={complaint ? 'error' : ''}
        aria-invalid={complaint ? true : undefined}
        aria-describedby={complaint ? `${id}-problem` : undefined}
        suffix={<span className="unit">{scale.unit}</span>}
        onFocus={(event) => {
          setLeft(false);
          before.current = value;
          event.target.select();
          onFocus?.();
        }}
        onChange={(event) => put(event.target.value)}
        onKeyDown={press}
        onBlur={leave}
      />
      {complaint && (
        <p id={`${id}-problem`} className="field-problem" role="alert">
          {complaint}
        </p>
      )}
    </div>
  );
}
