import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, bodies, refused, sample } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import CopyPage from './CopyPage';
import GroupPage from './GroupPage';
import Groups from './Groups';
import { OfferCopy } from './OfferCopy';

const taught = sample('GroupSummary', {
  id: '1',
  name: 'Cliff mornings',
  teaches: true,
  members: 1,
  join_code: 'GANNET-7',
  shares: null,
});
const joined = { ...taught, id: '2', name: 'Club', teaches: false, teacher: 'Bea', join_code: null };
const shares = { drills: false, rushes: [] };

describe('groups', () => {
  it('are not for a visit to the demo, which is gone after a day', async () => {
    const user = { id: '1', name: 'Demo', email: 'demo@example.test', is_demo: true };
    answers({ 'GET /api/session': { user, demo_available: true } });
    open(<Groups />);
    expect(await screen.findByText(/A visit to the demo is gone after a day/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Join' })).toBeNull();
  });

  it('show those one teaches with their code, those one is in with what one shares', async () => {
    answers({ 'GET /api/groups': [taught, { ...joined, shares }] });
    open(<Groups />);
    expect(await screen.findByRole('link', { name: 'Cliff mornings' })).toHaveAttribute(
      'href',
      '/practice/groups/1',
    );
    expect(screen.getByText(/you teach it · one member/)).toHaveTextContent('code GANNET-7');
    expect(screen.getByRole('checkbox', { name: 'Bea sees my drills' })).not.toBeChecked();
  });

  it('are joined with the code of their address, and nothing is shared by that', async () => {
    answers({ 'POST /api/groups/join': joined });
    const { user } = open(<Groups />, { at: '/practice/groups?code=GANNET-7' });
    expect(await screen.findByLabelText('Code')).toHaveValue('GANNET-7');
    await user.click(screen.getByRole('button', { name: 'Join' }));
    expect(
      await screen.findByText('You are in Club. Nothing is shared until you say so.'),
    ).toBeInTheDocument();
    expect(bodies('POST /api/groups/join')).toEqual([{ code: 'GANNET-7' }]);
  });

  it('keep a wrong code where it was typed', async () => {
    answers({ 'POST /api/groups/join': refused(422, 'No group has this code.', 'code') });
    const { user } = open(<Groups />);
    await user.type(await screen.findByLabelText('Code'), 'nothing');
    await user.click(screen.getByRole('button', { name: 'Join' }));
    expect(await screen.findByText('No group has this code.')).toBeInTheDocument();
    expect(screen.getByLabelText('Code')).toHaveValue('nothing');
  });

  it('are opened by name', async () => {
    answers({ 'POST /api/groups': taught });
    const { user } = open(<Groups />);
    expect(await screen.findByRole('button', { name: 'Open it' })).toBeDisabled();
    await user.type(screen.getByLabelText('Name of the group'), 'Cliff mornings{Enter}');
    await waitFor(() => expect(screen.getByLabelText('Name of the group')).toHaveValue(''));
    expect(bodies('POST /api/groups')).toEqual([{ name: 'Cliff mornings' }]);
  });

  it('see what one ticks, and leaving takes it back', async () => {
    answers({
      'GET /api/groups': [{ ...joined, shares }],
      'PUT /api/groups/{id}/shares': { ...joined, shares: { drills: true, rushes: [] } },
      'DELETE /api/groups/{id}/shares': undefined,
    });
    const { user } = open(<Groups />);
    await user.click(await screen.findByRole('checkbox', { name: 'Bea sees my drills' }));
    await waitFor(() =>
      expect(bodies('PUT /api/groups/{id}/shares')).toEqual([{ drills: true, rushes: [] }]),
    );
    await user.click(screen.getByRole('button', { name: 'Leave' }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText(/From then on Bea sees nothing of you/)).toBeInTheDocument();
    await user.click(dialog.getByRole('button', { name: 'Leave' }));
    await waitFor(() =>
      expect(asked.some(({ call }) => call === 'DELETE /api/groups/{id}/shares')).toBe(true),
    );
  });
});

describe('a group one teaches', () => {
  const turn = (value: number, drill = 'buttons') => ({
    drill,
    day: '2026-11-20',
    seed: 1,
    value,
    seconds: 0.9,
  });
  const member = {
    id: 9,
    name: 'Cem',
    joined_at: '2026-11-01T00:00:00Z',
    shares_drills: true,
    drills: [turn(1), turn(0.9), turn(0.8), turn(0.8), turn(0.5), turn(0)],
    rushes: [{ rush: 'Tern', bursts: 2, frames: 80, keepers: 30, last_at: null }],
  };
  const group = { id: '1', name: 'Cliff mornings', join_code: 'GANNET-7', members: [member] };
  const page = () => open(<GroupPage />, { at: '/practice/groups/1', path: '/practice/groups/:id' });

  it('tells how one joins while nobody has', async () => {
    answers({ 'GET /api/groups/{id}': { ...group, members: [] } });
    page();
    expect(await screen.findByText(/Nobody has joined yet/)).toBeVisible();
    expect(screen.getByText('GANNET-7')).toBeVisible();
  });

  it('says the mean of the last five turns, the newest of which come first', async () => {
    answers({ 'GET /api/groups/{id}': group });
    page();
    const row = (await screen.findByText('Cem')).closest('li') as HTMLElement;
    expect(row).toHaveTextContent('80% right at once, last 5 turns');
    expect(row).toHaveTextContent('Tern: 30 of 80 frames kept');
    expect(within(row).getByRole('img', { name: '6 turns' })).toBeVisible();
  });

  it('tells those who share nothing from those who have not played', async () => {
    const silent = { ...member, id: 10, name: 'Dora', shares_drills: false, drills: [] };
    const idle = { ...member, id: 11, name: 'Emil', drills: [turn(1, 'moment')] };
    answers({ 'GET /api/groups/{id}': { ...group, members: [member, silent, idle] } });
    page();
    expect((await screen.findByText('Dora')).closest('li')).toHaveTextContent('shares no drills');
    expect(screen.getByText('Emil').closest('li')).toHaveTextContent('none of this drill yet');
  });

  it('removes a member, and closes, only after asking', async () => {
    answers({
      'GET /api/groups/{id}': group,
      'DELETE /api/groups/{id}/members/{member}': undefined,
      'DELETE /api/groups/{id}': undefined,
    });
    const { user, where } = page();
    await user.click(await screen.findByRole('button', { name: 'Remove' }));
    await user.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Remove' }));
    await waitFor(() => expect(asked.some(({ path }) => path.member === '9')).toBe(true));
    await user.click(screen.getByRole('button', { name: 'Close the group' }));
    expect(asked.some(({ call }) => call === 'DELETE /api/groups/{id}')).toBe(false);
    const dialogs = await screen.findAllByRole('dialog');
    const closing = within(dialogs.at(-1) as HTMLElement);
    await user.click(closing.getAllByRole('button').at(-1) as HTMLElement);
    await waitFor(() => expect(where()).toBe('/practice/groups'));
  });
});

describe('a copy for others', () => {
  it('says what is in it, and shows its address once', async () => {
    const link = { id: 4, kind: 'rush' as const, name: 'Tern', expires_at: '2026-12-30T00:00:00Z' };
    answers({
      'GET /api/copies': [link],
      'POST /api/copies': { ...link, address: 'http://localhost/copy/s' } as never,
    });
    const offer = <OfferCopy kind="rush" kinds={['rush', 'hold']} id="01" says="Give a copy" />;
    const { user } = open(offer);
    await user.click(await screen.findByRole('button', { name: 'Give a copy' }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText(/Your skills and your log are not in it/)).toHaveTextContent(
      'a copy of this rush, as it is now',
    );
    expect(await dialog.findByText(/Tern, until 30 December/)).toBeInTheDocument();
    await user.click(dialog.getByRole('button', { name: 'Make an address' }));
    expect(await dialog.findByText(/copy\/s/)).toBeInTheDocument();
    await user.type(dialog.getByLabelText('From whom'), ' Wren');
    await user.click(dialog.getByLabelText('With its place, to about 10 km'));
    await user.click(dialog.getByRole('button', { name: 'Make an address' }));
    const offered = { kind: 'rush', id: '01', days: 30 };
    await waitFor(() =>
      expect(bodies('POST /api/copies')).toEqual([
        { ...offered, from: '', place: false },
        { ...offered, from: 'Wren', place: true },
      ]),
    );
  });

  const page = () => open(<CopyPage />, { at: '/copy/secret', path: '/copy/:secret' });
  const offered = (kind: 'drill' | 'rush', name: string) =>
    answers({
      'GET /api/copies/{secret}': { kind, name, from: 'Bea', document: recorded('rush').document } as never,
    });

  it('leads a stranger to the door, and back', async () => {
    answers({ 'GET /api/session': { user: null, demo_available: true } });
    offered('rush', 'Tern hovering');
    page();
    expect(await screen.findByText('Bea offers you a rush.')).toBeVisible();
    expect(screen.getByRole('link', { name: 'Sign in' })).toHaveAttribute(
      'href',
      '/sign-in?to=%2Fcopy%2Fsecret',
    );
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('becomes one’s own', async () => {
    offered('rush', 'Tern hovering');
    answers({ 'POST /api/rushes': { ...recorded('rush'), id: '77' } as never });
    const { user, where } = page();
    await user.click(await screen.findByRole('button', { name: 'Copy it into my account' }));
    await waitFor(() => expect(where()).toBe('/rushes/77'));
  });

  it('says when there is no room for it', async () => {
    offered('rush', 'Tern hovering');
    answers({ 'POST /api/rushes': refused(422, 'There is room for 1000 rushes.') });
    const { user, where } = page();
    await user.click(await screen.findByRole('button', { name: 'Copy it into my account' }));
    expect(await screen.findByText('There is room for 1000 rushes.')).toBeInTheDocument();
    expect(where()).toBe('/copy/secret');
  });

  it('of a drill is played, by the name of the drill', async () => {
    offered('drill', 'moment');
    page();
    expect(await screen.findByRole('button', { name: 'Play it' })).toBeVisible();
    expect(screen.getByRole('heading', { name: 'The moment' })).toBeVisible();
  });

  it('says when it is not offered any more', async () => {
    answers({ 'GET /api/copies/{secret}': refused(404, 'This is not offered any more.') });
    page();
    expect(await screen.findByText('This is not offered any more.')).toBeVisible();
  });
});
