/** Builds Retort, starts it with the sample kitchen and takes the pictures of docs/screenshots. */
/* global indexedDB, IDBFactory, DOMException, navigator */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { deflateRawSync } from 'node:zlib';
import { build } from './build.mjs';
import { ROOT } from './ensure.mjs';
import { BROWSER, serve } from './server.mjs';

const OUT = path.join(ROOT, 'docs', 'screenshots');

if ((await build()) !== 0) process.exit(1);
const { chromium } = await import('@playwright/test');
const next = path.join(ROOT, 'node_modules', '.bin', 'next');
const { home, stop } = await serve(spawn, next, 3230);
const browser = await chromium.launch(BROWSER);
/** Pictures that are wanted; all where none is named. */
const wanted = process.argv.slice(2);

const RECIPE = `Lamb neck with barley and leek
Serves 6

Ingredients
1.2 kg lamb neck, 4 cm chunks
150 g pearl barley
2 leeks, white part only, sliced
2 carrots and 1 onion, all diced
1.6 l water
1 tsp salt
1 tbsp oil

Method
Heat the oil in the pot and brown the lamb in two batches, about 5 minutes per batch.
Add the barley, carrots, onion, water and salt. Lock the lid and bring to high pressure. Cook for 28 minutes.
Let the pressure drop naturally for 15 minutes, then release the rest.
Stir in the leeks and simmer for 6 minutes, until just tender.

Notes
Better the next day.`;

/** Leads to an address of this site at which nothing of Retort runs. */
async function strange(page) {
  await page.route('**/blank', (route) => route.fulfill({ contentType: 'text/html', body: '' }));
  await page.goto(`${home}/blank`);
}

/** One picture; `prepare` leads the page to what is to be seen. */
async function shot(name, prepare, size = { width: 1280, height: 800 }) {
  if (wanted.length > 0 && !wanted.includes(name)) return;
  const context = await browser.newContext({
    viewport: size,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
  });
  const page = await context.newPage();
  await page.clock.install({ time: new Date('2026-11-24T15:40:00Z') });
  await prepare(page);
  await page.locator('.animate-pulse').first().waitFor({ state: 'detached' });
  await page.screenshot({ path: path.join(OUT, `${name}.png`) });
  await context.close();
  console.log(name);
}

/** Shares the kitchen of a desk. @returns the link by which a phone joins */
async function shared(page) {
  await page.goto(`${home}/kitchen`);
  await page.getByRole('button', { name: 'Use it on another device' }).click();
  await page.getByLabel('Name of this device').fill('Desk');
  await page.getByRole('button', { name: 'Show the code' }).click();
  await page.getByRole('button', { name: 'Copy the link' }).click();
  return page.evaluate(() => navigator.clipboard.readText());
}

/** A desk and a phone in one picture. Their clocks are the machine's own, since they talk to each other. */
async function sides(name, prepare) {
  if (wanted.length > 0 && !wanted.includes(name)) return;
  const sizes = [
    { width: 1280, height: 800 },
    { width: 390, height: 800 },
  ];
  const contexts = await Promise.all(
    sizes.map((viewport, i) =>
      browser.newContext({
        viewport,
        locale: 'en-GB',
        timezoneId: 'Europe/London',
        permissions: ['clipboard-read', 'clipboard-write'],
        ...(i === 1 && { userAgent: 'Android Mobile' }),
      }),
    ),
  );
  const pages = await Promise.all(contexts.map((context) => context.newPage()));
  await prepare(...pages);
  const pictures = [];
  for (const page of pages) {
    await page.bringToFront();
    await page.locator('.animate-pulse').first().waitFor({ state: 'detached' });
    pictures.push((await page.screenshot()).toString('base64'));
  }
  const both = await browser.newPage({ viewport: { width: 1694, height: 800 } });
  await both.setContent(
    `<body style="margin:0;display:flex;gap:24px;background:#8a8378">${pictures
      .map((one) => `<img alt="" src="data:image/png;base64,${one}">`)
      .join('')}</body>`,
  );
  await both.screenshot({ path: path.join(OUT, `${name}.png`) });
  await both.close();
  for (const context of contexts) await context.close();
  console.log(name);
}

/** Waits until the remedies of the calls have been tried. */
async function tried(page) {
  await page.locator('[aria-label="Warnings"][aria-busy="false"]').waitFor();
}

