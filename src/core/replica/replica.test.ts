/** Devices of one household: what each changed while apart is joined, in whatever order it comes. */
import fc from 'fast-check';
import { batchProblems } from '../batch/household/validate';
import { claimed } from '../batch/household';
import type { Batch, Bundle } from '../batch/schema';
import { ACTS, FIRST, moves, withBatch, type Act, type Move } from '../testing/histories';
import { REFERENCE } from '../testing/kitchen';
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
  type StampedEdits,
  type Stamp,
  type Stamps,
} from '.';
import { leavesOf, recordOf } from './leaves';
import { editOf, join, recordIn, swept, type Replica } from './replica';

/** A device: its household, the stamps of its records, and the latest stamp that it has seen. */
interface Device {
  readonly name: string;
  readonly bundle: Bundle;
  readonly stamps: ReadonlyMap<string, Stamps>;
  readonly last: Stamp;
  readonly unstamped: readonly StampedEdits[];
  /** Its clock is so far off, ms. */
  readonly offMs: number;
}

/** A device as it joins. @param offMs error of its clock, ms */
const deviceOf = (name: string, offMs = 0): Device => ({
  name,
  bundle: FIRST,
  stamps: new Map(),
  last: '',
  unstamped: [],
  offMs,
});

const put = (device: Device, stamps: ReadonlyMap<string, Stamps>): ReadonlyMap<string, Stamps> =>
  new Map([...device.stamps, ...stamps]);

/** A device that changed something, and has not stamped it yet. */
function edited(device: Device, nowMs: number, change: (bundle: Bundle) => Bundle): Device {
  const bundle = change(device.bundle);
  const edits = editsOf(device.bundle, bundle);
  if (edits.length === 0) return { ...device, bundle };
  const stamp = nextStamp(device.last, nowMs + device.offMs, device.name);
  return { ...device, bundle, last: stamp, unstamped: [...device.unstamped, { edits, stamp }] };
}

/** Stamps what a device changed. @returns the device, and what it tells the others */
function stampedNow(device: Device): readonly [Device, Replicas] {
  const { stamps, told: out } = stamped(device.bundle, device.stamps, device.unstamped);
  return [{ ...device, stamps: put(device, stamps), unstamped: [] }, out];
}

function told(before: Device, incoming: Replicas): Device {
  const [device] = stampedNow(before);
  const { bundle, stamps } = joined(device.bundle, device.stamps, incoming);
  const last = [device.last, ...stampsInAll(incoming)].toSorted().at(-1) as Stamp;
  return { ...device, bundle, stamps: put(device, stamps), last };
}

/** All that a device knows. */
function whole(device: Device): Replicas {
  const [{ bundle, stamps }] = stampedNow(device);
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

const CLOCKS = [0, 90_000_000, -3_600_000] as const;

/** Plays a history on three devices; all meet at its end. */
function played(
  history: readonly Move[],
  clocks: readonly number[] = CLOCKS,
  onAct: (before: Bundle, after: Bundle) => void = () => undefined,
): readonly Device[] {
  const devices = ['desk', 'phone', 'shelf'].map((name, i) => deviceOf(name, clocks[i]));
  const was: Device[][] = devices.map((device) => [device]);
  const messages: Replicas[] = [];
  history.forEach((move, i) => {
    const device = devices[move.who] as Device;
    const nowMs = 1_800_000_000_000 + i * 1000;
    if (move.is === 'act') {
      const act = ACTS[move.what] as Act;
      const after = edited(device, nowMs, (bundle) => act(bundle, `n${i}`, move.n));
      onAct(device.bundle, after.bundle);
      // Several changes are stamped together.
      const [now, out] = move.n % 3 === 0 ? stampedNow(after) : [after, null];
      devices[move.who] = now;
      if (out) messages.push(out);
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

  it('keep a mark deleted that one of them took out', () => {
    const acts = moves.map((history) => history.filter(({ is }) => is !== 'restored'));
    fc.assert(
      fc.property(acts, (history) => {
        const out = new Set<string>();
        const devices = played(history, CLOCKS, (before, after) => {
          const left = new Set(after.cooks[0]?.marks.map(({ id }) => id));
          for (const { id } of before.cooks[0]?.marks ?? []) if (!left.has(id)) out.add(id);
        });
        for (const { bundle } of devices)
          expect(bundle.cooks[0]?.marks.filter(({ id }) => out.has(id))).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });

  const apart = (mine: (b: Bundle) => Bundle, theirs: (b: Bundle) => Bundle): Bundle => {
    const [desk, phone] = [deviceOf('desk'), deviceOf('phone')];
    const [a, b] = met(edited(desk, 1000, mine), edited(phone, 2000, theirs));
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

  it('keep a mark deleted that went right after another change of its cook', () => {
    const desk = deviceOf('desk');
    const act = (device: Device, nowMs: number, name: string, n: number): Device =>
      edited(device, nowMs, (bundle) => ACTS[name]?.(bundle, `m${nowMs}`, n) ?? bundle);
    const marksOf = ({ bundle }: Device): readonly string[] =>
      bundle.cooks[0]?.marks.map(({ id }) => id) ?? [];
    const before = marksOf(desk);
    const [ticked, phone] = met(act(desk, 1000, 'a mark', 0), { ...desk, name: 'phone' });
    expect(marksOf(phone)).toContain('m1000');
    // Both changes are stamped together.
    const unticked = act(act(ticked, 2000, 'a mark', 0), 3000, 'a mark out', before.length);
    const [a, b] = met(unticked, phone);
    expect([marksOf(a), marksOf(b)]).toEqual([
      [...before, 'm2000'],
      [...before, 'm2000'],
    ]);
  });

  it('bring nothing back to life that was deleted, when a device is put back', () => {
    const desk = deviceOf('desk');
    const phone: Device = { ...desk, name: 'phone' };
    const out = edited(desk, 1000, (b) => ({ ...b, batches: [] }));
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
