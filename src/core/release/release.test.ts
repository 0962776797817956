import fc from 'fast-check';
import { bubblyVoid, churnVoid, steamFlow, USUAL_VALVE, voidFraction } from '.';

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
