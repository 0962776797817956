import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { Bundle } from '../core/batch/schema';
import { batchOf, HOUSEHOLD, item, KITCHEN, REFERENCE } from '../core/testing/kitchen';
import { importBundle, previewImport, readBundle, writeBundle } from '.';
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
    const how = previewImport(HOME, file, 'merge').map((c) => `${c.what} ${c.name}: ${c.how}`);
    expect(how).toEqual([
      'kitchen altitude, room and units: same',
      'pot Big enamel: same',
      'batch Renamed: changed',
      'batch Other: added',
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
    expect(how).toContainEqual({ what: 'batch', name: 'Mine', how: 'removed' });
    expect(how).toContainEqual({
      what: 'kitchen',
      name: 'altitude, room and units',
      how: 'changed',
    });
    expect(importBundle(now, file, 'replace')).toBe(file);
  });

  it('merging a file twice changes nothing more', () => {
    const once = importBundle(HOME, file, 'merge');
    expect(writeBundle(importBundle(once, file, 'merge'))).toBe(writeBundle(once));
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
