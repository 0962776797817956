/**
 * Batches written as recipe lines, as a cook would paste them: read, planned as they are cooked
 * (common practice, no source), and judged. What turns out well in kitchens is right here.
 */
import { assess, drawBatch } from '../assess';
import { readLine } from '../batch/reading';
import type { Batch, BatchKind, Item, Pot, Step } from '../batch/schema';
import { POT, SEA_LEVEL } from '../testing/kitchen';

const BIG: Pot = { ...POT, id: 'big', capacityL: 7.6, innerDiameterCm: 24, powerW: 1200 };

type Release = NonNullable<Extract<Step, { kind: 'pressure' }>['release']>;
const NATURAL: Release = { method: 'natural' };
const QUICK: Release = { method: 'quick' };
const wait = (afterMin: number): Release => ({ method: 'timed', afterMin });
const lid = (holdMin: number, release: Release): Step => ({
  id: 'lid',
  kind: 'pressure',
  holdMin,
  release,
});
const simmer = (minutes: number): Step => ({ id: 'end', kind: 'simmer', minutes });
const brown: Step = { id: 'brown', kind: 'saute', minutes: 9 };

interface Written {
  readonly name: string;
  readonly kind?: BatchKind;
  readonly lines: readonly string[];
  readonly steps: readonly Step[];
  /** Total time, predicted and real that a cook would expect, from and to. */
  readonly minutes: readonly [number, number];
  /** Calls that a cook would nod at. */
  readonly calls?: readonly string[];
}

/** A line may name the step it goes in with before a bar. @example "end| 100 g spinach" */
function itemOf(line: string, i: number, steps: readonly Step[]): Item {
  const [text = '', step] = line.split('|').reverse();
  const { item } = readLine(text.trim());
  if (!item) throw new Error(`not read: ${line}`);
  const first = steps.find((s) => s.kind === 'pressure')?.id ?? null;
  const from = step ?? first;
  return { ...item, id: `i${i}`, ...(from && { stays: [{ from }] }) };
}

const SOUPS: readonly Written[] = [
  {
    name: 'beef and barley',
    lines: [
      '1 kg stewing beef, 30 mm cubes',
      '1 cup pearl barley',
      '3 carrots, 12 mm slices',
      '2 celery stalks, 10 mm slices',
      '1 onion, diced',
      '6 cups broth',
      '2 tbsp tomato paste',
    ],
    steps: [lid(35, NATURAL)],
    minutes: [65, 100],
  },
  {
    name: 'frozen chicken to pull, beans and tomatoes from cans',
    lines: [
      '700 g chicken breast, frozen',
      '1 can black beans',
      '1 can tomatoes',
      '1 onion, diced',
      '1 bell pepper, diced',
      '5 cups broth',
    ],
    steps: [lid(20, wait(10))],
    minutes: [45, 75],
  },
  {
    name: 'chicken and wild rice, cream at the end',
    lines: [
      '600 g chicken breast',
      '1 cup wild rice',
      '3 carrots, 10 mm slices',
      '200 g mushrooms, sliced',
      '6 cups broth',
      'end| 1 cup cream',
    ],
    steps: [lid(30, wait(10)), simmer(3)],
    minutes: [50, 80],
  },
  {
    name: 'black beans from dry with a hock',
    lines: ['450 g black beans', '1 onion, diced', '4 garlic cloves', '6 cups water', '1 ham hock'],
    steps: [lid(40, NATURAL)],
    minutes: [65, 100],
  },
  {
    name: 'brown lentils, spinach at the end',
    lines: [
      '1.5 cups brown lentils',
      '3 carrots, 10 mm slices',
      '1 onion, diced',
      '1 can tomatoes',
      '6 cups water',
      'end| 100 g spinach',
    ],
    steps: [lid(15, wait(10)), simmer(3)],
    minutes: [38, 60],
  },
  {
    name: 'potato and leek',
    lines: [
      '1 kg potatoes, 25 mm cubes',
      '3 leeks, 15 mm rings',
      '5 cups broth',
      'end| 1 cup cream',
    ],
    steps: [lid(8, QUICK), simmer(2)],
    minutes: [24, 45],
  },
  {
    name: 'beef and vegetables, green beans in from the start',
    lines: [
      '700 g stewing beef, 25 mm cubes',
      '3 carrots, 12 mm slices',
      '3 potatoes, 20 mm cubes',
      '200 g green beans',
      '1 can tomatoes',
      '5 cups broth',
    ],
    steps: [lid(25, wait(10))],
    minutes: [48, 80],
    calls: ['overcooked'],
  },
  {
    name: 'pork shoulder with hominy',
    lines: ['1.2 kg pork shoulder, 50 mm cubes', '2 cans hominy', '1 onion, diced', '6 cups broth'],
    steps: [lid(45, NATURAL)],
    minutes: [80, 120],
  },
  {
    name: 'tomato with cream at the end',
    lines: [
      '2 cans tomatoes',
      '1 onion, diced',
      '2 carrots, 8 mm slices',
      '3 cups broth',
      'end| 1/2 cup cream',
    ],
    steps: [lid(6, QUICK), simmer(2)],
    minutes: [20, 36],
  },
  {
    name: 'turkey chili',
    kind: 'chili',
    lines: [
      'brown| 700 g minced turkey',
      '2 cans kidney beans',
      '2 cans tomatoes',
      '1 onion, diced',
      '1 bell pepper, diced',
      '2 tbsp chili powder',
      '1 cup broth',
    ],
    steps: [brown, lid(15, wait(10))],
    minutes: [40, 65],
  },
  {
    name: 'sausage, potato and kale',
    lines: [
      '400 g sausage',
      '3 potatoes, 20 mm cubes',
      '1 onion, diced',
      '5 cups broth',
      'end| 150 g kale',
    ],
    steps: [lid(5, QUICK), simmer(4)],
    minutes: [24, 42],
  },
  {
    name: 'oxtail',
    lines: ['1.5 kg oxtail', '2 carrots, 30 mm chunks', '1 onion', '6 cups water', '2 bay leaves'],
    steps: [lid(50, NATURAL)],
    minutes: [78, 115],
  },
  {
    name: 'pork ribs and daikon',
    lines: ['1 kg pork ribs', '1 daikon, 30 mm chunks', '7 cups water'],
    steps: [lid(28, NATURAL)],
    minutes: [60, 95],
  },
  {
    name: 'chicken bone broth',
    kind: 'broth',
    lines: ['1.5 kg chicken frames', '2 carrots', '2 celery stalks', '1 onion', '2.2 l water'],
    steps: [lid(120, NATURAL), { id: 'out', kind: 'strain' }],
    minutes: [155, 215],
  },
  {
    name: 'navy beans soaked, with a hock that wants longer',
    lines: ['450 g navy beans, soaked', '1 ham hock', '2 carrots, diced', '6 cups water'],
    steps: [lid(25, NATURAL)],
    minutes: [50, 85],
    calls: ['undercooked'],
  },
  {
    name: 'chicken stewed in its own juice and half a cup of water',
    lines: [
      '1 kg chicken thigh',
      '3 onions, sliced',
      '4 tomatoes',
      '3 potatoes, 30 mm cubes',
      '1/2 cup water',
    ],
    steps: [lid(10, NATURAL)],
    minutes: [32, 62],
  },
  {
    name: 'split peas with a ham bone',
    lines: ['1 lb split peas', '1 ham bone', '3 carrots, diced', '1 onion, diced', '8 cups water'],
    steps: [lid(20, NATURAL)],
    minutes: [52, 90],
  },
  {
    name: 'goulash in a cup of broth',
    lines: [
      'brown| 1 kg beef stewing, 35 mm cubes',
      '4 onions, sliced',
      '2 tbsp paprika',
      '1 cup broth',
      '3 potatoes, 30 mm cubes',
    ],
    steps: [brown, lid(30, NATURAL)],
    minutes: [55, 95],
  },
];

