import js from '@eslint/js';
import ts from 'typescript-eslint';
import svelte from 'eslint-plugin-svelte';
import prettier from 'eslint-config-prettier';
import globals from 'globals';
import svelteConfig from './svelte.config.js';

/** Forbids imports that would point against routes → ui → workers, print → data → core. */
const layer = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: forbidden.map((group) => ({ group: [group], message: 'This layer may not know that one.' }))
      }
    ]
  }
});

export default ts.config(
  { ignores: ['**/build/', '**/.svelte-kit/', '.svelte-kit/', 'node_modules/', 'test-results/'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node, __APP_VERSION__: 'readonly' } },
    rules: {
      'no-undef': 'off',
      'no-console': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      'svelte/no-navigation-without-resolve': 'off'
    }
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } }
  },
  { files: ['scripts/**', 'tests/**'], rules: { 'no-console': 'off' } },
  layer(
    ['src/lib/core/**'],
    ['$lib/*', '$app/*', 'svelte', 'svelte/*', 'dexie', '**/data/**', '**/ui/**', '**/print/**']
  ),
  layer(
    ['src/lib/data/**'],
    ['$lib/ui/*', '$lib/ui', '$lib/print', '$lib/print/*', '$app/*', 'svelte', 'svelte/*']
  ),
  layer(
    ['src/lib/workers/**'],
    ['$lib/ui/*', '$lib/ui', '$lib/print', '$lib/print/*', '$app/*', 'svelte', 'svelte/*']
  ),
  layer(['src/lib/print/**'], ['$lib/ui/*', '$lib/ui', '$app/*', 'svelte', 'svelte/*']),
  layer(['src/lib/ui/**'], ['$lib/../routes/*', '**/routes/**'])
);
