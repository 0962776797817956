/** Devices of one household: what each changed while apart is joined, in whatever order it comes. */
import fc from 'fast-check';
import { batchProblems } from '../batch/household/validate';
import { claimed, goes, leftInJar, withoutClaims } from '../batch/household';
import { inTheirPots } from '../batch/plan';
import type { Batch, Bundle, Cook, Jar, Mark } from '../batch/schema';
import { cookOf } from '../testing/cooks';
import { HOUSEHOLD, REFERENCE } from '../testing/kitchen';
import {
  digestOf,
  editsOf,
  joined,
  nextStamp,
  recordsOf,
  replicaOf,
  stamped,
  stampsInAll,
  stampsOf,
  type Replicas,
  type Stamp,
  type Stamps,
} from '.';
import { leavesOf, recordOf } from './leaves';
import { editOf, join, recordIn, swept, type Replica } from './replica';

const AT = '2026-11-24T10:00:00.000Z';
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
const FIRST: Bundle = {
  ...HOUSEHOLD,
  batches: [REFERENCE, { ...REFERENCE, id: 'b2', name: 'Second' }],
  // Without its curve, which is one leaf of many numbers.
  cooks: [withoutTrace(cookOf('c1', REFERENCE, AT))],
  jars: JARS,
};

/** A device: its household, the stamps of its records, and the latest stamp that it has seen. */
interface Device {
  readonly name: string;
  readonly bundle: Bundle;
  readonly stamps: ReadonlyMap<string, Stamps>;
  readonly last: Stamp;
  /** Its clock is so far off, ms. */
  readonly offMs: number;
}

const put = (device: Device, stamps: ReadonlyMap<string, Stamps>): ReadonlyMap<string, Stamps> =>
  new Map([...device.stamps, ...stamps]);

function edited(device: Device, nowMs: number, change: (bundle: Bundle) => Bundle) {
  const after = change(device.bundle);
  const edits = editsOf(device.bundle, after);
  const stamp = nextStamp(device.last, nowMs + device.offMs, device.name);
  const { stamps, told } = stamped(after, device.stamps, edits, stamp);
  const now: Device = {
    ...device,
    bundle: after,
    stamps: put(device, stamps),
    last: edits.length > 0 ? stamp : device.last,
  };
  return { device: now, told };
}

function told(device: Device, incoming: Replicas): Device {
  const { bundle, stamps } = joined(device.bundle, device.stamps, incoming);
  const last = [device.last, ...stampsInAll(incoming)].toSorted().at(-1) as Stamp;
  return { ...device, bundle, stamps: put(device, stamps), last };
}

/** All that a device knows. */
function whole({ bundle, stamps }: Device): Replicas {
  const records = recordsOf(bundle);
  const keys = new Set([...records.keys(), ...stamps.keys()]);
  return new Map(
    [...keys].map((key) => [key, replicaOf(stamps.get(key), records.get(key) ?? null)]),
  );
}

/** Two devices that tell each other everything. */
const met = (a: Device, b: Device): readonly [Device, Device] => [
  told(a, whole(b)),
  told(b, whole(a)),
];

const content = ({ bundle }: Device): unknown =>
  JSON.parse(
    JSON.stringify(
      [...recordsOf(bundle)]
        .toSorted(([x], [y]) => (x < y ? -1 : 1))
        .map(([, one]) => leafText(one)),
    ),
  );
const leafText = (record: object): unknown =>
  [...leavesOf(record)].toSorted(([x], [y]) => (x < y ? -1 : 1));

/** Something that a cook does, by three numbers of chance. */
type Act = (bundle: Bundle, id: string, n: number) => Bundle;

const one = <T>(list: readonly T[], n: number): T | undefined => list[n % list.length];
const withBatch = (bundle: Bundle, n: number, change: (batch: Batch) => Batch): Bundle => {
  const batch = one(bundle.batches, n);
  return batch
    ? { ...bundle, batches: bundle.batches.map((b) => (b === batch ? change(b) : b)) }
    : bundle;
};

