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
} from '../../water';
import type { Check, CheckGroup } from './check';

psychrolib.SetUnitSystem(psychrolib.SI);

const published = (source: string) => ({ source, mark: 'published' as const });
const IF97 = published('IAPWS R7-97(2012)');
const PSYCHRO = published('ASHRAE Fundamentals, Hyland & Wexler, as coded in psychrolib');
const STANDARD = published('US Standard Atmosphere 1976');
const FSIS = published('USDA FSIS, High altitude cooking');
const STEAM = { source: 'IAPWS-95 steam table', mark: 'from memory' as const };

function line(): readonly Check[] {
  const table35 = [
    [300, 3.53658941],
    [500, 2638.89776],
    [600, 12344.3146],
  ] as const;
  const table36 = [
    [0.1, 372.755919],
    [1, 453.035632],
    [10, 584.149488],
  ] as const;
  return [
    ...table35.map(([kelvin, kPa]) => ({
      ...IF97,
      what: `saturation pressure at ${kelvin} K (table 35)`,
      unit: 'kPa',
      wanted: kPa,
      ours: saturationPressure(kelvin - 273.15) / 1000,
      within: kPa * 1e-8,
    })),
    ...table36.map(([mPa, kelvin]) => ({
      ...IF97,
      what: `saturation temperature at ${mPa} MPa (table 36)`,
      unit: 'K',
      wanted: kelvin,
      ours: saturationTemperature(mPa * 1e6) + 273.15,
      within: 1e-5,
    })),
    ...[80, 90, 100, 110, 120, 130].map((t) => ({
      ...PSYCHRO,
      what: `saturation pressure at ${t} °C`,
      unit: 'kPa',
      wanted: psychrolib.GetSatVapPres(t) / 1000,
      ours: saturationPressure(t) / 1000,
      within: (psychrolib.GetSatVapPres(t) / 1000) * 1e-3,
    })),
  ];
}

function air(): readonly Check[] {
  const pressures = [
    [1500, 84.56],
    [3000, 70.12],
  ] as const;
  const boils = [
    [2000, 208],
    [5000, 203],
    [7500, 198],
    [10000, 194],
  ] as const;
  return [
    ...pressures.map(([metres, kPa]) => ({
      ...STANDARD,
      what: `air pressure at ${metres} m`,
      unit: 'kPa',
      wanted: kPa,
      ours: atmosphericPressure(metres) / 1000,
      within: 0.015,
    })),
    ...[600, 1150, 2400].map((metres) => ({
      ...PSYCHRO,
      what: `air pressure at ${metres} m`,
      unit: 'kPa',
      wanted: psychrolib.GetStandardAtmPressure(metres) / 1000,
      ours: atmosphericPressure(metres) / 1000,
      within: 0.01,
    })),
    ...boils.map(([feet, fahrenheit]) => ({
      ...FSIS,
      what: `boiling point at ${feet} ft`,
      unit: '°F',
      wanted: fahrenheit,
      ours: boilingPoint(feet * 0.3048) * 1.8 + 32,
      within: 1,
    })),
  ];
}

/** Share of the water that flashes on the way down, from the heat of the liquid. */
function flash(fromC: number): number {
  const step = 0.1;
  let left = 1;
  for (let t = fromC; t > 100; t -= step) left *= 1 - (step * 4237) / latentHeat(t);
  return 100 * (1 - left);
}

/** The latent heat that follows from the slope of the line and the two densities (Clapeyron). */
function clapeyron(t: number): number {
  const slope = (saturationPressure(t + 0.05) - saturationPressure(t - 0.05)) / 0.1;
  return (t + 273.15) * slope * (1 / vapourDensity(t) - 1 / liquidDensity(t));
}

function steam(): readonly Check[] {
  const row = (what: string, unit: string, wanted: number, ours: number, within: number) => ({
    ...STEAM,
    what,
    unit,
    wanted,
    ours,
    within,
  });
  return [
    row('latent heat at 100 °C', 'kJ/kg', 2256.4, latentHeat(100) / 1000, 0.5),
    row('latent heat at 120 °C', 'kJ/kg', 2202.1, latentHeat(120) / 1000, 0.5),
    row('liquid density at 100 °C', 'kg/m³', 958.35, liquidDensity(100), 0.05),
    row('liquid density at 120 °C', 'kg/m³', 943.1, liquidDensity(120), 0.1),
    row('vapour density at 100 °C', 'kg/m³', 0.598, vapourDensity(100), 0.001),
    row('steam flashed from 117.1 to 100 °C', '%', 3.2, flash(117.1), 0.05),
    ...[90, 105, 121].map((t) => ({
      what: `latent heat at ${t} °C by Clapeyron’s equation`,
      source: 'Clapeyron, from IF97 and the two densities',
      mark: 'on paper' as const,
      unit: 'kJ/kg',
      wanted: clapeyron(t) / 1000,
      ours: latentHeat(t) / 1000,
      within: (clapeyron(t) / 1000) * 0.003,
    })),
    {
      what: 'pot at 103.4 kPa, sea level',
      source: 'trade: 15 psi is 121 °C',
      mark: 'common practice',
      unit: '°C',
      wanted: 121,
      ours: setpoint(0, 103.4),
      within: 0.5,
    },
    {
      what: 'pot at 80 kPa, sea level',
      source: 'trade: high is 117 °C',
      mark: 'common practice',
      unit: '°C',
      wanted: 117.1,
      ours: setpoint(0, 80),
      within: 0.1,
    },
  ];
}

export const WATER: CheckGroup = {
  name: 'Water and air',
  checks: () => [...line(), ...air(), ...steam()],
};
