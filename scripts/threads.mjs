import { fileURLToPath } from 'node:url';
import { build } from 'vite';

const ASKED = '?thread';
const lib = fileURLToPath(new URL('../src/lib', import.meta.url));

/**
 * Turns `./work.ts?thread` into the text of a script that a thread of the server runs, with all that it imports except
 * packages: the same in development, in tests and as built.
 *
 * @returns {import('vite').Plugin}
 */
export const threads = () => ({
  name: 'threads',
  enforce: 'pre',
  async load(id) {
    if (!id.endsWith(ASKED)) return undefined;
    const entry = id.slice(0, -ASKED.length);
    this.addWatchFile(entry);
    const [made] = [
      await build({
        configFile: false,
        logLevel: 'error',
        resolve: { alias: { $lib: lib } },
        ssr: { external: true },
        build: { ssr: entry, write: false, rolldownOptions: { output: { format: 'cjs' } } }
      })
    ].flat();
    if (!made || !('output' in made)) throw new Error(`${entry} could not be put together.`);
    return `export default ${JSON.stringify(made.output[0].code)};`;
  }
});
