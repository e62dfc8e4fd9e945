import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { type Answers, answers, asked, bodies, offline, refused, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import BodyEditor from './body/BodyEditor';
import Kit from './Kit';
import LensEditor from './lens/LensEditor';

const listed = { bodies: recorded('bodies'), lenses: recorded('lenses'), subjects: recorded('subjects') };
const body = recorded('body');
const lens = recorded('lens');
const samples = (of: 'bodies' | 'lenses' | 'subjects') => listed[of].filter((item) => item.sample);
const shelves = (own: boolean): Answers => ({
  'GET /api/kit/{type}': ({ path }) =>
    (own ? listed[path.type as 'bodies'] : samples(path.type as 'bodies')) as never,
});
const checked = { figures: null, terms: [], reach: [] };
const opening = (fields: Answers = {}): Answers => ({
  'GET /api/kit/{type}/{id}': ({ path }) =>
    (path.type === 'bodies' ? { ...body, id: path.id } : { ...lens, id: path.id }) as never,
  'POST /api/kit/{type}/check': checked as never,
  ...fields,
});

describe('the kit', () => {
  it('says what it is good for where nothing is one’s own yet', async () => {
    answers(shelves(false));
    const { user } = open(<Kit />);
    expect((await screen.findAllByText(/^None of your own yet\./)).length).toBe(2);
    expect(screen.queryByText(samples('bodies')[0]?.name ?? '')).toBeNull();
    await user.click(screen.getAllByText(/samples to start from/)[0] as HTMLElement);
    expect(screen.getByText(samples('bodies')[0]?.name ?? '')).toBeVisible();
  });

  it('says why a shelf cannot be had', async () => {
    answers({ 'GET /api/kit/{type}': offline });
    open(<Kit />);
    expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
  });

  it('tells one’s own from the samples, what is usual, and how many words are known', async () => {
    const own = listed.bodies.find((item) => !item.sample);
    answers({ ...shelves(true), 'GET /api/habits': { ...recorded('habits'), body: own?.id ?? null } });
    open(<Kit />);
    const row = (await screen.findByText(own?.name ?? '')).closest('li') as HTMLElement;
    expect(row.closest('ul')).not.toHaveClass('samples');
    expect(await within(row).findByText('usual')).toBeVisible();
    expect(row).toHaveTextContent(/\d+ of your camera’s own words/);
    expect(row).toHaveTextContent('frames/s');
  });

  it('is searched by name and by the camera’s own words, and shows all again', async () => {
    const [first, ...rest] = listed.bodies;
    const worded = {
      ...first,
      name: 'My body',
      sample: false,
      outline: { ...first?.outline, own_words: ['Broad block'] },
    };
    answers({
      'GET /api/kit/{type}': ({ path }) => (path.type === 'bodies' ? [worded, ...rest] : []) as never,
    });
    const { user } = open(<Kit />);
    const search = await screen.findByLabelText('Search kit and words');
    await screen.findByText('My body');
    await user.type(search, 'broad');
    expect(screen.getByText('My body')).toBeVisible();
    expect(screen.queryByText(rest[0]?.name ?? '')).toBeNull();
    await user.clear(search);
    await user.type(search, 'zebra');
    await user.click(screen.getByRole('button', { name: 'Show all' }));
    expect(screen.getByText('My body')).toBeVisible();
  });

  it('makes a copy under a name that is free', async () => {
    answers({ ...shelves(true), ...opening({ 'POST /api/kit/{type}': body as never }) });
    const { user } = open(<Kit />);
    const [first] = listed.bodies;
    await user.click(await screen.findByRole('button', { name: `More for ${first?.name}` }));
    await user.click(await screen.findByRole('menuitem', { name: 'Make a copy' }));
    await waitFor(() => expect(bodies('POST /api/kit/{type}')).toHaveLength(1));
    const [sent] = bodies('POST /api/kit/{type}') as { document: { name: string } }[];
    expect(sent?.document.name).not.toBe(first?.name);
    expect(sent?.document.name).toContain(first?.name);
  });

  it('deletes what is one’s own, never a sample, and brings it back', async () => {
    const own = listed.bodies.find((item) => !item.sample);
    answers({
      ...shelves(true),
      'DELETE /api/kit/{type}/{id}': undefined,
      'POST /api/kit/{type}/{id}/restore': body as never,
    });
    const { user } = open(<Kit />);
    const [sample] = samples('bodies');
    await user.click((await screen.findAllByText(/samples to start from/))[0] as HTMLElement);
    await user.click(await screen.findByRole('button', { name: `More for ${sample?.name}` }));
    await screen.findByRole('menuitem', { name: 'Make a copy' });
    expect(screen.queryByRole('menuitem', { name: 'Delete' })).toBeNull();
    await user.click(screen.getByRole('button', { name: `More for ${own?.name}` }));
    await user.click(await screen.findByRole('menuitem', { name: 'Delete' }));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(asked.some(({ call }) => call === 'POST /api/kit/{type}/{id}/restore')).toBe(true),
    );
  });
});

