import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { type Answers, answers, asked, bodies, offline, refused, sample } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import Today from './Today';

const tomorrow = new Date(Date.now() + 86_400_000).toISOString();
const yesterday = new Date(Date.now() - 86_400_000).toISOString();
const rush = sample('RushSummary', { id: '01', name: 'Tern hovering' });
const outing = sample('OutingSummary', {
  id: '02',
  name: 'Cliff morning',
  place: 'Sea-cliff reserve',
  zone: 'Europe/London',
  starts_at: tomorrow,
  ends_at: tomorrow,
  rushes: 1,
});
const nothing = (): Answers => {
  const practice = recorded('practice');
  return {
    'GET /api/bursts': { items: [], next: null },
    'GET /api/pictures/bursts': { items: [], next: null },
    'GET /api/learned': { uses: true, since: null, learned: null },
    'GET /api/practice': { ...practice, due: [] },
  };
};
const own = recorded('bodies')
  .slice(0, 1)
  .map((body) => ({ ...body, sample: false }));

beforeEach(() => answers(nothing()));

describe('today', () => {
  it('shows a newcomer three first steps, and what is done of them', async () => {
    answers({ 'GET /api/kit/{type}': ({ path }) => (path.type === 'bodies' ? (own as never) : []) });
    open(<Today />);
    const steps = await screen.findByRole('region', { name: 'Get started' });
    expect(within(steps).getByText('(done)').closest('h3')).toHaveTextContent('Your body');
    expect(within(steps).queryByText('Describe your body')).toBeNull();
    expect(within(steps).getByRole('link', { name: 'Describe a lens' })).toHaveAttribute(
      'href',
      '/kit/lenses/new',
    );
  });

  it('remembers that they were put away, and says what comes instead', async () => {
    const { user, unmount } = open(<Today />);
    await user.click(await screen.findByRole('button', { name: 'Hide' }));
    expect(screen.queryByText('Get started')).toBeNull();
    expect(screen.getByText('Your recent rushes appear here.')).toBeVisible();
    unmount();
    open(<Today />);
    await screen.findByText('Your recent rushes appear here.');
    expect(screen.queryByText('Get started')).toBeNull();
  });

  it('has the outing that comes next with its card, not one that is over', async () => {
    const over = { ...outing, id: '03', name: 'Last week', starts_at: yesterday, ends_at: yesterday };
    const kept = recorded('outing');
    const rushes = [
      { ...kept.document.rushes[0], rush: '01' },
      { ...kept.document.rushes[0], rush: 'gone' },
    ];
    answers({
      'GET /api/rushes': { items: [rush], next: null },
      'GET /api/outings': [outing, over],
      'GET /api/outings/{id}': { ...kept, document: { ...kept.document, rushes } } as never,
    });
    open(<Today />);
    const next = within(await screen.findByRole('region', { name: 'Next outing' }));
    expect(await next.findByRole('link', { name: 'Open its card' })).toHaveAttribute('href', '/card/02');
    expect(next.getByText(/Sea-cliff reserve, one rush/)).toBeVisible();
    expect(next.queryByText('Last week')).toBeNull();
    expect(next.getByRole('link', { name: 'Rehearse it' })).toHaveAttribute('href', '/outings/02/rehearse');
    const expected = within(await next.findByRole('list', { name: 'Its rushes' }));
    expect(expected.getAllByRole('link').map((link) => link.textContent)).toEqual(['Tern hovering']);
  });

  it('leads to planning where all outings are over', async () => {
    const over = { ...outing, starts_at: yesterday, ends_at: yesterday };
    answers({ 'GET /api/rushes': { items: [rush], next: null }, 'GET /api/outings': [over] });
    open(<Today />);
    const plan = await screen.findByRole('link', { name: 'Plan an outing' });
    expect(plan).toHaveAttribute('href', '/outings/new');
  });

  it('shows six rushes at most', async () => {
    const many = Array.from({ length: 9 }, (_, i) => ({ ...rush, id: `${i}`, name: `Rush ${i}` }));
    answers({ 'GET /api/rushes': { items: many, next: 'more' } });
    open(<Today />);
    const list = within(await screen.findByRole('region', { name: 'Last worked on' }));
    expect(list.getAllByRole('listitem')).toHaveLength(6);
  });

  it('says why there is nothing when the server does not answer', async () => {
    answers({ 'GET /api/rushes': offline });
    open(<Today />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });
});

describe('what waits for review', () => {
  const burst = sample('LoggedBurst', {
    id: '1',
    rush_id: '01',
    rush: 'Hare bolting',
    asked: false,
    doubted: false,
  });
  const waits = async (log: (typeof burst)[], more: Answers = {}) => {
    answers({
      'GET /api/rushes': { items: [rush], next: null },
      'GET /api/bursts': { items: log, next: null },
      ...more,
    });
    open(<Today />);
    return within(await screen.findByRole('region', { name: 'To review' }));
  };

  it('is what lost most of its frames and nobody has asked about', async () => {
    const list = await waits([
      { ...burst, id: '1', keepers: 10, frames: 40, kept: null },
      { ...burst, id: '2', rush: 'Kept well', keepers: 30, frames: 40, kept: null },
      { ...burst, id: '3', rush: 'Asked before', keepers: 1, frames: 40, asked: true },
      { ...burst, id: '4', rush: 'Left out', keepers: 1, frames: 40, doubted: true },
      { ...burst, id: '5', rush: 'In a word', keepers: null, frames: null, kept: 'few' },
      { ...burst, id: '6', rush: 'Half of them', keepers: 20, frames: 40, kept: null },
    ]);
    const names = list.getAllByRole('link', { name: /^Why soft/ }).map((link) => link.textContent);
    expect(names).toEqual(['Why soft? Hare bolting', 'Why soft? In a word']);
    expect(list.getByRole('link', { name: 'Why soft? Hare bolting' })).toHaveAttribute(
      'href',
      '/review/bursts/1/why?of=01',
    );
  });

  it('is pictures without a mark: one burst by its address, several by the page of all', async () => {
    const pictured = (id: string, marked: boolean) =>
      sample('PictureBurst', { burst: { ...burst, id }, marked } as never);
    const list = await waits([], {
      'GET /api/pictures/bursts': { items: [pictured('7', false), pictured('8', true)], next: null },
    });
    expect(list.getByRole('link', { name: 'Pictures of one burst' })).toHaveAttribute(
      'href',
      '/review/bursts/7',
    );
  });

  it('is what looks logged wrongly', async () => {
    const learned = recorded('learned');
    if (learned.learned) learned.learned.outliers = ['a', 'b'];
    const list = await waits([], { 'GET /api/learned': learned });
    expect(list.getByRole('link', { name: '2 bursts look logged wrongly' })).toBeVisible();
  });

  it('is nothing where nothing waits', async () => {
    answers({ 'GET /api/rushes': { items: [rush], next: null } });
    open(<Today />);
    await screen.findByRole('region', { name: 'Last worked on' });
    expect(screen.queryByRole('region', { name: 'To review' })).toBeNull();
  });
});

describe('a rush in one line', () => {
  const understood = [
    { text: 'fox', at: 0, field: 'subject', value: 'sample-fox', says: 'Fox, running' },
    { text: 'windy', at: 4, field: 'scene.wind', value: 0.6, says: 'windy' },
  ];
  const read = (more: object = {}) =>
    ({ rush: {}, says_who: true, likely: [], understood, not_understood: [], ...more }) as never;

  it('shows what is understood as chips, and asks again without what is taken back', async () => {
    answers({
      'GET /api/rushes/fresh': ({ query }) =>
        query.without ? read({ understood: understood.slice(0, 1) }) : read(),
    });
    const { user, where } = open(<Today />, { at: '/', path: '/' });
    await user.type(await screen.findByLabelText('What is coming?'), 'fox windy');
    await user.click(await screen.findByRole('button', { name: 'windy: leave it out' }));
    await waitFor(() => expect(screen.queryByRole('button', { name: 'windy: leave it out' })).toBeNull());
    await user.click(screen.getByRole('button', { name: 'Restore all' }));
    expect(await screen.findByRole('button', { name: 'windy: leave it out' })).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'windy: leave it out' }));
    await user.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(where()).toBe('/rushes/new?line=fox+windy&without=scene.wind');
  });

  it('asks who is coming where the line does not say, and plans for nobody before', async () => {
    const likely = ['Runner', 'Gull, flapping'].map((name, i) => ({ id: `s${i}`, name, figure: 'runner' }));
    answers({ 'GET /api/rushes/fresh': read({ says_who: false, likely, understood: [] }) });
    const { user, where } = open(<Today />, { at: '/', path: '/' });
    await user.type(await screen.findByLabelText('What is coming?'), 'something at 40 m');
    const who = within(await screen.findByRole('list', { name: 'Who is coming?' }));
    expect(screen.getByRole('button', { name: 'Work it out' })).toBeDisabled();
    await user.keyboard('{Enter}');
    expect(where()).toBe('/');
    await user.click(who.getByRole('button', { name: 'Runner' }));
    expect(where()).toBe('/rushes/new?line=something+at+40+m&subject=s0');
  });

  it('offers the others of a sport, and takes one instead', async () => {
    const likely = ['Footballer', 'Goalkeeper'].map((name, i) => ({ id: `s${i}`, name, figure: 'runner' }));
    answers({ 'GET /api/rushes/fresh': read({ likely }) });
    const { user, where } = open(<Today />, { at: '/', path: '/' });
    await user.type(await screen.findByLabelText('What is coming?'), 'football match');
    await user.click(await screen.findByRole('button', { name: 'Goalkeeper' }));
    await waitFor(() => expect(asked.at(-1)?.query).toMatchObject({ line: 'football match', subject: 's1' }));
    await user.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(where()).toBe('/rushes/new?line=football+match&subject=s1');
  });

  it('says which words it does not know, and why', async () => {
    const words = [
      { text: 'purple', at: 4, because: null },
      { text: 'socks', at: 11, because: 'a colour of what' },
    ];
    answers({ 'GET /api/rushes/fresh': read({ not_understood: words }) });
    const { user } = open(<Today />);
    await user.type(await screen.findByLabelText('What is coming?'), 'fox purple socks');
    expect(await screen.findByText(/Not understood: “purple”, “socks” \(a colour of what\)/)).toBeVisible();
  });

  it('says why it cannot be read, and does not go on without a word', async () => {
    answers({ 'GET /api/rushes/fresh': refused(503, 'There is very much to do just now.') });
    const { user } = open(<Today />);
    expect(await screen.findByRole('button', { name: 'Work it out' })).toBeDisabled();
    await user.type(screen.getByLabelText('What is coming?'), 'fox');
    expect(await screen.findByRole('alert')).toHaveTextContent('There is very much to do just now.');
    expect(bodies('POST /api/rushes')).toEqual([]);
  });

  it('takes an example with a press', async () => {
    answers({ 'GET /api/rushes/fresh': read() });
    const { user } = open(<Today />);
    await user.click(await screen.findByRole('button', { name: 'puffin coming in from 60 m, overcast' }));
    expect(screen.getByLabelText('What is coming?')).toHaveValue('puffin coming in from 60 m, overcast');
    await screen.findByRole('button', { name: 'windy: leave it out' });
  });
});
