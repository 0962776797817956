import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { Bundle } from '../core/batch/schema';
import { batchOf, HOUSEHOLD, item, KITCHEN, REFERENCE } from '../core/testing/kitchen';
import {
  besideWhatIsHere,
  changedFields,
  changeName,
  importBundle,
  previewImport,
  readBundle,
  writeBundle,
  type Change,
} from '.';
import { readRecipe } from './recipe/recipeIn';

const HOME = HOUSEHOLD;
const OTHER = { ...REFERENCE, id: 'b9', name: 'Other' };

describe('the bundle file', () => {
  it('comes back byte for byte, whatever its order was', () => {
    const many: Bundle = { ...HOME, batches: [OTHER, REFERENCE, { ...REFERENCE, id: 'a1' }] };
    const text = writeBundle(many);
    const read = readBundle(text);
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(writeBundle(read.bundle)).toBe(text);
    expect(writeBundle({ ...many, batches: [...many.batches].reverse() })).toBe(text);
  });

  it('keeps fields it does not know, at every depth', () => {
    const odd = {
      ...HOME,
      zebra: [1, { b: 2, a: 1 }],
      batches: [
        {
          ...REFERENCE,
          colour: 'blue',
          items: [{ ...item('i1', 'leek', 1, 'piece'), mood: null }],
        },
      ],
    };
    const read = readBundle(JSON.stringify(odd));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(JSON.parse(writeBundle(read.bundle))).toEqual(JSON.parse(JSON.stringify(odd)));
  });

  it('round-trips any amounts', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 9999, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (values) => {
          const bundle = {
            ...HOME,
            batches: [batchOf(values.map((v, i) => item(`i${i}`, 'carrot', v, 'g')))],
          };
          const read = readBundle(writeBundle(bundle));
          expect(read.ok && read.bundle).toEqual(bundle);
        },
      ),
    );
  });

  it('says what is wrong with text that is no JSON', () => {
    const read = readBundle('{ "format": ');
    expect(read.ok).toBe(false);
    if (!read.ok)
      expect(read.problems[0]).toMatchObject({
        path: '(the file)',
        wanted: 'a Retort file in JSON',
      });
  });

  it('reads the sample kitchen', () => {
    const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(read.bundle.kitchen.altitudeM).toBe(1150);
    expect(read.bundle.pots.map((p) => p.capacityL)).toEqual([5.7, 8]);
    expect(read.bundle.batches.length).toBeGreaterThanOrEqual(8);
  });
});

describe('bringing a file in', () => {
  const file: Bundle = {
    ...HOME,
    kitchen: { ...KITCHEN, altitudeM: 0 },
    batches: [{ ...REFERENCE, name: 'Renamed' }, OTHER],
  };

  it('shows what a merge would do, and does it', () => {
    const how = previewImport(HOME, file, 'merge').map(
      (c) => `${c.what} ${changeName(c, 'metric')}: ${c.how}`,
    );
    expect(how).toEqual([
      'kitchen at 0 m: same',
      'pot Big enamel, 5.7 L: same',
      'batch Test batch, 6 servings becomes Renamed, 6 servings: changed',
      'batch Other, 6 servings: added',
    ]);
    const after = importBundle(HOME, file, 'merge');
    expect(after.kitchen).toEqual(KITCHEN);
    expect(after.batches.map((b) => b.name)).toEqual(['Renamed', 'Other']);
  });

  it('sees through another order of fields', () => {
    const turned = Object.fromEntries(Object.entries(REFERENCE).reverse());
    const same = { ...HOME, batches: [turned as unknown as typeof REFERENCE] };
    expect(previewImport(HOME, same, 'replace').every((c) => c.how === 'same')).toBe(true);
  });

  it('shows what replacing would do, and does it', () => {
    const now = { ...HOME, batches: [REFERENCE, { ...REFERENCE, id: 'mine', name: 'Mine' }] };
    const how = previewImport(now, file, 'replace');
    const words = how.map((c) => `${c.how} ${c.what} ${changeName(c, 'metric')}`);
    expect(words).toContain('removed batch Mine, 6 servings');
    expect(words).toContain('changed kitchen at 1,150 m becomes at 0 m');
    expect(importBundle(now, file, 'replace')).toBe(file);
  });

  it('names the fields in which a record differs', () => {
    const [item, ...items] = REFERENCE.items;
    const changed: Bundle = {
      ...HOME,
      pots: HOME.pots.map((pot) => ({ ...pot, name: 'Small steel', capacityL: 3, powerW: 1400 })),
      batches: [
        { ...REFERENCE, items: [{ ...item, startC: 4 } as (typeof items)[number], ...items] },
      ],
    };
    const [pot, batch] = previewImport(HOME, changed, 'merge').filter((c) => c.how === 'changed');
    expect(changeName(pot as Change, 'metric')).toBe(
      'Big enamel, 5.7 L becomes Small steel, 3.0 L',
    );
    expect(changedFields(pot as Change, 'metric')).toEqual([
      'name: “Big enamel” becomes “Small steel”',
      'capacity: 5.7 L becomes 3.0 L',
      `power: ${HOME.pots[0]?.powerW} W becomes 1400 W`,
    ]);
    expect(changeName(batch as Change, 'metric')).toBe('Test batch, 6 servings');
    expect(changedFields(batch as Change, 'us')).toEqual([`ingredients: ${item?.food}`]);
  });

  it('merging a file twice changes nothing more', () => {
    const once = importBundle(HOME, file, 'merge');
    expect(writeBundle(importBundle(once, file, 'merge'))).toBe(writeBundle(once));
  });
});