describe('describing a body', () => {
  const guide = (at = '/kit/bodies/new') =>
    open(<BodyEditor />, { at, path: at.includes('new') ? '/kit/bodies/new' : '/kit/bodies/:id' });
  beforeEach(() => answers({ ...shelves(false), ...opening() }));

  it('goes step by step, keeps the step in the address, and goes back', async () => {
    const { user, where } = guide();
    await user.click(await screen.findByRole('button', { name: 'Next: sensor and speed' }));
    expect(where()).toContain('step=1');
    expect(screen.getByRole('button', { name: /2 Sensor and speed/ })).toHaveAttribute(
      'aria-current',
      'step',
    );
    await user.click(screen.getByRole('button', { name: 'Back' }));
    expect(where()).toContain('step=0');
  });

  it('opens any step, and none that there is not', async () => {
    guide('/kit/bodies/new?step=99');
    expect(await screen.findByRole('button', { name: 'Save this body' })).toBeVisible();
  });

  it('wants a name before it saves', async () => {
    const { user, where } = guide('/kit/bodies/new?step=5');
    await user.click(await screen.findByRole('button', { name: 'Save this body' }));
    expect(await screen.findByText('Give it a name first.')).toBeInTheDocument();
    expect(where()).toContain('step=1');
    expect(bodies('POST /api/kit/{type}')).toEqual([]);
  });

  it('says what is wrong, and does not save that', async () => {
    const sentence = 'How often it measures must be between 10 and 240 Hz; 900 was given.';
    answers({ 'POST /api/kit/{type}/check': refused(422, sentence, 'focus_cycle_hz') });
    guide('/kit/bodies/new?step=5');
    expect((await screen.findAllByRole('alert'))[0]).toHaveTextContent(sentence);
    expect(screen.getByRole('button', { name: 'Save this body' })).toBeDisabled();
  });

  it('keeps what is written when the page goes away', async () => {
    const first = guide('/kit/bodies/new?step=1');
    const name = await screen.findByLabelText('What you call it');
    await first.user.type(name, 'Old friend');
    first.unmount();
    guide('/kit/bodies/new?step=1');
    expect(await screen.findByLabelText('What you call it')).toHaveValue('Old friend');
  });

  it('saves as one’s own copy of the sample it was begun from', async () => {
    answers({ 'POST /api/kit/{type}': { ...body, name: 'Old friend' } as never });
    const { user, where } = guide('/kit/bodies/new?from=sample-old-mirror&step=1');
    await user.type(await screen.findByLabelText('What you call it'), 'Old friend');
    await user.click(screen.getByRole('button', { name: /6 Its own words/ }));
    await user.click(await screen.findByRole('button', { name: 'Save this body' }));
    await waitFor(() => expect(where()).toBe('/kit'));
    expect(bodies('POST /api/kit/{type}')[0]).toMatchObject({
      based_on: 'sample-old-mirror',
      document: { name: 'Old friend' },
    });
  });

  it('is kept from its first step by a name, all its figures as guesses', async () => {
    answers({ 'POST /api/kit/{type}': { ...body, name: 'Old faithful' } as never });
    const { user, where } = open(<BodyEditor />, { at: '/kit/bodies/new', path: '/kit/bodies/new' });
    const enough = await screen.findByRole('button', { name: 'Good enough, save' });
    expect(enough).toBeDisabled();
    await user.type(screen.getByLabelText('What you call it'), 'Old faithful');
    await user.click(enough);
    await waitFor(() => expect(where()).toBe('/kit'));
    const [sent] = bodies('POST /api/kit/{type}') as { document: { name: string; guessed: string[] } }[];
    expect(sent?.document.name).toBe('Old faithful');
    expect(sent?.document.guessed).toHaveLength(12);
  });

  it('takes what one does not know from the sample, and no guess where one gives it', async () => {
    const { user } = open(<BodyEditor />, { at: '/kit/bodies/new?step=1', path: '/kit/bodies/new' });
    const field = await screen.findByLabelText('Frames before it slows');
    const sample = (field as HTMLInputElement).value;
    await user.clear(field);
    await user.type(field, '77{Tab}');
    await user.click(screen.getByRole('button', { name: 'I don’t know: Frames before it slows' }));
    expect(screen.getByLabelText('Frames before it slows')).toHaveValue(sample);
    const unknown = screen.getByRole('button', { name: 'I don’t know: Frames before it slows' });
    expect(unknown).toHaveAttribute('aria-pressed', 'true');
    await user.type(field, '{Backspace}9{Tab}');
    expect(unknown).toHaveAttribute('aria-pressed', 'false');
  });

  it('waits, and says when there is no such body', async () => {
    answers({ 'GET /api/kit/{type}/{id}': waiting });
    const { unmount } = guide('/kit/bodies/7');
    expect(screen.getByText('Opening…')).toBeVisible();
    unmount();
    answers({ 'GET /api/kit/{type}/{id}': refused(404, 'Not Found') });
    guide('/kit/bodies/7');
    expect(await screen.findByText('This body is not there.')).toBeVisible();
  });
});

describe('describing a lens', () => {
  const guide = () => open(<LensEditor />, { at: '/kit/lenses/new', path: '/kit/lenses/new' });
  beforeEach(() => answers({ ...shelves(false), ...opening() }));

  it('wants a name, and goes to where it is given', async () => {
    const { user } = guide();
    await user.click(await screen.findByRole('button', { name: 'Save' }));
    expect(await screen.findByText('Give it a name first.')).toBeInTheDocument();
    expect(screen.getByLabelText('What you call it')).toHaveFocus();
  });

  it('becomes a zoom with two ends, and one focal length again', async () => {
    const { user } = guide();
    await user.click(await screen.findByLabelText('One focal length'));
    expect(await screen.findByLabelText('Focal length')).toBeVisible();
    await user.click(screen.getByLabelText('Zoom'));
    await waitFor(() => expect(screen.queryByLabelText('Focal length')).toBeNull());
  });

  it('says beside the field what the server found wrong', async () => {
    const sentence = 'The nearest focus must be between 0.1 and 30 m; 90 was given.';
    answers({ 'POST /api/kit/{type}/check': refused(422, sentence, 'nearest_m') });
    guide();
    await waitFor(() => expect(screen.getByLabelText('Nearest focus')).toHaveAccessibleDescription(sentence));
  });
});
