/**
 * Foods of a kitchen in one sentence: "like asparagus, 80 g a piece, gives juice, for flavour".
 * Read from what a cook types, and written so that it reads back the same.
 */
import { nameWords, resolveFood, type Food, type OwnFood } from '../../food';
import { isMassUnit, MASS_G, numberOf, parseAmount, readNumber, SPELLED } from '../../quantity';
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
    .replace(
      /\b(?:each|apiece|(?:a|per|one|the)\s+piece|weigh(?:s|ing)?|about|is|(?:one|it)(?=\s+(?:weighs|is)))\b/gi,
      ' ',
    )
    .trim();
  const { amount } = parseAmount(`${bare} of it`);
  return amount && isMassUnit(amount.unit) ? amount.value * MASS_G[amount.unit] : null;
}

/** Parts and multiples beside the numbers. */
const PARTS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
  twice: 2,
  double: 2,
};

/** A multiple or a part: "2.5", "30 %", "a third", "two thirds", "twice"; null where none is said. */
function multipleIn(clause: string): number | null {
  const figure = /(\d+\s+\d\/\d|\d\/\d|\d+(?:[.,]\d+)?)\s*(%|per ?cent)?/i.exec(clause);
  if (figure?.[1]) return readNumber(figure[1].replace(',', '.')) / (figure[2] ? 100 : 1);
  const parts = /\b(two|three) (third|quarter)s\b/i.exec(clause);
  if (parts?.[1] && parts[2]) return numberOf(parts[1]) * (PARTS[parts[2].toLowerCase()] ?? 1);
  const words = clause.toLowerCase().match(/[a-z]+/g) ?? [];
  return words.map((word) => PARTS[word] ?? SPELLED[word]).find((n) => n !== undefined) ?? null;
}

const GAINS = /\b(?:swells?|drinks?|grows?|doubles?|triples?|takes? up|soaks? up|absorbs?)\b/i;
const LOSES = /\b(?:shrinks?|loses?|collapses?|juices?|juicy|watery)\b/i;
const NO = /\b(?:no|not|never|neither|without)\b|n.t\b/i;

/** Cooked mass of a food as a multiple of its raw mass; null where none is given or it is out of bounds. */
function cookedIn(clause: string, like: Food): number | null {
  const gains = GAINS.test(clause);
  const loses = LOSES.test(clause);
  if (/\bkeeps its weight\b/i.test(clause) || ((gains || loses) && NO.test(clause))) return 1;
  if (!gains && !loses) return null;
  if (/\bdoubles?\b/i.test(clause) && !/\bto\b/i.test(clause)) return 2;
  if (/\btriples?\b/i.test(clause)) return 3;
  const multiple = multipleIn(clause);
  let times = multiple;
  if (multiple !== null && loses) times = /\bto\b/i.test(clause) ? multiple : 1 - multiple;
  // Water taken up comes on top of the dry mass.
  else if (multiple !== null && /\b(?:by|drinks?|up|absorbs?)\b/i.test(clause))
    times = 1 + multiple;
  if (times !== null) return times >= LEAST && times <= MOST ? times : null;
  if (loses) return Math.min(like.cooked, SHRINKS);
  return like.cooked > 1 ? like.cooked : SWELLS;
}

const APART =
  /\b(?:apart|separately|on its own|(?:in )?(?:its|their) own (?:pan|pot)|not in the pot)\b/i;

/** Meaning of a clause beside the food; null where it says nothing that is understood. */
function partIn(clause: string, like: Food): Part | null {
  const pieceG = pieceIn(clause);
  if (pieceG !== null) return { pieceG };
  const cooked = cookedIn(clause, like);
  if (cooked !== null) return { cooked };
  if (/\bfoams?\b/i.test(clause)) return { foams: !/\b(?:no|not|never)\b|n.t\b/i.test(clause) };
  if (/\bflavou?r\b/i.test(clause)) return { for: 'flavour' };
  if (/\b(?:taken|fished|lifted|picked|comes?) out\b/i.test(clause)) return { for: 'flavour' };
  return APART.test(clause) ? { apart: true } : null;
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
    both !== undefined &&
    nameWords(second).length > 0 &&
    nameWords(second).every((w) => nameWords(both.name).includes(w));
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
