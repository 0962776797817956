/** The two ends of what is wanted of an ingredient, moved along its grades. */
import type { ItemReport } from '@/core/model';
import { gradeIndex, gradesOf, spanOf, wishOf, type Wish } from '@/core/food';

export type WishEnd = 'from' | 'to';

/** The wish with one end at another grade, by its place; ends never pass each other. */
function withEnd(item: ItemReport, end: WishEnd, place: number): Wish | null {
  const { family, wish } = item;
  const span = family && wish && spanOf(family, wish);
  if (!family || !span) return null;
  const last = gradesOf(family).length - 1;
  const next =
    end === 'from'
      ? { from: Math.max(0, Math.min(span.to, place)), to: span.to }
      : { from: span.from, to: Math.min(last, Math.max(span.from, place)) };
  return next.from === span.from && next.to === span.to ? null : wishOf(family, next);
}

/** Some grades more or less, as a key asks; null if there are none. */
export function wishByKey(item: ItemReport, end: WishEnd, by: number): Wish | null {
  const { family, wish } = item;
  return family && wish ? withEnd(item, end, gradeIndex(family, wish[end]) + by) : null;
}

/**
 * The wish with one end dropped at a minute: it goes to the nearest change of grade.
 *
 * @param endMin length of the plan
 */
export function wishAt(
  item: ItemReport,
  end: WishEnd,
  minute: number,
  endMin: number,
): Wish | null {
  const { family, grades } = item;
  if (!family || grades.length === 0) return null;
  const stops = grades.map(({ grade, fromMin }, i) => ({
    place: gradeIndex(family, grade),
    minute: end === 'from' ? fromMin : (grades[i + 1]?.fromMin ?? Math.min(item.leaveMin, endMin)),
  }));
  const nearest = stops.reduce((a, b) =>
    Math.abs(b.minute - minute) < Math.abs(a.minute - minute) ? b : a,
  );
  return withEnd(item, end, nearest.place);
}
