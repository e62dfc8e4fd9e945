import { screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { answers, bodies, offline, refused, somebody, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import Confirm from './Confirm';
import ConfirmAddress from './ConfirmAddress';
import Forgotten from './Forgotten';
import NewPassword from './NewPassword';
import Register from './Register';
import SignIn from './SignIn';

const stranger = { user: null, demo_available: true };
const ada = somebody()['GET /api/session'] as { user: object; demo_available: boolean };

beforeEach(() => answers({ 'GET /api/session': stranger }));

describe('signing in', () => {
  const door = (at = '/sign-in') => open(<SignIn />, { at, path: '/sign-in' });
  const enter = async ({ user }: ReturnType<typeof open>, email: string, password: string) => {
    await user.type(screen.getByLabelText('E-mail'), email);
    await user.type(screen.getByLabelText('Password'), password);
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
  };

  it('asks for both halves before it asks the server', async () => {
    const page = door();
    await enter(page, 'ada', ' ');
    expect(await screen.findByText('That does not look like an e-mail address.')).toBeVisible();
    expect(bodies('POST /api/session')).toEqual([]);
  });

  it('says what the server says to a wrong one, and keeps what was typed', async () => {
    answers({ 'POST /api/session': refused(422, 'E-mail and password do not belong together.', 'email') });
    const page = door();
    await enter(page, 'ada@example.test', 'wrong');
    expect(await screen.findByRole('alert')).toHaveTextContent('do not belong together');
    expect(screen.getByLabelText('E-mail')).toHaveValue('ada@example.test');
  });

  it.each([
    ['/sign-in', '/'],
    ['/sign-in?to=%2Foutings%2F7', '/outings/7'],
    ['/sign-in?to=%2F%2Felsewhere.test', '/'],
    ['/sign-in?to=https%3A%2F%2Felsewhere.test', '/'],
  ])('leads from %s to %s, and never out of the application', async (at, to) => {
    answers({ 'POST /api/session': ada as never });
    const page = door(at);
    await enter(page, 'ada@example.test', 'a good password');
    await screen.findByText('Another page');
    expect(page.where()).toBe(to);
    expect(bodies('POST /api/session')).toEqual([
      { email: 'ada@example.test', password: 'a good password', remember: true },
    ]);
  });

  it('offers the demo where there is one, and says when it cannot be had', async () => {
    answers({ 'POST /api/session/demo': offline });
    const { user } = door();
    await user.click(await screen.findByRole('button', { name: 'Try the demo' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
  });

  it('has no demo where there is none', async () => {
    answers({ 'GET /api/session': { user: null, demo_available: false } });
    door();
    await screen.findByRole('link', { name: 'Create an account' });
    expect(screen.queryByRole('button', { name: 'Try the demo' })).toBeNull();
  });
});

describe('opening an account', () => {
  const fill = async ({ user }: ReturnType<typeof open>, password: string) => {
    await user.type(screen.getByLabelText('Name'), 'Ada');
    await user.type(screen.getByLabelText('E-mail'), 'ada@example.test');
    await user.type(screen.getByLabelText('Password'), password);
    await user.click(screen.getByRole('button', { name: 'Open account' }));
  };

  it('wants a password that is long enough', async () => {
    await fill(open(<Register />), 'short');
    expect(await screen.findByText('At least ten characters.')).toBeVisible();
    expect(bodies('POST /api/account')).toEqual([]);
  });

  it('says where a letter went, and lets one go back', async () => {
    answers({ 'POST /api/account': stranger });
    const page = open(<Register />);
    await fill(page, 'long enough now');
    expect(await screen.findByRole('status')).toHaveTextContent(
      'An email to ada@example.test is on its way.',
    );
    await page.user.click(screen.getByRole('button', { name: 'Back' }));
    expect(screen.getByLabelText('Name')).toBeVisible();
  });

  it('goes on at once where no letters are sent', async () => {
    answers({ 'POST /api/account': ada as never });
    const page = open(<Register />, { at: '/register', path: '/register' });
    await fill(page, 'long enough now');
    await screen.findByText('Another page');
    expect(page.where()).toBe('/');
  });

  it('is opened by a press on the page of the link, not by coming there', async () => {
    answers({ 'POST /api/account/confirm': refused(422, 'This link is older than a day.', 'token') });
    const { user } = open(<Confirm />, { at: '/confirm/abc', path: '/confirm/:token' });
    expect(bodies('POST /api/account/confirm')).toEqual([]);
    await user.click(await screen.findByRole('button', { name: 'Open account' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('older than a day');
    expect(bodies('POST /api/account/confirm')).toEqual([{ token: 'abc' }]);
  });

  it('takes a new address by a press as well', async () => {
    answers({ 'POST /api/account/email/confirm': undefined });
    const at = { at: '/confirm-address/abc', path: '/confirm-address/:token' };
    const { user } = open(<ConfirmAddress />, at);
    await user.click(await screen.findByRole('button', { name: 'Use this address' }));
    expect(await screen.findByText('From now on you sign in with it.')).toBeVisible();
  });
});

describe('a forgotten password', () => {
  it('is asked for without saying who has an account', async () => {
    answers({ 'POST /api/account/forgotten': undefined });
    const { user } = open(<Forgotten />);
    await user.type(screen.getByLabelText('E-mail'), 'stranger@example.test');
    await user.click(screen.getByRole('button', { name: 'Send the link' }));
    expect(await screen.findByRole('status')).toHaveTextContent(
      'If there is an account with stranger@example.test',
    );
  });

  it('shows that it is being sent, once', async () => {
    answers({ 'POST /api/account/forgotten': waiting });
    const { user } = open(<Forgotten />);
    await user.type(screen.getByLabelText('E-mail'), 'ada@example.test');
    await user.click(screen.getByRole('button', { name: 'Send the link' }));
    expect(await screen.findByRole('button', { name: /Send the link/ })).toHaveClass('ant-btn-loading');
  });

  const chosen = async () => {
    const at = '/reset-password/abc?email=ada%40example.test';
    const page = open(<NewPassword />, { at, path: '/reset-password/:token' });
    expect(screen.getByText(/For ada@example.test\. All devices are signed out\./)).toBeVisible();
    await page.user.type(screen.getByLabelText('New password'), 'long enough now');
    await page.user.click(screen.getByRole('button', { name: 'Save it' }));
    return page;
  };

  it('leads to the door once it is chosen', async () => {
    answers({ 'POST /api/account/reset': undefined });
    const page = await chosen();
    await screen.findByText('Another page');
    expect(page.where()).toBe('/sign-in');
    expect(bodies('POST /api/account/reset')).toEqual([
      { token: 'abc', email: 'ada@example.test', password: 'long enough now' },
    ]);
  });

  it('says when the link is used up, and where another is to be had', async () => {
    answers({ 'POST /api/account/reset': refused(422, 'This link has been used.', 'token') });
    await chosen();
    expect(await screen.findByRole('alert')).toHaveTextContent('This link has been used.');
    expect(screen.getByRole('link', { name: 'Ask for another link' })).toHaveAttribute(
      'href',
      '/forgotten-password',
    );
  });
});
