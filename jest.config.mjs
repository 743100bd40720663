import nextJest from 'next/jest.js';

const createJestConfig = nextJest({ dir: './' });
/** Packages that ship as ES modules only. */
const esm = [
  'culori',
  'colorjs.io',
  '@electric-sql/pglite',
  '@tanstack',
  'uuid',
  'suncalc',
  'astronomy-engine',
  '@noble/hashes',
  'ml-',
  'is-any-array',
  'spline-interpolator',
  'cheminfo-types',
];

/** @type {import('jest').Config} */
const base = {
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/tests/**/*.test.{ts,tsx}'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  setupFiles: ['<rootDir>/tests/seeded.ts'],
  watchman: false,
  // a busy machine is slow, not wrong
  testTimeout: 120_000,
};

/** Next's way of compiling, with the globals near (see there). */
const compiled = ([files, [, ...options]]) => [files, ['<rootDir>/tests/near-globals.mjs', ...options]];
const isCompiled = ([, by]) => Array.isArray(by) && by[0].includes('swc');

const config = async () => {
  const made = await createJestConfig(base)();
  const transform = Object.entries(made.transform).map((one) => (isCompiled(one) ? compiled(one) : one));
  if (!transform.some(([, by]) => by[0].endsWith('near-globals.mjs')))
    throw new Error('next/jest compiles otherwise than before');
  return {
    ...made,
    transform: Object.fromEntries(transform),
    transformIgnorePatterns: [`/node_modules/(?!(${esm.join('|')}))`, '^.+\\.module\\.(css|sass|scss)$'],
  };
};
export default config;
