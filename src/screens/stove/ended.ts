import type { Cook } from '@/core/batch/schema';

/** A cook as it is over. @param at ISO 8601 */
export function ended(cook: Cook, at: string): Cook {
  return { ...cook, endedAt: at, marks: [...cook.marks, { kind: 'done', step: null, at }] };
}
