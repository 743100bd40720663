import nextJest from 'next/jest.js';

const createJestConfig = nextJest({ dir: './' });
/** Packages that ship as ES modules only. */
const esm = ['culori', 'colorjs.io', '@electric-sql/pglite', '@tanstack', 'uuid', 'suncalc', 'astronomy-engine', '@noble/hashes'];

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

const config = async () => {
  const made = await createJestConfig(base)();
  return { ...made, transformIgnorePatterns: [`/node_modules/(?!(${esm.join('|')})/)`, '^.+\\.module\\.(css|sass|scss)$'] };
};
export default config;
