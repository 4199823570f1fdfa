import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { root } from '../lib.mjs';

/**
 * Parts of the core as pages and workers have them: built, without the detours of a development server, which cost a
 * third of the time of what reads much.
 *
 * @param names their folders in the core
 * @returns the modules by their names
 */
export async function bundled(...names) {
  const folder = mkdtempSync(join(tmpdir(), 'jarvel-bench-'));
  try {
    await build({
      root,
      configFile: false,
      logLevel: 'error',
      build: {
        ssr: true,
        outDir: folder,
        rolldownOptions: {
          input: Object.fromEntries(names.map((name) => [name, join(root, `src/lib/core/${name}/index.ts`)])),
          output: { entryFileNames: '[name].mjs' }
        }
      }
    });
    const modules = await Promise.all(
      names.map(async (name) => [name, await import(pathToFileURL(join(folder, `${name}.mjs`)).href)])
    );
    // What is loaded on demand is loaded while it is there.
    const { checks } = Object.fromEntries(modules);
    await Promise.all(['violin', 'viola', 'cello', 'bass'].map((family) => checks?.checksFor(family)));
    return Object.fromEntries(modules);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
