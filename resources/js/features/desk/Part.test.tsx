import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { open } from '../../testing/open';
import { Part } from './Part';

const part = (wrong = false) => (
  <Part id="light" title="Light" says="EV 13, clear" wrong={wrong}>
    <input aria-label="Light value" />
  </Part>
);
const head = () => screen.getByRole('button', { name: /^Light/ });

describe('a part of the rush', () => {
  it('says what is in it until it is opened, and stays open for that person', async () => {
    const first = open(part());
    expect(head()).toHaveTextContent('EV 13, clear');
    expect(screen.queryByLabelText('Light value')).toBeNull();
    await first.user.click(head());
    expect(screen.getByLabelText('Light value')).toBeVisible();
    first.unmount();
    const { user } = open(part());
    expect(head()).toHaveAttribute('aria-expanded', 'true');
    await user.click(head());
    expect(screen.getByLabelText('Light value')).not.toBeVisible();
  });

  it('opens by itself where something in it is refused', () => {
    open(part(true));
    expect(screen.getByLabelText('Light value')).toBeVisible();
  });
});
