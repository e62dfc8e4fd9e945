import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { answers, asked, bodies, offline, refused, sample, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import RushList from './RushList';

const tern = sample('RushSummary', {
  tags: [],
  id: '01',
  name: 'Tern hovering',
  subject: 'Tern, hovering',
  speed_mps: 10,
  start_m: 25,
  focal_mm: 500,
});
const hare = sample('RushSummary', {
  tags: [],
  id: '02',
  name: 'Hare bolting',
  subject: '',
  speed_mps: 16,
  start_m: 30,
});

beforeEach(() => answers({ 'GET /api/rushes/tags': [] }));

describe('the list of rushes', () => {
  it('says what a rush is where there is none, and leads to the first', async () => {
    const { user, where } = open(<RushList />, { at: '/rushes', path: '/rushes' });
    expect(await screen.findByRole('heading', { name: 'Nothing here yet' })).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Describe your first rush' }));
    expect(where()).toBe('/rushes/new');
  });

  it('says that it is on its way, and takes no emptiness for granted meanwhile', async () => {
    answers({ 'GET /api/rushes': waiting });
    open(<RushList />);
    expect(screen.getByText('Loading…')).toBeVisible();
    expect(screen.queryByText('Nothing here yet')).toBeNull();
  });

  it('says why there is no list, and asks again', async () => {
    answers({ 'GET /api/rushes': offline });
    const { user } = open(<RushList />);
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'The server does not answer. Check the connection',
    );
    answers({ 'GET /api/rushes': { items: [tern], next: null } });
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('Tern hovering')).toBeVisible();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shows speed and distance in the units one reads', async () => {
    answers({ 'GET /api/rushes': { items: [tern, hare], next: null } });
    open(<RushList />, { units: 'imperial' });
    const row = (await screen.findByText('Tern hovering')).closest('li') as HTMLElement;
    expect(row).toHaveTextContent('22.4 mph');
    expect(row).toHaveTextContent('82 ft');
    expect(row).toHaveTextContent('500 mm');
    expect(screen.getByText('No subject named')).toBeVisible();
  });

  it('brings further pages behind the first', async () => {
    answers({
      'GET /api/rushes': ({ query }) =>
        query.after === 'more' ? { items: [hare], next: null } : { items: [tern], next: 'more' },
    });
    const { user } = open(<RushList />);
    await user.click(await screen.findByRole('button', { name: 'Show more' }));
    expect(await screen.findByText('Hare bolting')).toBeVisible();
    expect(screen.getByText('Tern hovering')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Show more' })).toBeNull();
  });

  it('asks the server for what is searched, and tells nothing found from nothing there', async () => {
    answers({ 'GET /api/rushes': ({ query }) => ({ items: query.search ? [] : [tern], next: null }) });
    const { user } = open(<RushList />);
    await screen.findByText('Tern hovering');
    await user.type(screen.getByLabelText('Search name or subject'), 'zebra ');
    expect(await screen.findByText(/Nothing here is called “zebra”/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Show all' }));
    expect(await screen.findByText('Tern hovering')).toBeVisible();
    expect(asked.some(({ call, query }) => call === 'GET /api/rushes' && query.search === 'zebra')).toBe(
      true,
    );
  });

  const menuOf = async (user: ReturnType<typeof open>['user'], what: string) => {
    await user.click(await screen.findByRole('button', { name: 'More for Tern hovering' }));
    await user.click(await screen.findByRole('menuitem', { name: what }));
  };

  it('renames, not to nothing, and keeps the window open when that is refused', async () => {
    answers({
      'GET /api/rushes': { items: [tern], next: null },
      'PATCH /api/rushes/{id}': refused(422, 'A name has at most 120 characters.', 'name'),
    });
    const { user } = open(<RushList />);
    await menuOf(user, 'Rename');
    const dialog = await screen.findByRole('dialog');
    const name = within(dialog).getByLabelText('Name');
    await user.clear(name);
    expect(within(dialog).getByRole('button', { name: 'Rename' })).toBeDisabled();
    await user.type(name, '  Second tern ');
    await user.click(within(dialog).getByRole('button', { name: 'Rename' }));
    expect(await screen.findByText('A name has at most 120 characters.')).toBeInTheDocument();
    expect(name).toHaveValue('  Second tern ');
    expect(bodies('PATCH /api/rushes/{id}')).toEqual([{ name: 'Second tern' }]);
  });

  it('deletes at once and brings back what one wants to have again', async () => {
    let deleted = false;
    answers({
      'GET /api/rushes': () => ({ items: deleted ? [] : [tern], next: null }),
      'DELETE /api/rushes/{id}': () => {
        deleted = true;
        return undefined;
      },
      'POST /api/rushes/{id}/restore': () => {
        deleted = false;
        return sample('SavedRush');
      },
    });
    const { user } = open(<RushList />);
    await menuOf(user, 'Delete');
    expect(await screen.findByText('“Tern hovering” is deleted')).toBeVisible();
    await waitFor(() => expect(screen.queryByRole('button', { name: 'More for Tern hovering' })).toBeNull());
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(await screen.findByRole('button', { name: 'More for Tern hovering' })).toBeVisible();
    expect(asked.find(({ call }) => call === 'POST /api/rushes/{id}/restore')?.path).toEqual({ id: '01' });
  });

  it('says at length why a file was not taken in', async () => {
    answers({
      'GET /api/rushes': { items: [tern], next: null },
      'POST /api/rushes/upload': refused(
        422,
        'The subject’s speed must be between 0 and 120 m/s; 900 was given.',
        'rush',
      ),
    });
    const { user } = open(<RushList />);
    await user.upload(
      await screen.findByLabelText('Rush document to upload'),
      new File(['{}'], 'rush.json', { type: 'application/json' }),
    );
    expect(await screen.findByText('This file was not imported')).toBeVisible();
    expect(screen.getByText(/900 was given/)).toBeVisible();
  });

  it('is put in another order and narrowed to a kind, and says when nothing is of it', async () => {
    answers({ 'GET /api/rushes': { items: [tern, hare], next: null } });
    const { user } = open(<RushList />);
    await screen.findByText('Tern hovering');
    await user.click(screen.getByRole('combobox', { name: 'Order' }));
    await user.click(await screen.findByText('By name'));
    await waitFor(() =>
      expect(asked.filter(({ call }) => call === 'GET /api/rushes').at(-1)?.query).toEqual({ sort: 'name' }),
    );
    answers({ 'GET /api/rushes': ({ query }) => ({ items: query.kind ? [] : [tern, hare], next: null }) });
    await user.click(screen.getByRole('combobox', { name: 'Kind' }));
    await user.click(await screen.findByText('Vehicle'));
    expect(await screen.findByText('Nothing of this kind.')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Show all' }));
    expect(await screen.findByText('Hare bolting')).toBeVisible();
  });

  it('deletes several at once, brings them back, and plans an outing with them', async () => {
    answers({
      'GET /api/rushes': { items: [tern, hare], next: null },
      'POST /api/rushes/delete': undefined as never,
      'POST /api/rushes/restore': undefined as never,
    });
    const { user, where } = open(<RushList />, { at: '/rushes', path: '/rushes' });
    await user.click(await screen.findByRole('checkbox', { name: 'Select Tern hovering' }));
    await user.keyboard('{Shift>}');
    await user.click(screen.getByRole('checkbox', { name: 'Select Hare bolting' }));
    await user.keyboard('{/Shift}');
    const tools = within(screen.getByRole('toolbar', { name: 'What is selected' }));
    expect(tools.getByText('2 selected')).toBeVisible();
    expect(tools.getByRole('link', { name: 'Download' })).toHaveAttribute(
      'href',
      '/api/rushes/file?rushes[]=01&rushes[]=02',
    );
    await user.click(tools.getByRole('button', { name: 'Delete' }));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(bodies('POST /api/rushes/restore')).toEqual([{ rushes: ['01', '02'] }]));
    await user.click(screen.getByRole('checkbox', { name: 'Select Hare bolting' }));
    await user.click(screen.getByRole('button', { name: 'Plan an outing' }));
    expect(where()).toBe('/outings/new?rush=02');
  });

  it('tags what is selected, takes a tag away, and shows only what has one', async () => {
    const tagged = { ...tern, tags: ['cliff'] };
    answers({
      'GET /api/rushes': ({ query }) => ({ items: query.tag ? [tagged] : [tagged, hare], next: null }),
      'GET /api/rushes/tags': ['cliff'],
      'POST /api/rushes/tag': { undo: 'u3' },
      'POST /api/undo/{id}': undefined,
    });
    const { user } = open(<RushList />);
    await user.click(await screen.findByRole('checkbox', { name: 'Select Tern hovering' }));
    await user.type(screen.getByLabelText('Tag'), 'early{Enter}');
    await waitFor(() =>
      expect(bodies('POST /api/rushes/tag')).toEqual([{ rushes: ['01'], tag: 'early', on: true }]),
    );
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some(({ path }) => path.id === 'u3')).toBe(true));
    await user.click(screen.getByRole('button', { name: 'Take away the tag cliff' }));
    await waitFor(() =>
      expect(bodies('POST /api/rushes/tag').at(-1)).toMatchObject({ tag: 'cliff', on: false }),
    );
    await user.click(screen.getByRole('button', { name: 'Clear' }));
    await user.click(screen.getByRole('combobox', { name: 'Tagged' }));
    await user.click((await screen.findAllByTitle('cliff')).at(-1) as HTMLElement);
    await waitFor(() => expect(screen.queryByText('Hare bolting')).toBeNull());
  });
});
