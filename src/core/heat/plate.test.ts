/** Foods out of the pot for a while: a body in air that loses no mass. */
import fc from 'fast-check';
import { foodByKey, normalise, thermalProperties } from '../food';
import { compositionOf } from '../testing/held';
import { POT as COOK_POT } from '../testing/kitchen';
import { potVessel } from '../vessel';
import { latentHeat, saturationPressure } from '../water';
import { makeBody, storedHeat } from './body';
import { passOnPlate, plateOf } from './plate';
import {
  ball,
  rod,
  simulate,
  type HeatItem,
  type HeatResult,
  type HeatStay,
  type HeatStep,
  type PotState,
} from '.';

const AIR = { pressurePa: 101325, ambientC: 20 };
const POT = potVessel(COOK_POT);
const END = 99;

const water = (massKg: number): HeatItem => ({
  id: 'water',
  massKg,
  composition: compositionOf('water'),
  shape: null,
  startC: 20,
  stays: [{ from: 0, to: END }],
});
const meat = (massKg: number, stays: readonly HeatStay[], kg = -0.2 * massKg): HeatItem => ({
  id: 'meat',
  massKg,
  composition: compositionOf('beef-stewing'),
  shape: ball(35),
  startC: 5,
  stays,
  exchange: { kg, doneMin: 15, z: 33 },
});
const barley = (massKg: number, stays: readonly HeatStay[]): HeatItem => ({
  id: 'barley',
  massKg,
  composition: compositionOf('pearl-barley'),
  shape: ball(3),
  startC: 20,
  stays,
  exchange: { kg: 1.5 * massKg, doneMin: 20, z: 33 },
});

/** All mass there is: in the pot, on plates, and what has gone into the air, kg. */
function massOf({ end }: HeatResult, items: readonly HeatItem[]): number {
  const moved = (id: string): number =>
    end.plates.find((p) => p.id === id)?.water?.moved ??
    end.waters.find((w) => w.id === id)?.moved ??
    0;
  const pieces = [...end.bodies, ...end.plates].reduce(
    (sum, { id }) => sum + (items.find((i) => i.id === id)?.massKg ?? 0) + moved(id),
    0,
  );
  const drips = end.plates.reduce((sum, { dripKg }) => sum + dripKg, 0);
  return end.waterKg + end.otherKg + end.steamKg + pieces + drips;
}

const imbalance = ({ end: { energy } }: HeatResult): number =>
  energy.intoJ + energy.addedJ - energy.storedJ - energy.lostJ - energy.steamJ;

const STEPS: readonly HeatStep[] = [
  { kind: 'simmer', minutes: 4 },
  { kind: 'pressure', gaugeKPa: 80, holdMin: 6, release: { method: 'quick' } },
  { kind: 'open', minutes: 5 },
  { kind: 'pressure', gaugeKPa: 80, holdMin: 4, release: { method: 'natural' } },
  { kind: 'simmer', minutes: 6 },
];

/** Two stays in five steps, the second to the end or out of it again. */
const twoStays = fc
  .tuple(
    fc.uniqueArray(fc.integer({ min: 0, max: 4 }), { minLength: 3, maxLength: 3 }),
    fc.boolean(),
  )
  .map(([at, late]): readonly HeatStay[] => {
    const [a = 0, b = 1, c = 2] = [...at].sort((x, y) => x - y);
    return late
      ? [
          { from: a, to: b },
          { from: c, to: END },
        ]
      : [
          { from: 0, to: b },
          { from: b, to: c },
          { from: c, to: END },
        ];
  });

