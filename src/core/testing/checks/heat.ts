import psychrolib from 'psychrolib';
import { thermalProperties, type Solid } from '../../food';
import { simulate, type HeatItem, type HeatStep } from '../../heat';
import { storedHeat } from '../../heat/body';
import { openEvaporation } from '../../heat/evaporation';
import { lastOf, valueAt } from '../../series';
import { potVessel } from '../../vessel';
import { centreAfter, compositionOf, held, thawed } from '../held';
import { POT as CHART_POT } from '../kitchen';
import { minutesOf, odexCase, loadOdex } from '../odexPot';
import { centreSeries } from '../series';
import type { Check, CheckGroup } from './check';

const SEA = { pressurePa: 101325, ambientC: 20 };
const POT = potVessel(CHART_POT);
const NATURAL: HeatStep = {
  kind: 'pressure',
  gaugeKPa: 80,
  holdMin: 20,
  release: { method: 'natural' },
};
const QUICK: HeatStep = { ...NATURAL, release: { method: 'quick' } };
const FILM = 800;

const BEEF = compositionOf('beef-stewing');

function conduction(): readonly Check[] {
  const { density, conductivity, heat } = thermalProperties(BEEF, 60);
  const cases: readonly (readonly [Solid, number, number])[] = [
    ['slab', 30, 8],
    ['slab', 30, 25],
    ['cylinder', 30, 8],
    ['cylinder', 30, 15],
    ['sphere', 40, 8],
    ['sphere', 40, 15],
  ];
  return cases.map(([kind, mm, minutes]) => {
    const radius = mm / 2000;
    const n = { slab: 1, cylinder: 2, sphere: 3 }[kind];
    const fourier = ((conductivity / (density * heat)) * minutes * 60) / radius ** 2;
    return {
      what: `centre of a ${kind} of ${mm} mm after ${minutes} min at 100 °C`,
      source: 'Carslaw & Jaeger 1959, the series',
      mark: 'published' as const,
      unit: '°C',
      wanted: 100 - 95 * centreSeries(kind, (FILM * radius) / conductivity, fourier),
      ours: centreAfter({ n, mm }, 60 * minutes),
      within: 0.2,
    };
  });
}

/** Thawing of a slab in air close to the freezing point, since Plank leaves out sensible heat. */
function thawing(): Check {
  const mm = 30;
  const outside = 4;
  const { density, conductivity } = thermalProperties(BEEF, 60);
  const shape = { n: 1, mm };
  const at = (celsius: number): number => storedHeat(held(shape, celsius, outside).body);
  const latent = at(-0.9) - at(-1.5);
  const { minutes } = thawed(shape, -1.5, -0.9, outside);
  const half = mm / 2000;
  const plank =
    ((density * latent) / (outside + 1)) * (half / FILM + half ** 2 / (2 * conductivity));
  return {
    what: 'thawing of a 30 mm slab of beef in 4 °C',
    source: 'Plank’s equation, ASHRAE Refrigeration ch. 20',
    mark: 'published',
    unit: 'min',
    wanted: plank / 60,
    ours: minutes,
    within: (plank / 60) * 0.15,
  };
}

function water(kg: number, startC = 20, id = 'water'): HeatItem {
  return {
    id,
    massKg: kg,
    composition: compositionOf('water'),
    shape: null,
    startC,
    stays: [{ from: 0, to: 9 }],
  };
}

/** Evaporation of a round pool into air of 20 C and half saturation, kg/h. */
function poolFormula(celsius: number, acrossM: number): number {
  psychrolib.SetUnitSystem(psychrolib.SI);
  const kPa = (c: number): number => psychrolib.GetSatVapPres(c) / 1000;
  const area = (Math.PI / 4) * acrossM ** 2;
  // Latent heat of steam tables at 95 C, kJ/kg.
  return (3600 * area * (kPa(celsius) - 0.5 * kPa(20)) * 0.089) / 2269.5;
}

function pot(): readonly Check[] {
  const one = (kg: number, step: HeatStep) => simulate([water(kg)], [step], POT, SEA).steps[0];
  const natural = one(1.5, NATURAL);
  const full = one(3.8, NATURAL);
  const quick = one(1.5, QUICK);
  const practice = { source: 'trade, 5.7 L pot of 1000 W', mark: 'common practice' as const };
  const still = { ...POT, lossWPerK: 1e-9, bodyJPerK: 1e-6, surfaceM2: 1e-9 };
  const mixed = simulate(
    [water(1, 80), water(1, 20, 'cold')],
    [{ kind: 'rest', minutes: 1 }],
    still,
    SEA,
  ).trace.liquidC;
  return [
    {
      ...practice,
      what: 'minutes to pressure, 1.5 L',
      unit: 'min',
      wanted: [12, 18],
      ours: (natural?.warmUpS ?? 0) / 60,
    },
    {
      ...practice,
      what: 'minutes to pressure, full to the line',
      unit: 'min',
      wanted: [25, 35],
      ours: (full?.warmUpS ?? 0) / 60,
    },
    {
      ...practice,
      what: 'natural release, 1.5 L',
      unit: 'min',
      wanted: [10, 15],
      ours: (natural?.releaseS ?? 0) / 60,
      within: 2.5,
      because:
        'on paper the loss of 1.3 W/K and a pin that drops at 3 kPa make 17 min of 1.5 L and a pot of 970 J/K; both are defaults, to be learned from the log',
    },
    {
      ...practice,
      what: 'natural release, full to the line',
      unit: 'min',
      wanted: [30, 60],
      ours: (full?.releaseS ?? 0) / 60,
    },
    {
      ...practice,
      what: 'quick release, 1.5 L',
      unit: 'min',
      wanted: [1, 4],
      ours: (quick?.releaseS ?? 0) / 60,
      within: 0.2,
      because:
        'counted until the valve is quiet, not until a cook has looked at the pin; 3.2 mm and 0.8 are defaults, to be learned from the log',
    },
    {
      what: 'water off an open 24 cm pot at 95 °C in still air',
      source: 'ASHRAE HVAC Applications, pool formula, with psychrolib’s vapour pressures',
      mark: 'from memory',
      unit: 'kg/h',
      wanted: poolFormula(95, 0.24),
      ours: 3600 * openEvaporation(95, SEA, (Math.PI / 4) * 0.24 ** 2),
      within: 0.01,
    },
    {
      what: 'a litre of 80 °C and one of 20 °C',
      source: 'mixing of equal masses',
      mark: 'on paper',
      unit: '°C',
      wanted: 50,
      ours: lastOf(mixed),
      within: 0.05,
    },
  ];
}

/** The same equations by a general solver: largest difference of the liquid at any minute. */
async function general(): Promise<Check> {
  const { ours, theirs, endS } = odexCase();
  const wanted = theirs(await loadOdex(), 1e-4).liquidC;
  const found = minutesOf(ours(10).trace, endS);
  const apart = wanted.map((t, i) => Math.abs(t - valueAt(found, i)));
  return {
    what: 'liquid at every minute of a two-hour cook, largest difference',
    source: 'odex package (Hairer & Wanner) on the same equations',
    mark: 'published',
    unit: '°C',
    wanted: 0,
    ours: Math.max(...apart),
    within: 0.2,
  };
}

export const HEAT: CheckGroup = {
  name: 'Heat',
  checks: async () => [...conduction(), thawing(), ...pot(), await general()],
};
