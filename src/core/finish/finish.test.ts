import fc from 'fast-check';
import { latentHeat } from '../water';
import { drinksOn, reductionMinutes, saltPercent, saltToAdd, slurryFor, waterToDilute } from '.';

const mass = fc.double({ min: 100, max: 10_000, noNaN: true });
const salt = fc.double({ min: 0, max: 60, noNaN: true });

describe('salt', () => {
  it('is a share of the mass', () => {
    expect(saltPercent(15, 2000)).toBe(0.75);
    expect(saltPercent(1, 0)).toBe(0);
  });

  it('added as said, makes the share that was wanted; or water does', () => {
    fc.assert(
      fc.property(mass, salt, fc.double({ min: 0.2, max: 2, noNaN: true }), (m, s, wanted) => {
        const more = saltToAdd(s, m, wanted);
        if (more > 0) expect(saltPercent(s + more, m + more)).toBeCloseTo(wanted, 6);
        const water = waterToDilute(s, m, wanted);
        if (water > 0) expect(saltPercent(s, m + water)).toBeCloseTo(wanted, 6);
        expect(more > 0 && water > 0).toBe(false);
      }),
    );
  });
});

describe('reduction', () => {
  // On paper: half a litre at 800 W is 0.5 x 2256.4 kJ / 800 W.
  it('takes the latent heat over the power', () => {
    expect(reductionMinutes(0.5, 800, 100)).toBeCloseTo(23.5, 1);
    expect(reductionMinutes(0, 800, 100)).toBe(0);
    expect(reductionMinutes(1, 0, 100)).toBe(Infinity);
    expect(reductionMinutes(1, 1000, 96)).toBeCloseTo(latentHeat(96) / 60_000, 6);
  });
});

describe('thickening', () => {
  // Common practice: 8 g of cornstarch for 240 mL.
  it('is by the cup', () => {
    expect(slurryFor(0.24, 'medium').starchG).toBeCloseTo(8, 9);
    expect(slurryFor(1, 'thick').starchG).toBeGreaterThan(slurryFor(1, 'light').starchG);
  });
});

describe('standing', () => {
  it('drinks with the amount', () => {
    expect(drinksOn(200, 2)).toBeCloseTo(0.14, 9);
    expect(drinksOn(400, 2)).toBeCloseTo(2 * drinksOn(200, 2), 9);
  });
});
