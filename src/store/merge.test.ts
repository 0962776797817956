/** Merging two tabs' changes element by element: nothing that either did is lost, nothing stands twice. */
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { Bundle, Cook, Mark } from '../core/batch/schema';
import { readBundle } from '../formats';
import { mergeBundles } from './merge';

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample is not good');
const [COOK] = read.bundle.cooks as readonly [Cook];
const HOME: Bundle = { ...read.bundle, cooks: [COOK] };

const withCook = (bundle: Bundle, change: (cook: Cook) => Cook): Bundle => ({
  ...bundle,
  cooks: bundle.cooks.map(change),
});
const cookOf = (bundle: Bundle): Cook => bundle.cooks[0] as Cook;

const mark = (id: string): Mark => ({
  id,
  kind: 'ticked',
  step: null,
  at: '2026-12-02T10:00:00.000Z',
  item: id,
});

describe('two tabs on one cook', () => {
  it('keep every mark of both, each once, whatever the order', () => {
    const ids = fc.uniqueArray(fc.integer({ min: 0, max: 99 }), { maxLength: 12 });
    fc.assert(
      fc.property(ids, ids, (mine, theirs) => {
        const tab = (own: readonly number[], name: string): Bundle =>
          withCook(HOME, (cook) => ({
            ...cook,
            marks: [...cook.marks, ...own.map((n) => mark(`${name}${n}`))],
          }));
        const { bundle } = mergeBundles(HOME, tab(mine, 'a'), tab(theirs, 'b'));
        const all = cookOf(bundle).marks.map(({ id }) => id);
        const wanted = [
          ...COOK.marks.map(({ id }) => id),
          ...mine.map((n) => `a${n}`),
          ...theirs.map((n) => `b${n}`),
        ];
        expect(all.toSorted()).toEqual(wanted.toSorted());
      }),
    );
  });

  it('take a mark back in one and press another in the other', () => {
    const mine = withCook(HOME, (cook) => ({ ...cook, marks: cook.marks.slice(0, -1) }));
    const theirs = withCook(HOME, (cook) => ({ ...cook, marks: [...cook.marks, mark('new')] }));
    const ids = cookOf(mergeBundles(HOME, mine, theirs).bundle).marks.map(({ id }) => id);
    expect(ids).toContain('new');
    expect(ids).not.toContain(COOK.marks.at(-1)?.id);
  });

  it('tick, season and read the thermometer at once, and lose none of it', () => {
    const base = withCook(HOME, (cook) => ({ ...cook, after: { done: ['skim', 'strain'] } }));
    const mine = withCook(base, (cook) => ({
      ...cook,
      after: {
        done: ['skim', 'strain', 'pick'],
        added: [{ what: 'salt', grams: 4, at: '2026-12-02T10:00:00.000Z' }],
        right: ['salt'],
      },
    }));
    const theirs = withCook(base, (cook) => ({
      ...cook,
      after: {
        done: ['skim', 'serve'],
        added: [{ what: 'acid', grams: 2, at: '2026-12-02T10:00:00.000Z' }],
        right: ['acid'],
      },
    }));
    const { bundle, conflicts } = mergeBundles(base, mine, theirs);
    expect(conflicts).toEqual([]);
    // One of them took the straining back.
    expect(cookOf(bundle).after?.done?.toSorted()).toEqual(['pick', 'serve', 'skim']);
    expect(
      cookOf(bundle)
        .after?.added?.map(({ what }) => what)
        .toSorted(),
    ).toEqual(['acid', 'salt']);
    expect(cookOf(bundle).after?.right?.toSorted()).toEqual(['acid', 'salt']);
  });

  it('agree whichever of them merges, but for the order', () => {
    const sets = fc.subarray(['skim', 'strain', 'pick', 'serve', 'salt']);
    fc.assert(
      fc.property(sets, sets, sets, (was, a, b) => {
        const at = (done: readonly string[]): Bundle =>
          withCook(HOME, (cook) => ({ ...cook, after: { done } }));
        const one = cookOf(mergeBundles(at(was), at(a), at(b)).bundle).after?.done ?? [];
        const other = cookOf(mergeBundles(at(was), at(b), at(a)).bundle).after?.done ?? [];
        expect(one.toSorted()).toEqual(other.toSorted());
      }),
    );
  });
});
