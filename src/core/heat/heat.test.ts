import fc from 'fast-check';
import { foodByKey, thermalProperties, type Composition, type Solid } from '../food';
import { saturationTemperature } from '../water';
import { couple, makeBody, settle, remember, centreC, storedHeat, stretch } from './body';
import { openEvaporation } from './evaporation';
import { heatPot, simulate, type HeatItem, type HeatStep } from '.';

const SEA = { pressurePa: 101325, ambientC: 20 };
const POT = heatPot({
  id: 'p',
  name: 'p',
  kind: 'electric',
  capacityL: 5.7,
  innerDiameterCm: 22,
  maxFill: 0.667,
  foamFill: 0.5,
  minLiquidL: 0.25,
  powerW: 1000,
  settings: [{ name: 'high', gaugeKPa: 80 }],
});
const NATURAL: HeatStep = {
  kind: 'pressure',
  gaugeKPa: 80,
  holdMin: 20,
  release: { method: 'natural' },
};
const QUICK: HeatStep = { ...NATURAL, release: { method: 'quick' } };

function composition(key: string): Composition {
  const food = foodByKey(key);
  if (!food) throw new Error(key);
  return food.composition;
}

function item(
  key: string,
  massKg: number,
  mm: number | null,
  more: Partial<HeatItem> = {},
): HeatItem {
  return {
    id: key,
    massKg,
    composition: composition(key),
    shape: mm ? { kind: 'sphere', mm } : null,
    startC: 5,
    entersAt: 0,
    leavesAt: 99,
    ...more,
  };
}
const water = (kg: number): HeatItem => item('water', kg, null, { startC: 20 });

/** Roots of the eigenvalue equations, by bisection. */
function root(f: (x: number) => number, low: number, high: number): number {
  let a = low;
  let b = high;
  for (let i = 0; i < 80; i++) {
    const m = (a + b) / 2;
    if (f(a) * f(m) <= 0) b = m;
    else a = m;
  }
  return (a + b) / 2;
}

function j0(x: number): number {
  let sum = 0;
  for (let i = 0; i < 64; i++) sum += Math.cos(x * Math.sin((Math.PI * (i + 0.5)) / 64));
  return sum / 64;
}

function j1(x: number): number {
  let sum = 0;
  for (let i = 0; i < 64; i++) {
    const t = (Math.PI * (i + 0.5)) / 64;
    sum += Math.cos(t - x * Math.sin(t));
  }
  return sum / 64;
}

/** Centre of a body with a film, step change outside: Carslaw & Jaeger 1959, chs 3.11, 7.7, 9.4. */
function series(kind: Solid, biot: number, fourier: number): number {
  let sum = 0;
  for (let n = 0; n < 40; n++) {
    const eps = 1e-9;
    if (kind === 'slab') {
      const z = root(
        (x) => x * Math.sin(x) - biot * Math.cos(x),
        n * Math.PI + eps,
        n * Math.PI + Math.PI / 2,
      );
      sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fourier);
    } else if (kind === 'sphere') {
      const z = root(
        (x) => x * Math.cos(x) - (1 - biot) * Math.sin(x),
        n * Math.PI + eps,
        (n + 1) * Math.PI - eps,
      );
      sum +=
        ((4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z))) *
        Math.exp(-z * z * fourier);
    } else if (n < 12) {
      // The zeros of J0 lie near (n + 3/4) pi; a root of the film equation stands before each.
      const low = n === 0 ? eps : (n + 0.25) * Math.PI - 0.25;
      const z = root((x) => x * j1(x) - biot * j0(x), low, (n + 0.75) * Math.PI + 0.1);
      sum += ((2 * j1(z)) / (z * (j0(z) ** 2 + j1(z) ** 2))) * Math.exp(-z * z * fourier);
    }
  }
  return sum;
}

const GAMMA = 1 - Math.SQRT1_2;

/** Steps a body alone in liquid of one temperature, by the scheme of the pot. */
function alone(kind: Solid, mm: number, film: number, seconds: number, dt: number): number {
  const body = makeBody('x', 1, composition('beef-stewing'), { kind, mm }, 5, film);
  const out = { slope: 0, offset: 0 };
  for (let s = 0; s < seconds - 1e-6; s += dt) {
    remember(body);
    for (const stage of [0, 1]) {
      if (stage) stretch(body, (1 - GAMMA) / GAMMA);
      couple(body, GAMMA * dt, 100, out);
      settle(body, GAMMA * dt, 100);
    }
  }
  return centreC(body);
}

