import nextJest from 'next/jest.js';

const withNext = nextJest({ dir: './' });

export default withNext({
  testEnvironment: 'node',
  testMatch: ['<rootDir>/{src,cli,demo,scripts}/**/*.test.{ts,tsx}'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@demo/(.*)$': '<rootDir>/demo/$1' },
});
