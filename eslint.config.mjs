import { defineConfig, globalIgnores } from 'eslint/config';
import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTs from 'eslint-config-next/typescript';

/** The order inside the core, lowest first: a folder imports only what stands before it. See docs/architecture.md. */
const CORE = [
  'base',
  'reference',
  'colour',
  'room',
  'pattern',
  'units',
  'paint',
  'light',
  'appearance',
  'judge',
  'eye',
  'companions',
  'plan',
  'record',
  'derived',
  'scheme',
  'house',
  'handover',
  'formats',
  'operations',
  'engine',
];
const inCore = CORE.flatMap((folder, i) =>
  CORE.slice(i + 1).map((higher) => ({ target: `./src/core/${folder}`, from: `./src/core/${higher}` })),
);

const zone = (target, ...from) => from.map((f) => ({ target: `./src/${target}`, from: `./src/${f}` }));

export default defineConfig([
  ...nextVitals,
  ...nextTs,
  globalIgnores([
    '.next/**',
    'var/**',
    'next-env.d.ts',
    'src/core/reference/**',
    'src/server/looks/client-page-made.ts',
    'test-results/**',
    'playwright-report/**',
  ]),
  {
    files: ['src/**/*.{ts,tsx}'],
    settings: { 'import/resolver': { typescript: true } },
    rules: {
      'import/no-default-export': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 12],
      'max-params': ['error', 4],
      eqeqeq: 'error',
      'max-len': ['error', { code: 140, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true }],
    },
  },
  {
    // a table of tests may be long
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'TSAsExpression > TSNeverKeyword',
          message: 'A cast to never says nothing: call by `byTag`, or give the table its type.',
        },
        {
          selector:
            'ConditionalExpression > ConditionalExpression.test, ConditionalExpression > ConditionalExpression.consequent',
          message: 'A condition within a condition: name the inner one.',
        },
      ],
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      // what is left out of a copy is named by an underscore
      '@typescript-eslint/no-unused-vars': [
        'warn',
        { argsIgnorePattern: '^_+$', varsIgnorePattern: '^_+$', ignoreRestSiblings: true },
      ],
    },
  },
  {
    // tests may look at more than what they test
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    settings: { 'import/resolver': { typescript: true } },
    rules: {
      'import/no-restricted-paths': [
        'error',
        {
          zones: [
            ...inCore,
            ...zone('core', 'data', 'server', 'devices', 'features', 'ui', 'app', 'workers', 'cli'),
            ...zone('data', 'server', 'devices', 'features', 'ui', 'app', 'workers', 'cli'),
            ...zone('devices', 'data', 'server', 'features', 'ui', 'app', 'workers', 'cli'),
            ...zone('workers', 'data', 'server', 'devices', 'features', 'ui', 'app', 'cli'),
            ...zone('cli', 'devices', 'features', 'ui', 'app', 'workers'),
            ...zone('server', 'features', 'ui', 'app', 'workers', 'cli'),
            ...zone('ui', 'data', 'server', 'devices', 'features', 'app', 'cli'),
            ...zone('features', 'data', 'devices', 'app', 'cli'),
          ],
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['node:*', 'next', 'next/*', 'react', 'react-dom', '@electric-sql/*'] }],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'process',
        'console',
        'setTimeout',
        'performance',
        'localStorage',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seeded Random in.' },
        { object: 'Date', property: 'now', message: 'Pass the instant in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Pass the instant in.' },
      ],
    },
  },
  {
    // a list that is empty passes everything
    files: ['**/*.{test,spec}.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.name='expect'] > CallExpression.arguments[callee.property.name='every']",
          message: 'Use all() of tests/all: of an empty list nothing holds.',
        },
      ],
    },
  },
  { files: ['src/app/**', '*.config.*'], rules: { 'import/no-default-export': 'off' } },
]);
