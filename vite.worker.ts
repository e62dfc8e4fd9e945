import { build, type Plugin } from 'vite';

/** The same for the same files: their names carry a hash of their content. */
async function markOf(files: string[]): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(files.join()));
  return [...new Uint8Array(digest)].slice(0, 8).map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Writes public/sw.js after the build, with the list of what it keeps so that the page opens without a connection. */
export function worker(): Plugin {
  let files: string[] = [];
  return {
    name: 'worker',
    apply: 'build',
    writeBundle(_, bundle) {
      // Poses are for a desk, which needs a connection anyway.
      files = Object.entries(bundle)
        .filter(([file, made]) => /\.(js|css|woff2)$/.test(file) && !(made.type === 'chunk' && made.facadeModuleId?.includes('/ui/poses/')))
        .map(([file]) => file)
        .sort();
    },
    async closeBundle() {
      const revision = await markOf(files);
      const kept = [
        ...['/card', '/icon.svg'].map((url) => ({ url, revision })),
        ...files.map((file) => ({ url: `/build/${file}`, revision: null })),
      ];
      await build({
        configFile: false,
        logLevel: 'warn',
        define: { FILES_OF_THE_BUILD: JSON.stringify(kept), 'process.env.NODE_ENV': '"production"' },
        build: {
          lib: { entry: 'resources/js/worker/sw.ts', formats: ['iife'], name: 'worker', fileName: () => 'sw.js' },
          outDir: 'public',
          emptyOutDir: false,
          copyPublicDir: false,
          target: 'es2022',
        },
      });
    },
  };
}
