import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';
import { readFileSync } from 'node:fs';
import { collectNotices } from './scripts/notices.mjs';
import { threads } from './scripts/threads.mjs';

const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };

export default defineConfig({
  plugins: [threads(), tailwindcss(), sveltekit(), collectNotices()],
  define: { __APP_VERSION__: JSON.stringify(version) },
  worker: { format: 'es', plugins: () => [collectNotices()] },
  build: { chunkSizeWarningLimit: 1200 },
  test: {
    environment: 'node',
    // Properties over thousands of cases take their time on a busy machine.
    testTimeout: 30_000,
    // By itself it would leave a core idle for whoever watches.
    maxWorkers: 2,
    projects: [
      // These leave nothing behind: what they share is read in once, which is most of their time.
      {
        extends: true,
        test: {
          name: 'rules',
          isolate: false,
          // Before anything that looks for a database when it is loaded.
          setupFiles: ['fake-indexeddb/auto'],
          include: ['src/**/!(*.svelte).test.ts']
        }
      },
      // What screens keep, with the reactivity that a browser has.
      {
        extends: true,
        resolve: { conditions: ['browser'] },
        test: { name: 'screens', environment: 'happy-dom', include: ['src/**/*.svelte.test.ts'] }
      }
    ]
  }
});
