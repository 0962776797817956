/** Installs the packages when they are missing, then runs a command of theirs. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

export const ROOT = path.dirname(path.dirname(fileURLToPath(import.meta.url)));

/** Environment of the packages' commands. */
export function environment() {
  const bin = path.join(ROOT, 'node_modules', '.bin');
  return {
    ...process.env,
    NEXT_TELEMETRY_DISABLED: '1',
    PATH: `${bin}${path.delimiter}${process.env.PATH}`,
  };
}

/** Runs a command in the project. @returns its exit code */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    ...options,
    env: { ...environment(), ...options.env },
  });
  if (done.error) console.error(done.error.message);
  return done.status ?? 1;
}

/** Installs what the lock file says, quietly and to stderr, when nothing is there. */
export function ensureInstalled() {
  if (existsSync(path.join(ROOT, 'node_modules', '.package-lock.json'))) return;
  console.error('Installing packages (once)...');
  // Not `npm ci`: it refuses a lock file that leaves out optional packages of other platforms.
  const code = run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', 2, 2],
  });
  if (code !== 0) process.exit(code);
}

const CHROMIUM = '/usr/bin/chromium';
const REDIS = '/usr/bin/redis-server';

const isRoot = () => process.getuid?.() === 0;

/** Installs a package of Debian. @returns its exit code */
function installed(name) {
  console.log(`Installing ${name} (once)...`);
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', name],
  ]) {
    const done = spawnSync('apt-get', args, { stdio: ['ignore', 'ignore', 'inherit'] });
    if (done.status !== 0) return done.status ?? 1;
  }
  return 0;
}

/** Installs Debian's Chromium where it is missing and may be. */
export function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  if (!isRoot()) {
    console.error(`${CHROMIUM} is missing: install Debian's package chromium.`);
    process.exit(1);
  }
  const code = installed('chromium');
  if (code !== 0) process.exit(code);
}

/** Installs Debian's Redis where it is missing and may be; without it the tests of several instances are left out. */
export function ensureRedis() {
  if (existsSync(REDIS)) return;
  if (!isRoot() || installed('redis-server') !== 0)
    console.log(
      `${REDIS} is missing: what needs it is not tested. Debian's package is redis-server.`,
    );
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  ensureInstalled();
  const [command, ...args] = process.argv.slice(2);
  process.exit(run(command, args));
}
