import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Plan } from '../../api/client';
import type { Outing } from '../../api/day';
import { answers, asked, bodies, refused } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { Carry } from './Carry';

const plan = recorded('rank') as unknown as Plan;
const outing = recorded('outing');
const kept = { ...outing, id: '8', gone: 0 } as never;
const carry = (id: string | null = '5') =>
  open(<Carry name="Tern, 20 m" plan={plan} onKept={() => Promise.resolve(id ?? undefined)} />, {
    at: '/rushes/5',
    path: '/rushes/:id',
  });
const press = async (user: ReturnType<typeof carry>['user'], what: string) => {
  await user.click(screen.getByRole('button', { name: 'Carry' }));
  await user.click(await screen.findByText(what));
};
const made = () => (bodies('POST /api/outings')[0] as { document: Outing } | undefined)?.document;

beforeEach(() => answers({ 'GET /api/outings': [], 'POST /api/outings': kept }));

describe('what stands on the desk', () => {
  it('is carried at once, in the light that stands there, from now on', async () => {
    const { user, where } = carry();
    await press(user, 'Card on this device');
    await waitFor(() => expect(where()).toBe('/card/8'));
    expect(made()).toMatchObject({ name: 'Tern, 20 m', ev100: Number(plan.light.ev100.toFixed(1)) });
    expect(made()?.rushes.map(({ rush }) => rush)).toEqual(['5']);
    expect(made()?.place.zone).toBe(Intl.DateTimeFormat().resolvedOptions().timeZone);
  });

  it('leads to its buttons without an outing', async () => {
    const { user, where } = carry();
    await press(user, 'Buttons for it');
    await waitFor(() => expect(where()).toBe('/kit/layouts?rushes=5'));
    expect(made()).toBeUndefined();
  });

  it('stays where it is when it cannot be saved', async () => {
    const { user, where } = carry(null);
    // An id that is not there stands for a save that was refused.
    await press(user, 'Card on this device');
    await waitFor(() => expect(screen.getByRole('button', { name: 'Carry' })).toBeEnabled());
    expect([where(), made()]).toEqual(['/rushes/5', undefined]);
  });

  it('says why it cannot be carried', async () => {
    answers({ 'POST /api/outings': refused(422, 'You have 500 outings, which is as many as there may be.') });
    const { user } = carry();
    await press(user, 'Link for somebody else');
    expect(await screen.findByText(/as many as there may be/)).toBeVisible();
    expect(asked.some(({ call }) => call.includes('links'))).toBe(false);
  });
});
