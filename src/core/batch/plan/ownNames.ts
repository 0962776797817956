/** Foods of a kitchen as they are called and told, and which of them are one and the same. */
import { nameWords, resolveFood, spoken, type OwnFood } from '../../food';
import { formatAmount, type Units } from '../../quantity';

/** Whether two names are the same to a cook: "Nettle tops" and "nettle top". */
export function sameName(a: string, b: string): boolean {
  return idOfName(a) === idOfName(b);
}

const PARTS = ['id', 'name', 'like', 'pieceG', 'cooked', 'foams', 'for', 'apart'] as const;

/** Whether two foods of a kitchen are one and the same. */
export function sameFood(a: OwnFood, b: OwnFood): boolean {
  return PARTS.every((part) => a[part] === b[part]);
}

/** An id made of a name, so that two kitchens' foods of one name meet. @example idOfName('Nettle tops') // "nettle-top" */
export function idOfName(name: string): string {
  return nameWords(name).join('-') || name.trim().toLowerCase();
}

/** The spoken name of what an own food is like. */
export function likeName(own: OwnFood): string {
  return spoken(resolveFood(own.like)?.name ?? own.like);
}

function cookedWords(cooked: number): string {
  if (cooked === 1) return 'keeps its weight';
  return cooked > 1 ? `swells to ${cooked} times` : `shrinks to ${cooked}`;
}

/**
 * Likeness of a food of the kitchen, in the sentence that `readLike` reads.
 *
 * @example likeWords({ id: 'x', name: 'x', like: 'asparagus', foams: false }, 'metric') // "like asparagus, does not foam"
 */
export function likeWords(own: OwnFood, units: Units): string {
  const like = resolveFood(own.like);
  return [
    `like ${like?.name ?? own.like}`,
    ...(own.pieceG === undefined
      ? []
      : [`${formatAmount({ value: own.pieceG, unit: 'g' }, units)} a piece`]),
    ...(own.cooked === undefined ? [] : [cookedWords(own.cooked)]),
    ...(own.foams === undefined ? [] : [own.foams ? 'foams' : 'does not foam']),
    ...(own.for ? ['for flavour'] : []),
    ...(own.apart ? ['apart'] : []),
  ].join(', ');
}
