import fc from 'fast-check';
import { centreAfter, compositionOf } from '../testing/held';
import { POT as COOK_POT } from '../testing/kitchen';
import { potVessel } from '../vessel';
import { saturationTemperature } from '../water';
import { openEvaporation, openLoss } from './evaporation';
import { simulate, type HeatItem, type HeatStep } from '.';

const SEA = { pressurePa: 101325, ambientC: 20 };
const POT = potVessel(COOK_POT);
const NATURAL: HeatStep = {
  kind: 'pressure',
  gaugeKPa: 80,
  holdMin: 20,
  release: { method: 'natural' },
};
const QUICK: HeatStep = { ...NATURAL, release: { method: 'quick' } };

function item(
  key: string,
  massKg: number,
  mm: number | null,
  more: Partial<HeatItem> = {},
): HeatItem {
  return {
    id: key,
    massKg,
    composition: compositionOf(key),
    shape: mm ? { n: 3, mm } : null,
    startC: 5,
    stays: [{ from: 0, to: 99 }],
    ...more,
  };
}
const water = (kg: number): HeatItem => item('water', kg, null, { startC: 20 });

describe('conduction', () => {
  it('never cooks a smaller piece slower', () => {
    fc.assert(
      fc.property(fc.integer({ min: 6, max: 50 }), fc.integer({ min: 1, max: 20 }), (mm, less) => {
        const small = centreAfter({ n: 3, mm: Math.max(3, mm - less) }, 300);
        expect(small).toBeGreaterThanOrEqual(centreAfter({ n: 3, mm: mm }, 300) - 1e-6);
      }),
      { numRuns: 40 },
    );
  });
});

