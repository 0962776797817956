/**
 * The browser of the running build, killed after an edit and in the middle of acts that change several records. Each
 * act has a kitchen of its own at an address of its own, so that one kill cuts them all. Seeded; needs a build.
 */
/* global document, window, requestAnimationFrame, HTMLInputElement, Event, KeyboardEvent */
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { bringIn, killer, pause, recordsOf, SAMPLE, served, strange } from './kit.mjs';

const KILLS = 40;
/** A change shown for this long must be kept, ms. */
const KEPT_MS = 15;
/** Acts are timed in their pages this long ahead, ms; the earliest comes up to 900 ms before the kill. */
const AHEAD_MS = 1000;
const chance = chanceOf(20261202);
const PORT = 3235;
const { failures, run } = await served(PORT);

/** A cook whose last mark is at another time, with all before it. */
function movedTo(cook, at) {
  const shift = Date.parse(at) - Date.parse(cook.marks.at(-1).at);
  const later = (iso) => new Date(Date.parse(iso) + shift).toISOString();
  return {
    ...cook,
    startedAt: later(cook.startedAt),
    endedAt: at,
    marks: cook.marks.map((mark) => ({ ...mark, at: later(mark.at) })),
  };
}

/** The sample with a stock that has cooled since an hour ago. */
function withCooling() {
  const ago = (minutes) => new Date(Date.now() - 60_000 * minutes).toISOString();
  const at = ago(60);
  const readings = [
    { at: ago(35), celsius: 18 },
    { at: ago(5), celsius: 4 },
  ];
  const [first, ...cooks] = SAMPLE.cooks.toReversed();
  const cook = {
    ...movedTo(first, at),
    after: { cooling: { way: 'pans', litres: 1, startC: 60, at, readings } },
  };
  return { ...SAMPLE, cooks: [cook, ...cooks] };
}

/** The sample with an open pot of lamb neck, its meat to be picked. */
function withOpenPot() {
  const last = SAMPLE.cooks.findLast(({ batch }) =>
    batch.items.some(({ food }) => food === 'lamb-neck'),
  );
  const open = {
    ...movedTo(last, new Date().toISOString()),
    endedAt: undefined,
    after: undefined,
  };
  return { ...SAMPLE, cooks: [...SAMPLE.cooks.filter((cook) => cook !== last), open] };
}
const PICKED = withOpenPot();

/** The household's own record. */
const householdOf = async (page) =>
  (await recordsOf(page, 'household')).find(({ key }) => key === 'household');

/** Clicks the button with this text at that time. Runs in the page. */
function press([text, at]) {
  const button = [...document.querySelectorAll('button')].find(
    (one) => one.textContent.trim() === text,
  );
  setTimeout(() => button.click(), at - Date.now());
}

/** Names the batch at that time. Runs in the page. */
function rename([name, at]) {
  const field = document.querySelector('[aria-label="Name of the batch"]');
  const { set } = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
  setTimeout(() => {
    field.focus();
    set.call(field, name);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    field.blur();
    requestAnimationFrame(() => setTimeout(() => window.shown(Date.now())));
  }, at - Date.now());
}

/**
 * Acts: how a page comes to one, what is done there and with what word, how long after it the browser dies, ms from and
 * to, and what is kept, part by part. What tells that it is shown has to be kept soon after.
 */
