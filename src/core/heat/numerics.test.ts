import fc from 'fast-check';
import { GOOD } from '../testing/practice';
import { compositionOf } from '../testing/held';
import { POT as COOK_POT } from '../testing/kitchen';
import { runModel } from '../model';
import { potVessel } from '../vessel';
import { simulate, type HeatItem, type HeatResult, type HeatStep } from '.';

const SEA = { pressurePa: 101325, ambientC: 20 };
const POT = potVessel(COOK_POT);

function item(key: string, massKg: number, mm: number | null, more: Partial<HeatItem> = {}) {
  return {
    id: key,
    massKg,
    composition: compositionOf(key),
    shape: mm ? { n: 3, mm } : null,
    startC: 5,
    stays: [{ from: 0, to: 9 }],
    ...more,
  };
}
const water = (kg: number): HeatItem => item('water', kg, null);
const under = (method: 'natural' | 'quick'): HeatStep[] => [
  { kind: 'pressure', gaugeKPa: 80, holdMin: 5, release: { method } },
];

/**
 * How fast an error goes to nothing: the power of the step that it follows, by its end over two
 * halvings, against a step of a fortieth.
 */
function order(value: (stepS: number) => number): number {
  const exact = value(0.25);
  const [coarse, fine] = [10, 2.5].map((stepS) => Math.abs(value(stepS) - exact));
  return Math.log2((coarse ?? 0) / (fine ?? 1)) / 2;
}

/** Halved again and again, a moment moves by less and less, s. */
function expectMet(
  moment: (result: HeatResult) => number,
  items: HeatItem[],
  steps: HeatStep[],
  within = 0.03,
) {
  const at = (stepS: number): number => moment(simulate(items, steps, POT, SEA, { stepS }));
  const exact = at(0.3);
  expect(Math.abs(at(10) - exact)).toBeLessThan(0.2);
  expect(Math.abs(at(1.25) - exact)).toBeLessThan(within);
}

const first = (r: HeatResult) => {
  const [step] = r.steps;
  if (!step) throw new RangeError('no step ended');
  return step;
};

describe('the order of the scheme', () => {
  const during = (startC: number, read: (r: HeatResult) => number) =>
    order((stepS) =>
      read(
        simulate(
          [water(1.5), item('beef-stewing', 0.6, 40, { startC })],
          under('natural'),
          POT,
          SEA,
          {
            stepS,
            untilS: 480,
          },
        ),
      ),
    );
  const centre = (r: HeatResult): number => r.end.bodies[0]?.t[0] ?? Number.NaN;

  // SDIRK2 (Alexander 1977) is of the second order where all is smooth.
  it('is two while nothing melts or moves', () => {
    expect(during(5, (r) => r.end.liquidC)).toBeGreaterThan(1.9);
    expect(during(5, centre)).toBeGreaterThan(1.9);
  });

  it('is about one while ice melts', () => {
    expect(during(-18, (r) => r.end.liquidC)).toBeGreaterThan(0.8);
    expect(during(-18, centre)).toBeGreaterThan(0.8);
  });

  it('is about one where the pan browns and dries', () => {
    const beef = item('beef-stewing', 0.6, 40, { exchange: { kg: -0.2, doneMin: 15, z: 33 } });
    const brown: HeatStep[] = [{ kind: 'saute', minutes: 12 }];
    const found = order((stepS) => {
      const { bodies } = simulate([beef], brown, POT, SEA, { stepS }).end;
      return bodies[0]?.t[0] ?? Number.NaN;
    });
    expect(found).toBeGreaterThan(0.4);
  });
});

