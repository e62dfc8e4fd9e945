import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

// Plain functions run without a page; parts and screens in one that is made up. What only a browser can show is tested in
// one, by tests/Browser.
export default defineConfig({
  plugins: [react()],
  test: {
    silent: 'passed-only',
    testTimeout: 20_000,
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
          setupFiles: ['resources/js/testing/setup.ts'],
        },
      },
    ],
  },
});
