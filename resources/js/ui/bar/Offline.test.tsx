import { onlineManager } from '@tanstack/react-query';
import { act, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { open } from '../../testing/open';
import { Offline } from './Offline';

afterEach(() => onlineManager.setOnline(true));

it('leads to the cards while there is no connection, and goes once there is one', () => {
  open(<Offline />, { at: '/review' });
  expect(screen.queryByText(/No connection/)).toBeNull();
  act(() => onlineManager.setOnline(false));
  expect(screen.getByRole('link', { name: 'Cards on this device' })).toHaveAttribute('href', '/card');
  expect(screen.getByRole('button', { name: 'Try again' })).toBeVisible();
  act(() => onlineManager.setOnline(true));
  expect(screen.queryByText(/No connection/)).toBeNull();
});
