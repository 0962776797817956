import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const THROTTLE = Number(process.argv[2] ?? 1);
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic'],
});
const ctx = await b.newContext({
  viewport: THROTTLE > 1 ? { width: 390, height: 844 } : { width: 1280, height: 800 },
});
const p = await ctx.newPage();
p.on('pageerror', (e) => console.log('ERR', e.message));
const text = readFileSync('/tmp/big.json', 'utf8');
await p.route('**/big.json', (r) => r.fulfill({ contentType: 'application/json', body: text }));
await p.addInitScript(() => {
  window.__long = [];
  new PerformanceObserver((l) => {
    for (const e of l.getEntries())
      window.__long.push([Math.round(e.startTime), Math.round(e.duration)]);
  }).observe({ type: 'longtask', buffered: true });
});
const U = 'http://localhost:3299';
await p.goto(U + '/');
await p.getByText('Turkey frame').first().waitFor();
await p.waitForTimeout(500);
// write straight into the database
await p.evaluate(async () => {
  const h = await (await fetch('/big.json')).json();
  const db = await new Promise((d, f) => {
    const r = indexedDB.open('retort');
    r.onsuccess = () => d(r.result);
    r.onerror = f;
  });
  const tx = db.transaction(['household', 'pots', 'batches', 'cooks'], 'readwrite');
  const { kitchen, pots, batches, cooks, jars, foods } = h;
  tx.objectStore('household').put({ key: 'household', kitchen, jars, foods, extra: {} });
  tx.objectStore('household').put({ key: 'stamp', stamp: 'big', version: 2 });
  tx.objectStore('batches').clear();
  tx.objectStore('cooks').clear();
  for (const x of batches) tx.objectStore('batches').put(x);
  for (const x of cooks) tx.objectStore('cooks').put(x);
  await new Promise((d) => (tx.oncomplete = d));
  db.close();
});
const long = async () => {
  const l = await p.evaluate(() => {
    const x = window.__long;
    window.__long = [];
    return x;
  });
  return 'longest ' + Math.max(0, ...l.map((x) => x[1])) + ' of ' + l.length;
};
if (THROTTLE > 1) {
  const s = await ctx.newCDPSession(p);
  await s.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE });
}
const load = async (path, sel) => {
  const t = Date.now();
  await p.goto(U + path, { waitUntil: 'commit' });
  await p.locator(sel).first().waitFor();
  const ms = await p.evaluate(() => Math.round(performance.now()));
  console.log('load', path, Date.now() - t, 'page clock', ms);
  await p.waitForTimeout(1500);
  console.log('   ', await long());
};
await load('/', 'main h2');
await load('/log', 'main li h2');
await load('/log/' + JSON.parse(text).cooks[5].id, 'main h1');
await load('/kitchen', 'main h1');
await load('/bench/' + JSON.parse(text).batches[3].id, '[data-testid^=lane-]');
const click = async (name, sel) => {
  await long();
  const t0 = await p.evaluate(() => performance.now());
  await p.getByRole('navigation').getByRole('link', { name }).first().click();
  await p.locator(sel).first().waitFor();
  const t1 = await p.evaluate(() => performance.now());
  console.log('click', name, Math.round(t1 - t0));
  await p.waitForTimeout(1500);
  console.log('   ', await long());
};
await click('Batches', 'ul[aria-label="Planned batches"] h2');
await click('Log', 'ul[aria-label="Runs"] h2');
await click('Kitchen', 'main h1');
await click('Batches', 'ul[aria-label="Planned batches"] h2');
await click('Log', 'ul[aria-label="Runs"] h2');
if (THROTTLE === 1) {
  await click('Batches', 'ul[aria-label="Planned batches"] h2');
  await p.getByRole('button', { name: 'Files' }).click();
  await p.getByRole('menuitem', { name: 'Bring in a file' }).click();
  await long();
  let t = Date.now();
  await p.locator('input[type=file]').setInputFiles('/tmp/big.json');
  await p.getByLabel('What will change').or(p.getByText('Nothing would change')).waitFor();
  console.log('import read', Date.now() - t, await long());
  t = Date.now();
  await p.getByRole('button', { name: 'Merge it' }).click();
  await p.getByRole('dialog').waitFor({ state: 'detached' });
  console.log('import merge', Date.now() - t, await long());
}
await b.close();
