import { assess } from '../assess';
import { newBatch, stepsOf } from '../batch/plan';
import { readLines } from '../batch/reading';
import type { Batch } from '../batch/schema';
import { KITCHEN, POT } from '../testing/kitchen';
import { fittedTo, timedFor } from '.';

function listed(text: string): Batch {
  return {
    ...newBatch('b', POT),
    items: readLines(text).flatMap(({ item }, i) => (item ? [{ ...item, id: `i${i}` }] : [])),
  };
}
const warnings = (batch: Batch) =>
  assess(batch, POT, KITCHEN).findings.filter(({ level }) => level !== 'note').length;

describe('a list without minutes', () => {
  it('gets a timing in which less is wrong', () => {
    const lamb = listed('900 g lamb neck, 40 mm chunks\n2 carrots, 10 mm slices\n1.2 l water');
    expect(warnings(lamb)).toBeGreaterThan(0);
    expect(warnings(timedFor(lamb, POT, KITCHEN))).toBeLessThan(warnings(lamb));
  });

  it('keeps its timing where nothing is wrong with it', () => {
    const fine = timedFor(listed('300 g red lentils\n2 carrots\n1.5 l water'), POT, KITCHEN);
    expect(timedFor(fine, POT, KITCHEN)).toBe(fine);
  });

  it('keeps its amounts, unless it is made for the pot', () => {
    const much = listed('1.5 kg potatoes, 30 mm cubes\n6 leeks, 15 mm rings\n3 l water');
    const amounts = (batch: Batch) => batch.items.map(({ amount }) => amount.value);
    expect(amounts(timedFor(much, POT, KITCHEN))).toEqual(amounts(much));
    const fitted = fittedTo(much, POT, KITCHEN);
    expect(assess(fitted, POT, KITCHEN).fill.scaleToFit).toBeGreaterThanOrEqual(1);
    expect(stepsOf(fitted).length).toBeGreaterThan(0);
  });
});
