import js from '@eslint/js'
import reactHooks from 'eslint-plugin-react-hooks'
import globals from 'globals'
import tseslint from 'typescript-eslint'

/** Rules that need no types; those that do are oxlint's, which asks the native compiler. */
export default tseslint.config(
  { ignores: ['**/dist/**', '**/dist-types/**', '**/node_modules/**', '.demo/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended.map((config) => ({ ...config, files: ['**/*.ts', '**/*.tsx'] })),
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off', // typed-array reads inside bounded loops
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportDefaultDeclaration', message: 'Name what you export.' },
        {
          selector: 'ExportAllDeclaration:not([source.value=/index.js$/])',
          message: 'Say what is public; only doors of folders are gathered whole.',
        },
        { selector: 'TSEnumDeclaration', message: 'Use a union of strings.' },
      ],
    },
  },
  {
    files: ['packages/contract/src/text/**/*.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "TSAsExpression[typeAnnotation.typeName.name='Record']",
          message: 'Say what it satisfies: a wider type hides a missing name.',
        },
      ],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: {
      'no-restricted-globals': ['error', 'Date', 'console', 'process', 'window', 'document', 'fetch', 'setTimeout'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random', message: 'Chance is handed in.' }],
      '@typescript-eslint/no-explicit-any': 'error',
    },
  },
  { files: ['packages/core/src/plan/clock.ts'], rules: { 'no-restricted-globals': 'off' } }, // calendar arithmetic on dates handed in; reads no clock
  {
    files: ['packages/web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    languageOptions: { globals: globals.browser },
    rules: reactHooks.configs.recommended.rules,
  },
  // Parts of the scripts run in a page.
  { files: ['scripts/**/*.mjs', '*.mjs'], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  {
    files: ['**/vite.config.ts', '**/vitest.config.ts', '**/playwright.config.ts', '**/bundle.ts', '**/*.worker.ts', '**/*.process.ts'],
    rules: { 'no-restricted-syntax': 'off' },
  },
)
