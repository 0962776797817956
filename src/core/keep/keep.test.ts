import fc from 'fast-check';
import { assess } from '../assess';
import { isEmptied, leftInJar } from '../batch/household';
import type { BagItem, Jar } from '../batch/schema';
import { COOL_C, fallsTo } from '../guard';
import { HOLDER_KINDS, usableL, type HolderKind } from '../vocabulary';
import { KITCHEN, POT, REFERENCE } from '../testing/kitchen';
import {
  addDays,
  bagWorth,
  coolDown,
  dayOf,
  daysAhead,
  daysLeft,
  eveningsFor,
  fillJars,
  firstToUse,
  isSafe,
  keepsOf,
  narrowed,
  reheated,
  stockOf,
  waysToCool,
  type Left,
} from '.';

const ROOM = { ambientC: 19, altitudeM: 1150, fridgeC: 3 };
const HAND = { pans: 2, iceKg: 3, jars: [{ kind: 'half-litre' as const, count: 12 }] };
const left = (litres: number, thick = false): Left => ({ litres, thick, celsius: 92, pot: POT });
const NOON = new Date(2026, 10, 24, 12).getTime();
const iso = (ms: number): string => new Date(ms).toISOString();

function jar(id: string, more: Partial<Jar> = {}): Jar {
  return {
    id,
    name: 'Turkey stock',
    litres: 0.45,
    holder: 'half-litre',
    kind: 'stock',
    madeAt: iso(NOON),
    where: 'fridge',
    ...more,
  };
}

describe('cooling', () => {
  it('loses no heat but by its walls and as steam, in every way, thick and thin', () => {
    for (const thick of [false, true])
      for (const { curve } of waysToCool(left(2.4, thick), HAND, ROOM)) {
        const { changeJ, wallsJ, steamJ } = curve.balance;
        expect(Math.abs(changeJ + wallsJ + steamJ)).toBeLessThan(1e-3 * Math.abs(wallsJ) + 1);
      }
  });

  it('never warms up, and is the slower the more there is, and the better wrapped', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        fc.double({ min: 0.6, max: 1.6, noNaN: true }),
        fc.boolean(),
        (litres, factor, thick) => {
          const stands = waysToCool(left(litres, thick), HAND, ROOM).find(
            (w) => w.key === 'pot-base',
          );
          if (!stands) throw new Error('no pot');
          const one = coolDown(stands.cooling, ROOM);
          one.warmestC.forEach((t, i) =>
            expect(t).toBeLessThanOrEqual((one.warmestC[i - 1] ?? 99) + 1e-9),
          );
          const other = coolDown(stands.cooling, ROOM, factor);
          const end = (c: typeof one): number => c.warmestC.at(-1) ?? NaN;
          expect(Math.sign(end(one) - end(other))).toBe(Math.sign(factor - 1));
        },
      ),
      { numRuns: 20 },
    );
  });

  it('stirred, what is thick is as warm in the middle as at the wall', () => {
    const ice = waysToCool(left(3, true), HAND, ROOM).find((w) => w.key === 'ice');
    const still = ice && {
      ...ice.cooling,
      stands: ice.cooling.stands.map((s) => ({ ...s, stirred: false })),
    };
    if (!ice || !still) throw new Error('no ice');
    const at = fallsTo(ice.curve, COOL_C) ?? Infinity;
    expect(at).toBeLessThan(0.3 * (fallsTo(coolDown(still, ROOM), COOL_C) ?? Infinity));
  });

  it('a fridge that much is put into gets warm, and cold again', () => {
    const fridge = (litres: number) =>
      waysToCool(left(litres), { ...HAND, pans: 4 }, ROOM).find((w) => w.key === 'pans')?.curve
        .fridge;
    expect(fridge(1)?.topC).toBeLessThan(5);
    expect(fridge(5)?.topC).toBeGreaterThan(5);
    expect(fridge(5)?.warmMin).toBeGreaterThan(30);
  });

  it('the overnight pot: kept warm it is safe, off it is not', () => {
    const ways = waysToCool(left(3), HAND, ROOM);
    const of = (key: string) => ways.find((w) => w.key === key);
    expect(of('keep-warm')?.judged.verdict).toBe('held hot');
    expect(of('pot-base')?.judged.verdict).toBe('throw out');
    expect(ways.map(isSafe).lastIndexOf(true)).toBeLessThan(ways.map(isSafe).indexOf(false));
  });

  it('a stew boiled up twice a day is cooled too slowly each time', () => {
    const all = reheated(left(3, true), 720, 4, ROOM);
    expect(all).toHaveLength(4);
    expect(all.every((j) => j.verdict === 'throw out')).toBe(true);
    // Every hour it never gets under 57 C: held hot, and boiled to nothing.
    expect(reheated(left(3, true), 60, 2, ROOM).every((j) => j.verdict === 'held hot')).toBe(true);
  });

  it('what is not at hand comes after what is', () => {
    const none = waysToCool(left(2), { pans: 0, iceKg: 0, jars: [] }, ROOM);
    expect(none.filter((w) => w.has).map((w) => w.key)).toEqual(
      expect.arrayContaining(['keep-warm', 'pot-out', 'pot-base', 'twice-a-day']),
    );
    expect(none.find((w) => w.key === 'ice')?.has).toBe(false);
    const best = waysToCool(left(2), HAND, ROOM)[0];
    expect(best && isSafe(best) && best.has).toBe(true);
  });

  it('readings narrow it towards what is true', () => {
    const pans = waysToCool(left(3), HAND, ROOM).find((w) => w.key === 'pans');
    if (!pans) throw new Error('no pans');
    const truth = coolDown(pans.cooling, ROOM, 0.7);
    const read = (minute: number) => ({
      minute,
      celsius: truth.warmestC[Math.round(minute)] ?? NaN,
    });
    const before = narrowed(pans.cooling, ROOM, []);
    const after = narrowed(pans.cooling, ROOM, [read(40), read(80)]);
    expect(before.factor).toBeCloseTo(1, 6);
    expect(after.factor).toBeGreaterThan(0.65);
    expect(after.factor).toBeLessThan(0.78);
    const width = (n: typeof before): number =>
      (n.slow.warmestC[60] ?? NaN) - (n.fast.warmestC[60] ?? NaN);
    expect(width(after)).toBeLessThan(0.6 * width(before));
  });
});

