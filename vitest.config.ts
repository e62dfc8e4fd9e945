import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { messages } from './vite.words';

// Plain functions run without a page; parts and screens in one that is made up. What only a browser can show is tested in
// one, by tests/Browser.
export default defineConfig({
  plugins: [react(), messages()],
  test: {
    silent: 'passed-only',
    testTimeout: 20_000,
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: { name: 'functions', include: ['resources/js/**/*.test.ts'], environment: 'node' },
      },
      {
        extends: true,
        test: {
          name: 'components',
          include: ['resources/js/**/*.test.tsx'],
          environment: 'happy-dom',
          // Libraries are read once; whatever a test leaves behind is cleared away by the set-up.
          isolate: false,
          // Beside servers and a simulation a test may run out of patience once; it is said that it was tried again.
          retry: 1,
          setupFiles: ['resources/js/testing/setup.ts'],
        },
      },
    ],
  },
});
