import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** What the core must never reach for: it is handed its clock, its chance and its data. */
const CORE_RESTRICTIONS = {
  'no-restricted-imports': [
    'error',
    {
      patterns: [
        {
          group: [
            '$lib/*',
            '$app/*',
            '$env/*',
            'svelte',
            'svelte/*',
            'node:*',
            'drizzle-orm',
            '@libsql/*',
            'bits-ui',
          ],
          message: 'The core knows no interface, server or database.',
        },
      ],
    },
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random', message: 'Chance comes in as an argument.' },
    { object: 'Date', property: 'now', message: 'The clock comes in as an argument.' },
  ],
};

export default ts.config(
  { ignores: ['build', '.svelte-kit', 'node_modules', 'drizzle', 'tests/reference/plan-problems'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: {
      parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig },
    },
  },
  {
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      'svelte/no-navigation-without-resolve': 'off',
      // Playwright reads from the first argument which fixtures a function takes, also where it takes none.
      'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }],
    },
  },
  { files: ['src/core/**/*.ts'], ignores: ['**/*.test.ts'], rules: CORE_RESTRICTIONS },
);
