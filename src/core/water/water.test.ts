import fc from 'fast-check';
import psychrolib from 'psychrolib';
import {
  atmosphericPressure,
  boilingPoint,
  latentHeat,
  liquidDensity,
  saturationPressure,
  saturationTemperature,
  setpoint,
  vapourDensity,
} from '.';

psychrolib.SetUnitSystem(psychrolib.SI);

describe('saturation line', () => {
  // Published: IAPWS R7-97(2012), table 35.
  it.each([
    [300, 3.53658941e3],
    [500, 2638.89776e3],
    [600, 12344.3146e3],
  ])('gives table 35 at %d K', (kelvin, pascal) => {
    expect(saturationPressure(kelvin - 273.15) / pascal).toBeCloseTo(1, 8);
  });

  // Published: IAPWS R7-97(2012), table 36.
  it.each([
    [0.1e6, 372.755919],
    [1e6, 453.035632],
    [10e6, 584.149488],
  ])('gives table 36 at %d Pa', (pascal, kelvin) => {
    expect(saturationTemperature(pascal) + 273.15).toBeCloseTo(kelvin, 5);
  });

  // Published, independent: ASHRAE Fundamentals (Hyland & Wexler) as coded in psychrolib.
  it('agrees with psychrolib within 0.1 % from 80 to 130 C', () => {
    for (let t = 80; t <= 130; t += 5)
      expect(saturationPressure(t) / psychrolib.GetSatVapPres(t)).toBeCloseTo(1, 2.99);
  });

  it('runs both ways', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 200, noNaN: true }), (t) => {
        expect(saturationTemperature(saturationPressure(t))).toBeCloseTo(t, 5);
      }),
    );
  });

  it('refuses what is off the line', () => {
    expect(() => saturationPressure(400)).toThrow(RangeError);
    expect(() => saturationTemperature(Number.NaN)).toThrow(RangeError);
  });
});

describe('standard atmosphere', () => {
  // Published: US Standard Atmosphere 1976.
  it.each([
    [1500, 84560],
    [3000, 70120],
  ])('at %d m', (metres, pascal) => {
    expect(Math.abs(atmosphericPressure(metres) - pascal)).toBeLessThan(15);
  });

  it('agrees with psychrolib', () => {
    for (const h of [0, 600, 1150, 2400, 4000])
      expect(atmosphericPressure(h) / psychrolib.GetStandardAtmPressure(h)).toBeCloseTo(1, 4);
  });

  // Published: USDA FSIS, High altitude cooking and food safety.
  it.each([
    [2000, 208],
    [5000, 203],
    [7500, 198],
    [10000, 194],
  ])('boils at %d ft at %d F within 1 F', (feet, fahrenheit) => {
    const ours = boilingPoint(feet * 0.3048) * 1.8 + 32;
    expect(Math.abs(ours - fahrenheit)).toBeLessThan(1);
  });

  // Common practice, no source: "15 psi is 121 C, 80 kPa is 117 C".
  it('holds the usual pressures at the usual temperatures', () => {
    expect(setpoint(0, 103.4)).toBeCloseTo(121, 0);
    expect(setpoint(0, 80)).toBeCloseTo(117.1, 1);
  });

  it('never raises the setpoint with altitude', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 1, max: 1000 }), (h, up) => {
        expect(setpoint(h + up, 80)).toBeLessThan(setpoint(h, 80));
      }),
    );
  });
});

describe('steam table', () => {
  // Published: IAPWS-95 (from memory).
  it('has the latent heat and density of the tables', () => {
    expect(latentHeat(100) / 1000).toBeCloseTo(2256.4, 1);
    expect(Math.abs(latentHeat(120) / 1000 - 2202.1)).toBeLessThan(0.5);
    expect(Math.abs(liquidDensity(100) - 958.35)).toBeLessThan(0.05);
    expect(Math.abs(liquidDensity(120) - 943.1)).toBeLessThan(0.1);
    expect(vapourDensity(100)).toBeCloseTo(0.598, 3);
  });

  // Clapeyron: the latent heat follows from the slope of the line and the two densities.
  it('satisfies Clapeyron within 0.3 %', () => {
    for (const t of [60, 90, 105, 121]) {
      const slope = (saturationPressure(t + 0.05) - saturationPressure(t - 0.05)) / 0.1;
      const clapeyron = (t + 273.15) * slope * (1 / vapourDensity(t) - 1 / liquidDensity(t));
      expect(Math.abs(latentHeat(t) / clapeyron - 1)).toBeLessThan(0.003);
    }
  });

  // From the enthalpies of the steam table: 3.2 % of the water flashes from 117.1 to 100 C.
  it('flashes 3.2 % of the water on a quick release', () => {
    const steps = 171;
    let left = 1;
    for (let i = 0; i < steps; i++) left *= 1 - (0.1 * 4237) / latentHeat(117.1 - i * 0.1);
    expect(1 - left).toBeCloseTo(0.032, 3);
  });
});
