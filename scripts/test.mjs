/** Unit tests, then the built application in Chromium. `unit` or `e2e` as an argument runs only those. */
import { build, chromium, freePort, install, runBin } from './lib.mjs';

const [only, ...rest] = process.argv.slice(2);
const wants = (kind) => only === undefined || only === kind;

install();
const path = wants('e2e') ? chromium() : '';
runBin('svelte-kit', ['sync']);
if (wants('unit')) runBin('vitest', ['run', ...rest]);
if (wants('e2e')) {
  build();
  runBin('playwright', ['test', ...rest], { CHROMIUM_PATH: path, TEST_PORT: String(await freePort()) });
}
