import fc from 'fast-check';
import { type Amount, UNITS } from '../../quantity';
import { batchOf, HOUSEHOLD, item, KITCHEN, POT, pressure, REFERENCE } from '../../testing/kitchen';
import { problemsOf, validateBundle } from './';
import {
  changeItem,
  freshItemId,
  freshStepId,
  insertStep,
  planBatch,
  potOf,
  removeItem,
  removeStep,
  scaleBatch,
  setHold,
  setMinutes,
  setRelease,
  setWater,
  stepsOf,
  waterL,
} from '../plan';
import { readLine, readLines } from '../reading';
import { kitchenSchema, potSchema } from '../schema';
import type { OwnFood } from '../../food';
import type { amountSchema, ownFoodSchema, releaseSchema } from '../schema/schema';
import type { Kept } from '../schema/shape';
import type { Release } from '../schema/types';

const BUNDLE = HOUSEHOLD;

describe('reading a line', () => {
  it.each([
    [
      '2 lb lamb neck, frozen',
      { food: 'lamb-neck', amount: { value: 2, unit: 'lb' }, startC: -18 },
    ],
    [
      '1.2 kg lamb neck in 40 mm pieces',
      { food: 'lamb-neck', amount: { value: 1.2, unit: 'kg' }, cut: { shape: 'cube', mm: 40 } },
    ],
    [
      '2 leeks, 15 mm rings',
      { food: 'leek', amount: { value: 2, unit: 'piece' }, cut: { shape: 'slice', mm: 15 } },
    ],
    [
      'a 400 g can of borlotti beans',
      { food: 'canned-beans', amount: { value: 1, unit: 'can', canG: 400 } },
    ],
    [
      '300 g dry borlotti, soaked 8 h',
      { food: 'borlotti', amount: { value: 300, unit: 'g' }, soakedH: 8 },
    ],
    ['1.5 l hot water', { food: 'water', amount: { value: 1.5, unit: 'l' }, startC: 60 }],
    [
      '1 onion, diced',
      { food: 'onion', amount: { value: 1, unit: 'piece' }, cut: { shape: 'cube', mm: 10 } },
    ],
    [
      '3 carrots, 1/2 inch slices',
      { food: 'carrot', amount: { value: 3, unit: 'piece' }, cut: { shape: 'slice', mm: 12.7 } },
    ],
  ])('%s', (text, wanted) => {
    const read = readLine(text);
    expect(read.item).toEqual({ ...wanted });
    expect(read.unsure).toEqual([]);
  });

  // Common practice, no source: what a pinch, a handful, a bunch and a head come to.
  it.each([
    ['a pinch of salt', 'salt', { value: 0.4, unit: 'g' }],
    ['2 pinches salt', 'salt', { value: 0.8, unit: 'g' }],
    ['3 handfuls spinach', 'spinach', { value: 90, unit: 'g' }],
    ['1 bunch parsley', 'parsley', { value: 50, unit: 'g' }],
    ['1 bunch cavolo nero', 'cavolo-nero', { value: 200, unit: 'g' }],
    ['1 bunch spring onions', 'spring-onion', { value: 6, unit: 'piece' }],
    ['1 head garlic', 'garlic', { value: 10, unit: 'piece' }],
    ['2 good handfuls of pearl barley', 'pearl-barley', { value: 100, unit: 'g' }],
  ])('reads a measure of the hand: %s', (text, food, amount) => {
    const read = readLine(text);
    expect([read.food?.key, read.item?.amount]).toEqual([food, amount]);
    expect(read.unsure).toEqual(
      food === 'garlic' ? [] : [expect.stringMatching(/^by the \w+, taken for \d/)],
    );
  });

  it('marks what it guessed and gives up where it should', () => {
    expect(readLine('salt to taste').unsure).toEqual(['no amount given']);
    expect(readLine('2 pieces of water').unsure.join()).toContain('read as cups');
    const unknown = readLine('1 unicorn');
    expect(unknown.item).toBeNull();
    expect(unknown.nearest).toEqual([]);
  });

  it('takes a pasted list and passes over headings', () => {
    const lines = readLines('For the broth:\n1 turkey frame\n\n2 bay leaves\n1 onion');
    expect(lines.map((l) => l.food?.key)).toEqual(['turkey-frame', 'bay-leaf', 'onion']);
  });
});

