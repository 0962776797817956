import { foodByKey } from '../../food';
import {
  apparentPas,
  FLOUR_FOR_STARCH,
  starchOf,
  THICK_FROM,
  thicknessWord,
  type Body,
} from '../../finish';
import { at, COLD_C, COOL_C, fallsTo, HOT_C, judge } from '../../guard';
import { coolDown, iceFor, keepsOf, plankHours, thawHours } from '../../keep';
import { makeGrid, stableS, stepGrid, type Cylinder } from '../../keep/cylinder';
import { matterOf } from '../../keep/matter';
import { HOLDERS, usableL, type HolderKind } from '../../vocabulary';
import { centreSeries } from '../series';
import type { Check, CheckGroup } from './check';

const ROOM = { ambientC: 20, altitudeM: 0, fridgeC: 3 };
const THICK = matterOf(true);
const THIN = matterOf(false);
const DIFFUSIVITY = THICK.conductivity / (1000 * THICK.kgPerL * THICK.heat);

/** Middle of a thick cylinder with films all round, from 80 C into 5 C, after some minutes. */
function middle(shape: Cylinder, side: number, ends: number, minutes: number): number {
  const grid = makeGrid(shape, THICK, 80);
  const walls = { side, top: ends, bottom: ends };
  const dt = stableS(grid, false);
  const steps = Math.ceil((60 * minutes) / dt);
  for (let i = 0; i < steps; i++) stepGrid(grid, walls, 5, (60 * minutes) / steps);
  // The middle of the height lies on a layer, or between two.
  const { layers, rings, celsius } = grid;
  const low = celsius[Math.floor((layers - 1) / 2) * rings] ?? NaN;
  const high = celsius[Math.floor(layers / 2) * rings] ?? NaN;
  return (low + high) / 2;
}

/** A short cylinder is a slab times a long one (Carslaw & Jaeger, ch. 1.15). */
function seriesOf({ radiusM, heightM }: Cylinder, side: number, ends: number, minutes: number) {
  const s = 60 * minutes;
  const long =
    side > 0
      ? centreSeries(
          'cylinder',
          (side * radiusM) / THICK.conductivity,
          (DIFFUSIVITY * s) / radiusM ** 2,
        )
      : 1;
  const half = heightM / 2;
  const slab =
    ends > 0
      ? centreSeries('slab', (ends * half) / THICK.conductivity, (DIFFUSIVITY * s) / half ** 2)
      : 1;
  return 5 + 75 * long * slab;
}

function conduction(): readonly Check[] {
  const cases: readonly (readonly [string, Cylinder, number, number, number])[] = [
    ['pot of chili, in air', { radiusM: 0.11, heightM: 0.12 }, 9, 9, 240],
    ['pot of chili, in water', { radiusM: 0.11, heightM: 0.12 }, 300, 300, 120],
    ['jar of chili, in water', { radiusM: 0.045, heightM: 0.14 }, 300, 300, 40],
    ['long cylinder, its ends shut', { radiusM: 0.06, heightM: 0.3 }, 50, 0, 90],
    ['pan of chili, as a slab', { radiusM: 0.15, heightM: 0.05 }, 0, 20, 120],
  ];
  return cases.map(([name, shape, side, ends, minutes]) => ({
    what: `middle of a ${name}, after ${minutes} min`,
    source: 'Carslaw & Jaeger 1959, the series',
    mark: 'published' as const,
    unit: '°C',
    wanted: seriesOf(shape, side, ends, minutes),
    ours: middle(shape, side, ends, minutes),
    within: 0.4,
  }));
}

const POT_OF_STOCK = {
  count: 1,
  shape: { radiusM: 0.11, heightM: 0.08 },
  bodyJPerK: 0,
  lossWPerK: 1.5,
};

