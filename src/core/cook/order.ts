import { MARKS } from '../batch/schema';
import type { Mark } from '../batch/schema';

const RANK = new Map<string, number>(MARKS.map((kind, i) => [kind, i]));
const rank = ({ kind }: Mark): number => RANK.get(kind) ?? MARKS.length;

/** Marks by their time; of one moment as they happen in a cook, then by id, so that no order of a list matters. */
export function byClock(marks: readonly Mark[]): readonly Mark[] {
  return marks
    .map((mark) => ({ mark, ms: Date.parse(mark.at) }))
    .sort(
      (a, b) =>
        a.ms - b.ms ||
        rank(a.mark) - rank(b.mark) ||
        (a.mark.id < b.mark.id ? -1 : Number(a.mark.id > b.mark.id)),
    )
    .map(({ mark }) => mark);
}
