/**
 * Unit tests, then the built application in Chromium, then a short torture of the records. `unit`, `e2e` or `torture` as
 * an argument runs only those.
 */
import { build, chromium, freePort, install, runBeside, runBin, scriptBeside } from './lib.mjs';

const [only, ...rest] = process.argv.slice(2);
const wants = (kind) => only === undefined || only === kind;

const SHORT = ['--backups', '200', '--merges', '10', '--kills', '12', '--stretch', '9000'];

install();
const path = wants('e2e') || wants('torture') ? chromium() : '';
runBin('svelte-kit', ['sync']);
if (wants('e2e') || wants('torture')) build();
// Beside the unit tests: most of its time it waits for a browser.
const tortured = wants('torture')
  ? scriptBeside('tests/torture/torture.mjs', only ? rest : SHORT, { CHROMIUM_PATH: path })
  : null;
if (wants('unit')) await runBeside('vitest', ['run', ...rest]);
await tortured;
if (wants('e2e'))
  runBin('playwright', ['test', ...rest], { CHROMIUM_PATH: path, TEST_PORT: String(await freePort()) });
