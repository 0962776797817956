/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act } from '@testing-library/react';
import { METRIC, saidOn } from './testing/said';
import {
  all,
  at,
  choose,
  comes,
  enter,
  fill,
  find,
  follow,
  gone,
  keys,
  marked,
  press,
  SAMPLE,
  says,
  seen,
  serveAt,
  sheet,
  visit,
} from './testing/page';

/** Waits until all is worked out and loaded, and then looks at every word. */
async function nothingMetric(where: string): Promise<void> {
  await gone(() => document.querySelector('.animate-pulse, [aria-busy="true"]'));
  const metric = saidOn(document.body).filter((text) => METRIC.test(text));
  expect([where, metric]).toEqual([where, []]);
}

describe('a US kitchen says nothing metric', () => {
  it('from nothing: its pot, its soup, and every place', async () => {
    visit('/', null);
    await press('Start empty');
    await choose('Units', 'us');
    await fill(/^Altitude of your kitchen, ft/, '3800');
    await press(/^6-quart electric/);
    await at(/^\/desk/);
    await nothingMetric('the desk');
    await press('Begin with an empty pot');
    await at(/^\/bench\//);
    await nothingMetric('an empty bench');
    for (const line of [
      '2 1/2 lb lamb neck, 1 1/2-inch pieces',
      '1/2 cup pearl barley',
      '1 handful of spinach',
      '2 leeks, 1/2-inch rings',
      '5 cups water',
      '2 tsp salt',
    ])
      await enter('Put in', line);
    await says(() => marked('water'), '5 cups');
    await serveAt('tonight 11:55');
    await nothingMetric('the bench');
    for (const why of all('button', /^Why/i)) {
      act(() => (why as HTMLElement).click());
      await nothingMetric('why');
    }
    await press(/^Wish, cut and temperature of lamb neck/);
    await nothingMetric('the lane');
    await keys('{Escape}');
    for (const item of ['Timetable', 'Scale, move or split it', 'Our habits']) {
      await press('More');
      await press(item, { kind: 'menuitem' });
      await comes(sheet);
      await nothingMetric(item);
      await keys('{Escape}');
      await gone(sheet);
    }
    await press('Start cooking');
    await nothingMetric('the stove');
    await press('Lid locked');
    await nothingMetric('the stove, on');
    follow('/log');
    await nothingMetric('the log');
    follow('/kitchen');
    await nothingMetric('the kitchen');
    await press('Add a pot');
    await nothingMetric('the row of pots');
    await press(/^8-quart electric/);
    await nothingMetric('a pot');
    await keys('{Escape}');
    follow('/');
    await nothingMetric('the batches');
    await press('Plan a batch', { kind: 'link' });
    await fill(
      'Paste a recipe, or write what goes in',
      'Soup\n2 cups red lentils\n3 carrots\n1 blarn\n6 cups water\n\nPressure cook 5 minutes.',
    );
    await press('Read it');
    await says(() => marked('recipe'), 'I do not know this food');
    await nothingMetric('a recipe');
  });

  it('of the sample’s broth, its cooks and its jars', async () => {
    visit('/kitchen');
    await press('Change');
    await choose('Units', 'us');
    await press('Keep');
    await says(() => marked('pot-p1'), '6.0 qt');
    const places = ['/bench/b3', '/bench/b2', '/bench/b4', '/log/r1', '/log/r2', '/larder/labels'];
    for (const path of places) {
      follow(path);
      await find('heading');
      await nothingMetric(path);
    }
    follow('/larder');
    await press('Fill jars');
    // Nobody has said how it was cooled.
    await says(() => seen('region', 'How was it cooled?'), '°F');
    await nothingMetric('how it was cooled');
    await press('It was cold in time');
    await says(() => seen('region', 'Filled so'), '×');
    await nothingMetric('the larder');
  });
});

it('a litre is found where one is said', () => {
  visit('/');
  const said = saidOn(document.body).filter((text) => METRIC.test(text));
  expect(said.length).toBeGreaterThan(0);
  expect(SAMPLE.kitchen.units).toBe('metric');
});