describe('jars', () => {
  it('hold all of a pot, or say what is over; none fuller than it may be', () => {
    const sizes = fc.array(
      fc.record({
        kind: fc.constantFrom(...HOLDER_KINDS),
        count: fc.integer({ min: 0, max: 8 }),
      }),
      { minLength: 1, maxLength: 4 },
    );
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        sizes,
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        fc.boolean(),
        (litres, hand, portion, frozen) => {
          const { jars, overL } = fillJars(litres, hand, portion, frozen);
          const sum = jars.reduce((all, j) => all + j.litres, 0) + overL;
          expect(Math.abs(sum - litres)).toBeLessThan(0.002 * (jars.length + 1));
          for (const j of jars)
            expect(j.litres).toBeLessThanOrEqual(usableL(j.kind, frozen) + 1e-3);
          const used = (kind: HolderKind): number => jars.filter((j) => j.kind === kind).length;
          for (const kind of HOLDER_KINDS)
            expect(used(kind)).toBeLessThanOrEqual(
              hand.filter((h) => h.kind === kind).reduce((n, h) => n + h.count, 0),
            );
        },
      ),
    );
  });

  it('are of the size that is used at a time', () => {
    const hand = [
      { kind: 'litre' as const, count: 9 },
      { kind: 'half-litre' as const, count: 9 },
    ];
    const kinds = (portion: number) =>
      new Set(fillJars(2.4, hand, portion, false).jars.map((j) => j.kind));
    expect(kinds(0.45)).toEqual(new Set(['half-litre']));
    expect(kinds(0.9)).toEqual(new Set(['litre']));
  });

  it('are counted in days of the calendar, across the change of the clock', () => {
    const keeps = keepsOf({ fridgeDays: 4 });
    const made = new Date(2026, 9, 23, 22).getTime();
    expect(daysLeft(jar('a', { madeAt: iso(made) }), keeps, made)).toBe(4);
    expect(
      daysLeft(jar('a', { madeAt: iso(made) }), keeps, new Date(2026, 9, 27, 1).getTime()),
    ).toBe(0);
    expect(daysLeft(jar('a', { where: 'freezer' }), keepsOf(undefined), NOON)).toBe(92);
  });

  it('stand in the order in which they are to be used, the empty ones gone', () => {
    const empty = jar('e', { gone: [{ how: 'used', litres: 0.45, at: iso(NOON) }] });
    expect(isEmptied(empty) && leftInJar(empty) < 1e-9).toBe(true);
    const order = firstToUse(
      [
        jar('f', { where: 'freezer' }),
        jar('n'),
        jar('o', { madeAt: iso(addDays(NOON, -2)) }),
        empty,
      ],
      keepsOf(undefined),
    );
    expect(order.map((j) => j.id)).toEqual(['o', 'n', 'f']);
  });
});

