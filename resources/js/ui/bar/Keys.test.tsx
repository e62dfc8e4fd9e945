import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { open } from '../../testing/open';
import { Keys } from './Keys';
import { keysAt } from './keyTable';

const page = (at: string) =>
  open(
    <>
      <input aria-label="Something typed" />
      <Keys />
    </>,
    { at },
  );

describe('the keys of a page', () => {
  it('show at ?, those of the page before those of all', async () => {
    const { user } = page('/review/bursts/7');
    await user.keyboard('?');
    expect(await screen.findByRole('heading', { name: 'A burst' })).toBeVisible();
    expect(screen.getByText('Split the burst before this frame')).toBeVisible();
    expect(screen.getByText(/^Search for rushes/)).toBeVisible();
  });

  it('do not show where a ? is typed, nor on the desk, which answers itself', async () => {
    const first = page('/kit');
    await first.user.type(screen.getByLabelText('Something typed'), '?');
    expect(screen.queryByText(/^Search for rushes/)).toBeNull();
    first.unmount();
    const { user } = page('/rushes/7');
    await user.keyboard('?');
    expect(screen.queryByText(/^Search for rushes/)).toBeNull();
  });

  it('are those of the more particular address', () => {
    expect(keysAt('/review/bursts/7/why')?.name).toBe('Why soft?');
    expect(keysAt('/kit/lenses/3')).toBeNull();
  });
});
