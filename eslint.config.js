import js from '@eslint/js';
import ts from 'typescript-eslint';
import { flatConfigs, importX } from 'eslint-plugin-import-x';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import svelte from 'eslint-plugin-svelte';
import prettier from 'eslint-config-prettier';
import globals from 'globals';
import svelteConfig from './svelte.config.js';

const SVELTE = ['$app/*', 'svelte', 'svelte/*'];
/** Every way to write an import of a folder of the library. */
const folder = (name) => [`$lib/${name}`, `$lib/${name}/*`, `**/${name}`, `**/${name}/**`];

/** Forbids imports that would point against routes → ui → workers → print → words → data → core, and server → words. */
const layer = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [{ group: forbidden, message: 'This layer may not know that one.' }]
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
  {
    plugins: { 'import-x': importX },
    settings: {
      ...flatConfigs.typescript.settings,
      'import-x/extensions': ['.ts', '.js', '.mjs', '.svelte'],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts'], 'svelte-eslint-parser': ['.svelte'] },
      'import-x/resolver-next': [createTypeScriptImportResolver()]
    },
    rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] }
  },
  { files: ['scripts/**', 'tests/**', 'src/lib/server/**'], rules: { 'no-console': 'off' } },
  layer(['src/lib/core/**'], ['$lib/*', 'dexie', '**/data/**', '**/ui/**', '**/print/**', ...SVELTE]),
  layer(['src/lib/words/**'], ['dexie', ...['workers', 'print', 'server', 'ui'].flatMap(folder), ...SVELTE]),
  layer(
    ['src/lib/server/**'],
    ['dexie', ...['data', 'workers', 'print', 'ui'].flatMap(folder), 'svelte', 'svelte/*']
  ),
  layer(['src/lib/data/**'], [...['words', 'workers', 'print', 'server', 'ui'].flatMap(folder), ...SVELTE]),
  layer(['src/lib/workers/**'], [...['server', 'ui'].flatMap(folder), ...SVELTE]),
  layer(['src/lib/print/**'], [...['workers', 'server', 'ui'].flatMap(folder), ...SVELTE]),
  layer(['src/lib/ui/**'], [...folder('server'), '$lib/../routes/*', '**/routes/**']),
  {
    files: ['src/lib/ui/**', 'src/routes/**'],
    ignores: ['**/*.test.ts', '**/testing.svelte.ts', 'src/lib/ui/shell/versions.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[object.type='Identifier'][object.name='db']",
          message: 'Screens ask questions and give commands: no table is read or written here.'
        }
      ]
    }
  }
);
