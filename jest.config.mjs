import nextJest from 'next/jest.js';

// The nights when the clocks change are tested where they do.
process.env.TZ = 'Europe/London';

const withNext = nextJest({ dir: './' });

export default withNext({
  testEnvironment: 'node',
  setupFilesAfterEnv: ['<rootDir>/jest.setup.cjs'],
  // Tests run in a context of their own, in which a look at a global is many times as slow as at an argument.
  sandboxInjectedGlobals: [
    'Math',
    'Number',
    'Array',
    'Object',
    'Float64Array',
    'Set',
    'WeakMap',
    'String',
    'Symbol',
    'RangeError',
    'Error',
    'TypeError',
    'Promise',
    'JSON',
    'Boolean',
    'Reflect',
    'isFinite',
    'process',
  ],
  // Jest would leave a core idle, which is half of a small machine.
  maxWorkers: '100%',
  // A shared machine may be several times slower than a free one.
  testTimeout: 300_000,
  testMatch: ['<rootDir>/{src,cli,demo,scripts}/**/*.test.{ts,tsx}'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@demo/(.*)$': '<rootDir>/demo/$1' },
});