function exponential(): Check {
  const kg = 1000 * Math.PI * 0.11 ** 2 * 0.08 * THIN.kgPerL;
  const minutes = 300;
  const curve = coolDown(
    {
      thick: false,
      startC: 80,
      stands: [
        {
          place: 'room',
          until: { minutes },
          portions: POT_OF_STOCK,
          stirred: false,
          open: false,
        },
      ],
    },
    ROOM,
  );
  return {
    what: 'thin stock in a pot that loses 1.5 W/K, after 5 h',
    source: 'Newton’s law of cooling, the exponential',
    mark: 'on paper',
    unit: '°C',
    wanted: 20 + 60 * Math.exp((-1.5 * 60 * minutes) / (kg * THIN.heat)),
    ours: at(curve, minutes),
    within: 0.05,
  };
}

/** Plank leaves out what ice and water take besides: air close above the freezing point. */
function thawing(): readonly Check[] {
  // By the freezing curve an eighteenth of it is not frozen yet at -18 C.
  const latent = 1000 * THIN.kgPerL * THIN.ice.melt * (1 - 1 / 18);
  const cases: readonly (readonly [string, Cylinder, number, number, readonly [number, number]])[] =
    [
      ['slab of 40 mm', { radiusM: 2, heightM: 0.04 }, 0.04, 25, [1 / 2, 1 / 8]],
      ['long cylinder of 90 mm', { radiusM: 0.045, heightM: 2 }, 0.09, 25, [1 / 4, 1 / 16]],
    ];
  return cases.map(([name, shape, mm, film, factors]) => ({
    what: `thawing of broth, a ${name}, in water of 15 °C with a poor film`,
    source: 'Plank 1941, ASHRAE Refrigeration ch. 20',
    mark: 'published' as const,
    unit: 'h',
    wanted: plankHours(latent, mm, film, THIN.conductivity, factors, 15 + 1),
    ours: thawHours(shape, false, 'water', 20, { film }),
    // The brief's own bound: Plank leaves out what ice and water take besides, and a curve of freezing.
    within: 0.15 * plankHours(latent, mm, film, THIN.conductivity, factors, 15 + 1),
  }));
}

const NCHFP: readonly (readonly [HolderKind, number])[] = [
  ['wide-pint', 1 / 2],
  ['wide-quart', 1],
  ['narrow-pint', 3 / 4],
  ['narrow-quart', 1 + 1 / 2],
];

function headspace(): readonly Check[] {
  return NCHFP.flatMap(([kind, inches]): readonly Check[] => [
    {
      what: `headspace of a ${HOLDERS[kind].name}`,
      source: 'NCHFP, headspace for freezing, liquid pack',
      mark: 'published',
      unit: 'in',
      wanted: inches,
      ours: HOLDERS[kind].headspaceMm / 25.4,
      within: 1e-9,
    },
    {
      what: `ice in a ${HOLDERS[kind].name} filled to its headspace`,
      source: 'density of ice 0.917 and of water 0.998 (CRC Handbook)',
      mark: 'from memory',
      unit: 'of its room',
      wanted: [0.9, 1],
      ours: (usableL(kind, true) * 0.998) / 0.917 / HOLDERS[kind].capacityL,
    },
  ]);
}

const fahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;

function rules(): readonly Check[] {
  const fda = (what: string, wanted: number, ours: number): Check => ({
    what,
    source: 'FDA Food Code 2022, 3-501.14',
    mark: 'published',
    unit: '°F',
    wanted,
    ours: fahrenheit(ours),
    within: 1,
  });
  return [
    fda('cooling begins to count', 135, HOT_C),
    fda('to be reached in 2 h', 70, COOL_C),
    fda('to be reached in 6 h', 41, COLD_C),
    {
      what: 'days in the fridge',
      source: 'foodsafety.gov, cold food storage chart: soups and stews',
      mark: 'published',
      unit: 'days',
      wanted: [3, 4],
      ours: keepsOf(undefined).fridgeDays,
    },
    {
      what: 'months in the freezer',
      source: 'foodsafety.gov, cold food storage chart: soups and stews',
      mark: 'published',
      unit: 'months',
      wanted: [2, 3],
      ours: keepsOf(undefined).freezerMonths,
    },
  ];
}

