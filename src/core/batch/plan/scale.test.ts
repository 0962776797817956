import fc from 'fast-check';
import { batchOf, item, POT, REFERENCE } from '../../testing/kitchen';
import { forServings, stepsOf, waterL, waysOf } from './';
import type { Pot } from '../schema';

const STOVE: Pot = {
  ...POT,
  id: 'p2',
  name: 'Hob cooker',
  kind: 'stovetop',
  settings: [{ name: 'full', gaugeKPa: 103 }],
};

describe('more, less, elsewhere', () => {
  it('goes by the bowls, there and back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), (bowls) => {
        const there = forServings(REFERENCE, bowls);
        expect(there.servings).toBe(bowls);
        expect(waterL(there)).toBeCloseTo((waterL(REFERENCE) * bowls) / 6, 3);
        const back = forServings(there, 6);
        back.items.forEach((it, i) =>
          expect(it.amount.value).toBeCloseTo(REFERENCE.items[i]?.amount.value ?? 0, 2),
        );
      }),
    );
    expect(forServings(batchOf([item('w', 'water', 1, 'l')]), 4)).toMatchObject({ servings: 4 });
  });

  it('keeps a joint as thick as its weight makes it, there and back', () => {
    const joint = batchOf([
      item('j', 'beef-stewing', 1.5, 'kg', { cut: { shape: 'whole', mm: 109 } }),
      item('c', 'carrot', 300, 'g', { cut: { shape: 'slice', mm: 12 } }),
    ]);
    const double = forServings({ ...joint, servings: 6 }, 12);
    expect(double.items.map(({ cut }) => cut?.mm)).toEqual([137, 12]);
    expect(forServings(double, 6).items.map(({ cut }) => cut?.mm)).toEqual([109, 12]);
    // A thickness that the cook has measured is the cook's.
    const flat = {
      ...joint,
      items: [item('j', 'beef-stewing', 1.5, 'kg', { cut: { shape: 'whole', mm: 60 } })],
    };
    expect(forServings({ ...flat, servings: 6 }, 12).items[0]?.cut?.mm).toBe(60);
  });

  it('offers the line, the other pots, and two halves', () => {
    const ways = waysOf(REFERENCE, [POT, STOVE], 'p1', 1.25);
    expect(ways.map((w) => w.id)).toEqual(['fill', 'pot-p2', 'split']);
    expect(waterL(ways[0]?.batches[0] ?? REFERENCE)).toBeCloseTo(1.4 * 1.22, 2);
    const [one, two] = ways[2]?.batches ?? [];
    expect(waterL(one ?? REFERENCE) + waterL(two ?? REFERENCE)).toBeCloseTo(1.4, 2);
    expect(waysOf(REFERENCE, [POT], 'p1', Infinity).map((w) => w.id)).toEqual(['split']);
  });

  it('takes settings and releases that the other pot has', () => {
    const cold = {
      ...REFERENCE,
      potId: 'p2',
      steps: [
        {
          id: 's1',
          kind: 'pressure' as const,
          setting: 'full',
          holdMin: 20,
          release: { method: 'coldwater' as const },
        },
      ],
    };
    const [there] = waysOf(cold, [POT, STOVE], 'p2', 1)[1]?.batches ?? [];
    expect(there?.potId).toBe('p1');
    expect(there && stepsOf(there)[0]).toMatchObject({
      setting: 'high',
      release: { method: 'natural' },
    });
  });
});
