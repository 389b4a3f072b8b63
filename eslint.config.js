import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/**', 'node_modules/**', '.data/**', 'test-results/**'] },
  ...tseslint.configs.recommended,
  { files: ['web/**/*.{ts,tsx}'], plugins: { 'react-hooks': reactHooks }, rules: reactHooks.configs.recommended.rules },
  {
    rules: {
      eqeqeq: 'error',
      'no-restricted-globals': ['error', 'event', 'name'],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    // What is kept on the device goes through one port: a browser may refuse it, and what lies there may be old.
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['web/src/base/kept.ts', '**/*.test.tsx'],
    rules: { 'no-restricted-globals': ['error', 'event', 'name', 'localStorage', 'sessionStorage'] },
  },
  {
    // A view that is longer than this does several things: each has a name.
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*'],
    rules: { 'max-lines-per-function': ['error', { max: 100 }] },
  },
  {
    files: ['core/src/**/*.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
    },
  },
);
