import fc from 'fast-check';
import { CUT_SHAPES, type Cut } from '../batch/schema';
import { FOODS, foodByKey, wholeMm, type Food } from '../food';
import { slowness } from '../heat';
import { conductionShape } from '.';

function food(key: string): Food {
  const found = foodByKey(key);
  if (!found) throw new Error(key);
  return found;
}
const shapeOf = (key: string, cut: Cut | null) => {
  const shape = conductionShape(food(key), cut);
  if (!shape) throw new Error(key);
  return shape;
};
const slow = (key: string, cut: Cut | null): number => slowness(shapeOf(key, cut));
const cube = (mm: number): Cut => ({ shape: 'cube', mm });

describe('a cut', () => {
  const cuts = fc.record({
    shape: fc.constantFrom(...CUT_SHAPES.filter((shape) => shape !== 'whole')),
    mm: fc.double({ min: 2, max: 150, noNaN: true }),
  });

  it('never makes a food that grows in pieces slower than it is whole', () => {
    const grown = FOODS.filter(
      ({ shape, group }) => shape && !['meat', 'poultry', 'fish', 'bones'].includes(group),
    );
    fc.assert(
      fc.property(fc.constantFrom(...grown), cuts, ({ key }, cut) => {
        expect(slow(key, cut)).toBeLessThanOrEqual(slow(key, null) * (1 + 1e-9));
      }),
    );
  });

  it('never makes meat slower than the joint it is cut from', () => {
    const joint = wholeMm(food('beef-stewing'), 1500) ?? 0;
    fc.assert(
      fc.property(fc.double({ min: 5, max: 0.7 * joint, noNaN: true }), (mm) => {
        expect(slow('beef-stewing', cube(mm))).toBeLessThan(
          slow('beef-stewing', { shape: 'whole', mm: joint }),
        );
      }),
    );
  });

  it('smaller is never slower', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('carrot', 'potato', 'leek', 'beef-stewing', 'green-beans'),
        cuts,
        fc.double({ min: 0.3, max: 1, noNaN: true }),
        (key, cut, less) => {
          expect(slow(key, { ...cut, mm: less * cut.mm })).toBeLessThanOrEqual(
            slow(key, cut) * 1.001,
          );
        },
      ),
    );
  });

  it('leaves lengths of a green bean as quick as the whole bean', () => {
    for (const shape of ['cube', 'slice', 'stick'] as const) {
      const ratio = slow('green-beans', { shape, mm: 40 }) / slow('green-beans', null);
      expect(ratio).toBeGreaterThan(0.95);
      expect(ratio).toBeLessThanOrEqual(1);
    }
  });

  it('makes a slice of a carrot a disc and a cube nearly a ball', () => {
    // A slab of 3 mm takes 0.66 of the square of its half.
    const disc = slow('carrot', { shape: 'slice', mm: 3 }) / (0.66 * 1.5 ** 2);
    expect(disc).toBeGreaterThan(0.9);
    expect(disc).toBeLessThan(1);
    expect(shapeOf('beef-stewing', cube(30)).mm).toBeCloseTo(34.9, 1);
    expect(conductionShape(food('water'), null)).toBeNull();
  });
});

describe('what is whole', () => {
  // The brief's figures for roasts; birds by the cube root of their weight.
  it('is as thick as its weight makes it', () => {
    expect(wholeMm(food('beef-stewing'), 1500)).toBeGreaterThanOrEqual(100);
    expect(wholeMm(food('beef-stewing'), 1500)).toBeLessThanOrEqual(120);
    const bird = (grams: number): number => wholeMm(food('whole-chicken'), grams) ?? 0;
    expect(bird(2600) / bird(1600)).toBeCloseTo((2600 / 1600) ** (1 / 3), 1);
    expect(wholeMm(food('minced-beef'), 500)).toBeGreaterThan(60);
  });

  it('is never slower when it is lighter', () => {
    const solid = FOODS.filter((f) => f.shape);
    fc.assert(
      fc.property(
        fc.constantFrom(...solid),
        fc.double({ min: 5, max: 4000, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (one, grams, less) => {
          expect(wholeMm(one, less * grams)).toBeLessThanOrEqual(wholeMm(one, grams) ?? 0);
        },
      ),
    );
  });
});
