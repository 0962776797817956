/**
 * Everything that is done to Retort on purpose; installs and builds what is missing. A name or several as arguments run
 * those alone.
 */
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { build } from './build.mjs';
import { ensureChromium, ensureInstalled, environment, ROOT } from './ensure.mjs';

const CAMPAIGNS = {
  acts: ['node', 'scripts/faults/acts.mjs'],
  hands: ['node', 'scripts/faults/hands.mjs'],
  files: ['tsx', 'scripts/faults/files.ts'],
  recipes: ['tsx', 'scripts/faults/recipes.ts'],
  clock: ['tsx', 'scripts/faults/clock.ts'],
  browser: ['node', 'scripts/faults/browser.mjs'],
  crowded: ['node', 'scripts/faults/crowded.mjs'],
  devices: ['tsx', 'scripts/faults/devices.mjs'],
  meetings: ['node', 'scripts/faults/meetings.mjs'],
  large: ['tsx', 'scripts/faults/large.ts'],
};

/** Campaigns in two rows, side by side: they count, and time nothing. */
const SIDE_BY_SIDE = [['acts'], ['hands', 'meetings', 'files', 'recipes', 'clock']];
/** Campaigns that time something run alone. */
const ALONE = ['browser', 'crowded', 'devices'];
/** Takes several minutes to time the screens and breaks nothing, so it runs by name only. */
const BY_NAME = ['large'];

ensureInstalled();
ensureChromium();
if (!existsSync(path.join(ROOT, '.next', 'BUILD_ID')) && (await build()) !== 0) process.exit(1);
const asked = process.argv.slice(2);

/** Runs campaigns one after another, and tells each when it has ended. */
async function row(names) {
  for (const name of names.filter((one) => asked.length === 0 || asked.includes(one))) {
    const start = Date.now();
    const [command, ...args] = CAMPAIGNS[name];
    let told = '';
    const code = await new Promise((done) => {
      const child = spawn(command, args, { cwd: ROOT, env: environment() });
      for (const out of [child.stdout, child.stderr])
        out.on('data', (text) => {
          told += text;
        });
      child.on('error', ({ message }) => done(message));
      child.on('close', done);
    });
    const seconds = ((Date.now() - start) / 1000).toFixed(0);
    console.log(`\n== ${name}, ${seconds} s${code === 0 ? '' : `, ended with ${code}`}\n${told}`);
    if (code !== 0) process.exitCode = 1;
  }
}

const start = Date.now();
await Promise.all(SIDE_BY_SIDE.map(row));
await row(ALONE);
if (asked.length > 0) await row(BY_NAME);
console.log(`\n${((Date.now() - start) / 1000).toFixed(0)} s altogether`);
