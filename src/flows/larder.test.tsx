/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { kept } from '@/ui/testing/household';
import {
  after,
  all,
  at,
  choose,
  comes,
  enter,
  fill,
  find,
  follow,
  gone,
  handIn,
  keys,
  marked,
  press,
  pressAll,
  saved,
  says,
  seen,
  serveAt,
  sheet,
  visit,
} from './testing/page';

const NOW = '2026-11-24T15:40:00Z';

const judgement = (): HTMLElement | null => marked('judgement');
const on = (shelf: 'Fridge' | 'Freezer', name: string | RegExp): Element[] =>
  all('button', name, seen('region', shelf) ?? document.createDocumentFragment());

/** Waits until a shelf holds a number of jars of a name. */
const stand = (shelf: 'Fridge' | 'Freezer', name: RegExp, many: number): Promise<true> =>
  comes(() => (on(shelf, name).length === many ? true : null), `${many} of ${String(name)}`);

const firstOn = async (shelf: 'Fridge' | 'Freezer', name: RegExp): Promise<void> =>
  press(name, { within: await find('region', shelf) });

/** Cooks the split peas to their open lid. @returns the ways to cool them */
async function peasOpened(): Promise<HTMLElement> {
  visit('/bench/b4', undefined, NOW);
  // The plan stands over the foam line: a cook passes that stop with a reason.
  await press('Start cooking');
  await fill('Why you cook it anyway', 'the peas are old and hardly foam');
  await pressAll('Cook it anyway', 'Lid locked');
  await after(20);
  await press('At pressure');
  await after(26);
  await pressAll('Valve opened', 'Pin down', 'Lid off');
  return find('table', 'Ways to cool');
}

