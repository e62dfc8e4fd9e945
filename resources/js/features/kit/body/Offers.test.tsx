import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import type { Body } from '../../../api/client';
import { sample } from '../../../testing/answers';
import { Offers } from './Offers';

/** The part, with the body it changes; what the body offers stands below it. */
function Kept({ offers }: { offers: Partial<Body['offers']> }) {
  const [body, setBody] = useState(sample('Body', { offers: offers as Body['offers'] }) as Body);
  return (
    <>
      <Offers body={body} set={(fields) => setBody((now) => ({ ...now, ...fields }))} />
      <output>{JSON.stringify(body.offers)}</output>
    </>
  );
}

const kept = () => JSON.parse(screen.getByRole('status').textContent ?? '');

describe('what few bodies offer', () => {
  it('is taken with its usual value and one more, and left again', async () => {
    render(<Kept offers={{}} />);
    const frames = screen.getByRole('checkbox', { name: 'Frames before the press' });
    await userEvent.click(frames);
    expect(kept()).toEqual({ before_press_s: [0, 0.5] });
    await userEvent.click(screen.getByRole('checkbox', { name: 'Idle focus' }));
    expect(kept()).toEqual({ before_press_s: [0, 0.5], 'focus.unpressed': [false, true] });
    await userEvent.click(frames);
    expect(kept()).toEqual({ 'focus.unpressed': [false, true] });
    expect(screen.queryByRole('button', { name: 'Add a step' })).toBeNull();
  });

  it('has steps that are added, changed and taken away, but not the last, nor none', async () => {
    render(<Kept offers={{ before_press_s: [0, 0.5] }} />);
    expect(screen.getByRole('button', { name: 'Remove step 1' })).toBeDisabled();
    await userEvent.click(screen.getByRole('button', { name: 'Add a step' }));
    expect(kept()).toEqual({ before_press_s: [0, 0.5, 1] });
    const second = screen.getByLabelText('Frames before the press, step 2');
    await userEvent.clear(second);
    await userEvent.type(second, '1.5{Enter}');
    expect(kept()).toEqual({ before_press_s: [0, 0.5, 1.5] });
    await userEvent.click(screen.getByRole('button', { name: 'Remove step 1' }));
    expect(kept()).toEqual({ before_press_s: [0, 1.5] });
  });
});
