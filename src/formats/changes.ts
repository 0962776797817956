/** Changes that bringing a file in would make, and the household that results. */
import equal from 'fast-deep-equal';
import { settleClaims } from '../core/batch/household';
import type { Bundle } from '../core/batch/schema';
import { canonical } from './write';

export type ImportMode = 'merge' | 'replace';

export interface Change {
  readonly what: 'kitchen' | 'pot' | 'batch' | 'run' | 'food' | 'jar' | 'bag';
  readonly name: string;
  readonly how: 'added' | 'changed' | 'removed' | 'same';
}

interface Named {
  readonly id: string;
}

/** A record as text: the same in whatever order its fields were written. */
const textOf = (record: unknown): string => JSON.stringify(canonical(record));

function same(a: unknown, b: unknown): boolean {
  return a === b || equal(a, b) || textOf(a) === textOf(b);
}

function compare<T extends Named>(
  what: Change['what'],
  name: (record: T) => string,
  now: readonly T[],
  file: readonly T[],
  mode: ImportMode,
): readonly Change[] {
  const before = new Map(now.map((r) => [r.id, r]));
  const after = new Set(file.map((r) => r.id));
  const incoming = file.map((r): Change => {
    const old = before.get(r.id);
    const how = !old ? 'added' : same(old, r) ? 'same' : 'changed';
    return { what, name: name(r), how };
  });
  const removed = mode === 'replace' ? now.filter((r) => !after.has(r.id)) : [];
  return [...incoming, ...removed.map((r): Change => ({ what, name: name(r), how: 'removed' }))];
}

/** Everything a file would do to the household, record by record. */
export function previewImport(now: Bundle, file: Bundle, mode: ImportMode): readonly Change[] {
  return [
    {
      what: 'kitchen',
      name: 'altitude, room and units',
      how: mode === 'merge' || same(now.kitchen, file.kitchen) ? 'same' : 'changed',
    },
    ...compare('pot', (p) => p.name, now.pots, file.pots, mode),
    ...compare('food', (f) => f.name, now.foods, file.foods, mode),
    ...compare('batch', (b) => b.name, now.batches, file.batches, mode),
    ...compare(
      'run',
      (r) => `${r.batch.name}, ${r.startedAt.slice(0, 10)}`,
      now.cooks,
      file.cooks,
      mode,
    ),
    ...compare('jar', (jar) => jar.name, now.jars, file.jars, mode),
    ...compare('bag', (item) => item.food, now.bag, file.bag, mode),
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
