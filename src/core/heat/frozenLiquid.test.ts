import fc from 'fast-check';
import { POT as COOK_POT } from '../testing/kitchen';
import { compositionOf } from '../testing/held';
import { potVessel } from '../vessel';
import { simulate, type HeatItem, type HeatResult, type HeatStep, type PotState } from '.';

const SEA = { pressurePa: 101325, ambientC: 20 };
const POT = potVessel(COOK_POT);
const BOIL: readonly HeatStep[] = [{ kind: 'simmer', minutes: 0 }];
const amount = (min: number, max: number) => fc.double({ min, max, noNaN: true });

function liquid(id: string, massKg: number, startC: number): HeatItem {
  return {
    id,
    massKg,
    composition: compositionOf('broth'),
    shape: null,
    startC,
    stays: [{ from: 0, to: 9 }],
  };
}
const minutes = (items: readonly HeatItem[], steps = BOIL): number =>
  (simulate(items, steps, POT, SEA).steps[0]?.warmUpS ?? Number.NaN) / 60;

function gap({ energy }: HeatResult): number {
  const open = energy.intoJ + energy.addedJ - energy.lostJ - energy.steamJ - energy.storedJ;
  return Math.abs(open) / Math.max(1, energy.intoJ);
}

describe('frozen stock in a pot', () => {
  it('is never a liquid below its freezing point, and loses no heat', () => {
    fc.assert(
      fc.property(
        amount(0.2, 2.5),
        amount(-30, -1),
        amount(0, 2),
        amount(1, 95),
        (ice, c, kg, t) => {
          const result = simulate([liquid('i', ice, c), liquid('w', kg, t)], BOIL, POT, SEA);
          expect(Math.min(...result.trace.liquidC)).toBeGreaterThanOrEqual(0);
          expect(gap(result)).toBeLessThan(1e-3);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('takes longer the more of it is frozen and the colder it is', () => {
    fc.assert(
      fc.property(amount(0.3, 2), amount(-25, -1.2), amount(0.1, 0.9), (kg, c, less) => {
        const all = minutes([liquid('i', kg, c)]);
        expect(minutes([liquid('i', less * kg, c), liquid('w', (1 - less) * kg, 4)])).toBeLessThan(
          all,
        );
        expect(minutes([liquid('i', kg, c * less - (1 - less))])).toBeLessThan(all);
      }),
      { numRuns: 30 },
    );
  });

  it('brings half of its ice where its jar is only loose', () => {
    const [solid, loose, cold] = [-18, -2, 0].map((c) => minutes([liquid('i', 2, c)])) as [
      number,
      number,
      number,
    ];
    expect((loose - cold) / (solid - cold)).toBeGreaterThan(0.4);
    expect((loose - cold) / (solid - cold)).toBeLessThan(0.6);
  });

  it('cools hot water by its melting, to nothing below 0 C', () => {
    const rest: readonly HeatStep[] = [{ kind: 'rest', minutes: 1 }];
    const mixed = (ice: number): number =>
      simulate([liquid('w', 2, 90), liquid('i', ice, -18)], rest, POT, SEA).trace.liquidC[0] ?? 0;
    // On paper: 2 kg from 90 C hold 720 kJ or so, a kilogram of ice takes 340 to be water of 0 C.
    expect(mixed(0.5)).toBeGreaterThan(45);
    expect(mixed(0.5)).toBeLessThan(60);
    expect(mixed(2.5)).toBe(0);
  });

  it('goes on from any moment of its melting as if it had not been cut', () => {
    fc.assert(
      fc.property(amount(0.3, 2), amount(0.02, 0.98), (ice, share) => {
        const items = [liquid('i', ice, -18), liquid('w', 0.5, 20)];
        const whole = simulate(items, BOIL, POT, SEA);
        const untilS = share * (whole.trace.s.at(-1) ?? 0);
        const part = simulate(items, BOIL, POT, SEA, { untilS });
        const from = JSON.parse(JSON.stringify(part.end)) as PotState;
        const rest = simulate(items, BOIL, POT, SEA, { from });
        expect(Math.abs(rest.end.seconds - whole.end.seconds)).toBeLessThan(1);
      }),
      { numRuns: 30 },
    );
  });
});