describe('conduction', () => {
  const { density, conductivity, heat } = thermalProperties(composition('beef-stewing'), 60);

  // Published: Carslaw & Jaeger, Conduction of Heat in Solids, 2nd ed., the series themselves.
  it.each<[Solid, number]>([
    ['slab', 30],
    ['cylinder', 30],
    ['sphere', 40],
  ])('follows the series for a %s of %d mm within 0.2 C', (kind, mm) => {
    const radius = mm / 2000;
    const film = 400;
    for (const minutes of [4, 8, 15, 25]) {
      const fourier = ((conductivity / (density * heat)) * minutes * 60) / radius ** 2;
      const exact = 100 - 95 * series(kind, (film * radius) / conductivity, fourier);
      expect(Math.abs(alone(kind, mm, film, minutes * 60, 10) - exact)).toBeLessThan(0.2);
    }
  });

  // Published: Plank's equation (ASHRAE Refrigeration, ch. 20), thawing of a slab within 15 %.
  it('thaws a slab in the time of Plank', () => {
    const mm = 30;
    const film = 400;
    const body = makeBody('x', 1, composition('beef-stewing'), { kind: 'slab', mm }, -1.5, film);
    const latent =
      storedHeat(makeBody('y', 1, composition('beef-stewing'), { kind: 'slab', mm }, -0.9, film)) -
      storedHeat(body);
    // Plank leaves out sensible heat, so the air is kept close to the freezing point.
    const outside = 4;
    const out = { slope: 0, offset: 0 };
    let seconds = 0;
    while (centreC(body) < -0.9 && seconds < 36000) {
      remember(body);
      couple(body, 5, outside, out);
      settle(body, 5, outside);
      seconds += 5;
    }
    const half = mm / 2000;
    const thawed = conductivity;
    const plank = ((density * latent) / (outside + 1)) * (half / film + half ** 2 / (2 * thawed));
    expect(seconds / plank).toBeGreaterThan(0.85);
    expect(seconds / plank).toBeLessThan(1.15);
  });

  it('never cooks a smaller piece slower', () => {
    fc.assert(
      fc.property(fc.integer({ min: 6, max: 50 }), fc.integer({ min: 1, max: 20 }), (mm, less) => {
        const small = alone('sphere', Math.max(3, mm - less), 400, 300, 10);
        expect(small).toBeGreaterThanOrEqual(alone('sphere', mm, 400, 300, 10) - 1e-6);
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

  it('mixes two equal masses to the mean', () => {
    const still = { ...POT, lossWPerK: 1e-9, bodyJPerK: 1e-6, surfaceM2: 1e-9 };
    const hot = item('water', 1, null, { startC: 80 });
    const cold = item('water', 1, null, { id: 'cold', startC: 20 });
    const { trace } = simulate([hot, cold], [{ kind: 'rest', minutes: 1 }], still, SEA);
    expect(trace.liquidC.at(-1)).toBeCloseTo(50, 1);
  });

  // Common practice, no source: 1.5 L of soup 12-18 min to pressure, natural 10-15 min or so, quick 1-4.
  it('takes the times cooks know', () => {
    const natural = simulate([water(1.5)], [NATURAL], POT, SEA).steps[0];
    const quick = simulate([water(1.5)], [QUICK], POT, SEA).steps[0];
    const full = simulate([water(3.8)], [NATURAL], POT, SEA).steps[0];
    expect((natural?.warmUpS ?? 0) / 60).toBeGreaterThan(10);
    expect((natural?.warmUpS ?? 0) / 60).toBeLessThan(18);
    expect((natural?.releaseS ?? 0) / 60).toBeGreaterThan(9);
    expect((natural?.releaseS ?? 0) / 60).toBeLessThan(17);
    expect((quick?.releaseS ?? 0) / 60).toBeGreaterThan(0.5);
    expect((quick?.releaseS ?? 0) / 60).toBeLessThan(4);
    expect((full?.warmUpS ?? 0) / 60).toBeGreaterThan(22);
    expect((full?.warmUpS ?? 0) / 60).toBeLessThan(36);
    expect((full?.releaseS ?? 0) / 60).toBeGreaterThan(30);
    expect((full?.releaseS ?? 0) / 60).toBeLessThan(60);
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
    const weak = { ...POT, powerW: 80 };
    expect(simulate([water(4)], [NATURAL], weak, SEA).steps[0]?.reached).toBe(false);
  });

  it('takes out and puts in at a step', () => {
    const late = item('leek', 0.2, 15, { entersAt: 1 });
    const early = item('beef-stewing', 0.4, 30, { leavesAt: 1 });
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
    const stove = { ...POT, kind: 'stovetop' as const };
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
  // From memory: a 24 cm pot just under the boil loses a few hundred grams an hour in still air.
  it('evaporates more when hotter, nothing at room temperature', () => {
    const area = 0.045;
    expect(openEvaporation(20, SEA, area)).toBe(0);
    const hour = openEvaporation(95, SEA, area) * 3600;
    expect(hour).toBeGreaterThan(0.2);
    expect(hour).toBeLessThan(4);
    expect(openEvaporation(80, SEA, area)).toBeLessThan(openEvaporation(95, SEA, area));
  });
});
