/** Types, lint, what nobody uses, and format. */
import { install, runBeside, runBin } from './lib.mjs';

install();
runBin('svelte-kit', ['sync']);
const types = runBeside('svelte-check', ['--fail-on-warnings']);
await runBeside('eslint', ['.', '--max-warnings', '0']);
await runBeside('knip', ['--no-config-hints']);
await runBeside('prettier', ['--check', '--log-level', 'warn', '.']);
await types;
console.log('Types, lint and format are fine, and all is used.');
