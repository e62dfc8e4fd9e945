import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, bodies, offline, refused, sample } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import Review from './Review';

const burst = sample('LoggedBurst', {
  id: '1',
  rush_id: '01',
  rush: 'Tern hovering',
  at: '2026-06-07T05:30:00Z',
  kept: 'most',
  keepers: null,
  frames: null,
  lost_to: 'hidden',
  note: '',
  pictures: false,
  doubted: false,
});
const figures = recorded('figures');
const log = (...items: (typeof burst)[]) =>
  answers({ 'GET /api/bursts': { items, next: null }, 'GET /api/bursts/figures': figures });

describe('the log', () => {
  it('says how a burst is logged where none is', async () => {
    answers({
      'GET /api/bursts': { items: [], next: null },
      'GET /api/bursts/figures': { ...figures, bursts: 0 },
    });
    const { user, where } = open(<Review />, { at: '/review', path: '/review' });
    expect(await screen.findByRole('heading', { name: 'Nothing logged yet' })).toBeVisible();
    expect(screen.queryByText('Kept, by rush')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'To your outings' }));
    expect(where()).toBe('/outings');
  });

  it('says why it cannot be shown', async () => {
    answers({ 'GET /api/bursts': offline, 'GET /api/bursts/figures': offline });
    open(<Review />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('says of each burst what was kept and what lost the rest', async () => {
    log(burst, {
      ...burst,
      id: '2',
      rush: 'Hare',
      rush_id: null,
      keepers: 12,
      frames: 40,
      lost_to: null,
      note: 'rain',
    });
    open(<Review />);
    const rows = within(await screen.findByRole('region', { name: 'Bursts' })).getAllByRole('listitem');
    expect(rows[0]).toHaveTextContent('Tern hovering most kept, the rest: blocked from view');
    expect(rows[1]).toHaveTextContent('Hare 12 of 40 kept, rain');
    expect(within(rows[0] as HTMLElement).getByRole('link', { name: 'Why?' })).toHaveAttribute(
      'href',
      '/review/bursts/1/why?of=01',
    );
    expect(within(rows[1] as HTMLElement).queryByRole('link')).toBeNull();
  });

  it('shows shares with how sure they are, and what lost most', async () => {
    log(burst);
    open(<Review />);
    const shares = within(await screen.findByRole('region', { name: 'Kept, by rush' })).getAllByRole(
      'listitem',
    );
    const group = figures.rushes[0];
    expect(shares).toHaveLength(figures.rushes.length);
    expect(shares[0]).toHaveTextContent(`${Math.round(100 * (group?.share?.mean ?? 0))}%`);
    expect(shares[0]).toHaveTextContent('43 to 56');
    expect(shares[0]).toHaveTextContent('14 bursts, lost most to: on the background');
  });

  it('offers to count two of the same rush within an hour as one, and only those', async () => {
    const before = { ...burst, id: '2', at: '2026-06-07T05:00:00Z' };
    const other = { ...burst, id: '3', at: '2026-06-07T04:50:00Z', rush: 'Hare', rush_id: '02' };
    const long = { ...burst, id: '4', at: '2026-06-07T01:00:00Z', rush: 'Hare', rush_id: '02' };
    log(burst, before, other, long);
    answers({ 'POST /api/bursts/{id}/merge': { ...before, undo: 'u1' }, 'POST /api/undo/{id}': undefined });
    const { user } = open(<Review />);
    await user.click(await screen.findByRole('button', { name: 'Merge' }));
    await waitFor(() => expect(bodies('POST /api/bursts/{id}/merge')).toEqual([{ other: '1' }]));
    expect(asked.find(({ call }) => call === 'POST /api/bursts/{id}/merge')?.path).toEqual({ id: '2' });
    // It is taken back as it was done.
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some(({ path }) => path.id === 'u1')).toBe(true));
  });

  it('corrects what was logged, and refuses figures that make no sense before they are sent', async () => {
    log(burst);
    answers({ 'PATCH /api/bursts/{id}': burst });
    const { user } = open(<Review />);
    await user.click(await screen.findByRole('button', { name: 'Correct' }));
    const dialog = within(await screen.findByRole('dialog'));
    const counted = dialog.getByLabelText('or counted, such as 12 of 40');
    await user.type(counted, '50 of 40');
    expect(dialog.getByRole('alert')).toHaveTextContent('Write how many were kept, such as 12, or 12 of 40.');
    expect(dialog.getByRole('button', { name: 'Keep' })).toBeDisabled();
    await user.clear(counted);
    await user.type(counted, '30 of 40');
    await user.type(dialog.getByLabelText('Note'), 'wind');
    await user.click(dialog.getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(screen.queryByRole('dialog', { hidden: false })).toBeNull());
    const said = { kept: 'most', keepers: 30, frames: 40, lost_to: 'hidden', note: 'wind' };
    expect(bodies('PATCH /api/bursts/{id}')).toEqual([said]);
  });

  it('keeps the correction on screen when it is refused', async () => {
    log(burst);
    answers({ 'PATCH /api/bursts/{id}': refused(422, 'A note has at most 500 characters.', 'note') });
    const { user } = open(<Review />);
    await user.click(await screen.findByRole('button', { name: 'Correct' }));
    await user.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Keep' }));
    expect(await screen.findByText('A note has at most 500 characters.')).toBeInTheDocument();
    expect(screen.getByRole('dialog')).toBeVisible();
  });

  it('shows the bursts of one rush, and deletes several as one step', async () => {
    const other = { ...burst, id: '2', rush: 'Hare' };
    log(burst, other);
    answers({ 'POST /api/bursts/delete': { undo: 'u9' }, 'POST /api/undo/{id}': undefined });
    const { user } = open(<Review />);
    for (const box of await screen.findAllByRole('checkbox', { name: /^Select the burst of/ }))
      await user.click(box);
    expect(screen.getByText('2 selected')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Delete' }));
    await waitFor(() => expect(bodies('POST /api/bursts/delete')).toEqual([{ bursts: ['1', '2'] }]));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some(({ path }) => path.id === 'u9')).toBe(true));
    const name = figures.rushes[0]?.name ?? '';
    await user.click(screen.getByRole('combobox', { name: 'Of which rush' }));
    await user.click((await screen.findAllByTitle(name)).at(-1) as HTMLElement);
    await waitFor(() =>
      expect(asked.filter(({ call }) => call === 'GET /api/bursts').at(-1)?.query).toEqual({ rush: name }),
    );
  });

  it('deletes a burst, and brings it back', async () => {
    let gone = false;
    answers({
      'GET /api/bursts': () => ({ items: gone ? [] : [burst], next: null }),
      'GET /api/bursts/figures': figures,
      'DELETE /api/bursts/{id}': () => {
        gone = true;
        return undefined;
      },
      'POST /api/bursts/{id}/restore': () => {
        gone = false;
        return burst;
      },
    });
    const { user } = open(<Review />);
    await user.click(await screen.findByRole('button', { name: 'Delete the burst of Tern hovering' }));
    await screen.findByRole('heading', { name: 'Nothing logged yet' });
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(await screen.findByRole('region', { name: 'Bursts' })).toBeVisible();
  });
});