describe('a link beside what is here', () => {
  const ids = () => {
    let n = 0;
    return () => `copy${++n}`;
  };
  const [pot] = HOME.pots as readonly [Bundle['pots'][number]];
  const brought: Bundle = {
    ...HOME,
    pots: [{ ...pot, name: 'EVIL', capacityL: 3 }],
    batches: [{ ...REFERENCE, potId: pot.id, servings: 60 }],
  };

  it('changes no pot and no plan, and brings its own under names of their own', () => {
    const from = besideWhatIsHere(HOME, brought, ids());
    const after = importBundle(HOME, from, 'merge');
    expect(after.pots.map(({ id, name, capacityL }) => [id, name, capacityL])).toEqual([
      [pot.id, 'Big enamel', 5.7],
      ['copy1', 'EVIL', 3],
    ]);
    expect(after.batches.map(({ name, potId, servings }) => [name, potId, servings])).toEqual([
      ['Test batch', REFERENCE.potId, REFERENCE.servings],
      ['Test batch (2)', 'copy1', 60],
    ]);
    expect(readBundle(writeBundle(after)).ok).toBe(true);
  });

  it('adds nothing more the second time', () => {
    const once = importBundle(HOME, besideWhatIsHere(HOME, brought, ids()), 'merge');
    const twice = importBundle(once, besideWhatIsHere(once, brought, ids()), 'merge');
    expect(writeBundle(twice)).toBe(writeBundle(once));
  });

  it('leaves a pot alone that has only learned something elsewhere', () => {
    const learnt = { ...HOME, pots: [{ ...pot, measured: true, efficiency: 0.9, lossWPerK: 2 }] };
    expect(besideWhatIsHere(HOME, learnt, ids()).pots).toEqual([pot]);
  });

  it('takes what is new or the same as it is', () => {
    const other = { ...HOME, batches: [OTHER] };
    expect(besideWhatIsHere(HOME, other, ids())).toEqual(other);
  });

  it('leaves every record that is here as it was, whatever comes', () => {
    const change = fc.record({ name: fc.string({ minLength: 1, maxLength: 9 }), n: fc.nat(3) });
    fc.assert(
      fc.property(change, change, (a, b) => {
        const link: Bundle = {
          ...HOME,
          pots: [{ ...pot, name: a.name, powerW: pot.powerW + a.n }],
          batches: [{ ...REFERENCE, potId: pot.id, name: b.name, servings: 4 + b.n }],
        };
        const after = importBundle(HOME, besideWhatIsHere(HOME, link, ids()), 'merge');
        for (const list of ['pots', 'batches', 'foods'] as const)
          for (const record of HOME[list])
            expect(after[list].find(({ id }) => id === record.id)).toEqual(record);
        const plan = after.batches.at(-1);
        const itsPot = after.pots.find(({ id }) => id === plan?.potId);
        expect([itsPot?.powerW, plan?.servings]).toEqual([pot.powerW + a.n, 4 + b.n]);
      }),
    );
  });
});

describe('what is nested without end', () => {
  const deep = (levels: number): string => '{"a":'.repeat(levels) + '1' + '}'.repeat(levels);

  it('is refused with its reason, at any depth, in a file and in a recipe', () => {
    for (const levels of [100, 5_000, 20_000, 200_000]) {
      const inside = `{"format":"retort","version":2,"pots":[],"later":${deep(levels)}}`;
      const read = readBundle(inside);
      expect(read.ok).toBe(false);
      if (!read.ok) expect(read.problems[0]?.path).toBe('(the file)');
      expect(() =>
        readRecipe(`<script type="application/ld+json">${inside}</script>`),
      ).not.toThrow();
    }
  });
});