describe('over any stays', () => {
  it('no gram and no joule is lost or made', () => {
    fc.assert(
      fc.property(twoStays, twoStays, fc.integer({ min: 0, max: 4 }), (first, second, cut) => {
        const items = [water(1.4), meat(0.6, first), barley(0.08, second)];
        const untilS = 60 * (7 + 11 * cut);
        const run = simulate(items, STEPS, POT, AIR, { untilS });
        const entered = items.reduce((sum, item) => {
          const began = run.end.place.step + (run.end.place.leg === null ? 0 : 1);
          return item.stays.some(({ from }) => from < began) ? sum + item.massKg : sum;
        }, 0);
        expect(massOf(run, items)).toBeCloseTo(entered, 6);
        expect(Math.abs(imbalance(run))).toBeLessThan(5e-4 * run.end.energy.intoJ + 1);
      }),
      { numRuns: 25 },
    );
  });

  it('out and back in the same moment is as if it had stayed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 200, max: 900 }),
        (at, grams) => {
          const stays = [
            { from: 0, to: at },
            { from: at, to: END },
          ];
          const once = simulate(
            [water(1.4), meat(grams / 1000, [{ from: 0, to: END }])],
            STEPS,
            POT,
            AIR,
          );
          const twice = simulate([water(1.4), meat(grams / 1000, stays)], STEPS, POT, AIR);
          expect(twice.end.liquidC).toBeCloseTo(once.end.liquidC, 2);
          expect(twice.end.waterKg).toBeCloseTo(once.end.waterKg, 4);
          expect(twice.items['meat']?.centreC.at(-1)).toBeCloseTo(
            once.items['meat']?.centreC.at(-1) ?? 0,
            2,
          );
        },
      ),
      { numRuns: 8 },
    );
  });

  it('it may be cut at any time, and go on from plain data', () => {
    const items = [
      water(1.4),
      meat(0.6, [
        { from: 0, to: 1 },
        { from: 3, to: END, shape: ball(12), keeps: 0.7 },
      ]),
    ];
    const whole = simulate(items, STEPS, POT, AIR);
    const total = whole.end.seconds;
    for (const share of [0.1, 0.3, 0.5, 0.7, 0.9]) {
      const part = simulate(items, STEPS, POT, AIR, { untilS: share * total });
      const from = JSON.parse(JSON.stringify(part.end)) as PotState;
      const rest = simulate(items, STEPS, POT, AIR, { from });
      expect(rest.end.liquidC).toBeCloseTo(whole.end.liquidC, 1);
      expect(rest.end.bodies[0]?.t[0]).toBeCloseTo(whole.end.bodies[0]?.t[0] ?? 0, 1);
      expect(rest.end.waterKg).toBeCloseTo(whole.end.waterKg, 3);
    }
  });

  it('what is blended goes over into the liquid whole', () => {
    const stays = [
      { from: 0, to: 4 },
      { from: 4, to: END, blends: true },
    ];
    const items = [water(1.4), barley(0.2, stays)];
    const run = simulate(items, STEPS, POT, AIR);
    expect(run.end.bodies).toHaveLength(0);
    expect(run.end.waterKg + run.end.otherKg + run.end.steamKg).toBeCloseTo(1.6, 6);
    const dry = 1 - normalise(compositionOf('pearl-barley')).water;
    expect(run.end.otherKg).toBeCloseTo(0.2 * dry, 3);
    expect(Math.abs(imbalance(run))).toBeLessThan(5e-4 * run.end.energy.intoJ);
  });

  it('of a bird that is picked only the meat goes back', () => {
    const stays = [
      { from: 0, to: 2 },
      { from: 3, to: END, keeps: 0.6, shape: rod(8) },
    ];
    const run = simulate([water(1.4), meat(1, stays, -0.2)], STEPS, POT, AIR);
    const kept = run.end.bodies[0];
    const heat = thermalProperties(compositionOf('beef-stewing'), 60).heat;
    const whole = kept?.capacity.reduce((sum, c) => sum + c, 0) ?? 0;
    // Six tenths of a kilogram, less the juice that they gave.
    expect(whole).toBeGreaterThan(0.6 * 0.7 * heat);
    expect(whole).toBeLessThan(0.6 * heat);
  });
});