describe('checking a file', () => {
  it('takes a good one untouched', () => {
    const good = validateBundle({ ...BUNDLE, mine: { kept: true } });
    expect(good).toEqual({ ok: true, bundle: { ...BUNDLE, mine: { kept: true } } });
  });

  it('fills in what is missing', () => {
    const bare = validateBundle({
      format: 'retort',
      version: 1,
      pots: [{ capacityL: 6 }],
      batches: [{ items: [{ food: 'carrot', amount: { value: 3, unit: 'piece' } }] }],
    });
    if (!bare.ok) throw new Error(JSON.stringify(bare.problems));
    expect(bare.bundle.kitchen).toEqual({ altitudeM: 0, ambientC: 20, units: 'metric' });
    expect(bare.bundle.pots[0]).toMatchObject({ id: 'p1', kind: 'electric', maxFill: 0.667 });
    expect(bare.bundle.batches[0]?.items[0]?.id).toBe('i1');
    const [first] = bare.bundle.batches;
    if (!first) throw new Error('no batch');
    expect(stepsOf(first)[0]?.kind).toBe('pressure');
  });

  it('names every fault with its path, what was found and what is wanted', () => {
    const bad = validateBundle({
      ...BUNDLE,
      version: 5,
      kitchen: { ...KITCHEN, altitudeM: 'high' },
      batches: [
        {
          id: 'b',
          name: '',
          items: [{ id: 'i', food: 'carrot', amount: { value: -1, unit: 'stone' } }],
          steps: [
            { id: 's', kind: 'boil' },
            { id: 't', kind: 'pressure', release: { method: 'timed' } },
          ],
        },
      ],
    });
    if (bad.ok) throw new Error('taken');
    expect(bad.problems).toEqual(
      expect.arrayContaining([
        { path: 'version', found: '5', wanted: 'the number 1, 2, 3 or 4' },
        { path: 'kitchen.altitudeM', found: '"high"', wanted: 'a number from -400 to 5000 m' },
        { path: 'batches[0].name', found: '""', wanted: 'a name, 1 to 200 characters' },
        { path: 'batches[0].items[0].amount.value', found: '-1', wanted: 'a number above 0' },
        {
          path: 'batches[0].items[0].amount.unit',
          found: '"stone"',
          wanted: `one of ${UNITS.join(', ')}`,
        },
        {
          path: 'batches[0].steps[0].kind',
          found: '"boil"',
          wanted: 'one of prep, saute, pressure, open, strain, simmer, rest, cool',
        },
        {
          path: 'batches[0].steps[1].holdMin',
          found: 'nothing',
          wanted: 'the minutes to hold, 0 to 600',
        },
        {
          path: 'batches[0].steps[1].release.afterMin',
          found: 'nothing',
          wanted: 'the minutes to wait, 0 to 240',
        },
      ]),
    );
  });

  it('checks what refers to what', () => {
    const bad = validateBundle({
      ...BUNDLE,
      batches: [
        batchOf(
          [item('i', 'xyzzy', 1, 'g'), item('i', 'water', 2, 'piece', { stays: [{ from: 's9' }] })],
          [{ ...pressure(5, { method: 'coldwater' }), setting: 'turbo' } as never],
        ),
        { ...REFERENCE, id: 'b2', potId: 'gone' },
      ],
    });
    if (bad.ok) throw new Error('taken');
    expect(bad.problems.map((p) => p.path)).toEqual([
      'batches[0].items[1].id',
      'batches[0].items[0].food',
      'batches[0].items[1].amount.unit',
      'batches[0].items[1].stays[0].from',
      'batches[0].steps[0].setting',
      'batches[0].steps[0].release.method',
      'batches[1].potId',
    ]);
  });

  it('refuses any value that is no bundle, with a path, and never throws', () => {
    fc.assert(
      fc.property(fc.anything(), (value) => {
        const result = validateBundle(value);
        expect(result.ok).toBe(false);
        if (!result.ok) for (const p of result.problems) expect(p.path.length).toBeGreaterThan(0);
      }),
    );
  });

  it('refuses a good bundle with any one field spoilt, and names the place', () => {
    const places: readonly (readonly [path: string, spoil: (bundle: never) => unknown])[] = [
      ['kitchen.altitudeM', (b) => set(b, ['kitchen', 'altitudeM'])],
      ['pots[0].capacityL', (b) => set(b, ['pots', 0, 'capacityL'])],
      ['pots[0].settings', (b) => set(b, ['pots', 0, 'settings'])],
      [
        'batches[0].items[1].amount.value',
        (b) => set(b, ['batches', 0, 'items', 1, 'amount', 'value']),
      ],
      ['batches[0].items[2].cut.mm', (b) => set(b, ['batches', 0, 'items', 2, 'cut', 'mm'])],
      ['batches[0].items[0].food', (b) => set(b, ['batches', 0, 'items', 0, 'food'])],
      ['batches[0].items[3].old', (b) => set(b, ['batches', 0, 'items', 3, 'old'])],
      ['batches[0].items[3].apart', (b) => set(b, ['batches', 0, 'items', 3, 'apart'])],
      ['batches[0].steps[0].holdMin', (b) => set(b, ['batches', 0, 'steps', 0, 'holdMin'])],
      ['batches[0].steps[1].kind', (b) => set(b, ['batches', 0, 'steps', 1, 'kind'])],
    ];
    let wrong: unknown;
    function set(bundle: unknown, path: readonly (string | number)[]): unknown {
      const [key, ...rest] = path;
      if (key === undefined) return wrong;
      const copy = (
        Array.isArray(bundle) ? [...(bundle as unknown[])] : { ...(bundle as object) }
      ) as Record<string | number, unknown>;
      copy[key] = set(copy[key], rest);
      return copy;
    }
    const nonsense = fc.oneof(
      fc.constantFrom<unknown>(-1e9, 1e12, 'quux', '', Number.POSITIVE_INFINITY),
      fc.array(fc.boolean(), { minLength: 1, maxLength: 2 }),
      fc.record({ a: fc.boolean() }),
    );
    fc.assert(
      fc.property(fc.constantFrom(...places), nonsense, ([path, spoil], value) => {
        wrong = value;
        const checked = validateBundle(spoil(BUNDLE as never));
        if (checked.ok) throw new Error(`${path} took ${JSON.stringify(value)}`);
        expect(checked.problems.some((p) => p.path.startsWith(path))).toBe(true);
      }),
    );
  });

  it('refuses more of a food than any pot holds', () => {
    const checked = validateBundle({
      ...BUNDLE,
      batches: [batchOf([item('c', 'carrot', 101, 'kg')])],
    });
    expect(checked.ok ? [] : checked.problems).toEqual([
      {
        path: 'batches[0].items[0].amount.value',
        found: '101',
        wanted: 'no more than 100 kg of a food',
      },
    ]);
  });

  it('refuses a foam line above the fill line', () => {
    expect(problemsOf(potSchema, { ...POT, foamFill: 0.8 })).toEqual([
      { path: 'foamFill', found: '0.8', wanted: 'no more than the fill line' },
    ]);
    expect(problemsOf(kitchenSchema, KITCHEN)).toEqual([]);
  });
});

