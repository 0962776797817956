import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** What happened in a cook is read off its timeline: only core/cook looks at the kinds of marks. */
const marksAreFolded = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { kind: 'Read the timeline of core/cook: kinds of marks are folded there, once.' },
  },
  create(context) {
    const { parserServices } = context.sourceCode;
    const checker = parserServices.program.getTypeChecker();
    const isMark = (node) => {
      const type = checker.getNonNullableType(parserServices.getTypeAtLocation(node));
      const parts = type.isUnion() ? type.types : [type];
      return parts.some((part) => part.symbol?.name === 'Mark');
    };
    return {
      'MemberExpression[property.name="kind"]'(node) {
        if (isMark(node.object)) context.report({ node, messageId: 'kind' });
      },
      'ObjectPattern > Property[key.name="kind"]'(node) {
        if (isMark(node.parent)) context.report({ node, messageId: 'kind' });
      },
    };
  },
};

export default ts.config(
  {
    ignores: [
      'public/',
      'build/',
      '.next/',
      'node_modules/',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      // Leaving a field out by taking it apart.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      'no-console': ['error', { allow: ['error'] }],
    },
  },
  {
    // Where there are components and hooks: these rules compile every file that they look at.
    files: ['src/{app,drawings,screens,ui}/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: hooks.configs['recommended'].rules,
  },
  {
    // What needs the types of a whole program; tests have their types from the compiler.
    files: ['{src,scripts,cli,bench}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
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
    files: ['{src,scripts,cli,bench}/**/*.{ts,tsx}'],
    ignores: ['src/core/cook/**', 'src/core/testing/**', '**/*.test.{ts,tsx}', 'e2e/**'],
    plugins: { retort: { rules: { 'marks-are-folded': marksAreFolded } } },
    rules: { 'retort/marks-are-folded': 'error' },
  },
  {
    // What shows or decides anything is handed its clock, so that a cook can be rehearsed.
    files: ['src/{screens,ui,store,workers,formats}/**/*.{ts,tsx}', 'src/session/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}', 'src/session/clock.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Take the time from the clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Take the time from the clock.',
        },
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
  {
    // What is no module asks for what it needs by a call.
    files: ['**/*.cjs'],
    languageOptions: {
      globals: {
        require: 'readonly',
        exports: 'readonly',
        global: 'readonly',
        document: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
);
