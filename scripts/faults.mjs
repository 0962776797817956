/**
 * Everything that is done to Retort on purpose, one campaign after another; installs and builds what is
 * missing. A name or several as arguments run those alone.
 */
import { existsSync } from 'node:fs';
import path from 'node:path';
import { build } from './build.mjs';
import { ensureChromium, ensureInstalled, ROOT, run } from './ensure.mjs';

const CAMPAIGNS = {
  files: ['tsx', 'scripts/faults/files.ts'],
  recipes: ['tsx', 'scripts/faults/recipes.ts'],
  clock: ['tsx', 'scripts/faults/clock.ts'],
  browser: ['node', 'scripts/faults/browser.mjs'],
  crowded: ['node', 'scripts/faults/crowded.mjs'],
  acts: ['node', 'scripts/faults/acts.mjs'],
  large: ['tsx', 'scripts/faults/large.ts'],
};

ensureInstalled();
ensureChromium();
if (!existsSync(path.join(ROOT, '.next', 'BUILD_ID')) && (await build()) !== 0) process.exit(1);
const wanted = process.argv.slice(2);
let code = 0;
for (const [name, [command, ...args]] of Object.entries(CAMPAIGNS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const start = Date.now();
  console.log(`\n== ${name}`);
  code ||= run(command, args);
  console.log(`   ${((Date.now() - start) / 1000).toFixed(0)} s`);
}
process.exit(code);