/** Minutes from 57 to 21 C of a stand alone. */
function coolsIn(
  litres: number,
  radiusM: number,
  place: 'ice' | 'fridge' | 'room',
  more: { readonly thick: boolean; readonly stirred: boolean; readonly open: boolean },
): number {
  const portions = {
    count: 1,
    shape: { radiusM, heightM: litres / 1000 / Math.PI / radiusM ** 2 },
    bodyJPerK: 500,
  };
  const curve = coolDown(
    {
      thick: more.thick,
      startC: 90,
      stands: [{ place, until: { celsius: COOL_C }, portions, ...more }],
    },
    ROOM,
  );
  return judge(curve).coolMin ?? Infinity;
}

function kitchenFacts(): readonly Check[] {
  return [
    {
      what: '8 L of stock in its pot, lid on, straight into the fridge, to 5 °C',
      source: 'extension services: a large pot takes a day or longer to cool in a refrigerator',
      mark: 'from memory',
      unit: 'h',
      wanted: [16, 48],
      ours:
        (fallsTo(
          coolDown(
            {
              thick: false,
              startC: 90,
              stands: [
                {
                  place: 'fridge',
                  until: { celsius: 5 },
                  portions: {
                    count: 1,
                    shape: { radiusM: 0.13, heightM: 0.15 },
                    bodyJPerK: 1000,
                  },
                  stirred: false,
                  open: false,
                },
              ],
            },
            ROOM,
          ),
          5,
        ) ?? Infinity) / 60,
    },
    {
      what: '4 L of stock in ice water, stirred, 57 to 21 °C',
      source: 'ServSafe and extension leaflets: an ice bath takes a half hour or less',
      mark: 'from memory',
      unit: 'min',
      wanted: [5, 30],
      ours: coolsIn(4, 0.12, 'ice', { thick: false, stirred: true, open: true }),
    },
    {
      what: '2.5 cm of chili in an open pan, in the fridge, 57 to 21 °C',
      source: 'trade: shallow pans pass, deep pots do not',
      mark: 'common practice',
      unit: 'min',
      wanted: [30, 120],
      ours: coolsIn(1.9, Math.sqrt(0.076 / Math.PI), 'fridge', {
        thick: true,
        stirred: false,
        open: true,
      }),
    },
    {
      what: '4 L of chili left in its pot in the room, 57 to 21 °C',
      source: 'trade: overnight on the counter is unsafe',
      mark: 'common practice',
      unit: 'min',
      wanted: [240, 3000],
      ours: Math.min(3000, coolsIn(4, 0.11, 'room', { thick: true, stirred: false, open: false })),
    },
    {
      what: 'a pint of broth, frozen, in the fridge, thawed through',
      source: 'USDA FSIS, the big thaw: even a pound takes a full day',
      mark: 'published',
      unit: 'h',
      wanted: [20, 48],
      ours: thawHours({ radiusM: 0.041, heightM: 0.087 }, false, 'fridge', 20),
    },
    {
      what: 'the same in cold water, changed',
      source: 'USDA FSIS, the big thaw: a pound an hour or less, 3 to 4 lb 2 to 3 h',
      mark: 'published',
      unit: 'h',
      wanted: [0.5, 3],
      ours: thawHours({ radiusM: 0.041, heightM: 0.087 }, false, 'water', 20),
    },
    {
      what: 'ice for 2 L of soup from 90 to 5 °C in as much tap water',
      source: 'heat of water over the heat of melting, 334 kJ/kg',
      mark: 'on paper',
      unit: 'kg',
      wanted: (2 * 4.186 * 85 + 2 * 4.186 * 15) / 333.6,
      ours: iceFor(2, 90, 5),
      within: 0.01,
    },
  ];
}

const sauce = (starchG: number, litres = 0.24): Body => ({
  litres,
  starchG,
  pulpL: 0,
  gelatineG: 0,
});

