/**
 * Everything that must hold: installs what is missing, then lint, format, types, import rules,
 * Jest, the production build and Playwright; one closing line with the totals.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureInstalled, ROOT, run } from './ensure.mjs';

const CHROMIUM = '/usr/bin/chromium';
const REPORTS = path.join(ROOT, 'test-results');
const JEST_REPORT = path.join(REPORTS, 'jest.json');
const E2E_REPORT = path.join(REPORTS, 'report.json');
const began = Date.now();

function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  if (process.getuid?.() !== 0) {
    console.error(`${CHROMIUM} is missing: install Debian's package chromium.`);
    process.exit(1);
  }
  console.log('Installing Chromium (once)...');
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', 'chromium'],
  ]) {
    const done = spawnSync('apt-get', args, { stdio: ['ignore', 'ignore', 'inherit'] });
    if (done.status !== 0) process.exit(done.status ?? 1);
  }
}

function stage(name, command, args) {
  const start = Date.now();
  console.log(`\n== ${name}`);
  const code = run(command, args);
  if (code !== 0) {
    console.error(`\nFAILED at ${name} after ${Math.round((Date.now() - began) / 1000)} s`);
    process.exit(code);
  }
  console.log(`   ${name}: ${((Date.now() - start) / 1000).toFixed(0)} s`);
}

ensureInstalled();
ensureChromium();
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS);
stage('lint', 'eslint', ['.', '--max-warnings', '0']);
stage('format', 'prettier', ['--check', '--log-level', 'warn', '.']);
stage('route types', 'next', ['typegen']);
stage('types', 'tsc', ['--noEmit']);
stage('import rules', 'depcruise', ['src', 'cli', '--config', '.dependency-cruiser.cjs']);
stage('jest', 'jest', ['--json', '--outputFile', JEST_REPORT, '--silent']);
stage('build', 'next', ['build']);
stage('playwright', 'playwright', ['test']);

const jest = JSON.parse(readFileSync(JEST_REPORT, 'utf8'));
const { stats } = JSON.parse(readFileSync(E2E_REPORT, 'utf8'));
console.log(
  `\n${jest.numPassedTests} unit tests in ${jest.numPassedTestSuites} files, ` +
    `${stats.expected} browser tests, ${Math.round((Date.now() - began) / 1000)} s in all`,
);
console.log(`${jest.numPassedTests + stats.expected} passed, 0 failed`);
