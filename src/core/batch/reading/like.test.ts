import fc from 'fast-check';
import { assess } from '../../assess';
import { FOODS, ownFood, type OwnFood } from '../../food';
import { batchOf, KITCHEN, POT } from '../../testing/kitchen';
import { readLike } from './like';
import { likeWords, sameName } from '../plan/ownNames';
import { splitLike } from './reword';
import { readLine } from './line';
import { readLines } from './lines';
import { namedFood } from '../plan/named';
import { validateBundle } from '../household/validate';

const OCA: OwnFood = { id: 'oca', name: 'oca', like: 'potato', pieceG: 60 };

describe('what a food is like, in one sentence', () => {
  it.each<[string, object]>([
    ['like asparagus, 80 g a piece', { like: 'asparagus', pieceG: 80 }],
    ['potato; each weighs 60 g', { like: 'potato', pieceG: 60 }],
    ['cooks like borlotti beans, dry and foams', { like: 'borlotti', foams: true }],
    ['like pearl barley, swells to 2,5 times, does not foam', { cooked: 2.5, foams: false }],
    ['as tomato, 2 oz each, gives juice', { like: 'tomato', pieceG: 56.69904625 }],
    ['like carrot, keeps its weight, for flavour only, apart', { for: 'flavour', apart: true }],
    ['like carrot, drinks', { cooked: 2 }],
  ])('reads “%s”', (sentence, wanted) => {
    const { own, unsure } = readLike(sentence);
    expect(unsure).toEqual([]);
    const rest = Object.fromEntries(Object.keys(wanted).map((k) => [k, own?.[k as 'like']]));
    expect(rest).toEqual(wanted);
  });

  // Of forty sentences written with their answers before they were read; 22 were right at first.
  it.each<[string, object]>([
    ['as turnip, one weighs 200 g', { like: 'turnip', pieceG: 200 }],
    ['like rice, triples', { like: 'white-rice', cooked: 3 }],
    ['like barley, swells to three times', { cooked: 3 }],
    ['like barley, swells to 2.5x its weight', { cooked: 2.5 }],
    ['like barley, takes up twice its weight of water', { cooked: 3 }],
    ['like mushroom, loses half its weight', { cooked: 0.5 }],
    ['like mushroom, shrinks by a quarter', { cooked: 0.75 }],
    ['like mushrooms, shrinks to 40 %', { cooked: 0.4 }],
    ['like kale, neither swells nor shrinks', { like: 'kale', cooked: 1 }],
    ['like tomato, not juicy', { like: 'tomato', cooked: 1 }],
    ['like ginger, taken out at the end', { for: 'flavour' }],
    ['like onion, for flavor, 90 g', { for: 'flavour', pieceG: 90 }],
    ['like noodles, cook separately', { like: 'egg-noodles', apart: true }],
    ['like pasta, in its own pan', { apart: true }],
    ['like pasta, not in the pot', { apart: true }],
    ['like beef shin, half a kilo a piece', { like: 'beef-shank', pieceG: 500 }],
    ['like chicken thigh, 110g', { like: 'chicken-thigh', pieceG: 110 }],
    ['like cabbage, one is 1.2 kg', { pieceG: 1200 }],
    ['like oats, no foam', { foams: false }],
  ])('reads “%s” as it was meant', (sentence, wanted) => {
    const { own, unsure } = readLike(sentence);
    expect(unsure).toEqual([]);
    expect(own).toMatchObject(wanted);
  });

  it.each([
    'like potato but smaller, 60 g each',
    'like potato, floury, 3 oz each',
    'like celery, needs twice as long',
    'like celery, softer',
    'like swede or turnip',
    'like mushroom, shrinks by 95 %',
  ])('says what it did not use of “%s”', (sentence) => {
    expect(readLike(sentence).unsure).toHaveLength(1);
  });

  it('says what it did not understand, and keeps the rest', () => {
    expect(readLike('like carrot, blue with stars').unsure.join()).toContain('blue with stars');
    expect(readLike('like carrot, swells to 90 times').unsure).toHaveLength(1);
    expect(readLike('like nothing on earth').own).toBeNull();
  });

  it('writes a sentence that reads back the same (law)', () => {
    const own = fc.record(
      {
        like: fc.constantFrom(...FOODS.map((f) => f.key)),
        pieceG: fc.integer({ min: 1, max: 5000 }),
        cooked: fc.integer({ min: 20, max: 500 }).map((n) => n / 100),
        foams: fc.boolean(),
        for: fc.constant('flavour' as const),
        apart: fc.constant(true),
      },
      { requiredKeys: ['like'] },
    );
    fc.assert(
      fc.property(own, (part) => {
        const words = likeWords({ id: 'x', name: 'x', ...part }, 'metric');
        expect(readLike(words)).toEqual({ own: part, unsure: [] });
      }),
      { numRuns: 300 },
    );
  });

  it('finds the sentence in a line, and only there', () => {
    expect(splitLike('3 ocas like potato, 60 g each')).toEqual(['3 ocas', 'potato, 60 g each']);
    expect(splitLike('3 ocas (which cook like potato)')[0]).toBe('3 ocas (which cook');
    expect(splitLike('3 ocas, cooks like potato')).toEqual(['3 ocas', 'potato']);
    expect(splitLike('like potato')).toEqual(['like potato', null]);
    expect(sameName('Nettle tops', 'nettle top')).toBe(true);
  });
});