function thickness(): readonly Check[] {
  const dilute = 0.01;
  const pulp = (pulpL: number): number =>
    apparentPas({ litres: 1 - pulpL, starchG: 0, pulpL, gelatineG: 0 }, 60);
  return [
    {
      what: 'water at 60 °C',
      source: 'IAPWS 2008, viscosity of water',
      mark: 'from memory',
      unit: 'mPa s',
      wanted: 0.466,
      ours: 1000 * apparentPas(sauce(0), 60),
      within: 0.01,
    },
    {
      what: 'a few soft particles, rise of viscosity by their share',
      source: 'Einstein 1906: 2.5 times their share',
      mark: 'published',
      unit: 'times',
      wanted: 2.5,
      ours: (pulp(dilute) / pulp(0) - 1) / dilute,
      within: 0.1,
    },
    {
      what: 'gelatine of 6.67 % at 60 °C',
      source: 'GMIA standard methods: 1.5 to 7.5 mPa s',
      mark: 'from memory',
      unit: 'mPa s',
      wanted: [1.5, 7.5],
      ours: 1000 * apparentPas({ litres: 1, starchG: 0, pulpL: 0, gelatineG: 66.7 }, 60),
    },
    {
      what: 'flour that thickens as 8 g of cornstarch does',
      source: 'trade: 15 g of flour a cup',
      mark: 'common practice',
      unit: 'g',
      wanted: 15,
      ours: 8 * FLOUR_FOR_STARCH,
      within: 0.01,
    },
    {
      what: 'cornstarch, 8 g a cup',
      source: 'National Dysphagia Diet 2002: nectar, 51 to 350 mPa s',
      mark: 'from memory',
      unit: 'mPa s',
      wanted: [51, 350],
      ours: 1000 * apparentPas(sauce(8), 60),
    },
    {
      what: 'cornstarch, 12 g a cup',
      source: 'National Dysphagia Diet 2002: honey, 351 to 1,750 mPa s',
      mark: 'from memory',
      unit: 'mPa s',
      wanted: [351, 1750],
      ours: 1000 * apparentPas(sauce(12), 60),
    },
    {
      what: 'where a spoon stands begins',
      source: 'National Dysphagia Diet 2002: spoon-thick above 1,750 mPa s',
      mark: 'from memory',
      unit: 'mPa s',
      wanted: 1750,
      ours: 1000 * THICK_FROM[thicknessWord(1.76)],
      within: 1,
    },
    {
      what: 'starch paste of twice the strength, times as thick',
      source: 'Evans & Haisman 1979: power of 2 to 4',
      mark: 'from memory',
      unit: 'times',
      wanted: [4, 16],
      ours: apparentPas(sauce(16), 60) / apparentPas(sauce(8), 60),
    },
    {
      what: 'a sauce at 20 against 60 °C',
      source: 'starch pastes, activation 10 to 25 kJ/mol',
      mark: 'from memory',
      unit: 'times',
      wanted: [1.6, 3.5],
      ours: apparentPas(sauce(8), 20) / apparentPas(sauce(8), 60),
    },
  ];
}

function starches(): readonly Check[] {
  const cases: readonly (readonly [string, readonly [number, number]])[] = [
    ['potato', [13, 18]],
    ['red-lentils', [40, 52]],
    ['pearl-barley', [58, 72]],
    ['white-rice', [74, 82]],
  ];
  return cases.map(([key, wanted]) => {
    const food = foodByKey(key);
    return {
      what: `starch of ${food?.name ?? key}`,
      source: 'USDA FoodData Central and Souci-Fachmann-Kraut, analyses of starch',
      mark: 'from memory' as const,
      unit: 'g/100 g',
      wanted,
      ours: food ? starchOf(food, 100) : NaN,
    };
  });
}

export const KEEP: CheckGroup = {
  name: 'Thickness, cooling, keeping',
  checks: () => [
    ...conduction(),
    exponential(),
    ...thawing(),
    ...headspace(),
    ...rules(),
    ...kitchenFacts(),
    ...thickness(),
    ...starches(),
  ],
};
