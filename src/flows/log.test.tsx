/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import {
  all,
  at,
  comes,
  fill,
  find,
  follow,
  marked,
  press,
  pressAll,
  saved,
  says,
  seen,
  visit,
} from './testing/page';

/** Waits until a number of runs is listed. */
const listed = (many: number): Promise<true> =>
  comes(() => {
    const runs = seen('list', 'Runs');
    return (runs ? all('item', undefined, runs).length : 0) === many ? true : null;
  }, `${many} runs`);

it('the log is searched, asked whether it is to be believed, and taken out as a table', async () => {
  visit('/log');
  await listed(24);
  const search = /search|find/i;
  await fill(search, 'borlotti under');
  await listed(1);
  await says(() => document.body, '1 of 24');
  await fill(search, 'turnip');
  await says(() => document.body, 'Nothing is found.');
  await fill(search, '');
  await press('How accurate has Retort been?');
  await says(() => marked('bands'), '8 in 10 should');
  await press('All as CSV');
  const csv = await saved();
  expect(csv.split(/\r?\n/)[0]).toBe(
    'id,dish,kind,pot,started,predicted_min,band_low_min,band_high_min,happened_min,verdicts,yield_litres,salt_added_g,next_hold_min,next_water_ml,note',
  );
  expect(csv.trim().split(/\r?\n/).length).toBeGreaterThan(24);
  expect(csv).toContain('stewing venison: under');
});

it('a dish that is cooked again tells what was changed', async () => {
  visit('/log/r1');
  await pressAll('Cook again with these changes', 'Take it to the Bench');
  await at(/^\/bench\//);
  await pressAll('Start cooking', 'Lid locked', 'At pressure', 'End the hold now');
  await pressAll('Valve opened early', 'Pin down', 'Lid off', 'Write it in the log');
  await at(/^\/log\//);
  const history = await find('region', 'This dish so far');
  await comes(() => (all('item', undefined, history).length === 5 ? true : null));
  await says(() => history, 'water 1.2 L → 1.45 L');
  follow('/log');
  await listed(25);
});
