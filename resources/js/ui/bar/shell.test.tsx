import { QueryClient } from '@tanstack/react-query';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Signed } from '../../app/Signed';
import { sayWhenSettled } from '../../app/settled';
import { chooseLanguage, chosenLanguage } from '../../lang/language';
import { answers, asked, bodies, offline, sample, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { putOff } from '../putOff';
import { Failed, Waiting } from './Messages';
import { TopBar } from './TopBar';

describe('the bar on top', () => {
  it('has the places in the order of the work, and says where one is', async () => {
    open(<TopBar />, { at: '/review/pictures' });
    const nav = within(screen.getByRole('navigation', { name: 'Main' }));
    const names = nav.getAllByRole('link').map((link) => link.textContent);
    expect(names).toEqual(['Today', 'Outings', 'Rushes', 'Review', 'Practice', 'Kit', 'Subjects']);
    expect(nav.getByRole('link', { name: 'Review' })).toHaveAttribute('aria-current', 'page');
    expect(nav.getByRole('link', { name: 'Today' })).not.toHaveAttribute('aria-current');
    await screen.findByText(/Ada/);
  });

  it('reaches the places from the menu where a page has its own head', async () => {
    const { user, where } = open(
      <TopBar>
        <span>Desk</span>
      </TopBar>,
    );
    expect(screen.queryByRole('navigation', { name: 'Main' })).toBeNull();
    await user.click(await screen.findByRole('button', { name: /Ada/ }));
    await user.click(await screen.findByRole('menuitem', { name: 'Outings' }));
    expect(where()).toBe('/outings');
  });

  it('changes units at once, and keeps them for the other devices', async () => {
    answers({ 'PUT /api/habits': sample('Habits', { units: 'imperial' }) });
    const { user } = open(<TopBar />);
    await user.click(await screen.findByRole('button', { name: /Ada/ }));
    await user.click(await screen.findByRole('menuitem', { name: /Feet, mph/ }));
    await waitFor(() => expect(bodies('PUT /api/habits')).toHaveLength(1));
    expect(bodies('PUT /api/habits')[0]).toMatchObject({ units: 'imperial', colours: 'dark' });
    await user.click(screen.getByRole('button', { name: /Ada/ }));
    expect(await screen.findByRole('menuitem', { name: /✓\s*Feet, mph/ })).toBeInTheDocument();
  });

  it('keeps the language that is chosen for the other devices, and for this one until it is chosen anew', async () => {
    answers({ 'PUT /api/habits': sample('Habits', { language: 'de' }) });
    const { user } = open(<TopBar />);
    await user.click(await screen.findByRole('button', { name: /Ada/ }));
    expect(screen.getByRole('menuitem', { name: /✓\s*English/ })).toBeInTheDocument();
    await user.click(screen.getByRole('menuitem', { name: 'Deutsch' }));
    await waitFor(() => expect(bodies('PUT /api/habits')).toHaveLength(1));
    expect(bodies('PUT /api/habits')[0]).toMatchObject({ language: 'de' });
    await waitFor(() => expect(chosenLanguage()).toBe('de'));
    chooseLanguage(null);
    expect(chosenLanguage()).toBeNull();
  });

  it('leaves the habits of the demo alone', async () => {
    const user = { id: '1', name: 'Demo', email: 'demo@example.test', is_demo: true };
    answers({ 'GET /api/session': { user, demo_available: true } });
    const page = open(<TopBar />);
    await page.user.click(await screen.findByRole('button', { name: /Demo/ }));
    await page.user.click(await screen.findByRole('menuitem', { name: 'Light colours' }));
    await page.user.click(screen.getByRole('button', { name: /Demo/ }));
    expect(await screen.findByRole('menuitem', { name: 'Dark colours' })).toBeInTheDocument();
    expect(bodies('PUT /api/habits')).toEqual([]);
  });

  it('signs out to the door, and says when that did not work', async () => {
    answers({ 'DELETE /api/session': offline });
    const { user, where } = open(<TopBar />);
    await user.click(await screen.findByRole('button', { name: /Ada/ }));
    await user.click(await screen.findByRole('menuitem', { name: 'Sign out' }));
    expect(await screen.findByText(/The server does not answer\./)).toBeInTheDocument();
    expect(where()).toBe('/');
  });

  it('lets the keyboard go straight to the page', async () => {
    const { user } = open(
      <>
        <TopBar />
        <main>Page</main>
      </>,
    );
    await user.click(screen.getByRole('button', { name: 'Skip to the page' }));
    expect(screen.getByRole('main')).toHaveFocus();
    await screen.findByText(/Ada/);
  });
});

describe('the search', () => {
  const rush = sample('RushSummary', { id: '01', name: 'Tern hovering over the cove' });
  const searching = async () => {
    const page = open(<TopBar />);
    await screen.findByText(/Ada/);
    await page.user.keyboard('/');
    return { ...page, field: await screen.findByLabelText('Search everything') };
  };
  const hits = () => screen.queryAllByRole('option').map((hit) => hit.textContent);

  it('is opened by one key, but not while one writes', async () => {
    const { user } = open(
      <>
        <TopBar />
        <input aria-label="Name" />
      </>,
    );
    await user.type(screen.getByLabelText('Name'), 'a/b');
    expect(screen.queryByLabelText('Search everything')).toBeNull();
    expect(screen.getByLabelText('Name')).toHaveValue('a/b');
  });

  it('finds rushes, kit, own words, drills and groups, and offers a new rush last', async () => {
    const body = { ...(recorded('bodies')[0] as object), id: '7', name: 'My body', sample: false };
    const outline = { own_words: ['Hovering search'] };
    answers({
      'GET /api/rushes': ({ query }) => ({ items: query.search ? [rush] : [], next: null }),
      'GET /api/kit/{type}': ({ path }) => (path.type === 'bodies' ? ([{ ...body, outline }] as never) : []),
      'GET /api/groups': [sample('GroupSummary', { id: '9', name: 'Hovering group' })],
    });
    const { user, field } = await searching();
    await user.type(field, 'hover');
    await waitFor(() =>
      expect(hits()).toEqual([
        'Tern hovering over the coveRush',
        '“Hovering search”Word of My body',
        'Hovering groupGroup',
        'hoverNew rush',
      ]),
    );
  });

  it('is walked with the arrows, round its end, and opens what is chosen', async () => {
    answers({ 'GET /api/rushes': { items: [rush], next: null } });
    const { user, field, where } = await searching();
    await user.type(field, 'tern');
    await waitFor(() => expect(hits()).toHaveLength(2));
    await user.keyboard('{ArrowUp}');
    expect(field).toHaveAttribute('aria-activedescendant', 'hit-1');
    await user.keyboard('{ArrowDown}{Enter}');
    expect(where()).toBe('/rushes/01');
  });

  it('makes a rush of a line where nothing is called so', async () => {
    const { user, field, where } = await searching();
    await user.type(field, 'stoat over the wall');
    await waitFor(() => expect(hits()).toEqual(['stoat over the wallNew rush']));
    await user.keyboard('{Enter}');
    expect(where()).toBe('/rushes/new?line=stoat+over+the+wall');
  });
});

describe('pages for those who are signed in', () => {
  const at = { at: '/outings/7', path: '/outings/:id' };
  afterEach(() => vi.unstubAllGlobals());

  it('send others to the door, and know where they wanted to go', async () => {
    answers({ 'GET /api/session': { user: null, demo_available: true } });
    const { where } = open(<Signed />, at);
    await screen.findByText('Another page');
    expect(where()).toBe('/sign-in?to=%2Foutings%2F7');
  });

  it('wait until it is known who is there, and say why it is not', async () => {
    answers({ 'GET /api/session': waiting });
    const { unmount } = open(<Signed />, at);
    expect(screen.getByRole('status')).toHaveTextContent('Loading…');
    unmount();
    answers({ 'GET /api/session': offline });
    open(<Signed />, at);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });
});

describe('messages', () => {
  it('say what is waited for, and what went wrong', () => {
    open(<Waiting what="Opening" />);
    expect(screen.getByRole('status')).toHaveTextContent('Opening…');
    open(<Failed missing />);
    expect(screen.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
    expect(screen.getByText('There is no page at this address.')).toBeVisible();
  });
});

describe('whether the page has come to rest', () => {
  const said = () => document.documentElement.dataset.settled;

  it('is said once nothing is asked or put off any more', async () => {
    Object.defineProperty(document, 'fonts', {
      configurable: true,
      value: Object.assign(new EventTarget(), { status: 'loaded' }),
    });
    document.getAnimations = () => [];
    const queries = new QueryClient();
    sayWhenSettled(queries);
    expect(said()).toBe('no');
    await waitFor(() => expect(said()).toBe('yes'));
    const come = putOff();
    expect(said()).toBe('no');
    await new Promise((resolve) => setTimeout(resolve, 150));
    expect(said()).toBe('no');
    come();
    come();
    await waitFor(() => expect(said()).toBe('yes'));
    let answer: (value: string) => void = () => undefined;
    const asking = queries.fetchQuery({
      queryKey: ['a'],
      queryFn: () => new Promise<string>((done) => (answer = done)),
    });
    expect(said()).toBe('no');
    await act(async () => answer('x'));
    await asking;
    await waitFor(() => expect(said()).toBe('yes'));
    fireEvent(document, new Event('transitionrun'));
    expect(said()).toBe('no');
    await waitFor(() => expect(said()).toBe('yes'));
    expect(asked).toEqual([]);
  });
});
