/** What was called right of a finished pot: its salt, and how thick it was made. */
import type { Cook, KitchenLearned } from '../batch';
import { SOUP_SALT_PERCENT, THICKNESSES } from '../finish';

/** Salt that is right differs from one pot to the next, and from what is usual, %. */
const SALT_VARIES = 0.12;
const SALT_SD = 0.2;
const NEWEST = 40;
/** A word is taken for what is wanted from this chance on, every word as likely before (assumed). */
const WANTED = 0.5;

/** Salt that is right. @param cooks the newest first @param since those up to then are forgotten */
export function learnedSalt(
  cooks: readonly Cook[],
  since: string,
): NonNullable<KitchenLearned>['salt'] {
  const called = cooks
    .filter((cook) => cook.startedAt > since)
    .flatMap((cook) => cook.lesson?.saltPercent ?? [])
    .slice(0, NEWEST);
  if (called.length === 0) return undefined;
  const precision = 1 / SALT_SD ** 2 + called.length / SALT_VARIES ** 2;
  const pull =
    SOUP_SALT_PERCENT / SALT_SD ** 2 + called.reduce((a, b) => a + b, 0) / SALT_VARIES ** 2;
  return {
    percent: Number((pull / precision).toFixed(3)),
    sd: Number(Math.sqrt(1 / precision).toFixed(3)),
    cooks: called.length,
  };
}

type Thickness = NonNullable<KitchenLearned['thickness']>[number];

/**
 * How thick each kind of batch is made, where that is likely enough.
 *
 * @param cooks the newest first
 * @param since for a kind, those up to then are forgotten
 */
export function learnedThickness(
  cooks: readonly Cook[],
  since: (kind: string) => string,
): readonly Thickness[] {
  const told = cooks.filter((cook) => cook.after?.thickness !== undefined);
  const kinds = [...new Set(told.map((cook) => cook.batch.kind ?? 'soup'))].toSorted();
  return kinds.flatMap((kind): readonly Thickness[] => {
    const words = told
      .filter((cook) => (cook.batch.kind ?? 'soup') === kind && cook.startedAt > since(kind))
      .flatMap((cook) => cook.after?.thickness ?? [])
      .slice(0, NEWEST);
    return THICKNESSES.flatMap((word) => {
      const count = words.filter((one) => one === word).length;
      const share = (count + 1) / (words.length + THICKNESSES.length);
      return count > 0 && share >= WANTED
        ? [{ kind, word, share: Number(share.toFixed(3)), cooks: words.length }]
        : [];
    });
  });
}
