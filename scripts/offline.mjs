/** Bundles the service worker with the list of what belongs to this build. Needs a build. */
import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './ensure.mjs';

/** Every kind of page; the browser reads the id from the address. */
const PAGES = [
  '/',
  '/bench',
  '/bench/_',
  '/desk',
  '/stove',
  '/stove/_',
  '/larder',
  '/larder/labels',
  '/log',
  '/log/_',
  '/kitchen',
  '/take',
  '/join',
];
const SHOWN = ['/manifest.webmanifest', '/icon.svg'];

export async function offline() {
  const { build } = await import('esbuild');
  const next = path.join(ROOT, '.next');
  const revision = readFileSync(path.join(next, 'BUILD_ID'), 'utf8').trim();
  const files = readdirSync(path.join(next, 'static'), { recursive: true, withFileTypes: true })
    .filter((file) => file.isFile() && !file.name.endsWith('.map'))
    .map((file) =>
      path.relative(next, path.join(file.parentPath, file.name)).split(path.sep).join('/'),
    )
    .sort();
  const manifest = [
    ...files.map((file) => ({ url: `/_next/${encodeURI(file)}`, revision: null })),
    ...[...PAGES, ...SHOWN].map((url) => ({ url, revision })),
  ];
  mkdirSync(path.join(ROOT, 'public'), { recursive: true });
  await build({
    entryPoints: [path.join(ROOT, 'src', 'offline', 'sw.ts')],
    outfile: path.join(ROOT, 'public', 'sw.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    logLevel: 'warning',
    define: { MANIFEST: JSON.stringify(manifest), 'process.env.NODE_ENV': '"production"' },
  });
  return manifest.length;
}
