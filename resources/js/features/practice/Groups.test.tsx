import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, bodies, refused, sample } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import CopyPage from './CopyPage';
import GroupPage from './GroupPage';
import Groups from './Groups';
import { OfferCopy } from './OfferCopy';
import TaskPage from './TaskPage';
import { Tasks } from './Tasks';

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
    const { user, where } = open(<Groups />, { at: '/practice/groups', path: '/practice/groups' });
    expect(await screen.findByRole('button', { name: 'Open it' })).toBeDisabled();
    await user.type(screen.getByLabelText('Name of the group'), 'Cliff mornings{Enter}');
    await waitFor(() => expect(where()).toBe('/practice/groups/1'));
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
  const group = { id: '1', name: 'Cliff mornings', join_code: 'GANNET-7', members: [member], tasks: [] };
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

  it('gives something of one’s own, and shows who did it', async () => {
    const rush = recorded('rush');
    answers({
      'GET /api/groups/{id}': {
        ...group,
        tasks: [
          {
            id: 't1',
            kind: 'drill',
            name: 'moment',
            note: 'Twice, please.',
            due_on: '2020-01-02',
            given_at: '2019-12-30T00:00:00Z',
            done: [{ member: 9, at: '2020-01-01T00:00:00Z', value: 0.75, rush: null }],
          },
        ],
      },
      'GET /api/rushes': { items: [rush], total: 1, next: null } as never,
      'GET /api/outings': [],
      'GET /api/kit/{type}': [],
      'GET /api/drills': [],
      'POST /api/groups/{id}/tasks': {} as never,
      'DELETE /api/groups/{id}/tasks/{task}': undefined,
    });
    const { user } = page();
    const given = (await screen.findByText('Twice, please.')).closest('li') as HTMLElement;
    expect(given).toHaveTextContent('The moment');
    expect(given).toHaveTextContent('was due 2 January 2020');
    expect(given).toHaveTextContent('1 of 1 did it');
    expect(given).toHaveTextContent('Cem 75%');
    await user.click(within(given).getByRole('button', { name: 'Take back' }));
    await waitFor(() => expect(asked.some(({ path }) => path.task === 't1')).toBe(true));
    await user.click(screen.getByRole('button', { name: 'Give something to do' }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByRole('button', { name: 'Give it' })).toBeDisabled();
    await user.click(dialog.getByRole('combobox', { name: 'Which' }));
    await user.click(await screen.findByTitle(rush.name));
    await user.type(dialog.getByRole('textbox', { name: 'What to do with it' }), ' Park first ');
    await user.click(dialog.getByRole('button', { name: 'Give it' }));
    await waitFor(() =>
      expect(bodies('POST /api/groups/{id}/tasks')[0]).toMatchObject({
        kind: 'rush',
        of: rush.id,
        note: 'Park first',
        due_on: null,
        place: false,
      }),
    );
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

describe('what a teacher gave', () => {
  const task = {
    id: 't1',
    group: { id: '1', name: 'Cliff mornings' },
    teacher: 'Dora',
    kind: 'rush' as const,
    name: 'Tern over the cove',
    note: 'Park before it lands.',
    due_on: null,
    given_at: '2026-11-20T00:00:00Z',
    done_at: null,
  };

  it('comes by the day it is due, and not once it is done', async () => {
    const tasks = [
      { ...task, id: 'a', name: 'Some day' },
      { ...task, id: 'b', name: 'In March', due_on: '2099-03-01' },
      { ...task, id: 'c', name: 'Long ago', due_on: '2020-03-01' },
      { ...task, id: 'd', name: 'Done', done_at: '2026-11-20T00:00:00Z' },
    ];
    answers({ 'GET /api/tasks': tasks });
    open(<Tasks />);
    await screen.findByText('Some day');
    expect(screen.getAllByRole('link').map((link) => link.textContent)).toEqual([
      'Groups',
      'Long ago',
      'In March',
      'Some day',
    ]);
    expect(screen.getByText(/was due 1 March 2020/)).toBeVisible();
  });

  it('becomes a rush of one’s own, whose bursts are shared only if one says so', async () => {
    const document = { name: 'Tern over the cove' };
    answers({
      'GET /api/tasks/{id}': { task, document } as never,
      'POST /api/rushes': { ...recorded('rush'), id: 'mine' },
      'PUT /api/tasks/{id}/done': task,
    });
    const { user, where } = open(<TaskPage />, { at: '/tasks/t1', path: '/tasks/:id' });
    expect(await screen.findByText('Park before it lands.')).toBeVisible();
    await user.click(screen.getByRole('checkbox', { name: 'Dora sees the bursts I log of it' }));
    await user.click(screen.getByRole('button', { name: 'Copy it into my account' }));
    await waitFor(() => expect(where()).toBe('/rushes/mine'));
    expect(bodies('POST /api/rushes')[0]).toEqual({ document });
    expect(bodies('PUT /api/tasks/{id}/done')[0]).toEqual({ rush: 'mine', share: true });
  });

  it('is played where it is a turn, and can be had to do again', async () => {
    const done = { ...task, kind: 'drill' as const, name: 'moment', done_at: '2026-11-21T00:00:00Z' };
    answers({
      'GET /api/tasks/{id}': { task: done, document: { drill: 'moment', seed: 3 } } as never,
      'DELETE /api/tasks/{id}/done': undefined,
    });
    const { user, where } = open(<TaskPage />, { at: '/tasks/t1', path: '/tasks/:id' });
    await user.click(await screen.findByRole('button', { name: 'Not done after all' }));
    await waitFor(() => expect(asked.some(({ call }) => call === 'DELETE /api/tasks/{id}/done')).toBe(true));
    await user.click(screen.getByRole('button', { name: 'Play it' }));
    await waitFor(() => expect(where()).toBe('/practice/moment'));
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
