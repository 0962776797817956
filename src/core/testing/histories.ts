/** Histories of several devices: what cooks do there, and how the devices hear of it. */
import fc from 'fast-check';
import { claimed, goes, leftInJar, withoutClaims } from '../batch/household';
import { inTheirPots } from '../batch/plan';
import type { Batch, Bundle, Cook, Jar, Mark } from '../batch/schema';
import { cookOf } from './cooks';
import { HOUSEHOLD, REFERENCE } from './kitchen';

export const AT = '2026-11-24T10:00:00.000Z';
const JARS: readonly Jar[] = ['j1', 'j2'].map((id) => ({
  id,
  name: 'Stock',
  litres: 1,
  madeAt: AT,
  where: 'freezer',
}));
const withoutTrace = ({ predicted: { trace: _, ...predicted }, ...cook }: Cook): Cook => ({
  ...cook,
  predicted,
});
/** The household that every device begins with. */
export const FIRST: Bundle = {
  ...HOUSEHOLD,
  batches: [REFERENCE, { ...REFERENCE, id: 'b2', name: 'Second' }],
  // Without its curve, which is one leaf of many numbers.
  cooks: [withoutTrace(cookOf('c1', REFERENCE, AT))],
  jars: JARS,
};

/** Something that a cook does, by three numbers of chance. */
export type Act = (bundle: Bundle, id: string, n: number) => Bundle;

const one = <T>(list: readonly T[], n: number): T | undefined => list[n % list.length];
export const withBatch = (bundle: Bundle, n: number, change: (batch: Batch) => Batch): Bundle => {
  const batch = one(bundle.batches, n);
  return batch
    ? { ...bundle, batches: bundle.batches.map((b) => (b === batch ? change(b) : b)) }
    : bundle;
};

