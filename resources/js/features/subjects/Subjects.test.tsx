import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, asked, bodies, offline, refused } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { SpeedFinder } from './SpeedFinder';
import Subjects from './Subjects';

const listed = recorded('subjects');
const puffin = recorded('subject');
const page = (at = '/subjects') =>
  open(<Subjects />, { at, path: at === '/subjects' ? '/subjects' : '/subjects/:id' });
const named = (text: string) => listed.filter((subject) => subject.name.includes(text));

beforeEach(() =>
  answers({
    'GET /api/kit/{type}': ({ path }) => (path.type === 'subjects' ? listed : []) as never,
    'GET /api/kit/{type}/{id}': ({ path }) => ({ ...puffin, id: path.id }) as never,
    'POST /api/kit/{type}/check': { figures: null, terms: [], reach: [] } as never,
  }),
);

describe('subjects', () => {
  it('are grouped, with the first one open where no other is asked for', async () => {
    page();
    const shelf = within(await screen.findByRole('region', { name: 'Subjects' }));
    await waitFor(() => expect(shelf.getAllByRole('link')).toHaveLength(listed.length));
    expect(await screen.findByRole('region', { name: puffin.name })).toBeVisible();
    expect(shelf.getByRole('link', { name: new RegExp(listed[0]?.name ?? '') })).toHaveAttribute(
      'aria-current',
      'true',
    );
  });

  it('are found by every word, and say when nobody is called so', async () => {
    const { user } = page();
    const search = await screen.findByLabelText('Search subjects');
    await screen.findByText(listed[0]?.name ?? '');
    await user.type(search, 'tern');
    const shelf = within(screen.getByRole('region', { name: 'Subjects' }));
    expect(shelf.getAllByRole('link').length).toBeGreaterThanOrEqual(named('Tern').length);
    expect(shelf.getAllByRole('link').length).toBeLessThan(listed.length);
    await user.clear(search);
    await user.type(search, 'zebra crossing');
    expect(screen.getByText('Nobody here is called “zebra crossing”.')).toBeVisible();
  });

  it('say why they cannot be had', async () => {
    answers({ 'GET /api/kit/{type}': offline });
    page();
    expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
  });

  it('say when one is not there', async () => {
    answers({ 'GET /api/kit/{type}/{id}': refused(404, 'Not Found') });
    page('/subjects/gone');
    expect(await screen.findByText('This subject is not there.')).toBeVisible();
  });

  it('are corrected, and a corrected sample becomes one’s own', async () => {
    answers({ 'POST /api/kit/{type}': { ...puffin, id: 'mine', sample: false } as never });
    answers({
      'GET /api/kit/{type}/{id}': ({ path }) => ({ ...puffin, id: path.id, sample: true }) as never,
    });
    const { user, where } = page('/subjects/sample-puffin');
    await user.click(await screen.findByRole('button', { name: 'Correct it' }));
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(where()).toBe('/subjects/mine'));
    expect(bodies('POST /api/kit/{type}')[0]).toMatchObject({ based_on: 'sample-puffin' });
  });

  it('begin a rush with one', async () => {
    const { user, where } = page('/subjects/sample-puffin');
    await user.click(await screen.findByRole('button', { name: 'New rush with it' }));
    expect(where()).toBe('/rushes/new?subject=sample-puffin');
  });

  it('are made from nothing, of the kind of their outline, but not without a name', async () => {
    answers({ 'POST /api/kit/{type}': { ...puffin, id: 'kite' } as never });
    const { user, where } = page();
    await user.click(await screen.findByRole('button', { name: 'New' }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByRole('button', { name: 'Add it' })).toBeDisabled();
    await user.type(dialog.getByLabelText('Who, and what it does'), 'Kite, stooping');
    const speed = dialog.getByLabelText('Speed');
    await user.clear(speed);
    await user.type(speed, '90 km/h');
    await user.click(dialog.getByRole('button', { name: 'Add it' }));
    await waitFor(() => expect(where()).toBe('/subjects/kite'));
    const [sent] = bodies('POST /api/kit/{type}') as { document: { subject: object } }[];
    expect(sent?.document.subject).toMatchObject({ name: 'Kite, stooping', kind: 'bird', speed_mps: 25 });
  });
});

describe('the speed of a subject', () => {
  const finder = () => {
    const use = vi.fn();
    return { use, ...open(<SpeedFinder lengthM={0.6} lengthError={0.1} onUse={use} />) };
  };

  it('comes of a stopwatch and a distance, with its error', async () => {
    answers({ 'POST /api/speed': { speed_mps: 12, error_mps: 0.6 } });
    const { user, use } = finder();
    await user.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(await screen.findByText('12 m/s')).toBeVisible();
    expect(bodies('POST /api/speed')).toEqual([
      { by: 'stopwatch', metres: 30, seconds: 2.5, metres_error: 2 },
    ]);
    await user.click(screen.getByRole('button', { name: 'Use it' }));
    expect(use).toHaveBeenCalledWith(12, expect.closeTo(0.05));
  });

  it('comes of the frames of a burst and its own length', async () => {
    answers({ 'POST /api/speed': { speed_mps: 9.6, error_mps: 1 } });
    const { user } = finder();
    await user.click(screen.getByText('Frames of a burst'));
    await user.click(screen.getByRole('button', { name: 'Work it out' }));
    await screen.findByText('9.6 m/s');
    expect(bodies('POST /api/speed')[0]).toMatchObject({
      by: 'frames',
      lengths: 4,
      length_m: 0.6,
      frames: 5,
      frames_per_s: 20,
    });
  });

  it('takes the time of its own watch', async () => {
    answers({ 'POST /api/speed': { speed_mps: 12, error_mps: 0.6 } });
    const { user } = finder();
    await user.click(screen.getByRole('button', { name: 'Start the watch' }));
    await user.click(screen.getByRole('button', { name: 'Stop as it passes the second mark' }));
    await screen.findByText('12 m/s');
    const [sent] = bodies('POST /api/speed') as { seconds: number }[];
    expect(sent?.seconds).toBeLessThan(2.5);
  });

  it('says what is wrong, and forgets what it had', async () => {
    answers({ 'POST /api/speed': { speed_mps: 12, error_mps: 0.6 } });
    const { user } = finder();
    await user.click(screen.getByRole('button', { name: 'Work it out' }));
    await screen.findByText('12 m/s');
    answers({ 'POST /api/speed': refused(422, 'The time must be between 0.05 and 3600 s.', 'seconds') });
    await user.click(screen.getByRole('button', { name: 'Work it out' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('between 0.05 and 3600 s');
    expect(screen.queryByText('12 m/s')).toBeNull();
    expect(asked.every(({ call }) => call !== 'POST /api/kit/{type}')).toBe(true);
  });
});
