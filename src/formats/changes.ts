/** Changes that bringing a file in would make, and the household that results. */
import equal from 'fast-deep-equal';
import { settleClaims } from '../core/batch/household';
import type { BagItem, Batch, Bundle, Cook, Jar, Kitchen, Pot } from '../core/batch/schema';
import type { OwnFood } from '../core/food';
import { canonical } from './write';

export type ImportMode = 'merge' | 'replace';

/** Kinds of records that a file holds, and the record of each. */
export interface Records {
  readonly kitchen: Kitchen;
  readonly pot: Pot;
  readonly batch: Batch;
  readonly cook: Cook;
  readonly food: OwnFood;
  readonly jar: Jar;
  readonly bag: BagItem;
}

export type Change = {
  readonly [W in keyof Records]: {
    readonly what: W;
    readonly how: 'added' | 'changed' | 'removed' | 'same';
    /** The record here; null if missing. */
    readonly before: Records[W] | null;
    /** The record in the file; null if missing. */
    readonly after: Records[W] | null;
  };
}[keyof Records];

interface Named {
  readonly id: string;
}

/** A record as text: the same in whatever order its fields were written. */
const textOf = (record: unknown): string => JSON.stringify(canonical(record));

export function same(a: unknown, b: unknown): boolean {
  return a === b || equal(a, b) || textOf(a) === textOf(b);
}

function compare<W extends Exclude<keyof Records, 'kitchen'>>(
  what: W,
  now: readonly Records[W][],
  file: readonly Records[W][],
  mode: ImportMode,
): readonly Change[] {
  const known = new Map(now.map((r) => [r.id, r]));
  const ids = new Set(file.map((r) => r.id));
  const incoming = file.map((after) => {
    const before = known.get(after.id) ?? null;
    const how = !before ? 'added' : same(before, after) ? 'same' : 'changed';
    return { what, how, before, after };
  });
  const gone = mode === 'replace' ? now.filter((r) => !ids.has(r.id)) : [];
  const removed = gone.map((before) => ({ what, how: 'removed', before, after: null }));
  return [...incoming, ...removed] as unknown as readonly Change[];
}

/** Everything a file would do to the household, record by record. */
export function previewImport(now: Bundle, file: Bundle, mode: ImportMode): readonly Change[] {
  return [
    {
      what: 'kitchen',
      how: mode === 'merge' || same(now.kitchen, file.kitchen) ? 'same' : 'changed',
      before: now.kitchen,
      after: file.kitchen,
    },
    ...compare('pot', now.pots, file.pots, mode),
    ...compare('food', now.foods, file.foods, mode),
    ...compare('batch', now.batches, file.batches, mode),
    ...compare('cook', now.cooks, file.cooks, mode),
    ...compare('jar', now.jars, file.jars, mode),
    ...compare('bag', now.bag, file.bag, mode),
  ];
}

function merged<T extends Named>(now: readonly T[], file: readonly T[]): readonly T[] {
  const incoming = new Map(file.map((r) => [r.id, r]));
  const kept = now.filter((r) => !incoming.has(r.id));
  return [...kept, ...file];
}

/** The household after a file is brought in: merged (file wins where both have a record) or replaced. */
export function importBundle(now: Bundle, file: Bundle, mode: ImportMode): Bundle {
  if (mode === 'replace') return file;
  return settleClaims({
    ...file,
    ...now,
    pots: merged(now.pots, file.pots),
    batches: merged(now.batches, file.batches),
    cooks: merged(now.cooks, file.cooks),
    foods: merged(now.foods, file.foods),
    jars: merged(now.jars, file.jars),
    bag: merged(now.bag, file.bag),
  });
}
