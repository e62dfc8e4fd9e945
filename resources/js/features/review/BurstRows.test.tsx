import { screen, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { BurstRows, daysOf, radiusOf } from './BurstRows';

const [first] = recorded('hold-comparison').comparison?.holds ?? [];
const held = (shot: { at: string | null; frames: number; keepers: number }[]) => ({
  ...(first as NonNullable<typeof first>),
  shot,
});
const ring = held([
  { at: '2020-06-09T05:10:00Z', frames: 25, keepers: 25 },
  { at: '2020-06-07T05:10:00Z', frames: 100, keepers: 0 },
]);
const point = held([
  { at: '2020-06-07T08:00:00Z', frames: 25, keepers: 10 },
  { at: null, frames: 1, keepers: 1 },
]);

it('goes by the days on which something was shot, what has no time last', () => {
  expect(daysOf([ring, point])).toEqual(['2020-06-07', '2020-06-09', '']);
});

it('draws a burst as large as it is long, and none too small to be seen', () => {
  expect(radiusOf(100, 100)).toBe(15);
  expect(radiusOf(25, 100)).toBe(10);
  expect(radiusOf(0, 100)).toBe(5);
});

it('fills a bead by how much was kept: not at all, in part, wholly', () => {
  open(<BurstRows holds={[ring, point]} names={['Ring', 'Point']} />);
  const view = screen.getByRole('img', { name: /^Ring: .* Point: / });
  const bead = (title: string) => within(view).getByText(title).parentElement as unknown as SVGGElement;
  expect(bead('7 June 2020: 0 of 100 kept').querySelectorAll('.bead-kept')).toHaveLength(0);
  expect(bead('9 June 2020: 25 of 25 kept').querySelectorAll('circle.bead-kept')).toHaveLength(1);
  const part = bead('7 June 2020: 10 of 25 kept').querySelector('path.bead-kept')?.getAttribute('d') ?? '';
  // Less than half: the smaller part of the disc, below its middle.
  expect(part).toContain('A10 10 0 0 0');
  expect(bead('1 of 1 kept').querySelectorAll('circle')).toHaveLength(2);
  expect(screen.getByText('no day')).toBeVisible();
});
