import { thermalProperties } from '../food';
import { centreAfter, compositionOf } from '../testing/held';
import { boxMiddle, cylinderMiddle, type Bath, type Matter } from '../testing/solids';
import { potVessel } from '../vessel';
import { POT } from '../testing/kitchen';
import { FILM } from './body';
import { ball, pieceOf, rod, simulate, slab, type HeatItem, type HeatStep } from '.';

const { density, conductivity, heat } = thermalProperties(compositionOf('beef-stewing'), 60);
const BEEF: Matter = { conductivity, diffusivity: conductivity / (density * heat), film: FILM };
const boiling = (seen: Bath['seen'], seconds = 9000): Bath => ({
  startC: 5,
  seconds,
  around: () => 100,
  matter: BEEF,
  seen,
});

describe('a piece in n dimensions', () => {
  it('is the slab, the rod and the ball themselves', () => {
    for (const [made, itself] of [
      [pieceOf({ flat: [30] }), slab(30)],
      [pieceOf({ round: 30 }), rod(30)],
    ] as const) {
      expect(made.n).toBeCloseTo(itself.n, 2);
      expect(made.mm).toBeCloseTo(itself.mm, 1);
    }
    expect(pieceOf({ flat: [30, 30, 30] }).n).toBe(ball(30).n);
  });

  // Minutes until the middle is at 75 C, against the box and the cylinder themselves, cell by cell.
  it.each<[string, Parameters<typeof pieceOf>[0], (seen: Bath['seen']) => void]>([
    ['cube of 30', { flat: [30, 30, 30] }, (seen) => boxMiddle([30, 30, 30], boiling(seen))],
    ['breast of 30', { flat: [30, 75, 90] }, (seen) => boxMiddle([30, 75, 90], boiling(seen))],
    ['baton of 20', { flat: [20, 20] }, (seen) => boxMiddle([20, 20, 200], boiling(seen))],
    ['disc of 10', { round: 25, flat: [10] }, (seen) => cylinderMiddle(25, 10, boiling(seen))],
    [
      'joint of 109',
      { round: 109, flat: [153] },
      (seen) => cylinderMiddle(109, 153, boiling(seen, 30_000)),
    ],
  ])(
    'a %s mm is hot in the middle within 10 %% of the minutes in three dimensions',
    (_, sides, solid) => {
      let exact = 0;
      solid((s, middle) => {
        exact = s / 60;
        return middle >= 75;
      });
      const shape = pieceOf(sides);
      let ours = 0;
      while (centreAfter(shape, 60 * ours) < 75) ours += exact / 50;
      expect(Math.abs(ours / exact - 1)).toBeLessThan(0.1);
    },
  );
});

const SEA = { pressurePa: 101325, ambientC: 20 };
const VESSEL = potVessel(POT);

function joint(kg: number, mm: number, juiceKg: number): readonly HeatItem[] {
  const item = (id: string, key: string, massKg: number): HeatItem => ({
    id,
    massKg,
    composition: compositionOf(key),
    shape: null,
    startC: 20,
    stays: [{ from: 0, to: 9 }],
  });
  return [
    item('water', 'water', 2),
    {
      ...item('joint', 'beef-stewing', kg),
      startC: 5,
      shape: pieceOf({ round: mm, flat: [1.4 * mm] }),
      exchange: juiceKg > 0 ? { kg: -juiceKg, doneMin: 15, z: 33 } : null,
    },
  ];
}

/** Minutes until a joint's middle is at temperatures, by the model and by rings and layers. */
function middles(kg: number, mm: number, juiceKg: number, step: HeatStep) {
  const { trace, items } = simulate(joint(kg, mm, juiceKg), [step], VESSEL, SEA);
  const centre = items['joint']?.centreC ?? [];
  const around: Bath['around'] = (seconds) => {
    const i = trace.s.findIndex((s) => s >= seconds);
    const after = i < 0 ? trace.s.length - 1 : Math.max(1, i);
    const [s0, s1] = [trace.s[after - 1] as number, trace.s[after] as number];
    const [t0, t1] = [trace.liquidC[after - 1] as number, trace.liquidC[after] as number];
    return t0 + (t1 - t0) * Math.min(1, (seconds - s0) / Math.max(1e-6, s1 - s0));
  };
  return [40, 63, 80].map((wanted) => {
    const at = centre.findIndex((c) => c >= wanted);
    let exact = Number.NaN;
    cylinderMiddle(mm, 1.4 * mm, {
      startC: 5,
      seconds: trace.s.at(-1) ?? 0,
      around,
      matter: BEEF,
      seen: (s, middle) => {
        exact = s / 60;
        return middle >= wanted;
      },
    });
    return { ours: (trace.s[at] ?? Number.NaN) / 60, exact };
  });
}

describe('the middle of a joint in a pot', () => {
  const pressure: HeatStep = {
    kind: 'pressure',
    gaugeKPa: 80,
    holdMin: 110,
    release: { method: 'natural' },
  };
  // Variable boundary: the liquid of the same cook. Rings and layers written apart from the model.
  it.each([
    [0.9, 92, { kind: 'simmer', minutes: 150 } as HeatStep],
    [1.5, 109, pressure],
    [2.5, 130, pressure],
  ])('of %f kg comes within 10 %% of the minutes of rings and layers', (kg, mm, step) => {
    for (const { ours, exact } of middles(kg, mm, 0, step))
      expect(Math.abs(ours / exact - 1)).toBeLessThan(0.1);
  });

  it('stays within 10 % while its outside gives its juice', () => {
    for (const { ours, exact } of middles(1.5, 109, 0.45, pressure))
      expect(Math.abs(ours / exact - 1)).toBeLessThan(0.1);
  });
});
