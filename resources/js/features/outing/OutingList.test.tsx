import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, offline, refused, sample, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import OutingList, { whenOf } from './OutingList';

const at = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString();
const outing = (id: string, name: string, days: number) =>
  sample('OutingSummary', {
    id,
    name,
    zone: 'UTC',
    starts_at: at(days),
    ends_at: at(days),
    rushes: 2,
    place: '',
  });

describe('the list of outings', () => {
  it('says what an outing is where there is none', async () => {
    const { user, where } = open(<OutingList />, { at: '/outings', path: '/outings' });
    expect(await screen.findByRole('heading', { name: 'Nothing planned yet' })).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Plan the next one' }));
    expect(where()).toBe('/outings/new');
  });

  it('waits, and says why it waits in vain', async () => {
    answers({ 'GET /api/outings': waiting });
    const { unmount } = open(<OutingList />);
    expect(screen.getByText('Loading…')).toBeVisible();
    unmount();
    answers({ 'GET /api/outings': offline });
    open(<OutingList />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('has what comes next first, and what is over apart', async () => {
    answers({
      'GET /api/outings': [
        outing('3', 'In a month', 30),
        outing('2', 'Tomorrow', 1),
        outing('1', 'Last week', -7),
      ],
    });
    open(<OutingList />);
    await screen.findByText('Tomorrow');
    const [ahead, over] = screen.getAllByRole('list').filter((list) => list.className === 'rush-list');
    const names = (list: HTMLElement | undefined) =>
      [...(list?.querySelectorAll('b') ?? [])].map((name) => name.textContent);
    expect(names(ahead)).toEqual(['Tomorrow', 'In a month']);
    expect(names(over)).toEqual(['Last week']);
    expect(screen.getByRole('heading', { name: 'Over' })).toBeVisible();
  });

  it('says days and hours as they are at the place', () => {
    const morning = sample('OutingSummary', {
      zone: 'Asia/Tokyo',
      starts_at: '2027-06-06T20:00:00Z',
      ends_at: '2027-06-06T23:30:00Z',
    });
    expect(whenOf(morning)).toBe('Mon, 7 June 2027, 05:00 to 08:30');
  });

  it('deletes, and brings back', async () => {
    let gone = false;
    answers({
      'GET /api/outings': () => (gone ? [] : [outing('2', 'Tomorrow', 1)]),
      'DELETE /api/outings/{id}': () => {
        gone = true;
        return undefined;
      },
      'POST /api/outings/{id}/restore': () => {
        gone = false;
        return sample('SavedOuting');
      },
    });
    const { user } = open(<OutingList />);
    await user.click(await screen.findByRole('button', { name: 'More for Tomorrow' }));
    await user.click(await screen.findByRole('menuitem', { name: 'Delete' }));
    await screen.findByRole('heading', { name: 'Nothing planned yet' });
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(await screen.findByText('Tomorrow')).toBeVisible();
  });

  it('leaves everything as it is when deleting is refused', async () => {
    answers({
      'GET /api/outings': [outing('2', 'Tomorrow', 1)],
      'DELETE /api/outings/{id}': refused(429, 'Too many at once. Wait a moment.'),
    });
    const { user } = open(<OutingList />);
    await user.click(await screen.findByRole('button', { name: 'More for Tomorrow' }));
    await user.click(await screen.findByRole('menuitem', { name: 'Delete' }));
    expect(await screen.findByText('Too many at once. Wait a moment.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  });

  it('duplicates, and takes in a document with its rushes', async () => {
    answers({
      'GET /api/outings': [outing('2', 'Tomorrow', 1)],
      'POST /api/outings/{id}/duplicate': sample('SavedOuting'),
      'POST /api/outings/upload': sample('SavedOuting', { name: 'Race' }),
    });
    const { user } = open(<OutingList />);
    await user.click(await screen.findByRole('button', { name: 'More for Tomorrow' }));
    const menu = await screen.findByRole('menu');
    const file = within(menu).getByRole('link', { name: 'Download' });
    expect(file).toHaveAttribute('href', '/api/outings/2/document');
    await user.click(within(menu).getByRole('menuitem', { name: 'Duplicate' }));
    await waitFor(() => expect(asked.some(({ call }) => call.endsWith('/duplicate'))).toBe(true));
    const document = new File(['{}'], 'race.json', { type: 'application/json' });
    await user.upload(screen.getByLabelText('Outing document to upload'), document);
    expect(await screen.findByText('“Race” is in your list, with its rushes.')).toBeInTheDocument();
  });
});
