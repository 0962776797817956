/** Bundles what the threads of the server do into one file. */
import path from 'node:path';
import { ROOT } from './ensure.mjs';

export async function bundleWork() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [path.join(ROOT, 'src', 'server', 'work.ts')],
    outfile: path.join(ROOT, 'build', 'work.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
    define: { 'process.env.NODE_ENV': '"production"' },
    // Serves the parts that modules load by name.
    banner: {
      js: "import{createRequire}from'node:module';const require=createRequire(import.meta.url);",
    },
  });
}
