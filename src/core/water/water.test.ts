import fc from 'fast-check';
import { saturationPressure, saturationTemperature, setpoint } from '.';

describe('saturation line', () => {
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
  it('never raises the setpoint with altitude', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 1, max: 1000 }), (h, up) => {
        expect(setpoint(h + up, 80)).toBeLessThan(setpoint(h, 80));
      }),
    );
  });
});
