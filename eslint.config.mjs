import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { downwards } from './house/downwards.mjs';

/** What the core must do without: interface code, the DOM, input and output, clocks and randomness. */
const impureGlobals = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'indexedDB',
  'fetch',
  'XMLHttpRequest',
  'Worker',
  'self',
  'performance',
  'process',
  'setTimeout',
  'setInterval',
  'requestAnimationFrame',
  'console',
  'Date',
].map((name) => ({ name, message: 'core/ is pure: pass what is needed as an argument.' }));

const impureImports = {
  patterns: [
    {
      group: ['react', 'react-*', 'dexie*', 'three', 'three-*', 'express', 'comlink'],
      message: 'core/ knows no interface, storage or server library.',
    },
    { group: ['node:*', 'fs', 'path', 'crypto'], message: 'core/ does no input or output.' },
    {
      group: ['**/web/**', '**/server/**', '@strut-spot/web', '@strut-spot/server'],
      message: 'Imports go web → core and server → core, never back.',
    },
  ],
};

/** `npm test` asks for the rules of hooks alone: those of the compiler take as long as all others together, and `npm run lint` has them. */
const hooks =
  process.env.STRUT_SPOT_LINT === 'quick'
    ? { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' }
    : reactHooks.configs.recommended.rules;

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/*.generated.ts', '.reports/**', 'core/kernel/assembly/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'max-lines': ['error', { max: 420, skipBlankLines: true }],
    },
  },
  {
    // What decides, judges and shows takes records; inner loops of mathematics, physics and pictures take bare numbers.
    files: [
      'core/src/words/**/*.ts',
      'core/src/judging/**/*.ts',
      'core/src/deciding/**/*.ts',
      'core/src/showing/{card,drawing,formats}/**/*.ts',
    ],
    ignores: ['**/*.test.ts'],
    rules: { 'max-params': ['error', 4] },
  },
  {
    files: ['core/src/**/*.ts', 'core/catalog/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', ...impureGlobals],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core/ is repeatable: pass a seeded generator.' },
      ],
      'no-restricted-imports': ['error', impureImports],
    },
  },
  {
    files: ['core/src/**/*.ts', 'core/catalog/**/*.ts', 'web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'web/src/demo/**'],
    plugins: { house: { rules: { downwards } } },
    rules: { 'house/downwards': 'error' },
  },
  {
    files: ['server/src/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/web/**', '@strut-spot/web', 'react', 'dexie*'], message: 'server → core only.' }] },
      ],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: hooks,
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['web/src/storage/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            { name: 'dexie', message: 'Only src/storage knows Dexie.' },
            { name: 'dexie-react-hooks', message: 'Only src/storage knows Dexie.' },
          ],
        },
      ],
    },
  },
  {
    files: ['**/*.cjs'],
    languageOptions: { sourceType: 'commonjs', globals: { module: 'writable', require: 'readonly' } },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['**/*.mjs'],
    languageOptions: {
      globals: {
        jest: 'readonly',
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        fetch: 'readonly',
      },
    },
  },
);
