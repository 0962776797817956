import nextJest from 'next/jest.js';

// The nights when the clocks change are tested where they do.
process.env.TZ = 'Europe/London';

const withNext = nextJest({ dir: './' });

export default withNext({
  testEnvironment: 'node',
  // Jest would leave a core idle, which is half of a small machine.
  maxWorkers: '100%',
  // A shared machine may be several times slower than a free one.
  testTimeout: 60_000,
  testMatch: ['<rootDir>/{src,cli,demo,scripts}/**/*.test.{ts,tsx}'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@demo/(.*)$': '<rootDir>/demo/$1' },
});
