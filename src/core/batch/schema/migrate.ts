/**
 * Brings what an older version wrote up to this one, before it is checked: only what has another
 * name or place now is moved, and what is wrong stays wrong, for the schema to say so.
 */
import { each, isFields, type Fields } from './fields';
import { markId } from './markId';

/** Version of the file that is written. */
export const VERSION = 4;

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

/** Models that predicted before cooks kept theirs. */
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

/** The marks of a cook of version 2, each with an id that follows from what it says. */
export function marksFromVersion2(marks: unknown): unknown {
  const taken = new Set<string>();
  return each(marks, (mark) => {
    if (!isFields(mark) || 'id' in mark) return mark;
    const { kind, at } = mark;
    if (typeof kind !== 'string' || typeof at !== 'string') return mark;
    const id = markId({ kind, at }, taken);
    taken.add(id);
    return { id, ...mark };
  });
}

/**
 * Whether what a cook of version 2 taught is to be worked out again: where its plan was changed at the stove,
 * the lesson had been read off the plan as it was before.
 */
export function isMistaught(marks: unknown): boolean {
  return Array.isArray(marks) && marks.some((mark) => isFields(mark) && mark['kind'] === 'changed');
}

function cookFromVersion2(cook: unknown): unknown {
  if (!isFields(cook) || !('marks' in cook)) return cook;
  const { lesson, ...rest } = cook;
  const { marks } = cook;
  return {
    ...rest,
    marks: marksFromVersion2(marks),
    ...(lesson !== undefined && !isMistaught(marks) && { lesson }),
  };
}

function fromVersion1({ runs, batches, ...rest }: Fields): Fields {
  const { kitchen, pots } = rest;
  return {
    ...rest,
    version: 2,
    batches: each(batches, batchFromVersion1),
    cooks: each(runs ?? [], (run) => cookFromVersion1(run, pots, kitchen)),
  };
}

function fromVersion2({ cooks, ...rest }: Fields): Fields {
  return {
    ...rest,
    version: 3,
    ...(cooks !== undefined && { cooks: each(cooks, cookFromVersion2) }),
  };
}

/** An item of version 3: it went in once and came out once, and null said the same as nothing. */
function itemFromVersion3(item: unknown): unknown {
  if (!isFields(item)) return item;
  const { enters, leaves, ...rest } = item;
  const stay = {
    ...((enters ?? null) !== null && { from: enters }),
    ...((leaves ?? null) !== null && { to: leaves }),
  };
  return Object.keys(stay).length > 0 ? { ...rest, stays: [stay] } : rest;
}

/** A batch of version 3: its items have stays. */
export function batchFromVersion3(batch: unknown): unknown {
  return isFields(batch) && 'items' in batch
    ? { ...batch, items: each(batch['items'], itemFromVersion3) }
    : batch;
}

/** A cook of version 3, with the batch as it was cooked. */
export function cookFromVersion3(cook: unknown): unknown {
  return isFields(cook) && 'batch' in cook
    ? { ...cook, batch: batchFromVersion3(cook['batch']) }
    : cook;
}

function fromVersion3({ batches, cooks, ...rest }: Fields): Fields {
  return {
    ...rest,
    version: 4,
    ...(batches !== undefined && { batches: each(batches, batchFromVersion3) }),
    ...(cooks !== undefined && { cooks: each(cooks, cookFromVersion3) }),
  };
}

const FROM: Readonly<Record<number, (file: Fields) => Fields>> = {
  1: fromVersion1,
  2: fromVersion2,
  3: fromVersion3,
};

/** A file's value in this version's shape. @param filled with its defaults, so that pots have ids */
export function migrate(filled: unknown): unknown {
  if (!isFields(filled)) return filled;
  const { version } = filled;
  const next = typeof version === 'number' ? FROM[version] : undefined;
  return next ? migrate(next(filled)) : filled;
}
