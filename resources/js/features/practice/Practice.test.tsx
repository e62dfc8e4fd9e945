import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Practice } from '../../api/practice';
import { rememberPerson } from '../../field/db';
import { keepTurn, sendTurn } from '../../field/outbox';
import { answers, bodies, offline, refused, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { MixedUp } from './ButtonsResult';
import { Due } from './Due';
import PracticePage from './Practice';

const practice = recorded('practice');
const stands = (fields: Partial<Practice>) => answers({ 'GET /api/practice': { ...practice, ...fields } });
const ladder = (fields: Partial<Practice['ladder']>) => stands({ ladder: { ...practice.ladder, ...fields } });
const region = async (name: string) => within(await screen.findByRole('region', { name }));

describe('practice', () => {
  it('waits, and says why in vain', async () => {
    answers({ 'GET /api/practice': waiting });
    const { unmount } = open(<PracticePage />);
    expect(screen.getByText('Loading…')).toBeVisible();
    unmount();
    answers({ 'GET /api/practice': offline });
    open(<PracticePage />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('begins what is due, and says what comes after it', async () => {
    const turn = (drill: string, turns: number) => ({ drill, turns, refresher: false });
    stands({ due: [turn('swimmer', 3), turn('buttons', 1)], done_today: 0 });
    const { user, where } = open(<PracticePage />, { at: '/practice', path: '/practice' });
    const today = await region('Today');
    expect(today.getByText(/Today:/)).toHaveTextContent(
      'Today: Slow swimmer, 3 rounds then buttons by touch',
    );
    await user.click(today.getByRole('button', { name: 'Begin' }));
    expect(where()).toBe('/practice/ring?exercise=swimmer');
  });

  it.each([
    [0, 'Nothing is due today.'],
    [2, 'Done for today.'],
  ])('says when nothing is left after %d turns', async (done_today, says) => {
    const calendar = [
      { day: '2026-12-24', minutes: 2, field: null, turns: practice.ladder.calendar[0]?.turns ?? [] },
    ];
    stands({ due: [], done_today, ladder: { ...practice.ladder, calendar } });
    open(<PracticePage />);
    expect(await screen.findByText(new RegExp(`^${says}`))).toHaveTextContent(
      `${says} Next session on Thursday 24 December.`,
    );
  });

  it('shows rungs from the highest down, which are passed, and where one stands', async () => {
    const passed = (rung: Practice['ladder']['rungs'][number]) => ({
      ...rung,
      passed_on: rung.passed_on && '2026-11-11',
    });
    ladder({ rungs: practice.ladder.rungs.map(passed) });
    open(<PracticePage />);
    const rungs = (await region('Levels')).getAllByRole('listitem');
    expect(rungs.map((rung) => rung.className.split(' ')[1])).toEqual([
      'later',
      'later',
      'here',
      'passed',
      'passed',
    ]);
    expect(rungs[2]).toHaveAttribute('aria-current', 'step');
    expect(rungs[2]).toHaveTextContent('0 of 3 sessions running: 70% of what a practised hand keeps');
    expect(rungs[4]).toHaveTextContent('passed on 11 Nov');
    expect(within(rungs[0] as HTMLElement).queryByRole('link')).toBeNull();
    expect(rungs[4]?.querySelectorAll('.rung-bead.full')).toHaveLength(3);
  });

  it.each([
    [{ at_top: true }, /All five levels are passed/],
    [{ too_hard: true }, /fell far short/],
    [{ held_up: true }, /The next one is open as well/],
  ])('says where it goes on: %o', async (fields, says) => {
    ladder(fields);
    open(<PracticePage />);
    expect(await screen.findByText(says)).toBeVisible();
  });

  it('tells new drills from those that were played', async () => {
    stands({ drills: [{ drill: 'still', turns: 1, last_at: null }] });
    open(<PracticePage />);
    const drills = await region('Drills');
    expect(drills.getByRole('link', { name: /Sitting still/ })).toHaveTextContent('one round');
    expect(drills.getByRole('link', { name: /The moment/ })).toHaveTextContent('new');
  });
});

describe('four weeks of practice', () => {
  beforeEach(() => stands({}));
  const changed = async () => {
    const { user } = open(<PracticePage />);
    await user.click(await screen.findByRole('button', { name: 'Change days' }));
    return user;
  };
  const put = () => bodies('PUT /api/practice').map((body) => (body as Practice['settings']).habit);

  it('has 28 days from a Monday', async () => {
    open(<PracticePage />);
    const days = (await region('Four weeks')).getAllByRole('listitem');
    expect(days).toHaveLength(28);
    expect(days.filter((day) => day.classList.contains('now'))).toHaveLength(1);
  });

  it('keeps at least one day, in order', async () => {
    answers({ 'PUT /api/practice': { ...practice } as never });
    const user = await changed();
    await user.click(screen.getByRole('checkbox', { name: 'Wed' }));
    await waitFor(() => expect(put()[0]?.weekdays).toEqual([1, 2, 4, 5, 6, 7]));
  });

  it('takes days off, a single one as well, and gives them back', async () => {
    answers({ 'PUT /api/practice': practice as never });
    const user = await changed();
    const add = screen.getByRole('button', { name: 'Add' });
    expect(add).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Off from'), { target: { value: '2026-12-24' } });
    fireEvent.change(screen.getByLabelText('Off until'), { target: { value: '2026-12-20' } });
    expect(add).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Off until'), { target: { value: '' } });
    await user.click(add);
    await waitFor(() => expect(put()[0]?.off).toEqual([{ from: '2026-12-24', to: '2026-12-24' }]));
  });

  it('says why a change was refused', async () => {
    answers({ 'PUT /api/practice': refused(422, 'At most 50 times off.', 'habit.off') });
    const user = await changed();
    await user.click(screen.getByRole('checkbox', { name: 'Mon' }));
    expect(await screen.findByText('At most 50 times off.')).toBeInTheDocument();
  });
});

describe('turns that could not be sent', () => {
  it('says how many are kept here, and where one stands once they have gone out', async () => {
    rememberPerson('9');
    answers({ 'GET /api/practice': practice, 'POST /api/drills': offline });
    const document = { format: 'rush-hold/drill@1' } as never;
    const id = await keepTurn('9', { day: '2026-12-01', document });
    open(<PracticePage />);
    expect(await screen.findByText(/^A turn is kept on this device/)).toBeVisible();
    await expect(sendTurn(id)).rejects.toThrow();
    const asked = bodies('GET /api/practice').length;
    answers({ 'GET /api/practice': practice, 'POST /api/drills': { id: '1', drill: 'still' } as never });
    await sendTurn(id);
    await waitFor(() => expect(screen.queryByText(/kept on this device/)).toBeNull());
    await waitFor(() => expect(bodies('GET /api/practice').length).toBeGreaterThan(asked));
  });
});

describe('what practice moves', () => {
  const first = { trials: 0, missed: 0, median_s: null, mean_s: null };
  const feeds = {
    ...practice.feeds,
    controls: [],
    hand: { said: 0.3, at: null, days: [] },
    first_sharp: { auto: first, by_hand: first, fewest: 10 },
  };

  it('is nothing before it is known, and cannot be ticked', async () => {
    stands({ feeds });
    open(<PracticePage />);
    const moves = await region('What practice changes');
    for (const box of moves.getAllByRole('checkbox')) expect(box).toBeDisabled();
    expect(
      moves.getByText('Some rounds of buttons by touch, or of moving the area, are needed first.'),
    ).toBeVisible();
    expect(moves.getByText('Some trials with the stopwatch are needed first.')).toBeVisible();
  });

  it('can be unticked even where nothing is known any more', async () => {
    stands({
      feeds,
      settings: { ...practice.settings, feeds: { controls: true, hand: false, first_sharp: false } },
    });
    open(<PracticePage />);
    expect(
      (await region('What practice changes')).getByRole('checkbox', { name: /Layouts reckon/ }),
    ).toBeEnabled();
  });

  it('says how many trials are still wanted, and which were missed', async () => {
    const auto = { trials: 12, missed: 2, median_s: 0.44, mean_s: 0.5 };
    const by_hand = { trials: 4, missed: 0, median_s: null, mean_s: null };
    stands({ feeds: { ...feeds, first_sharp: { auto, by_hand, fewest: 10 } } });
    open(<PracticePage />);
    expect((await region('What practice changes')).getByText(/Autofocus:/)).toHaveTextContent(
      'Autofocus: 0.44 s, median of 12, 2 missed · By hand: 4 of 10 trials so far',
    );
  });

  it('moves with a tick, and the rest stays as it was', async () => {
    const hand = { said: 0.3, at: 0.36, days: [{ day: '2026-11-28', at: 0.36 }] };
    stands({ feeds: { ...feeds, hand } });
    answers({ 'PUT /api/practice': practice as never });
    const { user } = open(<PracticePage />);
    const moves = await region('What practice changes');
    expect(moves.getByText(/you said 30%, practice has brought it to 36% over a day/)).toBeVisible();
    await user.click(moves.getByRole('checkbox', { name: 'Plans move with my hand' }));
    expect(await screen.findByText('From now on. Untick it, and all is as it was.')).toBeInTheDocument();
    expect(bodies('PUT /api/practice')).toEqual([
      { ...practice.settings, feeds: { controls: false, hand: true, first_sharp: false } },
    ]);
  });
});

describe('what is due, where one begins the day', () => {
  it('is nothing to those who have never practised', async () => {
    stands({ drills: [], due: [{ drill: 'still', turns: 2, refresher: false }] });
    const { queries } = open(<Due />);
    await waitFor(() => expect(queries.isFetching()).toBe(0));
    expect(screen.queryByText('Practice due')).toBeNull();
  });

  it('leads to each drill', async () => {
    stands({ due: [{ drill: 'moment', turns: 1, refresher: true }] });
    open(<Due />);
    expect(await screen.findByRole('link', { name: 'The moment' })).toHaveAttribute(
      'href',
      '/practice/moment',
    );
  });
});

describe('two controls taken for each other', () => {
  const mixed = { one: 'thumb-1', other: 'thumb-2', times: 5, asked: 12, better: 'lens', free: true };
  it.each([
    [mixed, /would go on the button on the lens, which is free\./],
    [{ ...mixed, free: false }, /exchange the second thumb button and the button on the lens/],
    [{ ...mixed, better: null }, /No other control of this body could take one of them\./],
  ])('get advice: %o', async (said, advice) => {
    stands({ feeds: { ...practice.feeds, mixed: said } });
    open(<MixedUp />);
    expect(await screen.findByText(advice)).toHaveTextContent('were taken for each other 5 times of 12.');
  });
});
