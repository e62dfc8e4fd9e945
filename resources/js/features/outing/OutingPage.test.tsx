import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Outing } from '../../api/day';
import { type Answers, answers, asked, bodies, refused, sample, told, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import OutingPage from './OutingPage';

const day = recorded('day');
const whole = recorded('outing');
const document = { ...whole.document, rushes: whole.document.rushes.slice(0, 2) };
const kept = { ...whole, id: '7', gone: 0, document };
const rushes = recorded('rushes');
const fresh = (): Answers => ({
  'GET /api/outings/{id}': kept as never,
  'GET /api/outings/{id}/bursts': [],
  'GET /api/rushes': rushes,
  'GET /api/places': [],
  'GET /api/places/daylight': { rises: '04:53', sets: '22:16', up: true },
  'POST /api/day': told(day, [0.5]),
});
const page = (at = '/outings/7') =>
  open(<OutingPage />, { at, path: at.endsWith('new') ? '/outings/new' : '/outings/:id' });
const planned = () => screen.findByText(/wanted frames kept/);
const days = () => bodies('POST /api/day').map((body) => (body as { outing: Outing }).outing);

beforeEach(() => answers(fresh()));

describe('an outing', () => {
  it('says how many wanted frames are kept of how many in the best order', async () => {
    answers({
      'POST /api/day': told({ ...day, kept_wanted: 80.2, best_wanted: 95, played: true, left_out: [] }),
    });
    page();
    expect((await planned()).textContent).toContain('80 wanted frames kept of 95 in the best order');
  });

  it('tells what is reckoned from what is played, and what will not fit', async () => {
    answers({ 'POST /api/day': told({ ...day, played: false, left_out: [0, 1] }) });
    page();
    expect((await planned()).textContent).toContain('if nothing goes wrong; playing it…');
    expect(screen.getByText('2 will not fit')).toBeVisible();
  });

  it('waits for the day without hiding what was entered', async () => {
    answers({ 'POST /api/day': waiting });
    page();
    expect(await screen.findByRole('region', { name: 'Rushes of the outing' })).toBeVisible();
    expect(screen.queryByText(/wanted frames kept/)).toBeNull();
  });

  it('says what is wrong, keeps what was entered, and asks again', async () => {
    answers({
      'POST /api/day': refused(422, 'The length must be between 5 and 480 min; 2 was given.', 'rushes'),
    });
    const { user } = page();
    const alert = await screen.findByRole('alert');
    expect(alert).toHaveTextContent('between 5 and 480 min; 2 was given. What you entered stays.');
    answers({ 'POST /api/day': told(day) });
    await user.click(within(alert).getByRole('button', { name: 'Try again' }));
    expect(await planned()).toBeVisible();
  });

  it('says when it is not there', async () => {
    answers({ 'GET /api/outings/{id}': refused(404, 'There is no such outing.') });
    page();
    expect(await screen.findByText('There is no such outing.')).toBeVisible();
  });

  it('says when rushes of it were deleted', async () => {
    answers({ 'GET /api/outings/{id}': { ...kept, gone: 2 } as never });
    page();
    expect(await screen.findByText(/^2 of its rushes were deleted\./)).toBeVisible();
  });

  it('can only be saved once it was changed, and says so', async () => {
    answers({
      'PUT /api/outings/{id}': ({ body }) => ({ ...kept, version: 2, ...(body as object) }) as never,
    });
    const { user } = page();
    await planned();
    expect(screen.getByRole('button', { name: 'Saved' })).toBeDisabled();
    await user.click(screen.getByRole('button', { name: 'Change' }));
    const name = screen.getByLabelText('Name of the outing');
    await user.clear(name);
    await user.type(name, 'Cliff in June');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByRole('button', { name: 'Saved' })).toBeDisabled();
    expect(bodies('PUT /api/outings/{id}')[0]).toMatchObject({
      version: kept.version,
      document: { name: 'Cliff in June' },
    });
  });

  it('lets one choose when it was changed in another window meanwhile', async () => {
    answers({
      'PUT /api/outings/{id}': refused(409, 'It was saved elsewhere at 10:04.'),
      'POST /api/outings': { ...kept, id: '8' } as never,
    });
    const { user, where } = page();
    await planned();
    await user.click(screen.getByRole('button', { name: 'Change' }));
    await user.type(screen.getByLabelText('Name of the outing'), '!');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await user.click(await screen.findByRole('button', { name: 'Save mine as a copy' }));
    await waitFor(() => expect(where()).toBe('/outings/8'));
  });

  it('brings back what was left unsaved, and drops it when asked', async () => {
    const first = page();
    await planned();
    await first.user.click(screen.getByRole('button', { name: 'Change' }));
    await first.user.type(screen.getByLabelText('Name of the outing'), ' again');
    first.unmount();
    const { user } = page();
    expect(await screen.findByText(/Unsaved changes restored/)).toBeVisible();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(`${kept.document.name} again`);
    await user.click(screen.getByRole('button', { name: 'Drop it' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      new RegExp(`^${kept.document.name}$`),
    );
  });

  it('leaves a rush out, and takes one in, and asks for the day anew', async () => {
    const { user } = page();
    await planned();
    const entries = () =>
      within(screen.getByRole('region', { name: 'Rushes of the outing' })).getAllByRole('button', {
        name: /^Leave out/,
      });
    const many = entries().length;
    await user.click(entries()[0] as HTMLElement);
    await waitFor(() => expect(days().at(-1)?.rushes).toHaveLength(many - 1));
    expect(days().at(-1)?.order).toBe('solved');
    await user.click(screen.getByLabelText('Add a rush'));
    const left = rushes.items.find(
      (rush) => !kept.document.rushes.slice(1).some((entry) => entry.rush === rush.id),
    );
    await user.click((await screen.findAllByTitle(left?.name ?? '')).at(-1) as HTMLElement);
    await waitFor(() => expect(days().at(-1)?.rushes).toHaveLength(many));
    expect(days().at(-1)?.rushes.at(-1)?.rush).toBe(left?.id);
  });

  it('ticks what is looked at before leaving with the day it was done, without planning anew', async () => {
    const { user } = page();
    await planned();
    const before = days().length;
    const list = within(screen.getByRole('region', { name: 'Before leaving' }));
    const many = day.checklist.length;
    expect(list.getByText(`0 of ${many} done`)).toBeVisible();
    await user.click(list.getAllByRole('checkbox')[0] as HTMLElement);
    expect(await list.findByText(`1 of ${many} done`)).toBeVisible();
    expect(days()).toHaveLength(before);
    expect(screen.getByRole('button', { name: 'Save' })).toBeEnabled();
  });

  it('shows the cautions of the place', async () => {
    const caution = { what: 'cliff', sentence: 'Stay back from the edge.' };
    answers({ 'POST /api/day': told({ ...day, cautions: [caution] }) });
    page();
    expect(await screen.findByText('Stay back from the edge.')).toHaveClass('caution');
  });

  it('has its light and its hours as a table as well', async () => {
    const { user } = page();
    await planned();
    await user.click(screen.getByRole('button', { name: 'Table: What each rush keeps at which hour' }));
    const table = screen.getByRole('table', { name: 'What each rush keeps at which hour' });
    expect(within(table).getAllByRole('row').length).toBeGreaterThan(3);
  });
});

describe('a new outing', () => {
  it('leads to a first rush where there is none', async () => {
    answers({ 'GET /api/rushes': { items: [], next: null } });
    page('/outings/new');
    expect(await screen.findByText(/An outing is made of rushes\./)).toBeVisible();
    expect(asked.some(({ call }) => call === 'POST /api/day')).toBe(false);
  });

  it('asks where before it reckons anything, and begins at sunrise there', async () => {
    const { user } = page('/outings/new');
    const place = await screen.findByRole('region', { name: 'Where will you be?' });
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
    await user.type(within(place).getByRole('combobox'), '55.5 N, 9 W');
    await user.click(await screen.findByText('Use 55.50, −9.00'));
    await planned();
    await waitFor(() => expect(days().at(-1)).toMatchObject({ from: '04:45', to: '09:45' }));
    expect(days().at(-1)?.place).toMatchObject({ latitude_deg: 55.5, longitude_deg: -9 });
    // The zone is that of the place, not that of the device.
    expect(days().at(-1)?.place.zone).not.toBe('UTC');
    expect(asked.find(({ call }) => call === 'GET /api/places/daylight')?.query).toMatchObject({
      latitude_deg: '55.5',
      zone: days().at(-1)?.place.zone,
    });
  });

  it('begins with the rushes worked on last, in the best order, and gets an address of its own', async () => {
    answers({
      'POST /api/outings': { ...kept, id: '9' } as never,
      'GET /api/outings': [sample('OutingSummary', { id: '7' })],
    });
    const { user, where } = page('/outings/new');
    await planned();
    expect(days()[0]?.rushes.map((entry) => entry.rush)).toEqual(
      rushes.items.slice(0, 5).map((rush) => rush.id),
    );
    expect(days()[0]?.order).toBe('solved');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(where()).toBe('/outings/9'));
  });
});
