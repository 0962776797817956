/** Marks for tests: what a hand or a pot would have given. */
import type { Cook, Mark, MarkKind } from '../batch/schema';

/** A mark with an id of its own, in the first step unless it says otherwise. @param at ISO 8601 */
export function markAt(kind: MarkKind, at: string, more: Partial<Mark> = {}): Mark {
  const step = more.step === undefined ? 's1' : more.step;
  const id = [kind, step ?? '', at, more.item ?? '', more.grade ?? ''].join(' ');
  return { id, kind, at, ...more, step };
}

/** The first mark of a kind in a step, s from the start; null where there is none. */
export function markedS(
  { marks, startedAt }: Pick<Cook, 'marks' | 'startedAt'>,
  kind: MarkKind,
  step: string,
): number | null {
  const mark = marks.find((m) => m.kind === kind && m.step === step);
  return mark ? (Date.parse(mark.at) - Date.parse(startedAt)) / 1000 : null;
}
