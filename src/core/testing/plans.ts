/** Random plans for laws of food safety: foods that can hurt, in steps that may. */
import fc from 'fast-check';
import type { Batch, Item, Step } from '../batch/schema';
import { batchOf, item } from './kitchen';

const FOODS: readonly ((id: string) => Item)[] = [
  (id) => item(id, 'chicken-thigh', 4, 'piece'),
  (id) => item(id, 'whole-chicken', 1.5, 'kg', { startC: -18 }),
  (id) => item(id, 'kidney-beans', 250, 'g', { soakedH: 8 }),
  (id) => item(id, 'split-peas', 300, 'g'),
  (id) => item(id, 'beef-stewing', 700, 'g', { cut: { shape: 'cube', mm: 40 } }),
  (id) => item(id, 'minced-beef', 400, 'g'),
  (id) => item(id, 'pearl-barley', 120, 'g'),
  (id) => item(id, 'cream', 200, 'ml'),
  (id) => item(id, 'carrot', 3, 'piece'),
  (id) => item(id, 'ditalini', 150, 'g'),
  (id) => item(id, 'broth', 0.5, 'l'),
  (id) => item(id, 'white-fish', 300, 'g', { cut: { shape: 'cube', mm: 30 } }),
];

const release = fc.constantFrom<NonNullable<Extract<Step, { kind: 'pressure' }>['release']>>(
  { method: 'natural' },
  { method: 'quick' },
  { method: 'timed', afterMin: 10 },
  { method: 'pulsed' },
);

const firstLid = fc
  .record({ holdMin: fc.integer({ min: 0, max: 40 }), release })
  .map((more): Step => ({ id: 's1', kind: 'pressure', setting: 'high', ...more }));

const later = fc.oneof(
  fc.constant<Step | null>(null),
  fc.integer({ min: 1, max: 25 }).map((minutes): Step => ({ id: 's2', kind: 'simmer', minutes })),
  fc
    .record({ minutes: fc.constantFrom(10, 60, 400), keepWarm: fc.boolean() })
    .map((more): Step => ({ id: 's2', kind: 'rest', ...more })),
);

/** Plans of two to four foods in water, some of which go in at the second step. */
export const anyPlan: fc.Arbitrary<Batch> = fc
  .record({
    water: fc.integer({ min: 8, max: 34 }),
    foods: fc.uniqueArray(fc.integer({ min: 0, max: FOODS.length - 1 }), {
      minLength: 1,
      maxLength: 3,
    }),
    late: fc.integer({ min: 0, max: 7 }),
    lid: firstLid,
    then: later,
  })
  .map(({ water, foods, late, lid, then }) => {
    const items = foods.map((n, i) => {
      const one = (FOODS[n] as (typeof FOODS)[number])(`f${i}`);
      return then && late & (1 << i) ? { ...one, stays: [{ from: then.id }] } : one;
    });
    return batchOf(
      [item('w', 'water', water / 10, 'l'), ...items],
      [lid, ...(then ? [then] : [])],
      { kind: 'soup' },
    );
  });
