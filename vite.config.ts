import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { messages } from './vite.words';
import { worker } from './vite.worker';

declare const process: { env: Record<string, string | undefined> };

/** Where bin/dev has the address of the development server written. */
const hotFile = process.env.VITE_HOT_FILE;

export default defineConfig({
  plugins: [
    laravel({ input: 'resources/js/main.tsx', ...(hotFile ? { hotFile } : {}) }),
    react(),
    messages(),
    worker(),
  ],
  // Messages are read at build.
  resolve: {
    alias: { '@formatjs/icu-messageformat-parser': '@formatjs/icu-messageformat-parser/no-parser.js' },
  },
  build: {
    target: 'es2022',
    // Of what a door opens on, only what is used comes along.
    rolldownOptions: { treeshake: { moduleSideEffects: (id) => !/\/features\/[^?]+\.tsx?$/.test(id) } },
  },
});
