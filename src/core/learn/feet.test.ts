import type { Batch, Cook } from '../batch/schema';
import { planBatch } from '../batch/plan';
import { cookOf } from '../testing/cooks';
import { markAt } from '../testing/marks';
import { batchOf, HOUSEHOLD, item, KITCHEN, POT } from '../testing/kitchen';
import { knownKitchen, lessonOf } from '.';

const START = '2026-11-24T16:00:00.000Z';
const at = (minutes: number): string =>
  new Date(Date.parse(START) + 60_000 * minutes).toISOString();

/** Feet in a soup on the simmer, eaten. */
const FEET: Batch = batchOf(
  [item('w', 'water', 2, 'l', { startC: 20 }), item('f', 'chicken-feet', 600, 'g')],
  [{ id: 's1', kind: 'simmer', minutes: 240 }],
);

/** A pot that was looked into every 20 minutes, with what was found of the feet. */
function looked(found: readonly string[]): Cook {
  const cook = cookOf('c1', FEET, START);
  const last = 20 * (found.length + 1);
  const marks = [
    markAt('started', START, { step: null }),
    ...found.map((grade, i) => markAt('tested', at(20 * (i + 1)), { item: 'f', grade })),
    markAt('step-done', at(last)),
    markAt('done', at(last), { step: null }),
  ];
  const ended: Cook = { ...cook, marks, endedAt: at(last) };
  const lesson = lessonOf(ended);
  if (!lesson) throw new Error('nothing was learned');
  return { ...ended, lesson };
}

const needOf = (cooks: readonly Cook[]): number =>
  planBatch(FEET, POT, knownKitchen({ ...HOUSEHOLD, cooks }).kitchen).items.find(
    ({ id }) => id === 'f',
  )?.need ?? 1;

describe('feet that are eaten', () => {
  it('are judged by grades of their own', () => {
    const feet = planBatch(FEET, POT, KITCHEN).items.find(({ id }) => id === 'f');
    expect(feet).toMatchObject({ for: 'eat', wish: { from: 1, to: 2 } });
    expect(feet?.food.family).toBe('gelatinous');
  });

  it('teach their need by a look every 20 minutes', () => {
    const hard = needOf([looked([...Array<string>(8).fill('rubbery'), 'gelatinous'])]);
    const soft = needOf([looked(['rubbery', 'rubbery', 'rubbery', 'gelatinous', 'gelatinous'])]);
    expect(hard).toBeGreaterThan(1.15);
    expect(soft).toBeLessThan(0.9);
  });
});