describe('the pot', () => {
  const batch = [
    water(1.5),
    item('beef-stewing', 0.6, 40),
    item('carrot', 0.2, 14),
    item('lamb-neck', 0.3, 46, { startC: -18 }),
  ];
  const steps: HeatStep[] = [QUICK, { kind: 'simmer', minutes: 6 }, { kind: 'rest', minutes: 8 }];

  it('keeps its heat balance to 0.1 %', () => {
    for (const plan of [
      steps,
      [NATURAL],
      [
        { kind: 'saute', minutes: 6 } as HeatStep,
        NATURAL,
        { kind: 'cool', minutes: 60 } as HeatStep,
      ],
    ]) {
      const { energy } = simulate(batch, plan, POT, SEA);
      const gap = energy.intoJ + energy.addedJ - energy.lostJ - energy.steamJ - energy.storedJ;
      expect(Math.abs(gap) / energy.intoJ).toBeLessThan(1e-3);
    }
  });

  it('changes little when the step is halved', () => {
    const coarse = simulate(batch, steps, POT, SEA, { stepS: 10 });
    const fine = simulate(batch, steps, POT, SEA, { stepS: 5 });
    coarse.steps.forEach((step, i) => {
      expect(Math.abs(step.warmUpS - (fine.steps[i]?.warmUpS ?? 0))).toBeLessThan(2);
      expect(Math.abs(step.releaseS - (fine.steps[i]?.releaseS ?? 0))).toBeLessThan(2);
    });
    for (const id of ['beef-stewing', 'carrot', 'lamb-neck'])
      expect(
        Math.abs((coarse.items[id]?.centreC.at(-1) ?? 0) - (fine.items[id]?.centreC.at(-1) ?? 99)),
      ).toBeLessThan(0.2);
  });

  // From the enthalpies of the steam table (see water): 3.2 % of the water.
  it('flashes the steam table’s share of its water', () => {
    const bare = { ...POT, bodyJPerK: 1e-6 };
    const step = simulate([water(2)], [QUICK], bare, SEA).steps[0];
    expect((step?.releaseSteamKg ?? 0) / 2).toBeGreaterThan(0.029);
    expect((step?.releaseSteamKg ?? 0) / 2).toBeLessThan(0.033);
  });

  it('holds the temperature of its pressure', () => {
    const { trace } = simulate(batch, [NATURAL], POT, SEA);
    const held = trace.liquidC.filter((_, i) => trace.phase[i] === 'hold');
    for (const t of held) expect(Math.abs(t - saturationTemperature(181325))).toBeLessThan(0.5);
  });

  it('never warms up faster with more water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (kg, more) => {
          const a =
            simulate([water(kg), item('carrot', 0.3, 20)], [NATURAL], POT, SEA).steps[0]?.warmUpS ??
            0;
          const b =
            simulate([water(kg + more), item('carrot', 0.3, 20)], [NATURAL], POT, SEA).steps[0]
              ?.warmUpS ?? 0;
          expect(b).toBeGreaterThan(a);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('says when it never comes to pressure', () => {
    const weak = { ...POT, heater: { ...POT.heater, powerW: 80 } };
    expect(simulate([water(4)], [NATURAL], weak, SEA).steps[0]?.reached).toBe(false);
  });

  it('takes out and puts in at a step', () => {
    const late = item('leek', 0.2, 15, { stays: [{ from: 1, to: 99 }] });
    const early = item('beef-stewing', 0.4, 30, { stays: [{ from: 0, to: 1 }] });
    const { items, trace } = simulate(
      [water(1.5), late, early],
      [NATURAL, { kind: 'simmer', minutes: 5 }],
      POT,
      SEA,
    );
    const boundary = trace.step.indexOf(1);
    expect(items['leek']?.centreC[boundary - 1]).toBeNaN();
    expect(items['leek']?.centreC[boundary]).toBeLessThan(70);
    expect(items['beef-stewing']?.centreC.at(-1)).toBeNaN();
  });

  it('loses water from a stovetop regulator and none from a shut electric pot', () => {
    const stove = { ...POT, lid: { ...POT.lid, rocksW: 100 } };
    const held = (pot: typeof POT) => {
      const { trace } = simulate([water(2)], [{ ...NATURAL, holdMin: 60 }], pot, SEA);
      const first = trace.phase.indexOf('hold');
      const last = trace.phase.lastIndexOf('hold');
      return (trace.steamKg[last] ?? 0) - (trace.steamKg[first] ?? 0);
    };
    expect(held(POT)).toBe(0);
    expect(held(stove)).toBeCloseTo((100 * 3590) / 2.21e6, 2);
  });
});

describe('an open surface', () => {
  const AREA = (Math.PI / 4) * 0.24 ** 2;

  // ASHRAE HVAC Applications, natatoriums: w = A (pw - pa) 0.089 / Y in still air; from memory. At
  // 95 C with 84.5 and 1.2 kPa and 2270 kJ/kg that is 11.8 kg an hour and square metre, on paper.
  it('loses half a kilogram an hour from a 24 cm pot at 95 C', () => {
    expect(openEvaporation(95, SEA, 1) * 3600).toBeCloseTo(11.8, 0);
    expect(openEvaporation(95, SEA, AREA) * 3600).toBeCloseTo(0.53, 1);
  });

  // The heat and mass transfer analogy at small rates, by the same convection: within a third.
  it('agrees with the analogy of heat and mass where little evaporates', () => {
    const dry = openLoss(45, SEA, 1);
    const radiation = 0.95 * 5.67e-8 * (318.15 ** 2 + 293.15 ** 2) * (318.15 + 293.15);
    const film = dry - radiation;
    const analogy = (film / 1007) * 0.85 ** (-2 / 3) * 0.622 * ((9.59 - 1.17) / 101.325);
    expect(openEvaporation(45, SEA, 1) / analogy).toBeGreaterThan(0.67);
    expect(openEvaporation(45, SEA, 1) / analogy).toBeLessThan(1.5);
  });

  it('convects and radiates about 14 W/(m2 K) near the boil', () => {
    expect(openLoss(95, SEA, 1)).toBeGreaterThan(12);
    expect(openLoss(95, SEA, 1)).toBeLessThan(17);
    expect(openLoss(20, SEA, 1)).toBe(0);
  });

  it('loses more when hotter, and nothing to air that is as wet', () => {
    expect(openEvaporation(80, SEA, AREA)).toBeLessThan(openEvaporation(95, SEA, AREA));
    expect(openEvaporation(9, SEA, AREA)).toBe(0);
  });

  it('cools an open pot faster than a covered one, and slower than it was thought to', () => {
    const hot = { ...water(3), startC: 95 };
    const after = (kind: 'open' | 'rest'): number =>
      simulate([hot], [{ kind, minutes: 60 }], POT, SEA).trace.liquidC.at(-1) ?? 0;
    expect(after('open')).toBeLessThan(after('rest') - 5);
    expect(after('open')).toBeGreaterThan(45);
  });
});

describe('an electric pot that keeps warm', () => {
  it('is caught on the way down, and does not warm what was never hot', () => {
    const rest: HeatStep = { kind: 'rest', minutes: 720, keepsWarm: true };
    const overnight = (startC: number, step: HeatStep): number =>
      simulate([{ ...water(3), startC }], [step], POT, SEA).trace.liquidC.at(-1) ?? 0;
    expect(overnight(95, rest)).toBeCloseTo(72, 0);
    expect(overnight(95, { kind: 'rest', minutes: 720 })).toBeLessThan(40);
    expect(overnight(30, rest)).toBeLessThan(30);
  });
});

describe('air in the head space', () => {
  // Dalton: what is not purged takes its part of the pressure, so that the water boils lower.
  it('is blown out by the usual plume, and lowers the hold where it is not', () => {
    const held = (sealS: number): number => {
      const { trace } = simulate(
        [water(1.5)],
        [NATURAL],
        { ...POT, lid: { ...POT.lid, sealS } },
        SEA,
      );
      return Math.max(...trace.liquidC);
    };
    const full = saturationTemperature(181325);
    expect(held(45)).toBeCloseTo(full, 1);
    expect(held(5)).toBeLessThan(full - 1);
    expect(held(15)).toBeGreaterThan(held(5));
  });
});
