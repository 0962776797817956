/** Apart from the histories of jars: it needs the marks of a cook, which most pages do without. */
import type { Cook, History } from '../batch/schema';
import { historyOf } from '../cook';
import { followedBy, worstOf } from '../guard';

/** History with which jars are filled from a cook: that of the jars in it, and its own. @param nowMs ms since 1970 */
export function lotHistory(cook: Cook, nowMs: number): History {
  const own = historyOf(cook, nowMs);
  const before = worstOf(cook.batch.items.flatMap(({ history }) => history ?? []));
  return before ? followedBy(before, own.spans) : own;
}