const ACTS: Readonly<Record<string, Act>> = {
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

type Move =
  | { readonly is: 'act'; readonly who: number; readonly what: string; readonly n: number }
  /** What was told last is heard by another: at once, late, or a second time. */
  | { readonly is: 'hears'; readonly who: number; readonly which: number }
  | { readonly is: 'meet'; readonly who: number; readonly other: number }
  /** A device is put back to what it was some moves ago. */
  | { readonly is: 'restored'; readonly who: number; readonly back: number };

const who = fc.nat(2);
const moves: fc.Arbitrary<readonly Move[]> = fc.array(
  fc.oneof(
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
  ),
  { maxLength: 40 },
);

const CLOCKS = [0, 90_000_000, -3_600_000] as const;

/** Plays a history on three devices; all meet at its end. */
function played(history: readonly Move[], clocks: readonly number[] = CLOCKS): readonly Device[] {
  const devices: Device[] = ['desk', 'phone', 'shelf'].map((name, i) => ({
    name,
    bundle: FIRST,
    stamps: new Map(),
    last: '',
    offMs: clocks[i] ?? 0,
  }));
  const was: Device[][] = devices.map((device) => [device]);
  const messages: Replicas[] = [];
  history.forEach((move, i) => {
    const device = devices[move.who] as Device;
    const nowMs = 1_800_000_000_000 + i * 1000;
    if (move.is === 'act') {
      const act = ACTS[move.what] as Act;
      const after = edited(device, nowMs, (bundle) => act(bundle, `n${i}`, move.n));
      devices[move.who] = after.device;
      messages.push(after.told);
    } else if (move.is === 'hears') {
      const message = messages[move.which % Math.max(1, messages.length)];
      if (message) devices[move.who] = told(device, message);
    } else if (move.is === 'meet' && move.who !== move.other) {
      const [a, b] = met(device, devices[move.other] as Device);
      devices[move.who] = a;
      devices[move.other] = b;
    } else if (move.is === 'restored') {
      const past = was[move.who] as Device[];
      devices[move.who] = past[Math.max(0, past.length - 1 - move.back)] as Device;
    }
    devices.forEach((now, k) => was[k]?.push(now));
  });
  // Each hears of the others through one of them.
  for (const [a, b] of [
    [0, 1],
    [1, 2],
    [0, 1],
    [0, 2],
  ] as const) {
    const [x, y] = met(devices[a] as Device, devices[b] as Device);
    devices[a] = x;
    devices[b] = y;
  }
  return devices;
}

describe('a record as leaves', () => {
  it('is the same record again', () => {
    for (const record of recordsOf(FIRST).values())
      expect(recordOf(leavesOf(record))).toEqual(JSON.parse(JSON.stringify(record)));
  });

  it('is the same again for any record of fields, lists and words', () => {
    const { tree } = fc.letrec((tie) => ({
      tree: fc.oneof(
        { maxDepth: 4 },
        fc.constantFrom('a', 1, true, null, '', '~/', ':'),
        fc.array(fc.nat(9), { maxLength: 3 }),
        fc.uniqueArray(fc.constantFrom('x', 'y/', '~z'), { maxLength: 3 }),
        fc.uniqueArray(fc.record({ id: fc.constantFrom('1', '2', '3'), of: tie('tree') }), {
          selector: ({ id }) => id,
          maxLength: 3,
        }),
        fc.dictionary(fc.constantFrom('a', 'b/', '.c', '~'), tie('tree'), { maxKeys: 3 }),
      ),
    }));
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom('p', 'q'), tree), (record) => {
        expect(recordOf(leavesOf(record))).toEqual(record);
        const { base, ...rest } = stampsOf(replicaOf({ base: 's' }, record), record);
        expect([base, rest]).toEqual(['s', {}]);
      }),
    );
  });
});

