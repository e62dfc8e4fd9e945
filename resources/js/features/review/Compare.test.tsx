import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, offline } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import Compare from './Compare';

const known = recorded('hold-comparison');
const comparison = known.comparison as NonNullable<typeof known.comparison>;
const [ring, point] = comparison.holds as [(typeof comparison.holds)[0], (typeof comparison.holds)[0]];
const [pair] = comparison.pairs as [(typeof comparison.pairs)[0]];
const points = (share: number) => Math.round(100 * share);
const range = `${points(pair.difference.low)} to ${points(pair.difference.high)}`;
const compared = (fields: Partial<typeof comparison>) =>
  answers({ 'GET /api/bursts/comparison': { ...known, comparison: { ...comparison, ...fields } } });
const verdict = async () => within(await screen.findByRole('region', { name: 'Verdict' }));

describe('set-ups compared', () => {
  it('say how to begin where there is nothing to compare', async () => {
    answers({ 'GET /api/bursts/comparison': { rush_id: null, rushes: [], comparison: null } });
    open(<Compare />);
    expect(await screen.findByRole('heading', { name: 'Nothing to compare yet' })).toBeVisible();
  });

  it('say why they cannot be had', async () => {
    answers({ 'GET /api/bursts/comparison': offline });
    open(<Compare />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('are called by what sets them apart, an eye only where something is detected', async () => {
    compared({});
    open(<Compare />);
    const names = within(await screen.findByRole('region', { name: 'Holds' })).getAllByRole('listitem');
    expect(names[0]?.querySelector('.shares-name')).toHaveTextContent('Small ring, bird, eye on');
    expect(names[1]?.querySelector('.shares-name')).toHaveTextContent('Point, no detection');
  });

  it('say what was kept of what, and how sure the share is', async () => {
    compared({});
    open(<Compare />);
    const [first] = within(await screen.findByRole('region', { name: 'Holds' })).getAllByRole('listitem');
    expect(first).toHaveTextContent('58% 51 to 64');
    expect(first).toHaveTextContent('100 of 173 in 7 bursts, best with more than 99%');
  });

  it('decide, and never say that anything is certain', async () => {
    compared({});
    open(<Compare />);
    expect((await verdict()).getByText(/keeps 17 points more than/)).toHaveTextContent(
      /Point, no detection\.$/,
    );
    expect((await verdict()).getByText('more than 99%')).toBeVisible();
    expect((await verdict()).getByText(`(${range} points, decided)`, { exact: false })).toBeVisible();
  });

  it.each([
    [
      { decided: false, frames_needed: 40, frames_to_be_sure: 130 },
      /about 40 more frames of each to tell at even odds, 130 for nine in ten/,
      /, as it looks\./,
    ],
    [{ decided: false, even: true }, /as good as each other/, /keep about the same\./],
    [{ decided: false, frames_needed: null }, /too alike to tell in any season/, /, as it looks\./],
  ])('say what it still takes: %o', async (fields, needed, says) => {
    compared({ pairs: [{ ...pair, ...fields }] });
    open(<Compare />);
    expect((await verdict()).getByText(needed)).toBeVisible();
    expect((await verdict()).getByText(says)).toBeVisible();
  });

  it('say what makes the comparison unfair', async () => {
    compared({ pairs: [{ ...pair, unfair: [{ what: 'light', text: 'The light differs by two stops.' }] }] });
    open(<Compare />);
    const unfair = (await verdict()).getByRole('list', { name: 'What makes it unfair' });
    expect(unfair).toHaveTextContent('The light differs by two stops.');
  });

  it('say which to shoot next', async () => {
    compared({ next: 1 });
    open(<Compare />);
    expect(await screen.findByText(/Shoot next:/)).toHaveTextContent('Shoot next: Point, no detection');
  });

  it('draw each difference so that it can be heard', async () => {
    compared({ pairs: [pair, { ...pair, a: 1, b: 0, difference: { mean: -0.9, low: -1, high: -0.4 } }] });
    open(<Compare />);
    const all = within(await screen.findByRole('region', { name: 'Head to head' }));
    const bars = all.getAllByRole('img');
    expect(bars[0]).toHaveAccessibleName(`17 points, ${range}`);
    // What lies outside the scale stays on its edge.
    expect(bars[1]?.querySelector('.shares-dot')).toHaveStyle({ left: '0%' });
  });

  it('say how soon the first sharp frame comes, with misses in full', async () => {
    const timed = (seconds: number, missed: number) => ({
      seconds,
      low: seconds,
      high: seconds,
      bursts: 5,
      missed,
    });
    compared({
      holds: [
        { ...ring, first_sharp: timed(0.42, 0) },
        { ...point, first_sharp: timed(0.9, 2) },
      ] as never,
    });
    open(<Compare />);
    const first = within(await screen.findByRole('region', { name: 'First sharp frame' })).getAllByRole(
      'listitem',
    );
    expect(first[0]).toHaveTextContent('0.42 s5 bursts');
    expect(first[0]).not.toHaveTextContent('without one');
    expect(first[1]).toHaveTextContent('0.90 s5 bursts, 2 without one, counted in full');
  });

  it('ask again for another rush', async () => {
    const rushes = [...known.rushes, { id: '02', name: 'Hare bolting', holds: 3, bursts: 9 }];
    answers({ 'GET /api/bursts/comparison': { ...known, rushes } });
    const { user } = open(<Compare />);
    await user.click(await screen.findByLabelText('Of which rush'));
    await user.click(await screen.findByTitle('Hare bolting (3 holds, 9 bursts)'));
    await verdict();
    expect(asked.some(({ query }) => query.rush === '02')).toBe(true);
  });
});
