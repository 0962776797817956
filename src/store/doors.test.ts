/** One schema at every door: whatever is done, what is kept is what a file takes. */
import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { assess } from '../core/assess';
import {
  changeItem,
  changeStep,
  choose,
  freshStepId,
  insertStep,
  potOf,
  putIn,
  scaleBatch,
  setWater,
  stepsOf,
} from '../core/batch/plan';
import { readLines } from '../core/batch/reading';
import type { Batch, Bundle } from '../core/batch/schema';
import { HOUSEHOLD, KITCHEN, POT, REFERENCE, STOVETOP } from '../core/testing/kitchen';
import { readBundle, writeBundle } from '../formats';
import { begin, change, useApp } from '.';

global.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const HOME: Bundle = { ...HOUSEHOLD, pots: [POT, { ...STOVETOP, id: 'hob' }] };

/** Numbers as no kitchen has them, among those that it has. */
const wild = fc.oneof(
  fc.double({ min: 0.01, max: 100, noNaN: true }),
  fc.constantFrom(0, -1, 1e-308, 1e-5, 1e9, Number.NaN, Number.POSITIVE_INFINITY),
  fc.double(),
);
const line = fc
  .tuple(
    fc.constantFrom('0', '0.0001', '3', '900', '1e9', '1/0', '250', '2 1/2'),
    fc.constantFrom('g', 'kg', '', 'cups', 'oz'),
    fc.constantFrom('carrots', 'salt', 'potatoes', 'pearl barley', 'moonrock', 'lamb neck'),
  )
  .map((words) => words.join(' '));

type Edit = (batch: Batch) => Batch;
const edit: fc.Arbitrary<Edit> = fc.oneof(
  fc.array(line, { maxLength: 260 }).map((lines): Edit => {
    const items = readLines(lines.join('\n')).flatMap((read) => read.item ?? []);
    return (batch) => putIn(batch, items, KITCHEN.habits);
  }),
  wild.map(
    (litres): Edit =>
      (batch) =>
        setWater(batch, litres),
  ),
  wild.map(
    (factor): Edit =>
      (batch) =>
        scaleBatch(batch, factor),
  ),
  wild.map(
    (value): Edit =>
      (batch) =>
        changeItem(batch, batch.items[0]?.id ?? '', { amount: { value, unit: 'kg' } }),
  ),
  wild.map(
    (startC): Edit =>
      (batch) =>
        changeItem(batch, batch.items[0]?.id ?? '', { startC }),
  ),
  wild.map(
    (minutes): Edit =>
      (batch) =>
        changeStep(batch, stepsOf(batch)[0]?.id ?? '', (step) =>
          step.kind === 'pressure' ? { ...step, holdMin: minutes } : { ...step, minutes },
        ),
  ),
  fc.integer({ min: 1, max: 80 }).map(
    (times): Edit =>
      (batch) =>
        Array.from({ length: times }).reduce<Batch>(
          (next) => insertStep(next, null, { id: freshStepId(next), kind: 'simmer', minutes: 5 }),
          batch,
        ),
  ),
  fc.constantFrom('hob', 'no such pot').map((potId): Edit => (batch) => ({ ...batch, potId })),
  fc.constant<Edit>((batch) => choose(batch, 'noodles', 'apart')),
);

function household(): Bundle {
  const { household: now } = useApp.getState();
  if (!now) throw new Error('no household');
  return now;
}

const saved = (next: Batch): boolean =>
  change((h) => ({ ...h, batches: h.batches.map((b) => (b.id === next.id ? next : b)) }));

/** Path of a number that is NaN or infinite. */
function wildNumbers(value: unknown, path = ''): readonly string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${path} ${value}`];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => wildNumbers(inner, `${path}/${key}`));
}

describe('what is kept', () => {
  it('is what a file takes, and can be worked out, whatever was done', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(edit, { minLength: 1, maxLength: 6 }), async (edits) => {
        await begin(HOME);
        for (const one of edits) {
          const [batch] = household().batches;
          if (batch) saved(one(batch));
        }
        const text = writeBundle(household());
        const read = readBundle(text);
        expect(read.ok ? [] : read.problems).toEqual([]);
        if (!read.ok) return;
        expect(writeBundle(read.bundle)).toBe(text);
        const [batch] = read.bundle.batches;
        if (!batch) return;
        const found = assess(batch, potOf(batch, read.bundle.pots), KITCHEN, { stepS: 60 });
        expect(wildNumbers(found)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  it('is told where it was refused, and all else stays', async () => {
    await begin(HOME);
    const none = {
      ...REFERENCE,
      items: REFERENCE.items.map((i) => ({ ...i, amount: { value: 0, unit: 'g' as const } })),
    };
    expect(saved(none)).toBe(false);
    expect(household().batches).toEqual([REFERENCE]);
    expect(useApp.getState().notice).toMatch(/Not saved.*must be a number above 0/);
    expect(change((h) => ({ ...h, pots: [] }))).toBe(false);
    expect(change((h) => ({ ...h, kitchen: { ...h.kitchen, altitudeM: 1e9 } }))).toBe(false);
    // A pot goes only where no batch stands in it.
    const inHob = { ...REFERENCE, potId: 'hob' };
    expect(saved(inHob)).toBe(true);
    expect(change((h) => ({ ...h, pots: [POT] }))).toBe(false);
    expect(saved(REFERENCE)).toBe(true);
    expect(change((h) => ({ ...h, pots: [POT] }))).toBe(true);
  });
});

describe('a line', () => {
  it.each([
    ['0 carrots', /an amount is above 0/],
    ['0.0001 g salt', /too little to weigh|above 0/],
    ['900 kg potatoes', /no more than 100 kg/],
  ])('%s is refused where it is read', (text, why) => {
    const [read] = readLines(text);
    expect(read?.item).toBeNull();
    expect(read?.food).not.toBeNull();
    expect(read?.refused).toMatch(why);
  });
});
