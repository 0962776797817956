/** Finding cooks by what a cook remembers of them: the dish, a food, the pot, how it came out. */
import { foodOf } from '../batch/plan';
import type { Cook } from '../batch/schema';

const WORDS = new WeakMap<Cook, string>();

/** All that may be remembered of a cook, in small letters; worked out once. */
function wordsOf(cook: Cook): string {
  const before = WORDS.get(cook);
  if (before !== undefined) return before;
  const foods = cook.batch.items.flatMap((item) => [item.food, foodOf(item)?.name ?? '']);
  const words = [
    cook.batch.name,
    cook.batch.kind ?? '',
    cook.pot.name,
    cook.note ?? '',
    cook.startedAt.slice(0, 10),
    ...foods,
    ...Object.values(cook.verdicts),
  ]
    .join(' ')
    .toLowerCase();
  WORDS.set(cook, words);
  return words;
}

/**
 * Cooks in which all words of a question are found.
 *
 * @example foundIn([], 'borlotti under') // []
 */
export function foundIn(cooks: readonly Cook[], question: string): readonly Cook[] {
  const asked = question.toLowerCase().split(/\s+/).filter(Boolean);
  if (asked.length === 0) return cooks;
  return cooks.filter((cook) => {
    const words = wordsOf(cook);
    return asked.every((word) => words.includes(word));
  });
}
