/** Edits of lessons: a cook left out, a thing forgotten. */
import { changed } from '@/core/batch/plan';
import { change } from '@/store';
import { changeCook } from '../household';

/** Nothing is learned from a cook any more; with null it counts again. */
export function leaveOut(id: string, reason: string | null): void {
  changeCook(id, (cook) => changed(cook, { leftOut: reason === null ? undefined : { reason } }));
}

/** Forgets the lessons about it up to now. @param at ISO 8601 */
export function forget(what: string, at: string): void {
  change((h) => ({
    ...h,
    kitchen: {
      ...h.kitchen,
      forgotten: [...(h.kitchen.forgotten ?? []).filter((one) => one.what !== what), { what, at }],
    },
  }));
}

/** Trusts a forgotten lesson again. */
export function believeAgain(what: string): void {
  change((h) => {
    const forgotten = (h.kitchen.forgotten ?? []).filter((one) => one.what !== what);
    return {
      ...h,
      kitchen: changed(h.kitchen, { forgotten: forgotten.length > 0 ? forgotten : undefined }),
    };
  });
}