describe('moments', () => {
  const soup = [water(1.5), item('beef-stewing', 0.6, 40)];

  it('of pressure and of the pin are met, whatever the step', () => {
    expectMet((r) => first(r).warmUpS, soup, under('natural'));
    expectMet((r) => first(r).releaseS, soup, under('natural'));
    expectMet((r) => first(r).releaseS, soup, under('quick'));
  });

  it('of the dry and the scorching bottom are met', () => {
    const scorched = (r: HeatResult): number => first(r).scorchedS ?? Number.NaN;
    expectMet(scorched, [water(0.15)], [{ kind: 'simmer', minutes: 60 }]);
    expectMet(scorched, [item('carrot', 0.5, 14)], under('quick'));
  });

  it('of pressure are met with frozen pieces', () => {
    const frozen = [water(1.5), item('beef-stewing', 0.6, 40, { startC: -18 })];
    // Melting is of the first order only.
    expectMet((r) => first(r).warmUpS, frozen, under('natural'), 0.06);
  });

  // Water on the move carries its heat in portions, which get finer with the step.
  it('of batches as they are cooked come within 5 s, and within 2 s at a quarter of the step', () => {
    for (const { batch, pot, kitchen } of GOOD) {
      const ends = (stepS: number) =>
        runModel(batch, pot, kitchen, { stepS }).heat.steps.map((s) => s.endS);
      const exact = ends(0.625);
      const off = (stepS: number): number =>
        Math.max(...ends(stepS).map((end, i) => Math.abs(end - (exact[i] ?? Number.NaN))));
      expect(off(10)).toBeLessThan(5);
      expect(off(2.5)).toBeLessThan(2);
    }
  });
});

describe('a dry pot', () => {
  it('comes to an end, whatever the step', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 3, noNaN: true }),
        fc.integer({ min: 3, max: 60 }),
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.constantFrom(...under('quick'), { kind: 'simmer' as const, minutes: 30 }),
        (kg, mm, stepS, step) => {
          const { trace } = simulate([item('carrot', kg, mm)], [step], POT, SEA, { stepS });
          expect(trace.s.length).toBeLessThan(20_000);
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('what is kept', () => {
  const gap = ({ energy: e }: HeatResult): number =>
    Math.abs(e.intoJ + e.addedJ - e.lostJ - e.steamJ - e.storedJ);

  it('is all heat and water, where melting, drying out and drinking dry meet their bounds', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1.5, noNaN: true }),
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        fc.integer({ min: 2, max: 60 }),
        fc.integer({ min: -30, max: 10 }),
        fc.constantFrom(5, 10, 30),
        fc.constantFrom<HeatStep>(
          { kind: 'simmer', minutes: 40 },
          { kind: 'saute', minutes: 10 },
          ...under('quick'),
          ...under('natural'),
        ),
        (kg, meatKg, mm, startC, stepS, step) => {
          const meat = item('beef-stewing', meatKg, mm, {
            startC,
            exchange: { kg: -0.25 * meatKg, doneMin: 15, z: 33 },
          });
          const barley = item('pearl-barley', 0.2, 3, {
            exchange: { kg: 0.4, doneMin: 20, z: 33 },
          });
          const result = simulate([water(kg), meat, barley], [step], POT, SEA, { stepS });
          expect(gap(result)).toBeLessThan(1e-6 * result.energy.intoJ + 1);
          const { end } = result;
          const moved = end.waters.reduce((sum, w) => sum + w.moved, 0);
          expect(end.waterKg + end.otherKg + end.steamKg + moved).toBeCloseTo(kg, 9);
          expect(end.waterKg).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('is so in a pot with a hundred times too much ice, which says where it did not settle', () => {
    const ice = simulate(
      [water(0.2), item('beef-stewing', 100, 12, { startC: -30 })],
      [{ kind: 'simmer', minutes: 30 }],
      POT,
      SEA,
      { stepS: 30 },
    );
    expect(gap(ice)).toBeLessThan(1e-6 * ice.energy.intoJ + 1);
    const usual = simulate(
      [water(1.5), item('beef-stewing', 1, 40, { startC: -18 })],
      under('natural'),
      POT,
      SEA,
    );
    expect(usual.unsettled).toBe(0);
  });
});