describe('a table from elsewhere', () => {
  const table = {
    head: ['Date', ''],
    rows: [['2026-06-07', 'Tern']],
    columns: { at: 0, rush: null },
    count: 3,
    good: 2,
    problems: [{ row: 3, message: '“soon” is no date.' }],
    kept: null,
  };
  const file = new File(['Date,\n2026-06-07,Tern'], 'log.csv', { type: 'text/csv' });

  it('shows what is in it, what is left out and why, and then takes in the rest', async () => {
    log(burst);
    answers({ 'POST /api/bursts/table': table });
    const { user } = open(<Review />);
    await user.upload(await screen.findByLabelText('A table of bursts'), file);
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText('Take in log.csv')).toBeInTheDocument();
    expect(dialog.getByRole('columnheader', { name: 'Column 2' })).toBeInTheDocument();
    expect(dialog.getByRole('alert')).toHaveTextContent('One row is left outRow 3: “soon” is no date.');
    answers({ 'POST /api/bursts/table': { ...table, kept: 1 } });
    await user.click(dialog.getByRole('button', { name: 'Take in 2 of 3' }));
    expect(await screen.findByText('One burst was new')).toBeInTheDocument();
    await waitFor(() => expect(screen.queryByRole('dialog', { hidden: false })).toBeNull());
  });

  it('takes in nothing where no row can be read', async () => {
    log(burst);
    answers({ 'POST /api/bursts/table': { ...table, good: 0 } });
    const { user } = open(<Review />);
    await user.upload(await screen.findByLabelText('A table of bursts'), file);
    expect(await screen.findByRole('button', { name: 'Take in 0 of 3' })).toBeDisabled();
  });

  it('says why a file cannot be read', async () => {
    log(burst);
    answers({ 'POST /api/bursts/table': refused(422, 'This is no table.', 'file') });
    const { user } = open(<Review />);
    await user.upload(await screen.findByLabelText('A table of bursts'), file);
    expect(await screen.findByText('This is no table.')).toBeInTheDocument();
    expect(screen.queryByRole('dialog', { hidden: false })).toBeNull();
  });
});
