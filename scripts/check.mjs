/** Types, lint and format. */
import { install, runBeside, runBin } from './lib.mjs';

install();
runBin('svelte-kit', ['sync']);
const types = runBeside('svelte-check', ['--fail-on-warnings']);
await runBeside('eslint', ['.', '--max-warnings', '0']);
await runBeside('prettier', ['--check', '--log-level', 'warn', '.']);
await types;
console.log('Types, lint and format are fine.');
