import '@testing-library/jest-dom/vitest';
import './window';
import { onlineManager } from '@tanstack/react-query';
import { cleanup, configure } from '@testing-library/react';
import { afterAll, afterEach, beforeAll, beforeEach, vi } from 'vitest';
import { answers, asked, server, somebody, unanswered } from './answers';

// What is looked for may take a while beside other work; what is there is found at once.
configure({
  asyncUtilTimeout: 5000,
  // Looking whether anything around an element hides it takes longer than all the rest; tests of that ask for it.
  defaultHidden: true,
  // What was not found, and what the page said instead; its mark-up says less than it is long.
  getElementError: (message, container) =>
    new Error(`${message?.split('\n\n')[0]}\n${container.textContent}`),
});

/** What the page says of requests that failed, as tests have them fail. */
const EXPECTED = /^(GET|POST|PUT|PATCH|DELETE) http|socket hang up|Network error|AbortError/;
const complaints: string[] = [];

beforeAll(() =>
  server.listen({
    onUnhandledRequest: ({ method, url }) => {
      unanswered.push(`${method} ${new URL(url).pathname}`);
    },
  }),
);

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  onlineManager.setOnline(true);
  asked.length = 0;
  complaints.length = 0;
  for (const level of ['error', 'warn'] as const)
    vi.spyOn(console, level).mockImplementation((...said) => {
      const text = said.map(String).join(' ');
      if (!EXPECTED.test(text)) complaints.push(text);
    });
  answers(somebody());
});

afterEach(() => {
  cleanup();
  server.resetHandlers();
  vi.useRealTimers();
  vi.restoreAllMocks();
  // A screen that asks for something its test has not thought of: a mistake in one of both.
  const missing = unanswered.splice(0);
  if (missing.length > 0) throw new Error(`Nobody answers ${missing.join(', ')}.`);
  if (complaints.length > 0) throw new Error(`The console complains:\n${complaints.join('\n')}`);
});

afterAll(() => server.close());