describe('changing a batch', () => {
  it('sets the water in the unit it is given in', () => {
    const us = batchOf([item('w', 'water', 6, 'cup')]);
    expect(waterL(us)).toBeCloseTo(1.42, 2);
    expect(setWater(us, 0.947).items[0]?.amount).toEqual({
      value: expect.closeTo(4, 1),
      unit: 'cup',
    });
    expect(setWater(batchOf([]), 1.5).items[0]).toMatchObject({
      food: 'water',
      amount: { unit: 'l' },
    });
    expect(setWater(us, 0).items).toEqual([]);
  });

  it('changes steps, and makes the proposed ones its own', () => {
    const bare = batchOf([]);
    const held = setHold(bare, 's1', 33);
    expect(stepsOf(held)[0]).toMatchObject({ holdMin: 33 });
    expect(stepsOf(setRelease(held, 's1', { method: 'quick' }))[0]).toMatchObject({
      release: { method: 'quick' },
    });
    const longer = insertStep(held, 's1', { id: freshStepId(held), kind: 'simmer', minutes: 5 });
    expect(stepsOf(longer).map((s) => s.id)).toEqual(['s1', 's2']);
    expect(stepsOf(setMinutes(longer, 's2', 9))[1]).toMatchObject({ minutes: 9 });
    const moved = removeStep(
      { ...longer, items: [item('i1', 'leek', 1, 'piece', { stays: [{ from: 's2' }] })] },
      's2',
    );
    expect(moved.items[0]?.stays?.[0]?.from).toBe('s1');
    expect(removeStep(held, 's1')).toBe(held);
  });

  it('gives back the usual when a field is taken away', () => {
    const frozen = batchOf([item('i1', 'lamb-neck', 1, 'kg', { startC: -18 })]);
    expect(changeItem(frozen, 'i1', { startC: undefined }).items[0]).not.toHaveProperty('startC');
    expect(removeItem(frozen, 'i1').items).toEqual([]);
    expect(freshItemId(frozen)).toBe('i2');
  });

  it('scales there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 5, noNaN: true }), (k) => {
        const back = scaleBatch(scaleBatch(REFERENCE, k), 1 / k);
        back.items.forEach((it, i) => {
          expect(it.amount.value / (REFERENCE.items[i]?.amount.value ?? 0)).toBeCloseTo(1, 4);
        });
      }),
    );
  });

  it('plans with nothing left open', () => {
    const plan = planBatch(REFERENCE, POT, KITCHEN);
    expect(plan.items.map((i) => i.entersAt)).toEqual([0, 0, 0, 1, 1, 0, 0, 0]);
    expect(plan.items.map((i) => i.startC)).toEqual([5, 20, 20, 5, 5, 20, 20, 20]);
    expect(() => planBatch(batchOf([item('x', 'nothing known', 1, 'g')]), POT, KITCHEN)).toThrow(
      RangeError,
    );
    expect(potOf({ ...REFERENCE, potId: 'gone' }, [POT])).toBe(POT);
    expect(() => potOf(REFERENCE, [])).toThrow(RangeError);
  });
});

