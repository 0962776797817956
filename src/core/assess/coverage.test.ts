/**
 * Whether bands keep their word: kitchens drawn from what is not known, cooked by the model with all
 * of it hidden, against the band that a cook is shown. Eight in ten must lie inside; of 300 that is
 * 240 with a standard deviation of 7, so 75 to 85 % are two deviations either way.
 */
import type { Batch } from '../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE, SEA_LEVEL } from '../testing/kitchen';
import { GOOD, type Cooked } from '../testing/practice';
import { drawUnknowns, seeded, toDraw } from '../unknown';
import { drawBatch } from './draws';
import { fillReport, type Range, runModel, stepReports, tableMin } from '../model';
import { releaseReports } from '../model';

const BATCHES: readonly Cooked[] = [
  { batch: REFERENCE, pot: POT, kitchen: KITCHEN },
  ...[3, 7, 12, 13].flatMap((i) => GOOD[i] ?? []),
];
const KITCHENS = 300;

interface Happened {
  readonly warmUp: number;
  readonly release: number;
  readonly table: number;
  readonly level: number;
}

function hiddenCook({ batch, pot, kitchen }: Cooked, seed: number): Happened {
  const chance = seeded(seed);
  const unknowns = drawUnknowns(pot, toDraw(batch, kitchen), chance);
  const model = runModel(batch, pot, kitchen, { unknowns });
  const [first] = stepReports(model).filter((s) => s.kind === 'pressure');
  return {
    warmUp: first?.warmUpMin ?? 0,
    release: first?.releaseMin ?? 0,
    table: tableMin(model),
    level: fillReport(model, releaseReports(model)).report.worstL,
  };
}

const within = ({ p10, p90 }: Range, value: number): boolean => value >= p10 && value <= p90;

it('holds what happens 8 times in 10', () => {
  const inside = { warmUp: 0, release: 0, table: 0, level: 0 };
  BATCHES.forEach((cooked, n) => {
    const draws = drawBatch(cooked.batch, cooked.pot, cooked.kitchen, { draws: 200, seed: 11 + n });
    const at = cooked.batch.steps?.findIndex((s) => s.kind === 'pressure') ?? 0;
    const step = draws?.steps[Math.max(0, at)];
    if (!draws || !step) throw new Error('no draws');
    for (let k = 0; k < KITCHENS / BATCHES.length; k++) {
      const real = hiddenCook(cooked, 1000 * (n + 1) + k);
      if (within(step.warmUpMin, real.warmUp)) inside.warmUp++;
      if (within(step.releaseMin, real.release)) inside.release++;
      if (within(draws.totalMin, real.table)) inside.table++;
      if (within(draws.fill.worstL, real.level)) inside.level++;
    }
  });
  for (const [what, count] of Object.entries(inside)) {
    expect([what, count / KITCHENS >= 0.75]).toEqual([what, true]);
    expect([what, count / KITCHENS <= 0.85]).toEqual([what, true]);
  }
});

describe('what cooks have seen lies in the bands (common practice)', () => {
  const bands = (batch: Batch, pot = POT) =>
    drawBatch(batch, pot, SEA_LEVEL, { draws: 120, seed: 2 })?.steps[0];

  it('a 7.6 L pot of thin soup, half-way to its line, took 16 min from hot tap water', () => {
    const pot = { ...POT, capacityL: 7.6, innerDiameterCm: 24, powerW: 1200 };
    const soup = batchOf(
      [
        item('w', 'water', 2.1, 'l', { startC: 45 }),
        item('c', 'carrot', 250, 'g'),
        item('o', 'onion', 150, 'g'),
      ],
      [pressure(10)],
    );
    const band = bands(soup, pot)?.warmUpMin;
    expect(band && within(band, 16)).toBe(true);
  });

  it('a very full 6 L pot took 40 to 70 min to drop', () => {
    const pot = { ...POT, capacityL: 6 };
    const band = bands(batchOf([item('w', 'water', 4.8, 'l')], [pressure(30)]), pot)?.releaseMin;
    expect(band?.p10).toBeLessThan(45);
    expect(band?.p50).toBeGreaterThan(40);
    expect(band?.p90).toBeGreaterThan(63);
  });

  it('a 5.7 L pot of raw chicken, potato, onion and tomato without water took 10 min', () => {
    const dry = batchOf(
      [
        item('t', 'tomato', 200, 'g', { cut: { shape: 'cube', mm: 30 } }),
        item('o', 'onion', 100, 'g', { cut: { shape: 'slice', mm: 8 } }),
        item('c', 'chicken-thigh', 450, 'g'),
        item('p', 'potato', 200, 'g', { cut: { shape: 'cube', mm: 40 } }),
      ],
      [pressure(12)],
    );
    const band = bands(dry)?.warmUpMin;
    expect(band && within(band, 10)).toBe(true);
  });
});

describe('what is known of a pot', () => {
  it('narrows its bands once it has been timed with water', () => {
    const width = (measured: boolean): number => {
      const band = drawBatch(REFERENCE, { ...POT, measured }, KITCHEN, { draws: 80, seed: 5 })
        ?.steps[0]?.warmUpMin;
      return band ? band.p90 - band.p10 : Number.NaN;
    };
    expect(width(true)).toBeLessThan(0.7 * width(false));
  });

  it('is less on a hob, where nobody knows what the flame gives', () => {
    const width = (kind: 'electric' | 'stovetop'): number => {
      const pot = { ...POT, kind, efficiency: 0.7, lossWPerK: 1.5 };
      const band = drawBatch(REFERENCE, pot, KITCHEN, { draws: 80, seed: 5 })?.steps[0]?.warmUpMin;
      return band ? band.p90 - band.p10 : Number.NaN;
    };
    expect(width('stovetop')).toBeGreaterThan(1.3 * width('electric'));
  });
});
