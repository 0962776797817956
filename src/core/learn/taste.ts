/** Verdicts on a finished pot: its salt, and how thick it was made. */
import { SETS, type KitchenLearned, type SetState } from '../batch/schema';
import { SOUP_SALT_PERCENT, THICKNESSES } from '../finish';
import type { Teacher } from './teachers';

/** Salt that is right differs from one pot to the next, and from what is usual, %. */
const SALT_VARIES = 0.12;
const SALT_SD = 0.2;
const NEWEST = 40;
/** A word is taken for what is wanted from this chance on, every word as likely before (assumed). */
const WANTED = 0.5;

/** Salt that is right. @param cooks the newest first @param since those up to then are forgotten */
export function learnedSalt(
  cooks: readonly Teacher[],
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
type Wanted = NonNullable<KitchenLearned['set']>;

/** The word that is taken for what is wanted, of those that were chosen; null where none is likely enough. */
function wantedOf(chosen: readonly string[], words: readonly string[]): Wanted | null {
  const newest = chosen.slice(0, NEWEST);
  for (const word of words) {
    const count = newest.filter((one) => one === word).length;
    const share = (count + 1) / (newest.length + words.length);
    if (count > 0 && share >= WANTED)
      return { word, share: Number(share.toFixed(3)), cooks: newest.length };
  }
  return null;
}

/**
 * How thick each kind of batch is made, where that is likely enough.
 *
 * @param cooks the newest first
 * @param since for a kind, those up to then are forgotten
 */
export function learnedThickness(
  cooks: readonly Teacher[],
  since: (kind: string) => string,
): readonly Thickness[] {
  const told = cooks.filter((cook) => cook.after?.thickness !== undefined);
  const kinds = [...new Set(told.map((cook) => cook.batch.kind ?? 'soup'))].toSorted();
  return kinds.flatMap((kind): readonly Thickness[] => {
    const chosen = told
      .filter((cook) => (cook.batch.kind ?? 'soup') === kind && cook.startedAt > since(kind))
      .flatMap((cook) => cook.after?.thickness ?? []);
    const wanted = wantedOf(chosen, THICKNESSES);
    return wanted ? [{ kind, ...wanted }] : [];
  });
}

/** The firmest set of a cook's broths that was called right; undefined where none was. */
export function setCalledRight({ yields = [] }: Pick<Teacher, 'yields'>): SetState | undefined {
  const right = yields.flatMap(({ set, right: called }) => (set && called ? [set] : []));
  return SETS.findLast((set) => right.includes(set));
}

/** How broths are wanted to set. @param cooks the newest first @param since those up to then are forgotten */
export function learnedSet(cooks: readonly Teacher[], since: string): Wanted | null {
  const called = cooks
    .filter((cook) => cook.startedAt > since)
    .flatMap((cook) => setCalledRight(cook) ?? []);
  return wantedOf(called, SETS);
}
