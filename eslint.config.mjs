import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['.next/', 'node_modules/', 'next-env.d.ts', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs['recommended'].rules,
      '@typescript-eslint/consistent-type-imports': 'error',
      // Leaving a field out by taking it apart.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      'no-console': ['error', { allow: ['error'] }],
    },
    languageOptions: { parserOptions: { projectService: true } },
  },
  {
    // The core computes and nothing else: no clock, no chance, no interface.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'indexedDB',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seeded generator.' },
        { object: 'Date', property: 'now', message: 'Pass the time in.' },
      ],
    },
  },
  {
    files: ['**/*.{mjs,cjs}', 'scripts/**', 'cli/**', 'bench/**'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        module: 'writable',
        URL: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
      },
    },
    rules: { 'no-console': 'off' },
  },
);
