/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { kept } from '@/ui/testing/household';
import {
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
  sheet,
  visit,
} from './testing/page';

const body = (): Element => document.body;
const lane = (food: string) => (): HTMLElement | null => marked(`lane-${food}`);
const planned = () => kept().batches.find(({ id }) => id === 'b1');

async function exported(): Promise<string> {
  follow('/');
  await press('Files');
  await press('Export everything', { kind: 'menuitem' });
  return saved();
}

async function bringIn(name: string, text: string): Promise<void> {
  follow('/');
  await press('Files');
  await press('Bring in a file', { kind: 'menuitem' });
  await handIn('A Retort file (.json)', name, text);
}

async function replaceBy(text: string): Promise<void> {
  await bringIn('kitchen.json', text);
  await press('Replace', { kind: 'tab' });
  await press('Replace everything');
  await gone(sheet);
}

async function wish(food: string, which: string): Promise<void> {
  await press(new RegExp(`^Wish, cut and temperature of ${food}`));
  await press(which);
  await keys('{Escape}');
}

describe('a file of everything', () => {
  it('brings back wishes, bursts, a dismissed call and an own food, to the byte', async () => {
    visit('/bench/b1');
    await wish('carrot', 'with bite');
    await enter('Put in', '3 celery stalks');
    await comes(lane('celery'));
    await wish('celery', 'for flavour only');
    await press('hold 20 min, change');
    await choose('Release', 'pulsed');
    await fill('Wait before it, minutes', '3');
    await press('Keep');
    await gone(sheet);
    const call = (): HTMLElement | null => marked('call-noodles-drink');
    await press(/^Dismiss/, { within: await comes(call) });
    await fill('Why you dismiss it', 'eaten at once');
    await press('Keep', { within: await comes(call) });
    await gone(call);
    await fill('Put in', '4 skirrets, halved');
    await enter('skirrets cooks like', 'parsnip, 60 g a piece');
    await press('Add');
    await comes(lane('skirrets'));
    const asSet = planned();
    expect(JSON.stringify(asSet)).toContain('"with bite"');
    const file = await exported();

    // Start from the sample, where none of it is set.
    visit('/bench/b1');
    expect(planned()).not.toEqual(asSet);
    await replaceBy(file);
    follow('/bench/b1');
    await says(lane('celery'), 'dissolves');
    expect(seen('slider', 'Valve opens')?.getAttribute('aria-valuetext')).toContain('in bursts');
    await says(body, '“eaten at once”');
    await says(lane('skirrets'), 'skirrets');
    follow('/kitchen');
    await says(() => marked('food-skirret'), 'like parsnip, 60 g a piece');
    expect(planned()).toEqual(asSet);
    expect(await exported()).toBe(file);
  });

  it('brings back the litres and the set of a run', async () => {
    visit('/bench/b2');
    await press('Start cooking');
    await pressAll('Lid locked', 'At pressure', 'Heat off', 'Pin down', 'Lid off');
    await fill('Broth 1, L', '3.1');
    await pressAll('Done', 'Write it in the log');
    await press('soft jelly', { kind: 'radio' });
    const cook = kept().cooks.at(-1);
    const file = await exported();
    visit('/');
    await replaceBy(file);
    follow(`/log/${cook?.id}`);
    const litres = (await find('field', 'Broth 1, L')) as HTMLInputElement;
    expect(litres.value).toBe('3.1');
    const set = (await find('radio', 'soft jelly')) as HTMLInputElement;
    expect(set.getAttribute('aria-checked') ?? String(set.checked)).toBe('true');
  });

  it('is refused with its reasons when it is broken, and changes nothing', async () => {
    visit('/');
    const before = await exported();
    const broken = JSON.parse(before) as { pots: { capacityL: unknown }[] };
    broken.pots = broken.pots.map((pot) => ({ ...pot, capacityL: 'big' }));
    await bringIn('broken.json', JSON.stringify(broken));
    await says(() => seen('alert', /broken\.json/), 'nothing has changed');
    await says(
      () => seen('alert', /broken\.json/),
      'pots[0].capacityL: found "big", wanted a number from 1 to 50 L',
    );
    expect(seen('button', 'Merge it')?.matches(':disabled')).toBe(true);
    await keys('{Escape}');
    await gone(sheet);
    await bringIn('text.json', 'not a file of ours');
    await says(() => seen('alert', /text\.json/), 'wanted a Retort file in JSON');
    await keys('{Escape}');
    await gone(sheet);
    expect(await exported()).toBe(before);
  });
});
