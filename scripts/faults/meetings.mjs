/**
 * Two devices of the running build whose messages are lost, doubled and late, and whose line is cut; one deletes what
 * the other still has, and one is put back to an older state of its database. Whenever the line is whole again both must
 * hold the same, with the last change of each. Seeded; needs a build.
 */
/* global document, indexedDB */
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { joinedBy, pause, recordsOf, served, sharedBy, strange, tick } from './kit.mjs';

/** Each stretch ends with the line whole and both devices alike. */
const STRETCHES = 8;
const CHANGES = 10;
/** Chance of a message to be lost, to be sent twice, to be late. */
const LOST = 0.25;
const DOUBLED = 0.2;
const LATE = 0.25;
const LATEST_MS = 1500;
/** A greeting every 20 s makes up for lost messages. */
const PATIENCE_MS = 90_000;
const DELETED = 'b1';
const chance = chanceOf(20261204);
const { home, failures, run } = await served(3239);
const counts = { lost: 0, doubled: 0, late: 0, cuts: 0, restored: 0 };

/** Loses, doubles and delays what a device sends while `line.isBad`. */
async function spoil(context, line) {
  await context.route('**/api/v1/relay/**', async (route) => {
    if (!line.isBad || route.request().method() !== 'POST') return route.continue();
    const dice = chance();
    if (dice < LOST) {
      counts.lost++;
      return route.abort();
    }
    if (dice < LOST + DOUBLED) {
      counts.doubled++;
      await route.fetch().catch(() => undefined);
    } else if (dice < LOST + DOUBLED + LATE) {
      counts.late++;
      await pause(chance() * LATEST_MS);
    }
    return route.continue().catch(() => undefined);
  });
}

/** Records that both devices share, as text by their names. */
async function heldBy(page) {
  const [batches, cooks, household] = await Promise.all(
    ['batches', 'cooks', 'household'].map((store) => recordsOf(page, store)),
  );
  const { jars, bag, foods, kitchen } = household.find(({ key }) => key === 'household');
  const byId = (list) =>
    Object.fromEntries((list ?? []).map((one) => [one.id, one.fields ?? one]).toSorted());
  return {
    batches: byId(batches),
    cooks: byId(cooks),
    jars: byId(jars),
    bag: byId(bag),
    foods: byId(foods),
    kitchen,
  };
}

/** Text that does not depend on the order of fields. */
const told = (value) =>
  JSON.stringify(value, (_, one) =>
    one && typeof one === 'object' && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).toSorted(([a], [b]) => (a < b ? -1 : 1)))
      : one,
  );

/** Everything in the database of a page. */
const snapshot = (page) =>
  page.evaluate(async () => {
    const asked = (request) =>
      new Promise((done, fail) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => fail(request.error);
      });
    const db = await asked(indexedDB.open('retort'));
    const stores = [...db.objectStoreNames];
    const tx = db.transaction(stores);
    const all = await Promise.all(
      stores.map(async (name) => {
        const store = tx.objectStore(name);
        const [keys, values] = await Promise.all([
          asked(store.getAllKeys()),
          asked(store.getAll()),
        ]);
        return { name, isInline: store.keyPath !== null, keys, values };
      }),
    );
    db.close();
    return all;
  });

/** Puts a database back to what it was. */
const putBack = (page, kept) =>
  page.evaluate(async (stores) => {
    const db = await new Promise((done, fail) => {
      const request = indexedDB.open('retort');
      request.onsuccess = () => done(request.result);
      request.onerror = () => fail(request.error);
    });
    const tx = db.transaction(
      stores.map(({ name }) => name),
      'readwrite',
    );
    for (const { name, isInline, keys, values } of stores) {
      const store = tx.objectStore(name);
      store.clear();
      values.forEach((value, i) => (isInline ? store.put(value) : store.put(value, keys[i])));
    }
    await new Promise((done, fail) => {
      tx.oncomplete = done;
      tx.onerror = () => fail(tx.error);
    });
    db.close();
  }, kept);

const nameField = (page) => page.getByLabel('Name of the batch');
const hold = (page) => page.getByRole('slider', { name: 'End of the hold' });

async function open(device) {
  await device.bench.goto(`${home}/bench/b5`);
  await hold(device.bench).waitFor();
  await device.stove.goto(device.cook);
  await device.stove.getByRole('checkbox').first().waitFor();
}

/** One change of a device, which is its alone: the desk names the batch, the phone holds longer, each has its boxes. */
async function change(device, n) {
  const { bench, stove, last } = device;
  const isBench = chance() < 0.4;
  if (!isBench) {
    const box = device.boxes[Math.floor(chance() * device.boxes.length)];
    last.boxes[box] = await stove.evaluate(
      (at) => !document.querySelectorAll('input[type=checkbox]')[at].checked,
      box,
    );
    await tick(stove, box, 0);
    return;
  }
  if (device.is === 'desk') {
    last.name = `Stretch and change ${n}`;
    await nameField(bench).fill(last.name);
    await nameField(bench).press('Enter');
  } else {
    await hold(bench).press(chance() < 0.5 ? 'ArrowRight' : 'ArrowLeft');
    last.hold = await hold(bench).getAttribute('aria-valuenow');
  }
}

