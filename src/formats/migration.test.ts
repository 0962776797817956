/** What older versions wrote, kept as it was: it must read without loss. */
import { readFileSync } from 'node:fs';
import type { Bundle } from '../core/batch/schema';
import { readBundle, writeBundle } from '.';

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
    expect(bundle.version).toBe(2);
    expect(bundle.cooks.map((c) => c.id)).toEqual(old.runs.map((r) => r.id));
    old.runs.forEach((run, i) => {
      const cook = bundle.cooks[i];
      const { potId, ...rest } = run;
      expect(cook?.pot).toEqual(old.pots.find((p) => p.id === potId));
      expect(cook?.kitchen).toEqual(old.kitchen);
      expect(cook).toMatchObject(rest);
    });
  });

  it('keeps all else to the letter', () => {
    expect(bundle.batches).toEqual(old.batches);
    expect(bundle.pots).toEqual(old.pots);
    expect(bundle.kitchen).toEqual(old.kitchen);
  });

  it('is written in this version, the same bytes whenever it is read again', () => {
    const text = writeBundle(bundle);
    expect(writeBundle(read(text))).toBe(text);
    expect(JSON.parse(text)).toMatchObject({ version: 2 });
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
  const result = readBundle(JSON.stringify({ ...(JSON.parse(OLD) as object), version: 3 }));
  expect(result.ok ? [] : result.problems[0]).toMatchObject({ path: 'version', found: '3' });
});
