/** Types, lint and format. */
import { install, runBin } from './lib.mjs';

install();
runBin('svelte-kit', ['sync']);
runBin('svelte-check', ['--fail-on-warnings']);
runBin('eslint', ['.', '--max-warnings', '0']);
runBin('prettier', ['--check', '--log-level', 'warn', '.']);
console.log('Types, lint and format are fine.');
