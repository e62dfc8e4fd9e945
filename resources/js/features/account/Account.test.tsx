import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { answers, asked, bodies, refused, sample } from '../../testing/answers';
import { open } from '../../testing/open';
import Account from './Account';

const user = { id: '01', name: 'Ada', email: 'ada@example.test', is_demo: false };
const printer = { id: 7, name: 'Card printer', created_at: '2026-11-01T10:00:00Z' };
const tokens = [
  { ...printer, last_used_at: null, expires_at: '2027-02-01T10:00:00Z' },
  { ...printer, id: 8, name: 'Backup', last_used_at: '2026-11-20T10:00:00Z', expires_at: null },
];
const part = async (name: string) => within(await screen.findByRole('region', { name }));

beforeEach(() =>
  answers({
    'GET /api/session': { user, demo_available: true },
    'GET /api/account/tokens': tokens,
    'GET /api/account/calendar': { since: null },
  }),
);

describe('the account', () => {
  it('tells a visitor to the demo what it is, and shows nothing that a visitor may not do', async () => {
    answers({ 'GET /api/session': { user: { ...user, is_demo: true }, demo_available: true } });
    open(<Account />);
    expect(await screen.findByText(/your own copy of the demo/)).toBeVisible();
    expect(screen.getAllByRole('heading', { level: 2 }).map((head) => head.textContent)).toEqual([
      'The demo',
      'Your data',
    ]);
    expect(screen.queryByLabelText('Archive to load')).toBeNull();
  });

  it('says how much is kept of how much may be', async () => {
    const most = sample('Amounts', { rushes: 1000, kit: 200, bytes: 50_000_000 });
    const used = sample('Amounts', { rushes: 12, kit: 3, bytes: 1_250_000 });
    answers({ 'GET /api/account/usage': { used, most, notice: null } });
    open(<Account />);
    const rows = await (await part('Your data')).findAllByRole('listitem');
    expect(rows.map((row) => row.textContent)).toEqual([
      'Rushes12 of 1000',
      'Bodies, lenses and subjects3 of 200',
      'Room, MB1.3 of 50',
    ]);
  });

  it('changes the name, in the bar as well', async () => {
    answers({ 'PATCH /api/account': { user: { ...user, name: 'Ada L.' }, demo_available: true } });
    const page = open(<Account />);
    const you = await part('You');
    await page.user.clear(you.getByLabelText('Name'));
    await page.user.type(you.getByLabelText('Name'), 'Ada L.');
    await page.user.click(you.getByRole('button', { name: 'Save name' }));
    expect(await screen.findByRole('button', { name: /Ada L\./ })).toBeVisible();
  });

  it('keeps the old address until the letter to the new one is answered', async () => {
    answers({ 'PUT /api/account/email': { user, demo_available: true } });
    const page = open(<Account />);
    const address = await part('Address');
    await page.user.type(address.getByLabelText('New address'), 'new@example.test');
    await page.user.type(address.getByLabelText('Confirm with your password'), 'a good password');
    await page.user.click(address.getByRole('button', { name: 'Change address' }));
    expect(await address.findByRole('status')).toHaveTextContent('on its way to new@example.test');
    expect(address.getByText('ada@example.test')).toBeVisible();
    expect(address.getByLabelText('New address')).toHaveValue('');
  });

  it('keeps what was typed when a password is refused, and forgets it when it is changed', async () => {
    answers({ 'PUT /api/account/password': refused(422, 'That is not your password.', 'current') });
    const page = open(<Account />);
    const password = await part('Password');
    await page.user.type(password.getByLabelText('Password now'), 'wrong');
    await page.user.type(password.getByLabelText('New password'), 'long enough now');
    await page.user.click(password.getByRole('button', { name: 'Change password' }));
    expect(await screen.findByText('That is not your password.')).toBeInTheDocument();
    expect(password.getByLabelText('New password')).toHaveValue('long enough now');
    answers({ 'PUT /api/account/password': undefined });
    await page.user.click(password.getByRole('button', { name: 'Change password' }));
    await waitFor(() => expect(password.getByLabelText('New password')).toHaveValue(''));
  });

  it('lists tokens with their use and end, and withdraws one', async () => {
    answers({ 'DELETE /api/account/tokens/{id}': undefined });
    const page = open(<Account />);
    const list = within(await (await part('Tokens for scripts')).findByRole('list'));
    expect(list.getByText('made 2026-11-01, never used, good until 2027-02-01')).toBeVisible();
    expect(list.getByText('made 2026-11-01, last used 2026-11-20')).toBeVisible();
    answers({ 'GET /api/account/tokens': tokens.slice(1) });
    await page.user.click(list.getByRole('button', { name: 'Withdraw Card printer' }));
    await waitFor(() => expect(screen.queryByText('Card printer')).toBeNull());
    expect(asked.find(({ call }) => call === 'DELETE /api/account/tokens/{id}')?.path).toEqual({ id: '7' });
  });

  it('shows a new token this once, for as long as was chosen', async () => {
    answers({ 'POST /api/account/tokens': { ...tokens[0], token: '7|secret' } as never });
    const page = open(<Account />);
    const scripts = await part('Tokens for scripts');
    expect(scripts.getByRole('button', { name: 'Make a token' })).toBeDisabled();
    await page.user.type(scripts.getByLabelText('What the token is for'), ' Printer {Enter}');
    expect(await scripts.findByText('7|secret')).toBeVisible();
    expect(bodies('POST /api/account/tokens')).toEqual([{ name: 'Printer', days: 90 }]);
  });

  it('is deleted only with its password, and leaves to the door', async () => {
    answers({ 'DELETE /api/account': refused(422, 'That is not your password.', 'password') });
    const page = open(<Account />, { at: '/account', path: '/account' });
    await page.user.click(await screen.findByRole('button', { name: 'Delete my account' }));
    const dialog = within(await screen.findByRole('dialog'));
    await page.user.click(dialog.getByRole('button', { name: 'Delete for good' }));
    expect(await dialog.findByText('Enter your password.')).toBeVisible();
    expect(bodies('DELETE /api/account')).toEqual([]);
    await page.user.type(dialog.getByLabelText('Your password'), 'wrong');
    await page.user.click(dialog.getByRole('button', { name: 'Delete for good' }));
    expect(await screen.findByText('That is not your password.')).toBeInTheDocument();
    expect(page.where()).toBe('/account');
    answers({ 'DELETE /api/account': undefined });
    await page.user.click(dialog.getByRole('button', { name: 'Delete for good' }));
    await waitFor(() => expect(page.where()).toBe('/sign-in'));
  });

  it('says how much an archive brought, and at length why one was refused', async () => {
    const loaded = { rushes: 2, outings: 1, bursts: 4, kit: 3, already_there: 5 };
    answers({ 'POST /api/account/archive': loaded as never });
    const page = open(<Account />);
    const zip = new File(['PK'], 'all.zip', { type: 'application/zip' });
    await page.user.upload(await screen.findByLabelText('Archive to load'), zip);
    const said = '2 rushes, 1 outings, 4 bursts and 3 pieces of kit came in; 5 were here already.';
    expect(await screen.findByText(said)).toBeInTheDocument();
    answers({ 'POST /api/account/archive': refused(422, 'This is no archive of Rush Hold.', 'file') });
    await page.user.upload(screen.getByLabelText('Archive to load'), zip);
    expect(await screen.findByText('Nothing was imported')).toBeVisible();
    expect(screen.getByText('This is no archive of Rush Hold.')).toBeVisible();
  });

  it('makes an address for a calendar, shows it once, and takes it back', async () => {
    const since = '2026-11-30T10:00:00Z';
    answers({
      'POST /api/account/calendar': { since, address: 'https://here.example/calendar/abc.ics' },
      'DELETE /api/account/calendar': undefined,
    });
    const { user: hand } = open(<Account />);
    const calendar = await part('Calendar');
    answers({ 'GET /api/account/calendar': { since } });
    await hand.click(calendar.getByRole('button', { name: 'Make an address' }));
    expect(await calendar.findByText('https://here.example/calendar/abc.ics')).toBeVisible();
    expect(await calendar.findByText(/In use since 30 November 2026/)).toBeVisible();
    await hand.click(calendar.getByRole('button', { name: 'Take it back' }));
    await waitFor(() => expect(asked.some(({ call }) => call === 'DELETE /api/account/calendar')).toBe(true));
    expect(calendar.queryByText('https://here.example/calendar/abc.ics')).toBeNull();
  });
});
