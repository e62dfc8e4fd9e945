import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { open } from '../testing/open';
import { Hints } from './Hints';

it('gives three hints one at a time, and once hidden no more, of that page alone', async () => {
  const first = open(<Hints of="desk" />);
  for (const _ of [1, 2]) await first.user.click(screen.getByRole('button', { name: 'Next hint' }));
  expect(screen.getByText('3 of 3')).toBeVisible();
  expect(screen.queryByRole('button', { name: 'Next hint' })).toBeNull();
  await first.user.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.queryByRole('complementary', { name: 'Hints' })).toBeNull();
  first.unmount();
  open(
    <>
      <Hints of="desk" />
      <Hints of="review" />
    </>,
  );
  expect(screen.getAllByRole('complementary', { name: 'Hints' })).toHaveLength(1);
});