export const ACTS: Readonly<Record<string, Act>> = {
  rename: (bundle, id, n) => withBatch(bundle, n, (batch) => ({ ...batch, name: `Name ${id}` })),
  'another amount': (bundle, _, n) =>
    withBatch(bundle, n, (batch) => ({
      ...batch,
      items: batch.items.map((item, i) =>
        i === n % batch.items.length
          ? { ...item, amount: { value: 1 + (n % 9), unit: 'kg' } }
          : item,
      ),
    })),
  'an item': (bundle, id, n) =>
    withBatch(bundle, n, (batch) => ({
      ...batch,
      items: [...batch.items, { id, food: 'carrot', amount: { value: 200, unit: 'g' } }],
    })),
  'an item out': (bundle, _, n) =>
    withBatch(bundle, n, (batch) => ({
      ...batch,
      items: batch.items.filter((__, i) => i !== n % batch.items.length),
    })),
  'a step with an item': (bundle, id, n) =>
    withBatch(bundle, n, (batch) => ({
      ...batch,
      steps: [...(batch.steps ?? []), { id: `s${id}`, kind: 'simmer', minutes: 10 }],
      items: batch.items.map((item, i) =>
        i === n % batch.items.length ? { ...item, stays: [{ from: `s${id}` }] } : item,
      ),
    })),
  'a step out': (bundle, _, n) =>
    withBatch(bundle, n, (batch) => {
      const step = one(batch.steps ?? [], n);
      if (!step) return batch;
      return {
        ...batch,
        steps: (batch.steps ?? []).filter((other) => other !== step),
        items: batch.items.map(({ stays, ...item }) =>
          stays?.some(({ from, to }) => from === step.id || to === step.id)
            ? item
            : { ...item, ...(stays && { stays }) },
        ),
      };
    }),
  'a batch': (bundle, id) => ({
    ...bundle,
    batches: [...bundle.batches, { ...REFERENCE, id: `b${id}`, name: `Batch ${id}` }],
  }),
  'a batch out': (bundle, _, n) => ({
    ...bundle,
    batches: bundle.batches.filter((batch) => batch !== one(bundle.batches, n)),
  }),
  'a pot out': (bundle, _, n) => {
    if (bundle.pots.length < 2) return bundle;
    const pots = bundle.pots.filter((pot) => pot !== one(bundle.pots, n));
    return { ...bundle, pots, batches: inTheirPots(bundle.batches, pots) };
  },
  'a pot': (bundle, id) => ({
    ...bundle,
    pots: [...bundle.pots, { ...(HOUSEHOLD.pots[0] as Bundle['pots'][0]), id: `p${id}` }],
  }),
  'a mark': (bundle, id) => ({
    ...bundle,
    cooks: bundle.cooks.map((cook) => ({
      ...cook,
      marks: [...cook.marks, { id, kind: 'ticked', step: null, at: AT } satisfies Mark],
    })),
  }),
  'a mark out': (bundle, _, n) => ({
    ...bundle,
    cooks: bundle.cooks.map((cook) => ({
      ...cook,
      marks: cook.marks.filter((mark) => mark !== one(cook.marks, n)),
    })),
  }),
  'a move done': (bundle, id) => ({
    ...bundle,
    cooks: bundle.cooks.map((cook) => ({
      ...cook,
      after: { ...cook.after, done: [...(cook.after?.done ?? []), id] },
    })),
  }),
  'a jar taken': (bundle, _, n) => {
    const jar = one(bundle.jars, n);
    if (!jar) return bundle;
    const free = leftInJar(jar) - (claimed(bundle.batches).get(jar.id) ?? 0);
    const litres = Math.min(free, 0.1 + (n % 7) / 10);
    if (litres <= 0.001) return bundle;
    const at = new Date(Date.parse(AT) + n * 1000).toISOString();
    return {
      ...bundle,
      jars: bundle.jars.map((j) => (j === jar ? goes(j, 'used', litres, at) : j)),
    };
  },
  'a jar into a plan': (bundle, id, n) => {
    const jar = one(bundle.jars, n);
    if (!jar) return bundle;
    const free = leftInJar(jar) - (claimed(bundle.batches).get(jar.id) ?? 0);
    if (free < 0.2) return bundle;
    return withBatch(bundle, n, (batch) => ({
      ...batch,
      items: [
        ...batch.items,
        {
          id: `t${id}`,
          food: 'stock',
          amount: { value: free, unit: 'l' },
          jars: [{ jar: jar.id, litres: free }],
        },
      ],
    }));
  },
  'no more of a jar': (bundle, _, n) => withBatch(bundle, n, withoutClaims),
  'another kitchen': (bundle, _, n) => ({
    ...bundle,
    kitchen: { ...bundle.kitchen, altitudeM: n % 3000 },
  }),
};
const NAMES = Object.keys(ACTS);

export type Move =
  | { readonly is: 'act'; readonly who: number; readonly what: string; readonly n: number }
  /** Another device hears an earlier message: at once, late, or a second time. */
  | { readonly is: 'hears'; readonly who: number; readonly which: number }
  | { readonly is: 'meet'; readonly who: number; readonly other: number }
  /** A device is put back to what it was some moves ago. */
  | { readonly is: 'restored'; readonly who: number; readonly back: number };

const who = fc.nat(2);
export const move: fc.Arbitrary<Move> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({
      is: fc.constant('act' as const),
      who,
      what: fc.constantFrom(...NAMES),
      n: fc.nat(10_000),
    }),
  },
  {
    weight: 4,
    arbitrary: fc.record({ is: fc.constant('hears' as const), who, which: fc.nat(50) }),
  },
  { weight: 1, arbitrary: fc.record({ is: fc.constant('meet' as const), who, other: who }) },
  {
    weight: 1,
    arbitrary: fc.record({ is: fc.constant('restored' as const), who, back: fc.nat(6) }),
  },
);
export const moves: fc.Arbitrary<readonly Move[]> = fc.array(move, { maxLength: 40 });
