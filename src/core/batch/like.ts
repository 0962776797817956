/**
 * Foods of a kitchen in one sentence: "like asparagus, 80 g a piece, gives juice, for flavour".
 * Read from what a cook types, and written so that it reads back the same.
 */
import { nameWords, resolveFood, spoken, type Food, type OwnFood } from '../food';
import { formatAmount, isMassUnit, MASS_G, parseAmount, readNumber, type Units } from '../quantity';

/** A sentence as understood. */
export interface Like {
  /** The food without name and id; null where it is like no food of the table. */
  readonly own: Omit<OwnFood, 'id' | 'name'> | null;
  /** What was not understood, in words for the cook. */
  readonly unsure: readonly string[];
}

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

/** What swells or gives juice, where nothing is said of how much (common practice, no source). */
const SWELLS = 2;
const SHRINKS = 0.8;
/** What a file takes of it. */
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
    return times ?? (like.cooked < 1 ? like.cooked : SHRINKS);
  return /\bkeeps its weight\b/i.test(clause) ? 1 : null;
}

/** What a clause says beside the food; null where it says nothing that is understood. */
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
  const said = sentence.trim().replace(/^(?:it\s+)?(?:cooks\s+|is\s+)?(?:like|as)\s+/i, '');
  const [first = '', second = '', ...others] = said
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

function cookedWords(cooked: number): string {
  if (cooked === 1) return 'keeps its weight';
  return cooked > 1 ? `swells to ${cooked} times` : `shrinks to ${cooked}`;
}

/**
 * What a food of the kitchen is like, in the sentence that `readLike` reads.
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

/** Where a line says what its food is like. */
const LIKE = /[,(]?\s+(?:it\s+|that\s+|which\s+)?(?:cooks\s+|is\s+)?like\s+(?=\S)/i;

/** A line before and after its "like". @example splitLike('2 ocas like potato') // ["2 ocas", "potato"] */
export function splitLike(text: string): readonly [line: string, like: string | null] {
  const found = LIKE.exec(text);
  if (!found || found.index === 0) return [text, null];
  const after = text.slice(found.index + found[0].length).replace(/\)\s*$/, '');
  return [text.slice(0, found.index), after];
}

/** The spoken name of what an own food is like. */
export function likeName(own: OwnFood): string {
  return spoken(resolveFood(own.like)?.name ?? own.like);
}
