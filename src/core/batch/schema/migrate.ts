/**
 * Brings what an older version wrote up to this one, before it is checked: only what has another
 * name or place now is moved, and what is wrong stays wrong, for the schema to say so.
 */
import { each, isFields, type Fields } from './fields';

/** Version of the file that is written. */
export const VERSION = 2;

/** A record with a field under another name; as it is where it has no such field. */
function renamed(record: Fields, from: string, to: string): Fields {
  if (!(from in record)) return record;
  const { [from]: value, ...rest } = record;
  return { ...rest, [to]: value };
}

/** A batch of version 1: it came from a run. */
export function batchFromVersion1(batch: unknown): unknown {
  return isFields(batch) ? renamed(batch, 'fromRun', 'fromCook') : batch;
}

/** Models that foretold before cooks kept theirs. */
const FIRST_MODEL = 1;

/**
 * A run of version 1 as a cook: it kept the id of its pot alone, so that the pot and the kitchen
 * are taken as they are now.
 */
export function cookFromVersion1(run: unknown, pots: unknown, kitchen: unknown): unknown {
  if (!isFields(run)) return run;
  const { potId, ...rest } = run;
  const all: readonly unknown[] = Array.isArray(pots) ? pots : [];
  const pot = all.find((p) => isFields(p) && p['id'] === potId) ?? all[0];
  return {
    ...rest,
    batch: batchFromVersion1(run['batch']),
    ...(pot !== undefined && { pot }),
    ...(kitchen !== undefined && { kitchen }),
    model: FIRST_MODEL,
  };
}

/** A file's value in this version's shape. @param filled with its defaults, so that pots have ids */
export function migrate(filled: unknown): unknown {
  if (!isFields(filled) || filled['version'] !== 1) return filled;
  const { runs, batches, ...rest } = filled;
  const { kitchen, pots } = rest;
  return {
    ...rest,
    version: VERSION,
    batches: each(batches, batchFromVersion1),
    cooks: each(runs ?? [], (run) => cookFromVersion1(run, pots, kitchen)),
  };
}
