/** Builds Retort and starts it with the sample kitchen; installs what is missing. */
import { build } from './build.mjs';
import { run } from './ensure.mjs';

const port = process.env.PORT ?? '3000';

const built = await build();
if (built !== 0) process.exit(built);
console.log(`\nRetort is on http://localhost:${port} (stop it with Ctrl+C)\n`);
process.exit(run('next', ['start', '--port', port], { env: { RETORT_DEMO: '1' } }));
