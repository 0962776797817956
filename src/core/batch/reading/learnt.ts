/** A correction by the cook is remembered from then on. */
import { nameWords, type Meant } from '../../food';
import { vocabularyOf } from './names';
import type { ReadLine } from './reword';

const LONGEST_WORD = 60;

/**
 * The word that a line put right teaches; null where it teaches none: where more than its food was changed, where it
 * made a food of its own, or where the food has that name anyhow.
 *
 * @param before as it was read at first
 * @param after as it was put right
 */
export function learnt(before: ReadLine, after: ReadLine): Meant | null {
  const { food, item } = after;
  const said = before.name.trim().toLowerCase();
  if (!food || !item || before.task || said === '' || said.length > LONGEST_WORD) return null;
  if (/\d/.test(said) || before.item?.food === item.food) return null;
  // Made by saying what it is like: kept as a food, not as a word.
  if (item.own && nameWords(item.own.name).join() === nameWords(said).join()) return null;
  const same =
    before.amount?.value === after.amount?.value && before.amount?.unit === after.amount?.unit;
  const words = vocabularyOf(food);
  const known = nameWords(said).every((word) => words.has(word));
  return same && !known ? { said, food: item.food } : null;
}
