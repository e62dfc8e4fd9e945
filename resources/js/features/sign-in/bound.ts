import { useSearchParams } from 'react-router';

const KEY = 'rush-hold.bound';

/** Where somebody wanted to go before the door stopped them: an address of ours, else the first page. */
export function boundIn(params: URLSearchParams): string {
  const to = params.get('to');
  return to?.startsWith('/') && !to.startsWith('//') ? to : '/';
}

export const useBound = () => boundIn(useSearchParams()[0]);

/** Keeps it for the window that the link in a letter opens. */
export const rememberBound = (to: string) => localStorage.setItem(KEY, to);

/** What was kept, once. */
export function takeBound(): string {
  const to = localStorage.getItem(KEY);
  localStorage.removeItem(KEY);
  return boundIn(new URLSearchParams(to ? { to } : {}));
}
