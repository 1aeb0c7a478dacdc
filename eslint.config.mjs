import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import typescript from 'typescript-eslint';

export default typescript.config(
  {
    ignores: [
      '**/node_modules/',
      '**/dist/',
      '**/.expo/',
      '.cache/',
      '.data/',
      'client/public/',
      'client/*.d.ts',
      '**/test-results/',
    ],
  },
  js.configs.recommended,
  ...typescript.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-console': ['error', { allow: ['error'] }],
    },
  },
  {
    // What core works out depends on what it is given: no clock, no chance, no network, no machine.
    files: ['core/src/**/*.ts'],
    ignores: ['core/src/**/*.test.ts', 'core/src/**/*.testing.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['fetch', 'process', 'window', 'document', 'navigator', 'localStorage', 'performance'].map((name) => ({
          name,
          message: 'core works out what it is given',
        })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'the time is given to core' },
        { object: 'Math', property: 'random', message: 'core draws nothing by chance' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'the time is given to core' },
      ],
    },
  },
  {
    // By types: no promise is left alone, and a switch over kinds names every one.
    files: ['{bench,client,contract,core,e2e,server,words}/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    files: ['client/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // What a page says is a message: words in its marks would be the same in every language.
    files: ['client/**/*.tsx'],
    ignores: ['client/**/*.test.tsx', 'client/**/*.testing.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'JSXText[value=/[a-zA-Z]{2}/]', message: 'words stand in words/' },
        {
          selector:
            'JSXAttribute[name.name=/^(label|title|hint|because|what|aria-label|placeholder)$/] > Literal[value=/[a-z]{3}/]',
          message: 'words stand in words/',
        },
      ],
    },
  },
  {
    files: ['**/*.cjs', '**/*.config.js', 'client/*.js'],
    languageOptions: {
      sourceType: 'commonjs',
      globals: { module: 'writable', require: 'readonly', __dirname: 'readonly' },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['scripts/**/*.mjs', 'bench/**/*.mjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        console: 'readonly',
        performance: 'readonly',
      },
    },
  },
  { files: ['e2e/support/test.ts'], rules: { 'no-empty-pattern': 'off', 'react-hooks/rules-of-hooks': 'off' } },
);