/** Returns the last changes of a device that another page does not show. */
async function missing(device, shown) {
  const { last } = device;
  const found = [];
  const name = await nameField(shown.bench).inputValue();
  if (last.name !== undefined && name !== last.name) found.push(`name “${last.name}”, not ${name}`);
  const minutes = await hold(shown.bench).getAttribute('aria-valuenow');
  if (last.hold !== undefined && minutes !== last.hold)
    found.push(`hold ${last.hold}, not ${minutes}`);
  const boxes = await shown.stove.evaluate(() =>
    [...document.querySelectorAll('input[type=checkbox]')].map((box) => box.checked),
  );
  for (const [box, on] of Object.entries(last.boxes))
    if (boxes[box] !== on) found.push(`box ${box} ${on ? 'on' : 'off'}`);
  return found;
}

/** Waits until both hold the same. */
async function alike(a, b) {
  const end = Date.now() + PATIENCE_MS;
  let [one, other] = ['', ''];
  do {
    [one, other] = (await Promise.all([a, b].map(({ bench }) => heldBy(bench)))).map(told);
    if (one === other) return true;
    await pause(200);
  } while (Date.now() < end);
  return false;
}

async function meetings() {
  const browser = await chromium.launch(BROWSER);
  const line = { isBad: false };
  const { page: bench, link } = await sharedBy(browser, home);
  const { page: other } = await joinedBy(browser, link, home);
  await bench.goto(`${home}/bench/b7`);
  await bench.getByRole('button', { name: 'Start cooking' }).click();
  await bench.waitForURL(/\/stove\//);
  const cook = bench.url();
  const desk = { is: 'desk', cook, bench, last: { boxes: {} }, boxes: [0, 2, 4] };
  const phone = { is: 'phone', cook, bench: other, last: { boxes: {} }, boxes: [1, 3, 5] };
  for (const device of [desk, phone]) {
    device.context = device.bench.context();
    device.stove = await device.context.newPage();
    await spoil(device.context, line);
  }
  const aside = await strange(phone.context, home);
  if (!(await alike(desk, phone))) failures.push('the devices differ before anything was done');
  for (const device of [desk, phone]) await open(device);

  let kept = null;
  let revived = 0;
  let lost = 0;
  for (let stretch = 0; stretch < STRETCHES; stretch++) {
    line.isBad = true;
    const isCut = stretch % 2 === 1;
    if (isCut) {
      counts.cuts++;
      await phone.context.setOffline(true);
    }
    for (let n = 0; n < CHANGES; n++)
      await Promise.all([desk, phone].map((device) => change(device, `${stretch}-${n}`)));
    if (stretch === 2) {
      const page = await desk.context.newPage();
      await page.goto(`${home}/bench/${DELETED}`);
      await page.getByRole('button', { name: 'More', exact: true }).click();
      await page.getByRole('menuitem', { name: 'Delete this batch' }).click();
      await page.waitForURL(`${home}/`);
      await page.close();
    }
    line.isBad = false;
    if (isCut) await phone.context.setOffline(false);
    if (!(await alike(desk, phone))) {
      failures.push(`stretch ${stretch}: the devices differ`);
      break;
    }
    for (const shown of [desk, phone])
      for (const device of [desk, phone])
        for (const what of await missing(device, shown)) {
          lost++;
          failures.push(`stretch ${stretch}: ${shown.is} lacks what ${device.is} did: ${what}`);
        }
    if (stretch >= 2)
      for (const device of [desk, phone])
        if ((await heldBy(device.bench)).batches[DELETED] !== undefined) revived++;
    // The phone is put back to what it was three stretches ago, before the deletion, and to what it was then.
    if (stretch === 1) kept = await snapshot(aside);
    if (stretch === 4 || stretch === 6) {
      counts.restored++;
      for (const page of [phone.bench, phone.stove]) await page.goto(`${home}/foreign`);
      await putBack(aside, kept);
      await open(phone);
      if (!(await alike(desk, phone))) failures.push(`stretch ${stretch}: put back, they differ`);
      kept = await snapshot(aside);
    }
  }
  if (revived > 0) failures.push(`the deleted batch came back ${revived} times`);
  await browser.close();
  return [
    `${STRETCHES} stretches of ${2 * CHANGES} changes on two devices: ${counts.lost} messages lost, ${counts.doubled} doubled, ${counts.late} late, the line cut ${counts.cuts} times, a device put back ${counts.restored} times`,
    `changes lost: ${lost}; deleted and come back: ${revived}`,
  ].join('\n');
}

await run([meetings]);
