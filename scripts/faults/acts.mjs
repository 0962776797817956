/** The browser of the running build, killed in the middle of acts that change several records. Seeded; needs a build. */
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { bringIn, kill, pause, recordsOf, SAMPLE, served, strange } from './kit.mjs';

const KILLS = 40;
const chance = chanceOf(20261202);
const { home, failures, run } = await served(3235);

/** The sample with a stock that has cooled since an hour ago. */
function withCooling() {
  const ago = (minutes) => new Date(Date.now() - 60_000 * minutes).toISOString();
  const at = ago(60);
  const readings = [
    { at: ago(35), celsius: 18 },
    { at: ago(5), celsius: 4 },
  ];
  const [first, ...cooks] = SAMPLE.cooks.toReversed();
  const shift = Date.parse(at) - Date.parse(first.endedAt);
  const later = (iso) => new Date(Date.parse(iso) + shift).toISOString();
  const cook = {
    ...first,
    startedAt: later(first.startedAt),
    endedAt: at,
    marks: first.marks.map((mark) => ({ ...mark, at: later(mark.at) })),
    after: { cooling: { way: 'pans', litres: 1, startC: 60, at, readings } },
  };
  return { ...SAMPLE, cooks: [cook, ...cooks] };
}

/** The household's own record. */
const householdOf = async (page) =>
  (await recordsOf(page, 'household')).find(({ key }) => key === 'household');

/** Acts of more than one record: how they are come to, the click, how long after it a browser dies at most, and what is kept. */
const ACTS = {
  'a cook started with its jars': {
    diesMs: 300,
    come: async (page) => {
      await page.goto(`${home}/bench/b1`);
      // It starts once its times are worked out.
      await page.getByText(/usually \d/).waitFor();
    },
    button: 'Start cooking',
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
    diesMs: 60,
    come: async (page) => {
      await page.goto(`${home}/larder`);
      await page.getByRole('button', { name: 'Make stock of it' }).waitFor();
    },
    button: 'Make stock of it',
    state: async (page) => {
      const { bag } = await householdOf(page);
      return [bag.length === 0, (await recordsOf(page, 'batches')).length > SAMPLE.batches.length];
    },
  },
  'jars filled, which ends the cooling': {
    diesMs: 60,
    household: withCooling(),
    come: async (page) => {
      await page.goto(`${home}/larder`);
      await page.getByRole('button', { name: 'Fill jars', exact: true }).click();
      await page.getByRole('button', { name: 'Put them on the shelf' }).waitFor();
    },
    button: 'Put them on the shelf',
    state: async (page) => {
      const { jars } = await householdOf(page);
      const cooks = await recordsOf(page, 'cooks');
      const cooled = cooks.some((cook) => /"endedAt"/.test(cook.fields?.after ?? ''));
      return [jars.length > SAMPLE.jars.length, cooled];
    },
  },
};

/** Kills the browser in the middle of an act, again and again, each time on a copy of the same profile. */
async function killed(name, { household, come, button, diesMs, state }) {
  const folder = mkdtempSync(path.join(tmpdir(), 'retort-act-'));
  const open = (profile) =>
    chromium.launchPersistentContext(profile, { ...BROWSER, locale: 'en-GB' });
  const first = await open(folder);
  const [start] = first.pages();
  if (household) await bringIn(start, household, home);
  else await come(start);
  await first.close();
  let all = 0;
  let none = 0;
  const one = async (i) => {
    const profile = `${folder}-${i}x`;
    cpSync(folder, profile, { recursive: true });
    const context = await open(profile);
    const [page] = context.pages();
    await come(page);
    const late = Math.floor(chance() * diesMs);
    await page
      .getByRole('button', { name: button })
      .evaluate((element) => setTimeout(() => element.click(), 20));
    await pause(20 + late);
    await kill(context, profile);
    const again = await open(profile);
    const told = await state(await strange(again, home));
    await again.close();
    rmSync(profile, { recursive: true, force: true });
    if (told.every(Boolean)) all++;
    else if (told.some(Boolean))
      failures.push(`${name}, kill ${i}: a part is kept, ${told.join(' ')}`);
    else none++;
  };
  for (let i = 0; i < KILLS; i += 2) await Promise.all([one(i), one(i + 1)]);
  rmSync(folder, { recursive: true, force: true });
  return `${name}, ${KILLS} kills 0 to ${diesMs} ms after the click: all kept ${all}, nothing kept ${none}, a part ${KILLS - all - none}`;
}

await run(
  Object.entries(ACTS).map(
    ([name, act]) =>
      () =>
        killed(name, act),
  ),
);
