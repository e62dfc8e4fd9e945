import 'fake-indexeddb/auto';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { bringAll } from '../../field/cards';
import { field, type KeptCard, rememberPerson } from '../../field/db';
import { log, send, TAKE_BACK, takeBack, written } from '../../field/outbox';
import { answers, bodies, offline, refused, sample, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import CardList from './CardList';
import CardPage from './CardPage';
import { LogSheet } from './LogSheet';
import SharedCard from './SharedCard';

const card = recorded('card');
const kept: KeptCard = {
  id: '7',
  person: '01',
  card,
  pocket: null,
  rushes: card.rushes.map((_, i) => `r${i}`),
  version: 1,
  units: 'metric',
  fetched: Date.now() - 180_000,
};
const page = (at = '/card/7') => open(<CardPage />, { at, path: '/card/:id', width: 390 });

beforeEach(async () => {
  const db = await field();
  await db.clear('cards');
  await db.clear('outbox');
});

describe('bringing cards along', () => {
  const soon = new Date(Date.now() + 86_400_000).toISOString();
  const whole = recorded('outing');
  const outing = {
    ...whole,
    id: '7',
    version: 1,
    document: whole.document as unknown as Record<string, never>,
  };
  const all = {
    'GET /api/outings': [{ ...sample('OutingSummary'), id: '7', version: 1, starts_at: soon, ends_at: soon }],
    'GET /api/outings/{id}': outing,
    'GET /api/outings/{id}/card': card,
  };
  const there = async () => (await field()).get('cards', ['01', '7']);

  it('asks for a table again that did not come, and not for one that did', async () => {
    answers({ ...all, 'GET /api/outings/{id}/pocket': refused(503, 'Busy.') });
    expect(await bringAll('01', 'metric')).toBe(false);
    expect(await there()).toMatchObject({ card, pocket: null });
    const pocket = sample('Pocket');
    answers({ ...all, 'GET /api/outings/{id}/pocket': pocket });
    expect(await bringAll('01', 'metric')).toBe(true);
    expect((await there())?.pocket).toEqual(pocket);
    answers({ ...all, 'GET /api/outings/{id}/card': offline });
    expect(await bringAll('01', 'metric')).toBe(true);
  });

  it('says that a card did not come', async () => {
    answers({ ...all, 'GET /api/outings/{id}/card': refused(503, 'Busy.') });
    expect(await bringAll('01', 'metric')).toBe(false);
    expect(await there()).toBeUndefined();
  });
});

describe('a card', () => {
  it('that was brought along is there without a connection', async () => {
    rememberPerson('01');
    await (await field()).put('cards', kept);
    answers({ 'GET /api/session': offline });
    page('/card/7?rush=2');
    expect(await screen.findByRole('heading', { level: 1, name: card.rushes[1]?.name })).toBeVisible();
    expect(screen.getByText(`2 of ${card.rushes.length}`)).toBeVisible();
    expect(screen.getByText(/brought along 3 min ago/)).toBeVisible();
  });

  it('that was not says how to get it', async () => {
    answers({ 'GET /api/session': { user: null, demo_available: true } });
    page();
    expect(await screen.findByRole('alert')).toHaveTextContent('Sign in once with a connection');
    expect(screen.getByRole('link', { name: 'Sign in' })).toHaveAttribute('href', '/sign-in?to=%2Fcard%2F7');
  });

  it('is turned by keys and by a swipe along it, not down it', async () => {
    rememberPerson('01');
    await (await field()).put('cards', kept);
    answers({ 'GET /api/session': waiting });
    const { container } = page('/card/7?rush=1');
    const many = card.rushes.length;
    await screen.findByText(`1 of ${many}`);
    // What listens to keys is there once all that is drawn has had its effects.
    await act(async () => undefined);
    fireEvent.keyDown(document.body, { key: 'ArrowRight' });
    expect(await screen.findByText(`2 of ${many}`)).toBeVisible();
    const body = container.querySelector('.card-body') as HTMLElement;
    const swipe = (from: [number, number], to: [number, number]) => {
      fireEvent.touchStart(body, { touches: [{ clientX: from[0], clientY: from[1] }] });
      fireEvent.touchEnd(body, { changedTouches: [{ clientX: to[0], clientY: to[1] }] });
    };
    swipe([300, 300], [120, 300]);
    expect(await screen.findByText(`3 of ${many}`)).toBeVisible();
    swipe([300, 300], [200, 600]);
    expect(screen.getByText(`3 of ${many}`)).toBeVisible();
    swipe([100, 300], [300, 310]);
    expect(await screen.findByText(`2 of ${many}`)).toBeVisible();
  });

  it('stays on its first and last rush', async () => {
    rememberPerson('01');
    await (await field()).put('cards', kept);
    answers({ 'GET /api/session': waiting });
    page('/card/7?rush=1');
    expect(await screen.findByRole('button', { name: 'Previous rush' })).toBeDisabled();
    await act(async () => undefined);
    fireEvent.keyDown(document.body, { key: 'ArrowLeft' });
    expect(screen.getByText(`1 of ${card.rushes.length}`)).toBeVisible();
  });

  it('says when nothing is planned on it', async () => {
    rememberPerson('01');
    await (await field()).put('cards', { ...kept, card: { ...card, rushes: [] } });
    answers({ 'GET /api/session': waiting });
    page();
    expect(await screen.findByText('There is no rush in this outing yet.')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Log' })).toBeNull();
  });

  it('writes down in two taps, counts what waits, and takes it back', async () => {
    rememberPerson('01');
    await (await field()).put('cards', kept);
    answers({ 'GET /api/session': waiting });
    const { user } = page('/card/7?rush=1');
    await user.click(await screen.findByRole('button', { name: 'Log' }));
    await user.click(await screen.findByRole('button', { name: 'Half' }));
    await user.click(await screen.findByRole('button', { name: 'I cannot tell' }));
    expect(await screen.findByText(/1 to send/)).toBeVisible();
    const [one] = await written('01');
    expect(one?.kind === 'burst' && one.burst).toMatchObject({
      kept: 'half',
      rush: card.rushes[0]?.name,
      outing_id: '7',
    });
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(screen.queryByText(/1 to send/)).toBeNull());
    expect(await written('01')).toEqual([]);
  });
});

describe('the cards on a device', () => {
  it('are those of whoever was signed in last, the next first', async () => {
    const db = await field();
    const later = { ...kept, id: '8', card: { ...card, name: 'Later', from: '2028-01-01T05:00:00+00:00' } };
    await db.put('cards', later);
    await db.put('cards', kept);
    await db.put('cards', { ...kept, id: '9', person: '02', card: { ...card, name: 'Of another' } });
    rememberPerson('01');
    open(<CardList />);
    const links = await within(await screen.findByRole('list')).findAllByRole('link');
    expect(links.map((link) => link.querySelector('b')?.textContent)).toEqual([card.name, 'Later']);
  });

  it('say how they come where there is none', async () => {
    rememberPerson('01');
    open(<CardList />);
    expect(await screen.findByText(/None yet\./)).toBeVisible();
  });
});

describe('a card that was given away', () => {
  const shared = () => open(<SharedCard />, { at: '/shared/secret', path: '/shared/:secret' });

  it('shows what it is, and nothing to log', async () => {
    answers({ 'GET /api/shared/{secret}': card });
    shared();
    expect(await screen.findByText('shown to you by somebody else')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Log' })).toBeNull();
  });

  it('says when it is not shown any more', async () => {
    answers({ 'GET /api/shared/{secret}': refused(404, 'This card is not shown any more.') });
    shared();
    expect(await screen.findByRole('alert')).toHaveTextContent('This card is not shown any more.');
  });
});

describe('logging', () => {
  const sheet = () => {
    const said = vi.fn();
    return { said, ...open(<LogSheet name="Tern" likely="hidden" onLog={said} onClose={() => undefined} />) };
  };

  it('asks nothing more where all were kept', async () => {
    const { user, said } = sheet();
    await user.click(screen.getByRole('button', { name: 'All' }));
    expect(said).toHaveBeenCalledWith({ kept: 'all' });
  });

  it('offers first what is likely to have lost the rest', async () => {
    const { user, said } = sheet();
    await user.click(screen.getByRole('button', { name: 'Few' }));
    const causes = screen.getAllByRole('button').filter((button) => button.closest('.sheet-choices'));
    expect(causes[0]).toHaveTextContent('Blocked from view');
    await user.click(causes[0] as HTMLElement);
    expect(said).toHaveBeenCalledWith({ kept: 'few', lost_to: 'hidden' });
  });

  it.each([
    ['12 of 40', { keepers: 12, frames: 40 }],
    ['12/40', { keepers: 12, frames: 40 }],
    ['7', { keepers: 7, frames: null }],
  ])('takes what was counted: %s', async (text, counted) => {
    const { user, said } = sheet();
    await user.type(screen.getByLabelText('or counted'), `${text}{Enter}`);
    await user.click(await screen.findByRole('button', { name: 'I cannot tell' }));
    expect(said).toHaveBeenCalledWith(counted);
  });

  it('asks nothing more where as many were counted as there were', async () => {
    const { user, said } = sheet();
    await user.type(screen.getByLabelText('or counted'), '40 of 40{Enter}');
    expect(said).toHaveBeenCalledWith({ keepers: 40, frames: 40 });
  });

  it('says how to write it where that makes no sense', async () => {
    const { user } = sheet();
    await user.type(screen.getByLabelText('or counted'), '50 of 40');
    expect(screen.getByRole('alert')).toHaveTextContent('such as 12, or 12 of 40');
    expect(screen.getByRole('button', { name: 'Next' })).toBeDisabled();
  });
});

describe('what waits to be sent', () => {
  const burst = (id: string) => sample('LoggedBurst', { id, rush: id });
  const past = async (id: string, person = '01') => {
    await log(person, burst(id));
    const db = await field();
    const one = await db.get('outbox', id);
    if (one) await db.put('outbox', { ...one, made: Date.now() - TAKE_BACK - 1 });
  };
  const states = async () => Object.fromEntries((await written('01')).map((one) => [one.id, one.state]));

  it('goes out once it can no longer be taken back, and only what is one’s own', async () => {
    answers({ 'POST /api/bursts': { kept: ['a'], refused: [] } });
    await past('a');
    await past('b', '02');
    await log('01', burst('fresh'));
    await send('01');
    expect(bodies('POST /api/bursts')).toEqual([{ bursts: [burst('a')] }]);
    expect(await states()).toEqual({ a: 'sent', fresh: 'waiting' });
  });

  it('stays where the answer is lost, and is sent again', async () => {
    answers({ 'POST /api/bursts': offline });
    await past('a');
    await send('01');
    expect(await states()).toEqual({ a: 'waiting' });
    answers({ 'POST /api/bursts': { kept: ['a'], refused: [] } });
    await send('01');
    expect(await states()).toEqual({ a: 'sent' });
  });

  it('says why something was not taken, and keeps it', async () => {
    answers({
      'POST /api/bursts': {
        kept: [],
        refused: [{ id: 'a', message: 'A burst lies in the future.' }],
      } as never,
    });
    await past('a');
    await send('01');
    const [one] = await written('01');
    expect(one).toMatchObject({ state: 'refused', problem: 'A burst lies in the future.' });
  });

  it('renews a session that ran out on the way, once', async () => {
    let tries = 0;
    answers({
      'POST /api/bursts': () =>
        tries++ === 0 ? refused(419, 'Away for long.') : { kept: ['a'], refused: [] },
    });
    await past('a');
    await send('01');
    expect(tries).toBe(2);
    expect(await states()).toEqual({ a: 'sent' });
  });

  it('can be taken back while it waits, and not after', async () => {
    answers({ 'POST /api/bursts': { kept: ['a'], refused: [] } });
    await past('a');
    await log('01', burst('b'));
    await send('01');
    await takeBack('a');
    await takeBack('b');
    expect(await states()).toEqual({ a: 'sent' });
  });
});
