import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, bodies, refused } from '../../../testing/answers';
import { open } from '../../../testing/open';
import { recorded } from '../../../testing/recorded';
import { PutUp } from './PutUp';
import ShelfPage from './ShelfPage';

const item = {
  id: 's1',
  type: 'bodies' as const,
  name: 'Kestrel 9',
  by: '',
  put_up_at: '2020-06-03T00:00:00Z',
  outline: { ...recorded('bodies')[0]?.outline, guessed: ['iso_max'] } as never,
  taken: 0,
  mine: false,
  hidden: false,
};
const holding = (...items: (typeof item)[]) => ({ items, total: items.length, more: false });
const page = () => open(<ShelfPage />, { at: '/kit/shelf', path: '/kit/shelf' });

describe('the shelf', () => {
  it('says how something comes to stand there while nothing does', async () => {
    answers({ 'GET /api/shelf': holding() });
    const { user } = page();
    expect(await screen.findByText(/Nobody here has put anything up yet/)).toBeVisible();
    await user.type(screen.getByLabelText('Search the shelf'), 'heron');
    expect(await screen.findByText(/put up anything called “heron”/)).toBeVisible();
    await user.click(screen.getByText('Lenses'));
    await waitFor(() => expect(asked.at(-1)?.query).toMatchObject({ type: 'lenses', search: 'heron' }));
  });

  it('copies into one’s own kit, and goes there', async () => {
    answers({
      'GET /api/shelf': holding(item),
      'POST /api/shelf/{id}/take': { ...recorded('body'), id: 'mine', name: 'Kestrel 9' },
    });
    const { user, where } = page();
    const row = within(
      (await screen.findByText('Kestrel 9', { selector: 'b' })).closest('li') as HTMLElement,
    );
    // Nobody is named who did not want to be; what was not looked up is said.
    expect(row.getByText('3 June 2020')).toBeVisible();
    expect(row.getByText(/one figure is a guess/)).toBeVisible();
    await user.click(row.getByRole('button', { name: 'Copy Kestrel 9' }));
    await waitFor(() => expect(where()).toBe('/kit/bodies/mine'));
  });

  it('keeps a report where it was written when it cannot be sent', async () => {
    answers({
      'GET /api/shelf': holding(item),
      'POST /api/shelf/{id}/report': refused(429, 'Too many at once. Wait a moment.'),
    });
    const { user } = page();
    await user.click(await screen.findByRole('button', { name: 'More for Kestrel 9' }));
    await user.click(await screen.findByText('Report it'));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByRole('button', { name: 'Report it' })).toBeDisabled();
    await user.type(dialog.getByLabelText('What is wrong with it'), 'Not so fast');
    await user.click(dialog.getByRole('button', { name: 'Report it' }));
    expect(await screen.findByText('Too many at once. Wait a moment.')).toBeInTheDocument();
    expect(dialog.getByLabelText('What is wrong with it')).toHaveValue('Not so fast');
  });

  it('lets one take one’s own down, and says where it was reported', async () => {
    answers({
      'GET /api/shelf': holding({ ...item, mine: true, hidden: true }),
      'DELETE /api/shelf/{id}': undefined,
    });
    const { user } = page();
    expect(await screen.findByText(/reported: nobody else finds it/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'More for Kestrel 9' }));
    expect(screen.queryByText('Report it')).toBeNull();
    await user.click(await screen.findByText('Take it down'));
    await waitFor(() => expect(asked.some(({ call }) => call === 'DELETE /api/shelf/{id}')).toBe(true));
  });

  it('shows no name but the one that is given, and knows it the next time', async () => {
    answers({ 'POST /api/shelf': { ...item, mine: true } });
    let shut = 0;
    const up = () => <PutUp type="bodies" id="b1" name="Kestrel 9" onClose={() => shut++} />;
    const { user, unmount } = open(up());
    await user.type(screen.getByLabelText('Your name on the shelf'), ' Wren ');
    await user.click(screen.getByRole('button', { name: 'Put it up' }));
    await waitFor(() => expect(shut).toBe(1));
    expect(bodies('POST /api/shelf')[0]).toEqual({ type: 'bodies', id: 'b1', by: 'Wren' });
    unmount();
    open(up());
    expect(screen.getByLabelText('Your name on the shelf')).toHaveValue('Wren');
  });
});
