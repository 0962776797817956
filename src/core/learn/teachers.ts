/** Cooks that something is to be learned from. */
import type { Batch, Cook } from '../batch/schema';

/** Fields of a cook, and of its batch, that learning reads: no others need be read, or sent to a worker. */
export const LOOKED_AT = [
  'id',
  'startedAt',
  'endedAt',
  'rehearsal',
  'kettle',
  'leftOut',
  'pot',
  'batch',
  'verdicts',
  'yields',
  'after',
  'lesson',
] as const satisfies readonly (keyof Cook)[];
export const LOOKED_AT_OF_BATCH = ['kind', 'items'] as const satisfies readonly (keyof Batch)[];

/** A cook, as much of it as there is to learn from. */
export type Teacher = Omit<Pick<Cook, (typeof LOOKED_AT)[number]>, 'batch'> & {
  readonly batch: Pick<Batch, (typeof LOOKED_AT_OF_BATCH)[number]>;
};

/** The order of cooks in which they count. */
export function newestFirst(a: Teacher, b: Teacher): number {
  if (a.startedAt !== b.startedAt) return a.startedAt < b.startedAt ? 1 : -1;
  return a.id < b.id ? 1 : a.id > b.id ? -1 : 0;
}

/** Whether a lesson was worked out, without reading it: thousands may be held as texts. */
export function hasLesson(cook: Teacher): boolean {
  return 'lesson' in cook;
}

/** Those that something is to be learned from, the newest first. */
export function teachers<C extends Teacher>(cooks: readonly C[]): readonly C[] {
  return cooks
    .filter((cook) => cook.endedAt && !cook.rehearsal && !cook.leftOut && hasLesson(cook))
    .toSorted(newestFirst);
}