function judged({ name, kind = 'soup', lines, steps }: Written) {
  const items = lines.map((line, i) => itemOf(line, i, steps));
  const batch: Batch = { id: 'b', name, kind, servings: 6, items, steps };
  const draws = drawBatch(batch, BIG, SEA_LEVEL, { draws: 40, seed: 1 });
  return assess(batch, BIG, SEA_LEVEL, { curves: false, draws });
}

describe('batches as recipes write them, in a 7.6 L pot at sea level', () => {
  it.each(SOUPS.map((s) => [s.name, s] as const))('%s', (_, soup) => {
    const { findings, time, fill } = judged(soup);
    const calls = findings.filter((f) => f.level !== 'note').map((f) => f.code);
    expect(calls).toEqual(soup.calls ?? []);
    expect(time.totalMin).toBeGreaterThan(soup.minutes[0]);
    expect(time.totalMin).toBeLessThan(soup.minutes[1]);
    expect(fill.worstL).toBeLessThanOrEqual(fill.lineL);
  });
});

describe('the same batches done badly', () => {
  const find = (name: string): Written => {
    const found = SOUPS.find((s) => s.name.startsWith(name));
    if (!found) throw new Error(name);
    return found;
  };
  const stopsAndWarnings = (soup: Written): readonly string[] =>
    judged(soup)
      .findings.filter((f) => f.level !== 'note')
      .map((f) => f.code);

  it.each([
    [
      'split peas',
      'spray-risk',
      { lines: ['1 kg split peas', '1 onion, diced', '14 cups water'], steps: [lid(20, QUICK)] },
    ],
    ['black beans', 'undercooked', { steps: [lid(12, QUICK)] }],
    ['beef and barley', 'undercooked', { steps: [lid(8, QUICK)] }],
    ['frozen chicken', 'poultry-not-safe', { steps: [lid(1, QUICK)] }],
    [
      'potato and leek',
      'dairy-under-pressure',
      { lines: ['1 kg potatoes, 25 mm cubes', '5 cups broth', '1 cup cream'] },
    ],
    ['oxtail', 'over-max-fill', { lines: ['1.5 kg oxtail', '18 cups water'] }],
    [
      'brown lentils',
      'overcooked',
      { lines: ['1.5 cups brown lentils', '6 cups water', '100 g spinach'] },
    ],
  ] as const)('%s: %s', (name, code, change) => {
    expect(stopsAndWarnings({ ...find(name), ...change })).toContain(code);
    expect(stopsAndWarnings(find(name))).not.toContain(code);
  });
});
