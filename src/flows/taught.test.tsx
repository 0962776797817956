/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import type { Bundle } from '@/core/batch/schema';
import { season } from '@/core/testing/season';
import {
  after,
  at,
  comes,
  find,
  follow,
  gone,
  marked,
  press,
  pressAll,
  SAMPLE,
  says,
  seen,
  visit,
} from './testing/page';

const body = (): Element => document.body;
const taught = (): HTMLElement | null => seen('region', 'What Retort learned from it');
const known = (): Element | null =>
  marked('pot-p1')?.querySelector('[data-testid="knowledge"]') ?? null;

/** The range of a plan's time, as it stands once it is drawn. */
async function bandOf(batch: string) {
  follow(`/bench/${batch}`);
  const text = await comes(
    () => /usually (\d+) to (\d+) min/.exec(body().textContent ?? '')?.[0] ?? null,
  );
  const [from = 0, to = 0] = text.match(/\d+/g)?.map(Number) ?? [];
  return { text, from, to };
}

it('three cooks with a weak heater narrow the fourth’s band, and left out they bring the old one back', async () => {
  const { household, fourthMin } = season(SAMPLE, 'b5', 0.8);
  const untaught: Bundle = { ...household, cooks: [] };
  visit('/bench/b5', untaught);
  const before = await bandOf('b5');
  visit('/log', household);
  for (const { id } of household.cooks) {
    follow(`/log/${id}`);
    await says(taught, /This pot: \d+ % weaker than its label says/);
  }
  const learned = await bandOf('b5');
  expect(learned.to - learned.from).toBeLessThan(before.to - before.from);
  expect(fourthMin).toBeGreaterThan(learned.from - 1);
  expect(fourthMin).toBeLessThan(learned.to + 1);
  expect(fourthMin).toBeGreaterThan(before.to);
  await says(body, /weaker than its label says, learned from 3 cooks/);

  follow('/kitchen');
  await says(known, 'by 3 cooks');
  for (const { id } of household.cooks) {
    follow(`/log/${id}`);
    await pressAll('Leave this cook out', 'the lid or the ring was wrong');
    await says(body, /Retort learns nothing from it/);
  }
  expect((await bandOf('b5')).text).toBe(before.text);
});

it('beans called hard twice ask for a longer hold, and forgotten they do not', async () => {
  const { household } = season(SAMPLE, 'b7', 1);
  visit('/log', household);
  for (const id of ['w1', 'w2']) {
    follow(`/log/${id}`);
    const verdict = await find('group', 'Verdict on borlotti beans, dry');
    await press(/under/, { kind: 'radio', within: verdict });
    await says(taught, /Borlotti beans, dry: takes \d+ % longer than usual/);
  }
  await press('Cook again with these changes');
  await says(
    () => seen('region', 'Learned since'),
    /Borlotti beans, dry takes \d+ % longer than usual, learned from 2 cooks/,
  );
  const offer = (): HTMLInputElement | null =>
    seen('checkbox', undefined, seen('dialog') ?? document) as HTMLInputElement | null;
  await comes(() => (offer()?.checked ? true : null));
  await press('Take it to the Bench');
  await at(/^\/bench\//);
  const hold = await find('button', /^hold \d+ min, change$/);
  expect(Number(/\d+/.exec(hold.getAttribute('aria-label') ?? '')?.[0])).toBeGreaterThan(17);

  follow('/kitchen');
  await press(/^Forget what was learned of borlotti/);
  await says(body, /Forgotten: borlotti beans, dry/);
  follow('/log/w2');
  await press('Cook again with these changes');
  const take = (): HTMLElement | null => seen('button', 'Take it to the Bench');
  await comes(() => (take()?.matches(':enabled') ? true : null));
  expect(seen('region', 'Learned since')?.textContent ?? '').not.toContain('Borlotti');
  expect(offer()).toBeNull();
});

it('a kettle test tells of a pot that has never cooked', async () => {
  const { household } = season(SAMPLE, 'b5', 1);
  visit('/kitchen', { ...household, cooks: [] });
  await says(known, 'Not measured yet');
  await press('Kettle test', { within: await comes(() => marked('pot-p1')) });
  await says(() => seen('region', 'Kettle test'), '1 L of water');
  await press('Lid locked');
  await after(13.5);
  await pressAll('At pressure', 'Enough: end the test here');
  await at(/^\/log\//);
  await says(taught, /This pot: .*by 1 cook/);
  follow('/kitchen');
  await says(known, 'A kettle test is one of them.');
});

it('a pot timed with water has a narrower range', async () => {
  visit('/kitchen');
  // A pot without any cook.
  await press('Forget all this', { within: await comes(() => marked('pot-p1')) });
  const never = await bandOf('b1');
  follow('/kitchen');
  await press('Change', { within: await comes(() => marked('pot-p1')) });
  await press(/^I have timed it with plain water/, { kind: 'checkbox' });
  await press('Keep');
  await gone(() => seen('dialog'));
  const timed = await bandOf('b1');
  expect(timed.to - timed.from).toBeLessThan(never.to - never.from);
});
