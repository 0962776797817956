/** Files of older versions, kept as they were: they must read without loss. */
import { readFileSync } from 'node:fs';
import type { Bundle } from '../core/batch/schema';
import { readBundle, writeBundle } from '.';
import { withStays } from './testing/withStays';

const OLD = readFileSync('src/formats/fixtures/harrow-fell.version-1.json', 'utf8');

interface Version1 {
  readonly kitchen: Bundle['kitchen'];
  readonly pots: Bundle['pots'];
  readonly batches: readonly object[];
  readonly runs: readonly { readonly id: string; readonly potId: string; readonly note?: string }[];
}

function read(text: string): Bundle {
  const result = readBundle(text);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.bundle;
}

describe('a file of version 1', () => {
  const old = JSON.parse(OLD) as Version1;
  const bundle = read(OLD);

  it('has its runs as cooks, each with its pot and the kitchen', () => {
    expect(bundle.version).toBe(4);
    expect(bundle.cooks.map((c) => c.id)).toEqual(old.runs.map((r) => r.id));
    old.runs.forEach((run, i) => {
      const cook = bundle.cooks[i];
      const { potId, ...rest } = withStays(run);
      expect(cook?.pot).toEqual(old.pots.find((p) => p.id === potId));
      expect(cook?.kitchen).toEqual(old.kitchen);
      expect(cook).toMatchObject(rest);
    });
  });

  it('keeps all else to the letter', () => {
    expect(bundle.batches).toEqual(withStays(old.batches));
    expect(bundle.pots).toEqual(old.pots);
    expect(bundle.kitchen).toEqual(old.kitchen);
  });

  it('is written in this version, the same bytes whenever it is read again', () => {
    const text = writeBundle(bundle);
    expect(writeBundle(read(text))).toBe(text);
    expect(JSON.parse(text)).toMatchObject({ version: 4 });
    expect(text).not.toContain('"runs":');
  });

  it('knows where a batch came from', () => {
    const batches = [{ ...old.batches[0], fromRun: 'r1' }, ...old.batches.slice(1)];
    expect(read(JSON.stringify({ ...old, batches })).batches[0]?.fromCook).toBe('r1');
  });

  it('is refused in its own names where it is wrong', () => {
    const runs = [{ ...old.runs[0], startedAt: 'some day' }];
    const result = readBundle(JSON.stringify({ ...old, runs }));
    expect(result.ok ? [] : result.problems.map((p) => p.path)).toEqual(['runs[0].startedAt']);
  });

  it('takes another pot where that of a run is gone', () => {
    const runs = [{ ...old.runs[0], potId: 'sold' }];
    expect(read(JSON.stringify({ ...old, runs })).cooks[0]?.pot).toEqual(old.pots[0]);
  });
});

it('a file of a version to come is refused, not read by halves', () => {
  const result = readBundle(JSON.stringify({ ...(JSON.parse(OLD) as object), version: 5 }));
  expect(result.ok ? [] : result.problems[0]).toMatchObject({ path: 'version', found: '5' });
});

describe('a file of version 2', () => {
  const SECOND = readFileSync('src/formats/fixtures/harrow-fell.version-2.json', 'utf8');
  const old = JSON.parse(SECOND) as Bundle;
  const bundle = read(SECOND);

  it('has an id for each mark of a cook, and all else to the letter', () => {
    old.cooks.forEach(({ marks, ...cook }, i) => {
      const now = bundle.cooks[i];
      expect(now).toMatchObject(withStays(cook));
      expect(now?.marks.map(({ id: _, ...mark }) => mark)).toEqual(marks);
      expect(new Set(now?.marks.map(({ id }) => id)).size).toBe(marks.length);
    });
    const { cooks: _, version: __, ...rest } = old;
    expect(bundle).toMatchObject(withStays(rest));
  });

  it('gives the same ids on every device', () => {
    const ids = ({ cooks }: Bundle) => cooks.flatMap(({ marks }) => marks.map(({ id }) => id));
    expect(ids(read(SECOND))).toEqual(ids(bundle));
  });

  it('drops the lesson of a cook whose plan was changed, to be worked out again', () => {
    const [first, second, ...others] = old.cooks;
    if (!first?.lesson || !second?.lesson) throw new Error('no lessons');
    const changed = { kind: 'changed', step: 's1', at: first.startedAt, change: 'hold', value: 34 };
    const cooks = [{ ...first, marks: [...first.marks, changed] }, second, ...others];
    const now = read(JSON.stringify({ ...old, cooks }));
    expect(now.cooks[0]?.lesson).toBeUndefined();
    expect(now.cooks[1]?.lesson).toEqual(second.lesson);
  });

  it('is refused where two marks of a cook have one id', () => {
    const [first] = bundle.cooks;
    const [mark] = first?.marks ?? [];
    if (!first || !mark) throw new Error('no marks');
    const cooks = [{ ...first, marks: [mark, { ...mark, kind: 'lid-locked' as const }] }];
    const result = readBundle(JSON.stringify({ ...bundle, cooks }));
    expect(result.ok ? [] : result.problems.map((p) => p.path)).toEqual(['cooks[0].marks[1].id']);
  });
});

describe('a file of version 3', () => {
  const THIRD = readFileSync('src/formats/fixtures/harrow-fell.version-3.json', 'utf8');
  const old = JSON.parse(THIRD) as object;
  const bundle = read(THIRD);

  it('has stays in the place of one way in and one out, and all else to the letter', () => {
    expect(THIRD).toContain('"enters"');
    const { version: _, ...rest } = withStays(old) as { readonly version: number };
    expect(bundle).toMatchObject(rest);
    expect(writeBundle(bundle)).not.toMatch(/"(?:enters|leaves)"/);
  });

  it('is written in this version, the same bytes whenever it is read again', () => {
    const text = writeBundle(bundle);
    expect(writeBundle(read(text))).toBe(text);
  });

  it('tells a stay that names no step, where it stands', () => {
    const [first, ...rest] = bundle.batches;
    if (!first) throw new Error('no batches');
    const items = first.items.map((item) => ({ ...item, stays: [{}, { from: 'gone' }] }));
    const result = readBundle(
      JSON.stringify({ ...bundle, batches: [{ ...first, items }, ...rest] }),
    );
    expect(result.ok ? [] : result.problems[0]?.path).toBe('batches[0].items[0].stays[1].from');
  });
});
