import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { BenchSession } from '../../api/bench';
import { answers, asked, bodies, offline, refused } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import BenchList from './BenchList';
import BenchPage from './BenchPage';

const session: BenchSession = { ...recorded('sweep'), id: '7' };
const found = session.found as NonNullable<BenchSession['found']>;
const empty: BenchSession = {
  ...session,
  stand_in: false,
  found: null,
  document: { ...session.document, frames: [] },
};
const page = (of: BenchSession) => {
  answers({ 'GET /api/sweeps/{id}': of, 'GET /api/pictures/bursts': { items: [], next: null } });
  return open(<BenchPage />, { at: '/kit/bench/7', path: '/kit/bench/:id' });
};
const result = async () => within(await screen.findByRole('region', { name: 'Result' }));

describe('sessions at the bench', () => {
  it('say what they are for where there is none', async () => {
    open(<BenchList />);
    expect(
      await screen.findByRole('heading', { name: 'Does the lens focus where it should?' }),
    ).toBeVisible();
  });

  it('are begun by the day, and lead to the new one', async () => {
    answers({ 'POST /api/sweeps': { ...empty, id: '9' } });
    const { user, where } = open(<BenchList />, { at: '/kit/bench', path: '/kit/bench' });
    await user.click(await screen.findByRole('button', { name: 'New session' }));
    await waitFor(() => expect(where()).toBe('/kit/bench/9'));
    expect(bodies('POST /api/sweeps')[0]).toMatchObject({ body: '', lens: '', document: { frames: [] } });
  });

  it('say why they cannot be listed', async () => {
    answers({ 'GET /api/sweeps': offline });
    open(<BenchList />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('are deleted, and brought back', async () => {
    let gone = false;
    const listed = recorded('sweeps')[0] as ReturnType<typeof recorded<'sweeps'>>[0];
    answers({
      'GET /api/sweeps': () => (gone ? [] : [{ ...listed, frames: 1 }]),
      'DELETE /api/sweeps/{id}': () => {
        gone = true;
        return undefined;
      },
      'POST /api/sweeps/{id}/restore': () => {
        gone = false;
        return session;
      },
    });
    const { user } = open(<BenchList />);
    expect(await screen.findByText('one frame')).toBeVisible();
    await user.click(screen.getByRole('button', { name: `Delete ${listed.name}` }));
    await screen.findByRole('heading', { name: 'Does the lens focus where it should?' });
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(await screen.findByText('one frame')).toBeVisible();
  });
});

describe('a session', () => {
  it('says what is done before the first frame, and that two are too few', async () => {
    const { unmount } = page(empty);
    expect(await screen.findByRole('heading', { name: 'Before the first frame' })).toBeVisible();
    unmount();
    page({ ...empty, document: { ...empty.document, frames: session.document.frames.slice(0, 2) } });
    expect(
      await screen.findByRole('heading', { name: 'Go on: frames at three values at least' }),
    ).toBeVisible();
  });

  it('says when it is not there', async () => {
    answers({ 'GET /api/sweeps/{id}': refused(404, 'This session is gone.') });
    open(<BenchPage />, { at: '/kit/bench/7', path: '/kit/bench/:id' });
    expect(await screen.findByText('This session is gone.')).toBeVisible();
  });

  it('gives the value with its sign, and never passes made-up frames for real ones', async () => {
    const across = { value: -4, loss: 0.034, worst: 0, worst_loss: 0.05 };
    page({
      ...session,
      found: { ...found, across: across as never, none_because: null, by_distance: false },
    });
    expect((await result()).getByText('−4')).toHaveClass('bench-value');
    expect((await result()).getByText(/costs 3% against the best value of each distance/)).toBeVisible();
    expect(screen.getByText('Simulated frames')).toBeVisible();
  });

  it('says that no value serves all distances, and what the best of them costs where', async () => {
    const none = { value: 3, loss: 0.31, distance_m: 40, focal_mm: 500 };
    page({ ...session, found: { ...found, across: null, none_because: none, by_distance: false } });
    expect((await result()).getByText('None')).toBeVisible();
    expect((await result()).getByText(/\+3 loses 31% at 40 m, 500 mm/)).toBeVisible();
  });

  it('says what to take again, or that it is settled', async () => {
    const retest = [{ value: -5, frames: 3, distance_m: 10, focal_mm: 500 }];
    const { unmount } = page({ ...session, found: { ...found, retest } });
    expect((await result()).getByText(/3 ×/)).toHaveTextContent('3 × −5 at 10 m, 500 mm');
    unmount();
    page({ ...session, found: { ...found, retest: [] } });
    expect((await result()).getByRole('heading', { name: 'Settled' })).toBeVisible();
  });

  it('takes scores that are typed, and says in which line one is none', async () => {
    answers({ 'PUT /api/sweeps/{id}': session });
    const { user } = page(empty);
    const typed = await screen.findByLabelText('Values and scores');
    await user.type(typed, '-4 2\nabout four');
    expect(screen.getByText(/Line 2 is no value/)).toBeVisible();
    expect(screen.getByRole('button', { name: /^Add/ })).toBeDisabled();
    await user.clear(typed);
    await user.type(typed, '-4 2\n0 9,5');
    await user.click(screen.getByRole('button', { name: 'Add 2' }));
    await waitFor(() => expect(bodies('PUT /api/sweeps/{id}')).toHaveLength(1));
    const [sent] = bodies('PUT /api/sweeps/{id}') as { version: number; document: { frames: object[] } }[];
    expect(sent?.version).toBe(session.version);
    expect(sent?.document.frames).toEqual([
      { value: -4, score: 2, distance_m: 10, focal_mm: 500 },
      { value: 0, score: 9.5, distance_m: 10, focal_mm: 500 },
    ]);
  });

  it('keeps typed scores when they are refused', async () => {
    answers({ 'PUT /api/sweeps/{id}': refused(409, 'This session was changed elsewhere.') });
    const { user } = page(empty);
    const typed = await screen.findByLabelText('Values and scores');
    await user.type(typed, '-4 2');
    await user.click(screen.getByRole('button', { name: 'Add 1' }));
    expect(await screen.findByText('This session was changed elsewhere.')).toBeInTheDocument();
    expect(typed).toHaveValue('-4 2');
  });

  it('is named when one leaves the field, not to nothing', async () => {
    answers({ 'PUT /api/sweeps/{id}': session });
    const { user } = page(empty);
    const name = await screen.findByLabelText('Name of the session');
    await user.clear(name);
    await user.tab();
    expect(asked.some(({ call }) => call === 'PUT /api/sweeps/{id}')).toBe(false);
    await user.type(name, 'Evening');
    await user.tab();
    await waitFor(() => expect(bodies('PUT /api/sweeps/{id}')[0]).toMatchObject({ name: 'Evening' }));
  });

  it('has the stand-in sweep all values a camera usually has', async () => {
    answers({ 'POST /api/sweeps/{id}/stand-in': session });
    const { user } = page(empty);
    await user.click(await screen.findByRole('button', { name: 'Simulate a series from −20 to +20' }));
    await screen.findByRole('region', { name: 'Result' });
    const [sent] = bodies('POST /api/sweeps/{id}/stand-in') as {
      frames: { value: number }[];
      distance_m: number;
    }[];
    expect(sent?.frames.map(({ value }) => value)).toEqual(Array.from({ length: 41 }, (_, i) => i - 20));
  });
});