it('a stock is finished, cooled by readings, jarred, and put into a soup', async () => {
  visit('/bench/b2', undefined, NOW);
  await pressAll('Start cooking', 'Lid locked', 'At pressure', 'Heat off');
  // Strained as the plan says, then the open pot.
  await pressAll('Pin down', 'Lid off', 'Done');
  const moves = await find('list', 'Moves at the open pot');
  await says(() => moves, 'skim: up to');
  await press(/skim/, { kind: 'checkbox', within: moves });
  await press('One serving more');
  await says(() => document.querySelector('[aria-label="Servings"]'), '1 serving');
  const ways = await find('table', 'Ways to cool');
  await says(() => seen('row', /Left in the pot overnight/, ways), 'throw out');
  await press('Cool it this way');
  await says(() => marked('cools'), 'Shallow pans');
  await press('Write it in the log');
  await at(/^\/log\//);

  // Two readings, an hour apart: what is believed goes by them.
  follow('/larder');
  const cooling = (): HTMLElement | null => seen('region', /Cooling: Turkey frame stock/);
  await says(judgement, 'Cold in time');
  for (const read of ['45', '27']) {
    await after(30);
    await fill(/Its middle reads/, read);
    await press('Read just now');
  }
  await says(cooling, /Read 45 °C at \d\d:\d\d, 27 °C at/);
  await says(judgement, 'Cold in time');

  await press('It is cold: fill jars');
  const filled = (): HTMLElement | null => seen('region', 'Filled so');
  await says(filled, '× jar, 1/2 L');
  await fill(/^Amount to store/, '1.3');
  await says(filled, '3 × jar, 1/2 L with 450 ml');
  await press('Put them on the shelf');
  await gone(cooling);
  const fresh = /^Turkey frame stock, 450 ml, 4 days$/;
  await stand('Fridge', fresh, 3);

  // One of them instead of water in the lentils; it is free no more.
  await firstOn('Fridge', fresh);
  await choose(/^Put .* into$/, 'Red lentil and carrot');
  await press('Put it in');
  await at(/^\/bench\/b5$/);
  await says(() => document.querySelector('main'), 'Turkey frame stock');
  follow('/larder');
  await firstOn('Fridge', fresh);
  await says(sheet, 'It is planned for Red lentil and carrot');
});

it('a day view calls tonight what thaws for tomorrow, and the jar goes there', async () => {
  visit('/larder', undefined, NOW);
  await press('change');
  await fill(/^Broth used a day/, 'lots');
  await press('Keep');
  await says(() => seen('alert'), 'Enter a number from 0 to 50');
  await fill(/^Broth used a day/, '2');
  await press('Keep');
  await says(() => seen('item', /^Today/), 'thaw tonight');
  await firstOn('Freezer', /broth, no\. 1/);
  await press('Into the fridge to thaw');
  await stand('Fridge', /broth, no\. 1, 800 ml, 4 days/, 1);
  await keys('{Control>}z{/Control}');
  await stand('Fridge', /run 1/, 0);
});

it('a soup holds its jar until it is cooked; then it is gone from the shelf', async () => {
  visit('/bench/b1', undefined, NOW);
  await says(() => document.body, 'Venison and veal-knuckle broth, no. 2');
  await serveAt('tomorrow 18:30');
  follow('/larder');
  await says(() => seen('list', 'The next days'), 'into Lamb neck, barley and leek');
  await stand('Fridge', /no\. 2/, 2);
  follow('/bench/b1');
  await press('Start cooking');
  await at(/^\/stove\//);
  follow('/larder');
  await stand('Fridge', /no\. 2/, 1);
});

it('a line at the Bench takes from the Larder', async () => {
  visit('/bench/b5', undefined, NOW);
  await fill('Put in', '0.5 L turkey stock');
  await says(() => document.querySelector('[aria-label="As understood"]'), 'Turkey frame stock');
  await enter('Put in', '0.5 L turkey stock');
  follow('/larder');
  await firstOn('Fridge', /Turkey frame stock/);
  await says(sheet, 'It is planned for Red lentil and carrot');
});

it('the bag makes a stock, and jars go out and in as a table', async () => {
  visit('/larder', undefined, NOW);
  await fill('Into the bag', 'a brick');
  await press('Add');
  await find('alert', /is not a food that Retort knows/);
  await fill('Into the bag', '300 g veal knuckle');
  await press('Add');
  await says(() => seen('list', 'In the bag'), '300 g veal knuckle');

  await press('Files');
  await press('Jars as CSV', { kind: 'menuitem' });
  const csv = await saved();
  expect(csv.split('\n')[0]).toContain('id,name,litres,left_litres,jar,where');
  expect(csv.trim().split('\n')).toHaveLength(15);
  await press('Files');
  await press('Bring in jars from CSV', { kind: 'menuitem' });
  await handIn(
    /A CSV file/,
    'more.csv',
    'name,litres,made,where\nFumet,0.5,2026-11-23,fridge\n,1,2026-11-23,fridge',
  );
  await says(() => seen('alert', undefined, sheet() ?? document), 'line 3: a name is missing');
  await press('Take 1 in');
  await stand('Fridge', /Fumet/, 1);

  await press('Make stock of it');
  await at(/^\/bench\//);
  const name = (await find('field', 'Name of the batch')) as HTMLInputElement;
  expect(name.value).toBe('Stock of the bag');
  await says(() => seen('table', 'Broths from these bones'), 'wobbly');
  follow('/larder');
  await says(() => document.body, 'Empty. Bones that are picked clean');
});

it('the overnight pot is judged both ways, and past the limit it is thrown out', async () => {
  const ways = await peasOpened();
  await says(() => seen('row', /Kept warm overnight/, ways), 'kept hot');
  await press(/Left in the pot overnight/, { within: ways });
  await says(() => document.body, 'Nobody should eat it after that');
  expect(seen('button', 'Cool it this way')).toBeNull();
  await press(/Shallow pans/, { within: ways });
  await pressAll('Cool it this way', 'Write it in the log');
  await at(/^\/log\//);
  follow('/larder');
  await says(judgement, 'Cold in time');
  await after(200);
  await fill(/Its middle reads/, '30');
  await press('Read just now');
  await says(judgement, 'Throw it out. It read 30 °C');
  await press('Thrown out');
  await gone(judgement);
});

it('a pot on keep-warm that reads 45 °C has cooled, and is thrown out', async () => {
  const ways = await peasOpened();
  await press(/Kept warm overnight/, { within: ways });
  await pressAll('Cool it this way', 'Write it in the log');
  await at(/^\/log\//);
  follow('/larder');
  await says(judgement, 'Kept hot');
  await after(60);
  await fill(/Its middle reads/, '68');
  await press('Read just now');
  await says(judgement, 'Kept hot');
  await after(150);
  await fill(/Its middle reads/, '45');
  await press('Read just now');
  await says(judgement, 'Throw it out. It read 45 °C');
  // It fills no jars: neither from here, nor once it is thrown out.
  expect(seen('button', 'It is cold: fill jars')).toBeNull();
  await press('Thrown out');
  await gone(judgement);
  await press('Fill jars');
  await comes(sheet);
  expect(sheet()?.textContent).not.toContain('Yellow split pea');
});

it('a jar past its day goes neither into the freezer nor into a plan', async () => {
  visit('/larder', undefined, '2026-12-08T15:40:00Z');
  await firstOn('Fridge', /Turkey frame stock/);
  await says(sheet, /Past its day by \d+ days: throw it out/);
  await says(sheet, 'Neither freezing nor boiling makes it safe again');
  expect(seen('button', 'Into the freezer')).toBeNull();
  expect(seen('region', 'Into a pot')).toBeNull();
  await press('Thrown out', { within: sheet() ?? document });
  await gone(sheet);
  // The Bench takes none either: the line becomes a stock of the table.
  const jarred = (): number =>
    kept()
      .batches.flatMap(({ items }) => items)
      .filter(({ jars }) => jars?.length).length;
  const before = jarred();
  follow('/bench/b5');
  await enter('Put in', '0.5 L turkey stock');
  await gone(() => (seen('field', 'Put in') as HTMLInputElement | null)?.value || null);
  expect(jarred()).toBe(before);
});

it('what is on the shelf is used, given away and thrown out', async () => {
  visit('/larder', undefined, NOW);
  for (const [i, how] of ['Used', 'Given away', 'Thrown out'].entries()) {
    await stand('Fridge', /Turkey frame stock/, 4 - i);
    await firstOn('Fridge', /Turkey frame stock/);
    await press(how, { within: await find('dialog') });
  }
  await stand('Fridge', /Turkey frame stock/, 1);
});
