import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Quantity, Units } from '../lang/units';
import { open } from '../testing/open';
import { NumberField } from './NumberField';

type Asked = {
  first: number | null;
  quantity: Quantity;
  problem?: string | undefined;
  said: (value: number) => void;
};

function Kept({ first, quantity, problem, said }: Asked) {
  const [value, setValue] = useState(first);
  const change = (next: number) => {
    setValue(next);
    said(next);
  };
  return <NumberField label="Distance" {...{ value, quantity, problem }} onChange={change} />;
}

/** A field with a value of its own, and what it said of each change. */
function field(value: number | null, quantity: Quantity, units: Units = 'metric', problem?: string) {
  const said = vi.fn();
  return {
    ...open(<Kept {...{ first: value, quantity, problem, said }} />, { units }),
    said,
    input: screen.getByLabelText<HTMLInputElement>('Distance'),
  };
}

describe('a number', () => {
  it('is shown in the unit one reads, with that unit beside it', () => {
    const { input } = field(25, 'length', 'imperial');
    expect(input).toHaveValue('82.02');
    expect(input.closest('.field')).toHaveTextContent('ft');
  });

  it('may be typed in any unit and with a comma, and is shown in the field’s own afterwards', async () => {
    const { user, input, said } = field(10, 'length');
    await user.clear(input);
    await user.type(input, '82 ft');
    await user.tab();
    expect(said.mock.lastCall?.[0]).toBeCloseTo(24.99, 2);
    expect(input).toHaveValue('24.99');
    await user.clear(input);
    await user.type(input, '2,5');
    await user.tab();
    expect(said.mock.lastCall).toEqual([2.5]);
  });

  it('keeps what it was when what is typed cannot be read, and says so only once one has left', async () => {
    const { user, input, said } = field(10, 'length');
    await user.clear(input);
    await user.type(input, '52 kg');
    expect(screen.queryByRole('alert')).toBeNull();
    await user.tab();
    expect(screen.getByRole('alert')).toHaveTextContent('“52 kg” is not a length');
    expect(input).toHaveAccessibleDescription(/is not a length/);
    expect(input).toBeInvalid();
    expect(said.mock.lastCall).toEqual([10]);
  });

  it('shows again what holds when it is left empty', async () => {
    const { user, input } = field(10, 'length');
    await user.clear(input);
    await user.tab();
    expect(input).toHaveValue('10');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('stays empty where nothing is known', () => {
    expect(field(null, 'length').input).toHaveValue('');
  });

  it('says what the server found wrong', () => {
    const { input } = field(900, 'length', 'metric', 'The distance must be between 0.3 and 2000 m.');
    expect(input).toHaveAccessibleDescription('The distance must be between 0.3 and 2000 m.');
  });

  it('is stepped by the arrows: by one, ten with Shift, a tenth with Alt, and onto the grid of the step', async () => {
    const { user, input, said } = field(10.4, 'length');
    await user.click(input);
    await user.keyboard('{ArrowUp}');
    expect(said.mock.lastCall).toEqual([11]);
    await user.keyboard('{Shift>}{ArrowUp}{/Shift}');
    expect(said.mock.lastCall).toEqual([21]);
    await user.keyboard('{Alt>}{ArrowDown}{/Alt}');
    expect(said.mock.lastCall).toEqual([20.9]);
    await user.keyboard('{ArrowDown}');
    expect(said.mock.lastCall).toEqual([20]);
  });

  it('steps exposures by thirds of a stop, as they are written', async () => {
    const { user, input, said } = field(1 / 1000, 'shutter');
    await user.click(input);
    await user.keyboard('{ArrowUp}');
    expect(1 / said.mock.lastCall?.[0]).toBeCloseTo(1300, 0);
    await user.keyboard('{ArrowDown}');
    expect(1 / said.mock.lastCall?.[0]).toBeCloseTo(1000, 0);
  });

  it('turns with the wheel only while one is in it', async () => {
    const { user, input, said } = field(10, 'length');
    fireEvent.wheel(input, { deltaY: -100 });
    expect(said).not.toHaveBeenCalled();
    await user.click(input);
    fireEvent.wheel(input, { deltaY: -100 });
    expect(said.mock.lastCall).toEqual([11]);
    fireEvent.wheel(input, { deltaY: 100 });
    expect(said.mock.lastCall).toEqual([10]);
  });
});
