import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Imports point one way: web → contract → core; server → contract → core. */
const forbid = (files, ...names) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: names.map((name) => ({
          group: [name],
          message: 'Imports point one way; see docs/architecture.md',
        })),
      },
    ],
  },
});

export default tseslint.config(
  { ignores: ['**/node_modules', 'dist', '.data', '**/*.js', '**/*.cjs', 'test-results'] },
  ...tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: {
      parserOptions: {
        // One programme over everything: each file is understood once, not once for every package that uses it.
        project: './tsconfig.lint.json',
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false } },
      ],
      'no-console': 'error',
      eqeqeq: 'error',
    },
  },
  {
    files: ['packages/web/src/**/*.{ts,tsx}'],
    // Tests show components and hold none.
    ignores: ['**/*.test.*'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  {
    // A component that grows beyond a page is a hook and a view.
    files: ['packages/web/src/**/*.tsx'],
    ignores: ['**/*.test.*'],
    rules: { 'max-lines-per-function': ['error', { max: 150 }] },
  },
  forbid(['packages/core/src/**/*.ts'], '@patient-edge/*', 'node:*', 'react', 'express', 'joi'),
  forbid(
    ['packages/contract/src/**/*.ts'],
    '@patient-edge/server',
    '@patient-edge/web',
    'node:*',
    'react',
  ),
  forbid(['packages/devices/src/**/*.ts'], '@patient-edge/*'),
  forbid(['packages/server/src/**/*.ts'], '@patient-edge/web', 'react'),
  forbid(['packages/web/src/**/*.{ts,tsx}'], '@patient-edge/server', 'node:*', 'mysql2*'),
  {
    // SQL stands only in queries.ts, the database folder and migrations.
    files: ['packages/server/src/**/*.ts'],
    ignores: ['**/queries.ts', '**/database/**', '**/*.test.ts', '**/rows.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'TemplateElement[value.raw=/^\\s*(SELECT|INSERT INTO|UPDATE|DELETE FROM|REPLACE INTO) /]',
          message: 'SQL stands only in queries.ts',
        },
        {
          selector: 'Literal[value=/^\\s*(SELECT|INSERT INTO|UPDATE|DELETE FROM|REPLACE INTO) /]',
          message: 'SQL stands only in queries.ts',
        },
      ],
    },
  },
);
