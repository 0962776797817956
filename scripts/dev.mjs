/** Starts the development server, with the work of its threads bundled; installs what is missing. */
import { ensureInstalled, run } from './ensure.mjs';
import { bundleWork } from './work.mjs';

ensureInstalled();
await bundleWork();
process.exit(run('next', ['dev', ...process.argv.slice(2)]));
