import { defineConfig } from 'vitest/config';

// Plain functions only: what needs a page is tested in one, by tests/Browser.
export default defineConfig({
  test: { include: ['resources/js/**/*.test.ts'], environment: 'node' },
});