/** A ball in air by small explicit steps of its own: shells, film of the published formulas, no scheme of ours. */
function ballInAir(
  mm: number,
  minutes: number,
  startC: number,
): { centreC: number; meanC: number } {
  const food = foodByKey('beef-stewing');
  const {
    density,
    conductivity: k,
    heat,
  } = thermalProperties(food?.composition ?? compositionOf('water'), 60);
  const n = 24;
  const radius = mm / 2000;
  const dr = radius / n;
  const t = Array.from({ length: n }, () => startC);
  const volume = (i: number): number => (4 / 3) * Math.PI * (((i + 1) * dr) ** 3 - (i * dr) ** 3);
  const face = (i: number): number => 4 * Math.PI * (i * dr) ** 2;
  const kg = density * (4 / 3) * Math.PI * radius ** 3;
  const dt = 0.2 * ((dr * dr * density * heat) / k);
  const kelvin = (c: number): number => c + 273.15;
  let driedKg = 0;
  for (let s = 0; s < 60 * minutes; s += dt) {
    const surface = t[n - 1] as number;
    const above = surface - AIR.ambientC;
    // Free convection and radiation (Incropera & DeWitt), half of the surface in the air.
    const dryW =
      (1.52 * Math.cbrt(above) * above +
        0.95 * 5.67e-8 * (kelvin(surface) ** 4 - kelvin(AIR.ambientC) ** 4)) *
      0.5;
    // w = 0.089 (pw - pa) / Y (ASHRAE, after Carrier 1918), while it is wet.
    const kgS =
      driedKg < 0.05 * kg
        ? (0.5 * face(n) * 0.089 * (saturationPressure(surface) - 0.5 * saturationPressure(20))) /
          latentHeat(surface)
        : 0;
    driedKg += kgS * dt;
    const flows = t.map((c, i) =>
      i === n - 1
        ? dryW * face(n) + kgS * latentHeat(surface)
        : (k * face(i + 1) * (c - (t[i + 1] as number))) / dr,
    );
    const before = flows.map((_, i) => (i === 0 ? 0 : (flows[i - 1] as number)));
    for (let i = 0; i < n; i++)
      t[i] =
        (t[i] as number) +
        (dt * ((before[i] as number) - (flows[i] as number))) / (density * heat * volume(i));
  }
  const mean = t.reduce((sum, c, i) => sum + c * volume(i), 0) / ((4 / 3) * Math.PI * radius ** 3);
  return { centreC: t[0] as number, meanC: mean };
}

describe('a plate', () => {
  it.each([
    [25, 10],
    [35, 20],
    [60, 40],
  ])('cools a ball of %d mm for %d min as a body in air', (mm, minutes) => {
    const body = makeBody('meat', 0.5, compositionOf('beef-stewing'), ball(mm), 95);
    const plate = plateOf({ body, water: null }, []);
    passOnPlate(plate, 60 * minutes, AIR, 100);
    const alone = ballInAir(mm, minutes, 95);
    const capacity = body.capacity.reduce((sum, c) => sum + c, 0);
    expect(Math.abs(storedHeat(body) / capacity - alone.meanC)).toBeLessThan(1.5);
    expect(Math.abs((body.t[0] as number) - alone.centreC)).toBeLessThan(1.5);
  });

  it('never gets cooler than the room, or warmer than it was', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 21, max: 99 }),
        fc.integer({ min: 1, max: 300 }),
        (startC, minutes) => {
          const body = makeBody('meat', 0.5, compositionOf('beef-stewing'), ball(30), startC);
          passOnPlate(plateOf({ body, water: null }, []), 60 * minutes, AIR, 100);
          for (const c of body.t) {
            expect(c).toBeGreaterThan(AIR.ambientC - 0.5);
            expect(c).toBeLessThanOrEqual(startC + 1e-6);
          }
        },
      ),
    );
  });

  it('goes on cooking by itself: the middle of a large piece rises while its surface cools', () => {
    const body = makeBody('meat', 1.5, compositionOf('beef-stewing'), ball(90), 5);
    const hot = plateOf({ body, water: null }, [{ minutes: 35, celsius: null, film: null }]);
    passOnPlate(hot, 35 * 60, AIR, 100);
    const [middle = 0, surface = 0] = [body.t[0], body.t.at(-1)];
    passOnPlate(hot, 8 * 60, AIR, 100);
    expect(body.t[0]).toBeGreaterThan(middle + 3);
    expect(body.t.at(-1)).toBeLessThan(surface - 10);
  });
});