describe('devices of one household', () => {
  it('are all equal in the end, whatever they did and however they heard of it', () => {
    fc.assert(
      fc.property(moves, (history) => {
        const [a, b, c] = played(history).map(content);
        expect(b).toEqual(a);
        expect(c).toEqual(a);
      }),
      { numRuns: 100 },
    );
  });

  it('keep a household that can be kept, and use no litre of a jar twice', () => {
    fc.assert(
      fc.property(moves, (history) => {
        for (const { bundle } of played(history)) {
          expect(bundle.batches.flatMap((b) => batchProblems(b, b.name, bundle.pots))).toEqual([]);
          const inPlans = claimed(bundle.batches);
          for (const jar of bundle.jars) {
            const gone = (jar.gone ?? []).reduce((sum, { litres }) => sum + litres, 0);
            expect(gone + (inPlans.get(jar.id) ?? 0)).toBeLessThan(jar.litres + 1e-4);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it('lose no mark, no move and no batch that was kept on a device that was not put back', () => {
    const kept = moves.map((history) =>
      history.filter(
        (move) => move.is !== 'restored' && !('what' in move && /out/.test(move.what)),
      ),
    );
    fc.assert(
      fc.property(kept, (history) => {
        const made = history.flatMap((move, i) =>
          move.is === 'act' ? [[move.what, `n${i}`]] : [],
        );
        const of = (what: string): readonly string[] =>
          made.flatMap(([name, id]) => (name === what ? [id as string] : []));
        for (const { bundle } of played(history)) {
          const [cook] = bundle.cooks;
          const ids = new Set(bundle.batches.map(({ id }) => id));
          expect(cook?.marks.map(({ id }) => id)).toEqual(
            expect.arrayContaining([...of('a mark')]),
          );
          expect(cook?.after?.done ?? []).toEqual(expect.arrayContaining([...of('a move done')]));
          expect(of('a batch').every((id) => ids.has(`b${id}`))).toBe(true);
        }
      }),
      { numRuns: 100 },
    );
  });

  const apart = (mine: (b: Bundle) => Bundle, theirs: (b: Bundle) => Bundle): Bundle => {
    const [desk, phone] = ['desk', 'phone'].map((name): Device => ({
      name,
      bundle: FIRST,
      stamps: new Map(),
      last: '',
      offMs: 0,
    })) as [Device, Device];
    const [a, b] = met(edited(desk, 1000, mine).device, edited(phone, 2000, theirs).device);
    expect(content(b)).toEqual(content(a));
    return a.bundle;
  };
  const first = (bundle: Bundle): Batch | undefined =>
    bundle.batches.find(({ id }) => id === REFERENCE.id);

  it('take the later of two names, and both of two fields', () => {
    const both = apart(
      (b) => withBatch(b, 0, (batch) => ({ ...batch, name: 'Desk', servings: 9 })),
      (b) => withBatch(b, 0, (batch) => ({ ...batch, name: 'Phone' })),
    );
    expect(first(both)).toMatchObject({ name: 'Phone', servings: 9 });
  });

  it('bring back what one threw away while the other went on with it', () => {
    const both = apart(
      (b) => withBatch(b, 0, (batch) => ({ ...batch, name: 'Went on' })),
      (b) => ({ ...b, batches: b.batches.slice(1) }),
    );
    expect(first(both)).toEqual({ ...REFERENCE, name: 'Went on' });
  });

  it('leave out what one threw away and nobody touched', () => {
    const both = apart(
      (b) => withBatch(b, 1, (batch) => ({ ...batch, name: 'Another' })),
      (b) => ({ ...b, batches: b.batches.slice(1) }),
    );
    expect(first(both)).toBeUndefined();
  });

  it('bring nothing back to life that was deleted, when a device is put back', () => {
    const desk: Device = { name: 'desk', bundle: FIRST, stamps: new Map(), last: '', offMs: 0 };
    const phone: Device = { ...desk, name: 'phone' };
    const out = edited(desk, 1000, (b) => ({ ...b, batches: [] })).device;
    const [, heard] = met(out, phone);
    expect(heard.bundle.batches).toEqual([]);
    // Put back to before it heard of it.
    const [a, b] = met(out, phone);
    expect([a.bundle.batches, b.bundle.batches]).toEqual([[], []]);
  });

  it('know by their digests that they know the same', () => {
    fc.assert(
      fc.property(moves, (history) => {
        const [a, b] = played(history).map(({ stamps }) =>
          [...stamps].map(([key, one]) => [key, digestOf(one)]).toSorted(),
        );
        expect(b).toEqual(a);
      }),
      { numRuns: 30 },
    );
  });
});

describe('a replica', () => {
  it('forgets what was taken out long ago, and its leaves', () => {
    const replica: Replica = {
      leaves: new Map([
        ['', { value: {}, stamp: nextStamp('', 1000, 'a') }],
        ['.x', { value: 1, stamp: nextStamp('', 2000, 'a') }],
      ]),
      taken: new Map([
        ['.x', { stamp: nextStamp('', 3000, 'a'), seen: { a: nextStamp('', 2000, 'a') } }],
      ]),
    };
    expect(recordIn(replica)).toEqual({});
    expect(swept(replica, 2500)).toBe(replica);
    const after = swept(replica, 3500);
    expect([...after.leaves.keys(), after.taken.size]).toEqual(['', 0]);
  });

  it('joins in any order, and twice as once', () => {
    const stamp = fc
      .tuple(fc.integer({ min: 1, max: 5 }), fc.constantFrom('a', 'b'))
      .map(([ms, d]) => nextStamp('', ms, d));
    const paths = fc.constantFrom('', '.x', '.y', '.x/.z');
    const replica: fc.Arbitrary<Replica> = fc.record({
      // A device changes a leaf once at a time.
      leaves: fc
        .array(fc.tuple(paths, stamp), { maxLength: 4 })
        .map((list) => new Map(list.map(([path, s]) => [path, { value: s.length + s, stamp: s }]))),
      taken: fc
        .array(fc.tuple(paths, stamp, fc.dictionary(fc.constantFrom('a', 'b'), stamp)), {
          maxLength: 3,
        })
        .map((list) => new Map(list.map(([path, s, seen]) => [path, { stamp: s, seen }]))),
    });
    const text = ({ leaves, taken }: Replica): unknown => [
      [...leaves].toSorted(([a], [b]) => (a < b ? -1 : 1)),
      [...taken].toSorted(([a], [b]) => (a < b ? -1 : 1)),
    ];
    fc.assert(
      fc.property(replica, replica, replica, (a, b, c) => {
        expect(text(join(a, b))).toEqual(text(join(b, a)));
        expect(text(join(join(a, b), c))).toEqual(text(join(a, join(b, c))));
        expect(text(join(a, join(a, b)))).toEqual(text(join(a, b)));
      }),
    );
  });

  it('tells of an entry alone what changed in it', () => {
    const before = {
      items: [
        { id: 'a', n: 1 },
        { id: 'b', n: 2 },
      ],
      done: ['x'],
    };
    const after = {
      items: [
        { id: 'a', n: 1 },
        { id: 'b', n: 3 },
      ],
      done: ['x', 'y'],
    };
    const { set, out } = editOf(before, after);
    expect([set.map(([path]) => path), out]).toEqual([['.items/:b/.n', '.done', '.done/=y'], []]);
  });
});

describe('a stamp', () => {
  it('is later than all that was seen, whatever the clock says', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 4e12 }), { minLength: 1 }), (clocks) => {
        let last = '';
        for (const ms of clocks) {
          const next = nextStamp(last, ms, 'a');
          expect(next > last).toBe(true);
          last = next;
        }
      }),
    );
  });
});
