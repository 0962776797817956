/** Laws of safety: warnings about the valve, over drawn fillings of every foaming class. */
import fc from 'fast-check';
import type { Batch, Release } from '../batch/schema';
import { foodByKey } from '../food';
import { batchOf, item, KITCHEN, POT, pressure, SEA_LEVEL, STOVETOP } from '../testing/kitchen';
import { SAFE_CHANCE } from '../guard';
import { assess, compareReleases, type Assessment } from './';

const MAIN = ['split-peas', 'red-lentils', 'rolled-oats', 'pearl-barley', 'potato', 'carrot'];
const cook = fc.record({
  key: fc.constantFrom(...MAIN),
  grams: fc.integer({ min: 100, max: 900 }),
  litres: fc.double({ min: 0.8, max: 5, noNaN: true }),
  pot: fc.constantFrom(POT, STOVETOP, { ...POT, capacityL: 7.6, innerDiameterCm: 24 }),
  kitchen: fc.constantFrom(KITCHEN, SEA_LEVEL),
});
type Cook = typeof cook extends fc.Arbitrary<infer T> ? T : never;

const batchFor = ({ key, grams, litres }: Cook, release: Release): Batch =>
  batchOf([item('w', 'water', litres, 'l'), item('x', key, grams, 'g')], [pressure(12, release)]);
const look = (c: Cook, release: Release): Assessment =>
  assess(batchFor(c, release), c.pot, c.kitchen, { stepS: 30, curves: false });
const RUNS = { numRuns: 50, seed: 7 };

describe('the valve', () => {
  it('is never called safe at once above the line that counts, nor above a chance of 2 %', () => {
    fc.assert(
      fc.property(cook, (c) => {
        const a = look(c, { method: 'quick' });
        const [release] = a.release;
        const [atOnce] = compareReleases(batchFor(c, { method: 'quick' }), c.pot, c.kitchen, 's1');
        if (!release || !atOnce) return;
        const over = a.fill.worstL > a.fill.lineL + 1e-9;
        if (over || release.sprayChance >= SAFE_CHANCE) {
          expect(release.waitMin).not.toBe(0);
          expect(atOnce.safe).toBe(false);
        }
        expect(release.sprayChance).toBeGreaterThanOrEqual(0);
        expect(release.sprayChance).toBeLessThanOrEqual(1);
      }),
      RUNS,
    );
  });

  it('of what foams, opened at once above half, is always at least a warning', () => {
    let seen = 0;
    fc.assert(
      fc.property(cook, (c) => {
        const a = look(c, { method: 'quick' });
        const foams = (foodByKey(c.key)?.foaming ?? 0) >= 3 && c.grams > 300;
        if (!foams || a.fill.lidOnL <= 0.5 * c.pot.capacityL || a.release.length === 0) return;
        seen += 1;
        const told = a.findings.filter((f) =>
          ['spray-risk', 'over-foam-line', 'over-max-fill'].includes(f.code),
        );
        expect(told.some((f) => f.level !== 'note')).toBe(true);
      }),
      RUNS,
    );
    expect(seen).toBeGreaterThan(4);
  });

  it('spits no more after a wait, no more in bursts, and never while it is shut', () => {
    fc.assert(
      fc.property(cook, fc.integer({ min: 1, max: 30 }), (c, minutes) => {
        // Oats swell on while they wait, and their heap with them.
        fc.pre(1000 * c.litres > 6 * c.grams && c.key !== 'rolled-oats');
        const chance = (release: Release): number => look(c, release).release[0]?.sprayChance ?? 0;
        const atOnce = chance({ method: 'quick' });
        expect(chance({ method: 'timed', afterMin: minutes })).toBeLessThanOrEqual(atOnce);
        expect(chance({ method: 'pulsed' })).toBeLessThanOrEqual(atOnce);
        expect(chance({ method: 'natural' })).toBe(0);
      }),
      RUNS,
    );
  });

  it('takes longer, the gentler it is', () => {
    fc.assert(
      fc.property(cook, (c) => {
        // In a pot boiled dry by its food, the food's own heat sets the pace, however the pressure is let
        // go.
        fc.pre(1000 * c.litres > 6 * c.grams);
        const ways = compareReleases(batchFor(c, { method: 'quick' }), c.pot, c.kitchen, 's1');
        const minutes = (method: Release['method']): number =>
          ways.find((w) => w.release.method === method)?.minutes ?? Number.NaN;
        if (ways.length === 0) return;
        expect(minutes('pulsed')).toBeGreaterThanOrEqual(minutes('quick'));
        expect(minutes('natural')).toBeGreaterThanOrEqual(minutes('pulsed'));
      }),
      RUNS,
    );
  });
});
