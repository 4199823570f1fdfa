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
  // What is loaded on demand is still there then.
  process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
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
  const modules = names.map(async (name) => [
    name,
    await import(pathToFileURL(join(folder, `${name}.mjs`)).href)
  ]);
  return Object.fromEntries(await Promise.all(modules));
}