describe('a food of the kitchen', () => {
  it('is made in the line that needs it', () => {
    const { item, food, unsure } = readLine('4 ocas, halved, like potato, 60 g a piece');
    expect(unsure).toEqual([]);
    expect(item).toMatchObject({
      food: 'ocas',
      amount: { value: 4, unit: 'piece' },
      own: { id: 'oca', name: 'ocas', like: 'potato', pieceG: 60 },
    });
    expect(food).toMatchObject({ key: 'potato', name: 'ocas', pieceG: 60 });
  });

  it('is known in later lines, whatever their spelling, and before the table', () => {
    expect(readLine('3 ocas', { foods: [OCA] }).item?.own).toBe(OCA);
    expect(readLine('500 g small ocas, halved', { foods: [OCA] }).item?.own).toBe(OCA);
    const leek = { id: 'leek', name: 'leek', like: 'leek', pieceG: 300 };
    expect(readLine('2 leeks', { foods: [leek] }).food?.pieceG).toBe(300);
    expect(readLine('2 carrots', { foods: [OCA, leek] }).item?.own).toBeUndefined();
    const tops = { id: 'nettle-top', name: 'nettle tops', like: 'spinach' };
    const slip = readLine('100 g netle tops', { foods: [tops] });
    expect([slip.item?.own, slip.unsure.join()]).toEqual([tops, 'taken for nettle tops']);
  });

  it('says that it is like nothing, and puts nothing in', () => {
    const read = readLine('3 ocas like unicorn');
    expect(read.item).toBeNull();
    expect(read.unsure.join()).toContain('unicorn');
    expect(readLine('3 ocas').name).toBe('ocas');
  });

  it('goes in as its kitchen says', () => {
    const kelp = {
      id: 'kelp',
      name: 'kelp',
      like: 'cabbage',
      for: 'flavour' as const,
      apart: true,
    };
    expect(readLine('20 g kelp', { foods: [kelp] }).item).toMatchObject({
      for: 'flavour',
      apart: true,
    });
  });

  it('cooks as what it is like, with its own weight and juice', () => {
    const potFor = (own: OwnFood | null) =>
      assess(
        batchOf([
          { id: 'w', food: 'water', amount: { value: 1.5, unit: 'l' } },
          {
            id: 'a',
            food: own?.name ?? 'potato',
            amount: { value: 4, unit: 'piece' },
            ...(own && { own }),
          },
        ]),
        POT,
        KITCHEN,
      );
    const same = potFor({ id: 'oca', name: 'oca', like: 'potato' });
    const potato = potFor(null);
    expect(same.time.totalMin).toBe(potato.time.totalMin);
    expect(same.items[1]).toEqual({ ...potato.items[1], food: 'oca', name: 'oca' });
    const light = potFor(OCA).items[1];
    expect(light?.massG).toBe(240);
    const juicy = potFor({ ...OCA, cooked: 0.7 });
    expect(juicy.fill.finishedBrothL).toBeGreaterThan(potFor(OCA).fill.finishedBrothL + 0.03);
  });

  it('foams where its cook says so', () => {
    expect(ownFood({ ...OCA, foams: true })?.foaming).toBe(2);
    expect(ownFood({ ...OCA, like: 'red-lentils', foams: false })?.foaming).toBe(0);
    expect(ownFood({ ...OCA, like: 'no such food' })).toBeUndefined();
  });
});

describe('foods in a file', () => {
  const file = (foods: unknown, item: object) => ({
    format: 'retort',
    version: 1,
    pots: [{ capacityL: 6 }],
    foods,
    batches: [{ items: [{ amount: { value: 3, unit: 'piece' }, ...item }] }],
  });

  it('are meant by items that name them', () => {
    const read = validateBundle(file([{ name: 'Ocas', like: 'potato' }], { food: 'oca' }));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const [item] = read.bundle.batches[0]?.items ?? [];
    expect(read.bundle.foods[0]?.id).toBe('oca');
    expect(item?.own).toEqual(read.bundle.foods[0]);
    expect(item && namedFood(item)?.key).toBe('potato');
  });

  it('are refused with the place and the reason', () => {
    const problems = (foods: unknown, item: object): string[] => {
      const read = validateBundle(file(foods, item));
      return read.ok ? [] : read.problems.map((p) => `${p.path}: ${p.wanted}`);
    };
    expect(problems([{ name: 'oca', like: 'moonrock' }], { food: 'carrot' })).toEqual([
      'foods[0].like: a known food',
    ]);
    expect(problems([], { food: 'moonrock' })).toEqual([
      'batches[0].items[0].food: a known food, or a name in foods',
    ]);
    const own = { id: 'm', name: 'moonrock', like: 'moonrock' };
    expect(problems([], { food: 'moonrock', own })).toEqual([
      'batches[0].items[0].own.like: a known food',
    ]);
    expect(problems([{ name: 'oca', like: 'potato', cooked: 40 }], { food: 'carrot' })).toEqual([
      'foods[0].cooked: a number from 0.2 to 5',
    ]);
  });

  it('never turn a row of the table into another food', () => {
    const read = validateBundle(file([{ name: 'carrot', like: 'potato' }], { food: 'carrot' }));
    expect(read.ok && read.bundle.batches[0]?.items[0]?.own).toBeUndefined();
  });
});

it('reads a whole list with foods of the kitchen', () => {
  const lines = readLines(Array.from({ length: 50 }, () => '3 ocas').join('\n'), { foods: [OCA] });
  expect(lines.every((line) => line.item?.own === OCA)).toBe(true);
});
