/**
 * A small site of made-up recipes on this machine, for tests and for trying links without a network:
 * `node scripts/pages.mjs [PORT]`. The server reads it only where RETORT_ALLOW_PAGES names it.
 */
import { createReadStream, existsSync } from 'node:fs';
import { createServer } from 'node:http';
import path from 'node:path';
import { ROOT } from './ensure.mjs';

const PAGES = path.join(ROOT, 'demo', 'pages');
const port = Number(process.argv[2] ?? 3212);

createServer((request, response) => {
  const name = path.basename(new URL(request.url ?? '/', 'http://x').pathname);
  const file = path.join(PAGES, name.endsWith('.html') ? name : `${name}.html`);
  if (!existsSync(file)) {
    response.writeHead(name === '' ? 200 : 404, { 'content-type': 'text/html; charset=utf-8' });
    response.end('<h1>A kitchen at Harrow Fell</h1>');
    return;
  }
  response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' });
  createReadStream(file).pipe(response);
}).listen(port, '127.0.0.1', () => console.log(`Pages are on http://127.0.0.1:${port}`));
