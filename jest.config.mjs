import { readFileSync } from 'node:fs';
import nextJest from 'next/jest.js';

// The nights when the clocks change are tested where they do.
process.env.TZ = 'Europe/London';

/**
 * The paths of tests, with stand-ins for what a browser gives the pages (an address, links, workers): as Jest
 * wants them, by what they match.
 */
const { paths } = JSON.parse(readFileSync('tsconfig.jest.json', 'utf8')).compilerOptions;
const moduleNameMapper = Object.fromEntries(
  Object.entries(paths).map(([name, [path]]) => [
    `^${name.replace('*', '(.*)')}$`,
    path.replace('.', '<rootDir>').replace('*', '$1'),
  ]),
);

const withNext = nextJest({ dir: './' })({
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
  moduleNameMapper,
});

/** Tests are bundled, and what is apart in them goes the framework's way. */
export default async () => {
  const config = await withNext();
  const [[files, [path, options]]] = Object.entries(config.transform);
  // Paths are the mapper's alone: the framework would take the pages' own.
  const rest = [path, { ...options, jsConfig: undefined, resolvedBaseUrl: undefined }];
  const bundled = ['<rootDir>/scripts/bundled.cjs', { rest }];
  return { ...config, transform: { '\\.test\\.tsx?$': bundled, [files]: rest } };
};
