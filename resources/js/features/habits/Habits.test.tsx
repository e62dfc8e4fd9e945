import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { answers, bodies, offline, refused, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import HabitsPage from './HabitsPage';

const habits = { ...recorded('habits'), units: 'metric' as const, colours: 'dark' as const };
const page = () => open(<HabitsPage />, { at: '/habits', path: '/habits' });
const save = () => screen.findByRole('button', { name: 'Save' });

beforeEach(() => answers({ 'GET /api/habits': habits }));

describe('habits', () => {
  it('wait, and say why in vain', async () => {
    answers({ 'GET /api/habits': waiting });
    const { unmount } = page();
    expect(screen.getByText('Loading…')).toBeVisible();
    unmount();
    answers({ 'GET /api/habits': offline });
    page();
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('can only be saved once something was changed, and can be had back', async () => {
    const { user } = page();
    expect(await save()).toBeDisabled();
    const iso = screen.getByLabelText('ISO you go up to');
    const before = (iso as HTMLInputElement).value;
    await user.clear(iso);
    await user.type(iso, '3200');
    expect(await save()).toBeEnabled();
    await user.click(screen.getByRole('button', { name: 'Revert to saved' }));
    expect(await save()).toBeDisabled();
    await waitFor(() => expect(screen.getByLabelText('ISO you go up to')).toHaveValue(before));
  });

  it('are saved whole, and the units count at once', async () => {
    answers({ 'PUT /api/habits': { ...habits, units: 'imperial' } });
    const { user } = page();
    await save();
    await user.click(screen.getByLabelText('Units'));
    await user.click((await screen.findAllByTitle('Feet, mph')).at(-1) as HTMLElement);
    await user.click(await save());
    expect(await screen.findByText('Saved. New rushes start from this.')).toBeInTheDocument();
    expect(bodies('PUT /api/habits')).toEqual([{ ...habits, units: 'imperial' }]);
  });

  it('stay as they were written when they are refused', async () => {
    answers({
      'PUT /api/habits': refused(422, 'The ISO must be between 100 and 409600.', 'photographer.iso_ceiling'),
    });
    const { user } = page();
    await save();
    const iso = screen.getByLabelText('ISO you go up to');
    await user.clear(iso);
    await user.type(iso, '99');
    await user.click(await save());
    expect(await screen.findByText('The ISO must be between 100 and 409600.')).toBeInTheDocument();
    expect(iso).toHaveValue('99');
  });

  it('take a side, or leave it open to each rush', async () => {
    answers({ 'PUT /api/habits': habits });
    const { user } = page();
    await save();
    await user.click(screen.getByLabelText('Bursts'));
    await user.click((await screen.findAllByTitle('Two or three frames, well placed')).at(-1) as HTMLElement);
    await user.click(await save());
    await waitFor(() => expect(bodies('PUT /api/habits')).toHaveLength(1));
    expect(bodies('PUT /api/habits')[0]).toMatchObject({ schools: { bursts: 'short' } });
  });

  it('lead to the aim test', async () => {
    const { user, where } = page();
    await user.click(await screen.findByRole('button', { name: 'Test aim and following' }));
    expect(where()).toBe('/habits/aim');
  });
});