describe('the next days', () => {
  const see = (jars: readonly Jar[], more: object = {}) => ({
    jars,
    batches: [],
    keeps: keepsOf(undefined),
    litresADay: 0.45,
    ...more,
  });

  it('use what is oldest, warn of the last day, and say when it runs out', () => {
    const days = daysAhead(
      see([jar('a', { madeAt: iso(addDays(NOON, -2)) }), jar('b'), jar('c')]),
      NOON,
    );
    expect(days[0]?.notes).toContainEqual(
      expect.objectContaining({ kind: 'use', jars: 1, name: 'Turkey stock' }),
    );
    expect(days.flatMap((d) => d.notes.map((n) => n.kind))).toContain('runs-out');
    expect(days.findIndex((d) => d.notes.some((n) => n.kind === 'runs-out'))).toBe(3);
    const dear = daysAhead(see([jar('a'), jar('b')], { litresADay: 0.2 }), NOON);
    expect(dear.flatMap((d) => d.notes.map((n) => n.kind))).toContain('last-day');
  });

  it('call tonight what is wanted tomorrow out of the freezer', () => {
    const days = daysAhead(see([jar('a'), jar('z', { where: 'freezer' })]), NOON);
    const thaw = days[0]?.notes.find((n) => n.kind === 'thaw');
    expect(thaw).toMatchObject({ jar: 'z', forDay: addDays(dayOf(NOON), 1) });
    expect(days[1]?.notes.map((n) => n.kind)).not.toContain('runs-out');
  });

  it('call a frozen jar in time for the soup that it goes into', () => {
    const batch = {
      ...REFERENCE,
      id: 'b',
      name: 'Lamb soup',
      items: [
        {
          id: 'i1',
          food: 'broth',
          amount: { value: 0.45, unit: 'l' as const },
          jars: [{ jar: 'z', litres: 0.45 }],
        },
      ],
      serveAt: iso(addDays(NOON, 2)),
    };
    const days = daysAhead(
      see([jar('z', { where: 'freezer' })], { litresADay: 0, batches: [batch] }),
      NOON,
    );
    expect(days[2]?.notes).toContainEqual(
      expect.objectContaining({ kind: 'into', batch: 'Lamb soup' }),
    );
    expect(days[1]?.notes).toContainEqual(expect.objectContaining({ kind: 'thaw', jar: 'z' }));
  });

  it('need an evening more for what thaws for more than a night', () => {
    expect([10, 22, 23, 46, 47].map(eveningsFor)).toEqual([1, 1, 2, 2, 3]);
  });
});

describe('the bag in the freezer', () => {
  const bag: readonly BagItem[] = [
    { id: 'g1', food: 'turkey-frame', amount: { value: 1.4, unit: 'kg' }, at: iso(NOON) },
    {
      id: 'g2',
      food: 'leek',
      amount: { value: 400, unit: 'g' },
      at: iso(addDays(NOON, -20)),
    },
  ];

  it('is worth the stock that it really makes', () => {
    const worth = bagWorth(bag, 'trembles');
    expect(worth.oldest).toBe(addDays(NOON, -20));
    expect(worth.litres).toBeGreaterThan(2);
    const batch = stockOf('b', bag, 'trembles', { ...POT, capacityL: 7.6 });
    const told = assess(batch, { ...POT, capacityL: 7.6 }, KITCHEN);
    expect(told.bones[0]?.set).toBe('trembles');
    expect(told.fill.finishedBrothL).toBeGreaterThan(0.8 * worth.litres);
    expect(told.findings.filter((f) => f.code === 'over-max-fill')).toEqual([]);
  });

  it('without bones makes a stock by weight', () => {
    expect(bagWorth(bag.slice(1), 'trembles').litres).toBeCloseTo(0.8, 6);
    expect(bagWorth([], 'trembles')).toMatchObject({ litres: 0, oldest: null });
  });
});
