/**
 * Foods of a kitchen in one sentence: "like asparagus, 80 g a piece, gives juice, for flavour".
 * Read from what a cook types, and written so that it reads back the same.
 */
import { nameWords, resolveFood, type Food, type OwnFood } from '../../food';
import { isMassUnit, MASS_G, parseAmount, readNumber } from '../../quantity';
import { afterLike } from './reword';

/** A sentence as understood. */
export interface Like {
  /** The food without name and id; null where it is like no food of the table. */
  readonly own: Omit<OwnFood, 'id' | 'name'> | null;
  /** Words that were not understood, for the cook. */
  readonly unsure: readonly string[];
}

/** Swelling and juice where no figure is given (common practice, no source). */
const SWELLS = 2;
const SHRINKS = 0.8;
/** Least and most of such a factor in a file. */
const LEAST = 0.2;
const MOST = 5;

type Part = Omit<OwnFood, 'id' | 'name' | 'like'>;

/** Mass in a clause such as "80 g a piece" or "a piece weighs 3 oz", g; null where none is said. */
function pieceIn(clause: string): number | null {
  const bare = clause
    .replace(/\b(?:each|apiece|(?:a|per|one|the)\s+piece|weigh(?:s|ing)?|about|is)\b/gi, ' ')
    .trim();
  const { amount } = parseAmount(`${bare} of it`);
  return amount && isMassUnit(amount.unit) ? amount.value * MASS_G[amount.unit] : null;
}

function cookedIn(clause: string, like: Food): number | null {
  const to = /\bto\s+([\d.,/]+)/i.exec(clause)?.[1];
  const times = to === undefined ? null : readNumber(to.replace(',', '.'));
  if (times !== null && !(times >= LEAST && times <= MOST)) return null;
  if (/\b(?:swells?|drinks?|doubles?)\b/i.test(clause))
    return times ?? (like.cooked > 1 ? like.cooked : SWELLS);
  if (/\b(?:shrinks?|juices?|juicy|watery)\b/i.test(clause))
    return times ?? Math.min(like.cooked, SHRINKS);
  return /\bkeeps its weight\b/i.test(clause) ? 1 : null;
}

/** Meaning of a clause beside the food; null where it says nothing that is understood. */
function partIn(clause: string, like: Food): Part | null {
  const pieceG = pieceIn(clause);
  if (pieceG !== null) return { pieceG };
  const cooked = cookedIn(clause, like);
  if (cooked !== null) return { cooked };
  if (/\bfoams?\b/i.test(clause)) return { foams: !/\b(?:no|not|never)\b|n.t\b/i.test(clause) };
  if (/\bflavou?r\b/i.test(clause)) return { for: 'flavour' };
  return /\bapart\b/i.test(clause) ? { apart: true } : null;
}

/**
 * Reads what a food of the kitchen is like.
 *
 * @param sentence the food of the table first, then what differs, between commas
 * @example readLike('like asparagus, 80 g a piece').own // { like: "asparagus", pieceG: 80 }
 */
export function readLike(sentence: string): Like {
  const [first = '', second = '', ...others] = afterLike(sentence)
    .split(/[;]|,(?!\d)|\s+(?:and|but)\s+/)
    .map((clause) => clause.trim());
  // A name of the table may hold a comma: "split peas, dry".
  const both = second ? resolveFood(`${first} ${second}`) : undefined;
  const named =
    both !== undefined && nameWords(second).every((w) => nameWords(both.name).includes(w));
  const like = named ? both : resolveFood(first);
  if (!like) return { own: null, unsure: [`no food of the table is called “${first}”`] };
  const unsure: string[] = [];
  let part: Part = {};
  for (const clause of named ? others : [second, ...others]) {
    if (!clause) continue;
    const next = partIn(clause, like);
    if (next) part = { ...part, ...next };
    else unsure.push(`“${clause}” was not understood`);
  }
  return { own: { like: like.key, ...part }, unsure };
}
