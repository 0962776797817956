/**
 * Everything that must hold: installs what is missing, then lint, format, types, import rules, what is not used,
 * Jest, the production build and Playwright; one closing line with the totals.
 */
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureChromium, ensureInstalled, ensureRedis, environment, ROOT, run } from './ensure.mjs';

const REPORTS = path.join(ROOT, 'test-results');
const JEST_REPORT = path.join(REPORTS, 'jest.json');
const E2E_REPORT = path.join(REPORTS, 'report.json');
/** ESLint and Next still read types by an older compiler, whose name in the packages is the same. */
const TSC = path.join(ROOT, 'node_modules', 'typescript-7', 'bin', 'tsc');
const began = Date.now();

function failed(name, code) {
  console.error(`\nFAILED at ${name} after ${Math.round((Date.now() - began) / 1000)} s`);
  process.exit(code);
}

function stage(name, command, args) {
  const start = Date.now();
  console.log(`\n== ${name}`);
  const code = run(command, args);
  if (code !== 0) failed(name, code);
  console.log(`   ${name}: ${((Date.now() - start) / 1000).toFixed(0)} s`);
}

/** Runs a command beside others; what it says comes in one piece when it ends. */
function beside([name, command, ...args]) {
  const start = Date.now();
  return new Promise((resolve) => {
    let said = '';
    const child = spawn(command, args, { cwd: ROOT, env: environment() });
    const hear = (data) => (said += data);
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('error', (error) => hear(error.message));
    child.on('close', (code) => {
      const seconds = ((Date.now() - start) / 1000).toFixed(0);
      console.log(`\n== ${name}\n${said.trimEnd()}\n   ${name}: ${seconds} s`);
      if (code !== 0) failed(name, code ?? 1);
      resolve();
    });
  });
}

async function inOrder(stages) {
  for (const one of stages) await beside(one);
}

ensureInstalled();
ensureChromium();
ensureRedis();
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS);
// Two things at a time: both cores of a small machine have work until all of it is done.
await Promise.all([
  inOrder([
    ['lint', 'eslint', '.', '--max-warnings', '0'],
    [
      'import rules',
      'depcruise',
      'src',
      'cli',
      'scripts',
      'bench',
      '--config',
      '.dependency-cruiser.cjs',
    ],
    ['what is not used', 'knip'],
  ]),
  inOrder([
    ['route types', 'next', 'typegen'],
    ['types', 'node', TSC, '--noEmit'],
    ['build', 'node', 'scripts/build.mjs'],
    ['format', 'oxfmt', '--check'],
  ]),
]);
stage('jest', 'jest', ['--json', '--outputFile', JEST_REPORT, '--silent']);
stage('playwright', 'playwright', ['test']);

const jest = JSON.parse(readFileSync(JEST_REPORT, 'utf8'));
const { stats } = JSON.parse(readFileSync(E2E_REPORT, 'utf8'));
console.log(
  `\n${jest.numPassedTests} unit tests in ${jest.numPassedTestSuites} files, ` +
    `${stats.expected} browser tests, ${Math.round((Date.now() - began) / 1000)} s in all`,
);
if (stats.flaky)
  console.log(`${stats.flaky} browser tests passed at the second run only: see above`);
console.log(`${jest.numPassedTests + stats.expected + stats.flaky} passed, 0 failed`);
