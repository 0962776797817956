import { POT } from '../testing/kitchen';
import { drawUnknowns, ITEM_SPREAD, POT_SPREAD, seeded, SIZE_SPREAD, type Unknowns } from '.';

const ITEMS = ['a', 'b'].map((id) => ({
  id,
  needSd: ITEM_SPREAD.need,
  sizeSd: SIZE_SPREAD.natural,
}));

function many(pot = POT, n = 4000): readonly Unknowns[] {
  const chance = seeded(9);
  return Array.from({ length: n }, () => drawUnknowns(pot, ITEMS, chance));
}

/** Standard deviation of the logarithms. */
function spread(values: readonly number[]): number {
  const logs = values.map(Math.log);
  const mean = logs.reduce((sum, v) => sum + v, 0) / logs.length;
  return Math.sqrt(logs.reduce((sum, v) => sum + (v - mean) ** 2, 0) / logs.length);
}

describe('chance', () => {
  it('is the same for the same seed, even, and normal', () => {
    const a = seeded(5);
    const b = seeded(5);
    expect([a.uniform(), a.normal()]).toEqual([b.uniform(), b.normal()]);
    const c = seeded(6);
    const uniform = Array.from({ length: 20_000 }, () => c.uniform());
    expect(uniform.reduce((s, v) => s + v, 0) / uniform.length).toBeCloseTo(0.5, 1);
    const normal = Array.from({ length: 20_000 }, () => c.normal());
    const square = normal.reduce((s, v) => s + v * v, 0) / normal.length;
    expect(square).toBeGreaterThan(0.95);
    expect(square).toBeLessThan(1.05);
  });
});

describe('what is not known', () => {
  it('spreads as it says', () => {
    const draws = many();
    const prior = POT_SPREAD.electric['never measured'];
    for (const [of, sd] of [
      ['power', prior.power],
      ['efficiency', prior.efficiency],
      ['loss', prior.loss],
      ['seal', prior.seal],
      ['valve', prior.valve],
    ] as const)
      expect(spread(draws.map((d) => d[of])) / sd).toBeCloseTo(1, 1);
    expect(spread(draws.map((d) => d.items['a']?.need ?? 1)) / ITEM_SPREAD.need).toBeCloseTo(1, 1);
    for (const { lagS } of draws) {
      expect(lagS).toBeGreaterThanOrEqual(0);
      expect(lagS).toBeLessThan(prior.lagS);
    }
  });

  it('is drawn anew for every ingredient', () => {
    for (const { items } of many(POT, 20)) expect(items['a']?.mass).not.toBe(items['b']?.mass);
  });

  it('is less of a pot that has been measured, and more of a flame', () => {
    const power = (pot: typeof POT) => spread(many(pot).map((d) => d.power * d.efficiency));
    expect(power({ ...POT, measured: true })).toBeLessThan(0.5 * power(POT));
    expect(power({ ...POT, kind: 'stovetop' })).toBeGreaterThan(2 * power(POT));
  });
});
