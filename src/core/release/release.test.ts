import type { Letting } from '../vocabulary';
import fc from 'fast-check';
import {
  bubblyVoid,
  chanceOfLiquid,
  churnVoid,
  steamFlow,
  swollenAt,
  USUAL_VALVE,
  voidFraction,
  type AtValve,
} from '.';

const SEA = 101325;
const SURFACE = (Math.PI / 4) * 0.22 ** 2;
const HOT = 117.1;

describe('steam through the valve', () => {
  it('grows with pressure and stops at the boil', () => {
    expect(steamFlow(99, SEA, USUAL_VALVE)).toBe(0);
    fc.assert(
      fc.property(
        fc.double({ min: 100.2, max: 120, noNaN: true }),
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        (t, more) => {
          expect(steamFlow(t + more, SEA, USUAL_VALVE)).toBeGreaterThan(
            steamFlow(t, SEA, USUAL_VALVE),
          );
        },
      ),
    );
  });
});

describe('swell at the valve', () => {
  it('solves the drift-flux relations it states', () => {
    const a = churnVoid(HOT, 0.05);
    const b = bubblyVoid(HOT, 0.03);
    // U from sigma 0.0557 N/m, 945 and 1.04 kg/m3, on paper.
    const u = (k: number): number => (k * (0.0557 * 9.80665 * 944.3) ** 0.25) / Math.sqrt(945.3);
    expect((2 * a) / (1 - 1.5 * a)).toBeCloseTo(0.05 / u(1.53), 3);
    expect((b * (1 - b) ** 2) / ((1 - b ** 3) * (1 - 1.2 * b))).toBeCloseTo(0.03 / u(1.18), 3);
  });

  it('goes up all the way when more steam comes than bubbles can carry', () => {
    expect(bubblyVoid(HOT, 5)).toBeGreaterThan(0.5);
    expect(voidFraction(HOT, 0, SURFACE, 3)).toBeCloseTo(0, 6);
  });
});

describe('the chance of liquid at the valve', () => {
  const DOUBT = { level: 0.05, valve: 0.25 };
  const at = (line: number, foaming: number): AtValve => ({
    // Lines are read cold, and the contents stand hot.
    level: 1.055 * line,
    foaming,
    surfaceM2: SURFACE,
    valve: USUAL_VALVE,
    outsidePa: SEA,
    coldWaterWPerK: 25,
  });
  const chance = (line: number, foaming: number, how: Letting = 'open', t = HOT): number =>
    chanceOfLiquid(at(line, foaming), t, how, DOUBT);

  // Common practice: two thirds for clean broth, half for what foams.
  it('lets the trade’s two lines fall out', () => {
    expect(chance(2 / 3, 0)).toBeLessThan(0.02);
    expect(chance(2 / 3, 3)).toBeGreaterThan(0.4);
    expect(chance(1 / 2, 3)).toBeLessThan(0.1);
    expect(chance(1 / 2, 3)).toBeGreaterThan(0.02);
    expect(chance(0.35, 3)).toBeLessThan(0.02);
  });

  it('grows with level, foam, temperature and doubt, and is a chance', () => {
    const level = fc.double({ min: 0.2, max: 0.9, noNaN: true });
    const foam = fc.double({ min: 0, max: 3, noNaN: true });
    fc.assert(
      fc.property(level, foam, fc.double({ min: 0.01, max: 0.1, noNaN: true }), (l, f, more) => {
        const here = chance(l, f);
        expect(here).toBeGreaterThanOrEqual(0);
        expect(here).toBeLessThanOrEqual(1);
        expect(chance(l + more, f)).toBeGreaterThanOrEqual(here);
        expect(chance(l, f, 'open', HOT - 100 * more)).toBeLessThanOrEqual(here);
        expect(chance(l, f, 'bursts')).toBeLessThanOrEqual(here);
      }),
    );
  });

  it('swells in a burst like an open valve where nothing foams', () => {
    expect(swollenAt(at(0.6, 0), HOT, 'bursts')).toBe(swollenAt(at(0.6, 0), HOT, 'open'));
    expect(swollenAt(at(0.6, 3), HOT, 'bursts')).toBeLessThan(swollenAt(at(0.6, 3), HOT, 'open'));
  });

  it('counts vapour of cold water on the lid, and none once it is quiet', () => {
    expect(swollenAt(at(0.6, 1), HOT, 'cold water')).toBeGreaterThan(1.02 * 1.055 * 0.6);
    expect(chance(0.6, 3, 'open', 99)).toBe(0);
  });
});
