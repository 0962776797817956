/** Builds Retort, and what keeps it on a device; installs what is missing. */
import { ensureInstalled, run } from './ensure.mjs';
import { offline } from './offline.mjs';
import { bundleWork } from './work.mjs';

/** @returns the exit code of the build */
export async function build() {
  ensureInstalled();
  const code = run('next', ['build']);
  if (code === 0) await bundleWork();
  if (code === 0) console.log(`${await offline()} files are kept on a device`);
  return code;
}

if (process.argv[1]?.endsWith('build.mjs')) process.exit(await build());
