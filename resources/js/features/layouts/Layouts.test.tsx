import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, bodies, refused, told, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import Layouts from './Layouts';

const layouts = recorded('layout');
const rushes = recorded('rushes');
const free = layouts.by_school.find((layout) => layout.school === 'free') as (typeof layouts.by_school)[0];
const holding = {
  ...(free.controls[0] as (typeof free.controls)[0]),
  place: 'thumb-1' as const,
  duty: 'stored-set',
  set: free.rest,
  lines: free.rest_lines.slice(0, 1),
};
/** The same with one control that holds a set. */
const withSet = {
  ...layouts,
  by_school: [{ ...free, controls: [...free.controls.slice(0, 1), holding] }],
};
type Asked = { rushes: string[]; body: string | null; pins?: Record<string, unknown> };
const questions = () => bodies('POST /api/layout') as Asked[];
const page = (at = '/kit/layouts') => open(<Layouts />, { at, path: '/kit/layouts' });

beforeEach(() => {
  URL.createObjectURL = vi.fn(() => 'blob:layout');
  answers({
    'GET /api/rushes': rushes,
    'GET /api/practice': recorded('practice'),
    'POST /api/layout': told(layouts, [0.3]),
  });
});

describe('buttons', () => {
  it('are laid out for the rushes worked on last, until one chooses', async () => {
    page();
    await screen.findByRole('region', { name: 'Controls' });
    expect(questions()[0]).toMatchObject({
      rushes: rushes.items.slice(0, 6).map((rush) => rush.id),
      body: null,
    });
  });

  it('are laid out for the rushes of the address', async () => {
    page('/kit/layouts?rushes=a,b&body=7');
    await screen.findByRole('region', { name: 'Controls' });
    expect(questions()[0]).toMatchObject({ rushes: ['a', 'b'], body: '7' });
  });

  it('lead to a first rush where there is none', async () => {
    answers({ 'GET /api/rushes': { items: [], next: null } });
    page();
    expect(await screen.findByText(/Buttons are laid out for rushes\./)).toBeVisible();
    expect(questions()).toEqual([]);
  });

  it('show how far the working out has come', async () => {
    answers({ 'POST /api/layout': waiting });
    page();
    expect(await screen.findByRole('progressbar')).toHaveAccessibleName(/Working out the buttons/);
    expect(screen.queryByRole('region', { name: 'Controls' })).toBeNull();
  });

  it('say why they cannot be had, and ask again', async () => {
    answers({ 'POST /api/layout': refused(422, 'This body has no control that can hold a set.', 'body') });
    const { user } = page();
    const alert = await screen.findByRole('alert');
    expect(alert).toHaveTextContent('This body has no control that can hold a set.');
    answers({ 'POST /api/layout': told(layouts) });
    await user.click(within(alert).getByRole('button', { name: 'Try again' }));
    expect(await screen.findByRole('region', { name: 'Controls' })).toBeVisible();
  });

  it('say of each rush whether it is reached in time', async () => {
    const [first] = free.rushes;
    const late = {
      ...free,
      rushes: [
        { ...first, lost: 0.05 },
        { ...first, name: 'Hare', lost: 0.019 },
      ],
    };
    answers({ 'POST /api/layout': told({ ...layouts, by_school: [late] }) });
    page();
    const region = await screen.findByRole('region', { name: 'Rushes' });
    const reached = region.querySelectorAll('.reached > li');
    expect(reached[0]).toHaveTextContent('loses 5%');
    expect(reached[1]).toHaveTextContent('in time');
  });

  it('say what will go wrong, with a way out', async () => {
    const faults = [
      { ...(free.faults[0] as object), sentence: 'Thumb and front clash.', way_out: 'Use the lens.' },
    ];
    answers({ 'POST /api/layout': told({ ...layouts, by_school: [{ ...free, faults }] }) });
    page();
    expect(await screen.findByText('Thumb and front clash.')).toBeVisible();
    expect(screen.getByText(/Use the lens\./)).toBeVisible();
  });

  it('keep a set where it is, leave a control free, and use all again', async () => {
    answers({ 'POST /api/layout': told(withSet) });
    const { user } = page();
    const controls = within(await screen.findByRole('region', { name: 'Controls' }));
    const place = holding.place;
    await user.click(controls.getAllByRole('button', { name: 'Keep this set here' })[0] as HTMLElement);
    await waitFor(() => expect(questions().at(-1)?.pins).toEqual({ [place]: holding.set }));
    expect(controls.getByRole('button', { name: 'Let go' })).toBeVisible();
    await user.click(controls.getAllByRole('button', { name: 'Leave it free' })[0] as HTMLElement);
    await waitFor(() => expect(questions().at(-1)?.pins).toEqual({ [place]: null }));
    expect(controls.getByText(/Left free:/)).toBeVisible();
    await user.click(controls.getByRole('button', { name: 'Use them again' }));
    await waitFor(() => expect(controls.queryByText(/Left free:/)).toBeNull());
  });

  it('remember what is set up already, whatever the layout', async () => {
    const first = page();
    const list = within(await screen.findByRole('region', { name: 'Setting it up' }));
    await first.user.click(list.getAllByRole('checkbox')[0] as HTMLElement);
    expect(list.getByText(/^1 of \d+ done$/)).toBeVisible();
    first.unmount();
    page();
    const again = within(await screen.findByRole('region', { name: 'Setting it up' }));
    expect(await again.findByText(/^1 of \d+ done$/)).toBeVisible();
  });

  it('show another school from the same answer', async () => {
    const { user, where } = page();
    await screen.findByRole('region', { name: 'Controls' });
    const many = questions().length;
    await user.click(screen.getByRole('button', { name: /Shutter button/ }));
    await waitFor(() => expect(where()).toContain('school=half-press'));
    expect(questions()).toHaveLength(many);
  });
});