/** A bench with its range worked out and a serving time set. */
const bench = (id) => async (page) => {
  await page.goto(`${home}/bench/${id}`);
  await page.getByLabel('ready at').fill('18:30');
  await page.getByLabel('ready at').press('Enter');
  await page.getByText(/usually \d/).waitFor();
  await tried(page);
};

async function toTheValve(page) {
  await page.goto(`${home}/bench/b1`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.clock.runFor('03:00');
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await page.clock.runFor('23:00');
  await page.getByRole('button', { name: 'At pressure' }).click();
  await page.clock.runFor('34:05');
  await page.getByRole('button', { name: 'Valve opened' }).waitFor();
  await page
    .getByRole('region', { name: 'Ready at' })
    .getByText(/usually/)
    .waitFor();
}

const PHONE = { width: 390, height: 844 };

try {
  await shot('batches', (page) => page.goto(home));
  await shot('bench', bench('b1'));
  await shot('bench-phone', bench('b1'), PHONE);
  await shot('broths', async (page) => {
    await page.goto(`${home}/bench/b3`);
    await page.getByText(/usually \d/).waitFor();
    await tried(page);
    await page.getByTestId('run-3').waitFor();
  });
  await shot('stove', toTheValve);
  await shot(
    'stove-phone',
    async (page) => {
      await toTheValve(page);
      await page.getByRole('button', { name: 'Night' }).click();
      await page.evaluate('scrollTo(0, 0)');
    },
    { width: 844, height: 390 },
  );
  await shot(
    'stove-away',
    async (page) => {
      await page.goto(`${home}/bench/b8`);
      await page.getByRole('button', { name: 'Start cooking' }).click();
      await page.getByRole('button', { name: 'Lid locked' }).click();
      await page.clock.runFor('26:00');
      await page.getByRole('button', { name: 'At pressure' }).click();
      await page.getByRole('heading', { name: 'Hold' }).waitFor();
      const stove = page.url();
      await page.goto('about:blank');
      await page.clock.runFor('01:35:00');
      await page.goto(stove);
      await page.getByRole('region', { name: 'While you were away' }).waitFor();
    },
    PHONE,
  );
  const drill = async (page) => {
    await bench('b7')(page);
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Practice run' }).click();
    await page.getByRole('button', { name: 'Everything clean' }).click();
    await page.getByRole('button', { name: '240×' }).click();
    await page.getByRole('button', { name: 'Lid locked' }).click();
    await page.getByText('steam from the valve').waitFor({ timeout: 60_000 });
    // It is late by now.
    await page
      .getByTestId('clock')
      .getByText(/^\+\d\d/)
      .waitFor({ timeout: 60_000 });
    await page.getByRole('button', { name: '10×', exact: true }).click();
  };
  await shot('debrief', async (page) => {
    await drill(page);
    await page.getByRole('button', { name: 'Something happened' }).click();
    await page.getByRole('button', { name: 'The valve was open: shut now' }).click();
    await page.getByRole('button', { name: '240×' }).click();
    for (const name of ['Valve opened', 'Lid off']) {
      await page.getByRole('button', { name, exact: true }).click({ timeout: 90_000 });
      await page.getByRole('button', { name: '60×', exact: true }).click();
    }
    await page.getByTestId('clock').getByText(/^\+/).waitFor({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await page.getByRole('button', { name: 'Look back at it' }).click();
    await page.getByRole('region', { name: 'What it came down to' }).waitFor();
  });
  const opened = async (page) => {
    await toTheValve(page);
    for (const name of ['Valve opened', 'Pin down', 'Lid off'])
      await page.getByRole('button', { name, exact: true }).click();
    await page.clock.runFor('18:00');
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await page.getByTestId('ways').waitFor();
  };
  await shot('finish', async (page) => {
    await opened(page);
    for (const name of [/Test the/, /Remove the/, /Lift out/, /skim/]) {
      const box = page.getByRole('checkbox', { name });
      if ((await box.count()) > 0) await box.check();
    }
    await page.getByRole('list', { name: 'Ways to thicken' }).waitFor();
    await page.clock.runFor(500);
  });
  await shot('larder', async (page) => {
    await page.goto(`${home}/larder`);
    await page.getByRole('list', { name: 'The next days' }).waitFor();
    await page.clock.runFor(1000);
  });
  await shot('log', async (page) => {
    await page.goto(`${home}/log`);
    await page.getByRole('button', { name: 'How accurate has Retort been?' }).click();
    await page.getByTestId('bands').waitFor();
    await page.clock.runFor(500);
  });
  await shot('kitchen', async (page) => {
    await page.goto(`${home}/kitchen`);
    await page.getByText(/Plans use these numbers/).waitFor();
  });
  const desk = (text) => async (page) => {
    await page.goto(`${home}/desk`);
    await page.getByLabel('Paste a recipe').fill(text);
    await page.getByRole('button', { name: 'Read it' }).click();
    await page.getByTestId('recipe').waitFor();
    await page.clock.runFor(500);
  };
  await shot('desk', async (page) => {
    await desk(RECIPE)(page);
    await page.getByRole('button', { name: /^Cook for 28/ }).click();
  });
  await shot('damaged', async (page) => {
    await page.goto(home);
    await page.getByText('Turkey frame stock').first().waitFor();
    await strange(page);
    // A cook cut short, as a damaged disk leaves it.
    await page.evaluate(
      () =>
        new Promise((done) => {
          const request = indexedDB.open('retort');
          request.onsuccess = () => {
            const tx = request.result.transaction('cooks', 'readwrite');
            const cooks = tx.objectStore('cooks');
            cooks.get('r3').onsuccess = ({ target }) => {
              const { fields, ...cook } = target.result;
              cooks.put({ ...cook, fields: { ...fields, predicted: '{"totalMin": 9' } });
            };
            tx.oncomplete = () => {
              request.result.close();
              done();
            };
          };
        }),
    );
    await page.goto(home);
    await page.getByText(/Damaged and set aside/).waitFor();
    await page.getByRole('button', { name: 'Files' }).click();
    await page.getByRole('menuitem', { name: 'Damaged records, 1' }).click();
    await page.getByRole('list', { name: 'Damaged records' }).waitFor();
    await page.clock.runFor(500);
  });
  await shot('unopened', async (page) => {
    await page.goto(home);
    await page.getByText('Turkey frame stock').first().waitFor();
    await page.addInitScript(() => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('damaged', 'UnknownError');
      };
    });
    await page.goto(home);
    await page.getByRole('button', { name: 'Save what is there to a file' }).waitFor();
  });
  await shot('link', async (page) => {
    const sample = JSON.parse(readFileSync(path.join(ROOT, 'demo', 'harrow-fell.json'), 'utf8'));
    const { kitchen, version, pots, batches } = sample;
    const [pot] = pots;
    const batch = batches.find(({ id }) => id === 'b7');
    const carried = {
      format: 'retort',
      version,
      kitchen,
      pots: [{ ...pot, name: 'Small steel', capacityL: 3 }],
      batches: [{ ...batch, potId: pot.id, servings: 2 }],
    };
    const code = deflateRawSync(JSON.stringify(carried)).toString('base64url');
    await page.goto(`${home}/take#${code}`);
    await page.getByRole('list', { name: 'What differs' }).waitFor();
    await page.clock.runFor(1000);
  });
  await sides('devices', async (desk, phone) => {
    await phone.goto(await shared(desk));
    await phone.getByRole('heading', { name: 'The kitchen on Desk' }).waitFor();
  });
  await sides('two-sides', async (desk, phone) => {
    await phone.goto(await shared(desk));
    await phone.getByRole('button', { name: 'Join this kitchen' }).click();
    await phone.waitForURL(`${home}/`);
    await phone.goto(`${home}/bench/b7`);
    await phone
      .getByText(/usually/)
      .first()
      .waitFor();
    await phone.getByRole('button', { name: 'Start cooking' }).click();
    await phone.waitForURL(/\/stove\//);
    await desk.goto(phone.url());
    await phone.getByRole('checkbox').first().check();
    await desk.locator('input[type=checkbox]:checked').waitFor();
    await phone.getByRole('button', { name: 'Lid locked' }).click();
    await phone.getByRole('button', { name: 'Everything is in' }).click();
    await desk.getByRole('button', { name: 'At pressure' }).waitFor();
  });
  await shot('gate', async (page) => {
    await page.goto(`${home}/bench/b4`);
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await page.getByRole('dialog', { name: 'Fix this first' }).waitFor();
    await page.clock.runFor(500);
  });
} finally {
  await browser.close();
  stop();
}