const ACTS = {
  'an edit': {
    dies: [35, 235],
    tells: true,
    come: async (page, home) => {
      await page.goto(`${home}/bench/b5`);
      await page.getByLabel('Name of the batch').waitFor();
    },
    does: rename,
    word: 'Named before it died',
    state: async (page) => [
      (await recordsOf(page, 'batches')).some(({ name }) => name === 'Named before it died'),
    ],
  },
  'a cook started with its jars': {
    dies: [0, 900],
    come: async (page, home) => {
      await page.goto(`${home}/bench/b1`);
      // It starts once its times are worked out.
      await page.getByText(/usually \d/).waitFor();
    },
    does: press,
    word: 'Start cooking',
    state: async (page) => {
      const plan = (await recordsOf(page, 'batches')).find(({ id }) => id === 'b1');
      const { jars } = await householdOf(page);
      const cooks = (await recordsOf(page, 'cooks')).filter(
        (cook) => cook.fields?.endedAt === undefined && !cook.gone,
      );
      return [
        cooks.length > 0,
        !plan.items.some((item) => item.jars),
        jars.some((jar) => jar.gone?.some(({ into }) => into)),
      ];
    },
  },
  'the bag made into a stock': {
    dies: [0, 60],
    come: async (page, home) => {
      await page.goto(`${home}/larder`);
      await page.getByRole('button', { name: 'Make stock of it' }).waitFor();
    },
    does: press,
    word: 'Make stock of it',
    state: async (page) => {
      const { bag } = await householdOf(page);
      return [bag.length === 0, (await recordsOf(page, 'batches')).length > SAMPLE.batches.length];
    },
  },
  'bones bagged, a move of the open pot done': {
    dies: [0, 60],
    household: PICKED,
    come: async (page, home) => {
      await page.goto(`${home}/stove/${PICKED.cooks.at(-1).id}`);
      await page.getByRole('button', { name: 'The bones into the bag in the freezer' }).waitFor();
    },
    does: press,
    word: 'The bones into the bag in the freezer',
    state: async (page) => {
      const { bag } = await householdOf(page);
      const open = (await recordsOf(page, 'cooks')).find(({ id }) => id === PICKED.cooks.at(-1).id);
      return [bag.length > SAMPLE.bag.length, /"done"/.test(open.fields.after ?? '')];
    },
  },
  'jars filled, which ends the cooling': {
    dies: [0, 60],
    household: withCooling(),
    come: async (page, home) => {
      await page.goto(`${home}/larder`);
      await page.getByRole('button', { name: 'Fill jars', exact: true }).click();
      await page.getByRole('button', { name: 'Put them on the shelf' }).waitFor();
    },
    does: press,
    word: 'Put them on the shelf',
    state: async (page) => {
      const { jars } = await householdOf(page);
      const cooks = await recordsOf(page, 'cooks');
      const cooled = cooks.some((cook) => /"endedAt"/.test(cook.fields?.after ?? ''));
      return [jars.length > SAMPLE.jars.length, cooled];
    },
  },
};

const NAMED = Object.entries(ACTS).map(([name, act], i) => ({
  name,
  ...act,
  // Names under localhost are this machine, and each has a database of its own.
  at: `http://act${i}.localhost:${PORT}`,
}));

/** Makes the profile whose copies are killed: each act's kitchen at its own address. */
async function prepared(open, folder) {
  const context = await open(folder);
  const [page] = context.pages();
  for (const { household, come, at } of NAMED) {
    if (household) await bringIn(page, household, at);
    await come(page, at);
  }
  await context.close();
}

/** Kills the browser in the middle of all acts, again and again, each time on a copy of the same profile. */
async function kills() {
  const folder = mkdtempSync(path.join(tmpdir(), 'retort-act-'));
  const open = (profile) =>
    chromium.launchPersistentContext(profile, { ...BROWSER, locale: 'en-GB' });
  await prepared(open, folder);
  const counts = NAMED.map(() => ({ all: 0, none: 0, part: 0, due: 0 }));
  for (let i = 0; i < KILLS; i++) {
    const profile = `${folder}-${i}x`;
    cpSync(folder, profile, { recursive: true });
    const context = await open(profile);
    await Promise.all(
      NAMED.map(async (act) => {
        act.page = await context.newPage();
        act.shown = Infinity;
        if (act.tells)
          await act.page.exposeFunction('shown', (at) => {
            act.shown = at;
          });
        await act.come(act.page, act.at);
      }),
    );
    // Frames are drawn in the page in front alone.
    await NAMED.find(({ tells }) => tells).page.bringToFront();
    const dies = Date.now() + AHEAD_MS;
    await Promise.all(
      NAMED.map(({ page, does, word, dies: [from, to] }) =>
        page.evaluate(does, [word, dies - (from + chance() * (to - from))]),
      ),
    );
    const dead = killer(profile);
    await pause(dies - Date.now());
    dead();
    const died = Date.now();
    await context.close().catch(() => undefined);
    const again = await open(profile);
    const states = await Promise.all(
      NAMED.map(async ({ state, at }) => state(await strange(again, at))),
    );
    for (const [n, { name, tells, shown }] of NAMED.entries()) {
      const told = states[n];
      const kept = told.every(Boolean) ? 'all' : told.some(Boolean) ? 'part' : 'none';
      counts[n][kept]++;
      const due = tells && died - shown > KEPT_MS;
      if (due) counts[n].due++;
      if (kept === 'part' || (due && kept === 'none'))
        failures.push(`${name}, kill ${i}: kept ${told.join(' ')}`);
    }
    await again.close();
    rmSync(profile, { recursive: true, force: true });
  }
  rmSync(folder, { recursive: true, force: true });
  return NAMED.map(({ name, tells, dies: [from, to] }, n) => {
    const { all, none, part, due } = counts[n];
    const shown = tells ? `; ${due} had been shown for ${KEPT_MS} ms` : '';
    return `${name}, ${KILLS} kills ${from} to ${to} ms after it: all kept ${all}, nothing ${none}, a part ${part}${shown}`;
  }).join('\n');
}

await run([kills]);