describe('ids', () => {
  it('are none of the names that every object has, and nothing that an address cannot carry', () => {
    const inherited = ['valueOf', '__proto__', 'constructor', 'toString'];
    for (const id of [...inherited, '.', '..', 'a/b', 'a?c', 'a#b', '100%', 'a\\b', 'a\nb']) {
      const items = REFERENCE.items.map((i, k) => (k === 0 ? { ...i, id } : i));
      const read = validateBundle({ ...BUNDLE, batches: [{ ...REFERENCE, items }] });
      expect(read.ok ? [] : read.problems.map((p) => p.wanted)).toEqual([
        'another id: without / \\ ? # %, and no name that every object has',
      ]);
    }
  });
});

describe('ids of other files', () => {
  it('may be any other words', () => {
    for (const id of ['leek soup', 'Brühe-1', 'b5', '...', 'x.y~z']) {
      const read = validateBundle({ ...BUNDLE, batches: [{ ...REFERENCE, id }] });
      expect(read.ok ? [] : read.problems).toEqual([]);
    }
  });
});

describe('types and schemas', () => {
  type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false;

  // Told by the compiler: what is written by hand says what the schemas take.
  it('do not drift', () => {
    const food: Same<OwnFood, Kept<typeof ownFoodSchema>> = true;
    const amount: Same<Amount, Kept<typeof amountSchema>> = true;
    const release: Same<Release, Kept<typeof releaseSchema>> = true;
    expect([food, amount, release]).not.toContain(false);
  });
});
