/** One line as a cook would say it: its food, how much, and all that it says besides. */
import { checkAmount, LEAST_G, ONE_OF_IT, UNTIL_COVERED, wholeAnimal } from './amounts';
import {
  askEither,
  askFood,
  askLitres,
  askMeasure,
  askSize,
  askTooMuch,
  type LineAsk,
} from './asks';
import { isTooMuch } from './bounds';
import { readCut, wordsOfCut } from './cuts';
import { factsOf, type Facts } from './facts';
import type { Shelf } from '../household/shelves';
import {
  foodByKey,
  foodInAmount,
  indexOf,
  nameWords,
  ownFood,
  SURE_MATCH,
  type Food,
  type FoodMatch,
  type Meant,
  type OwnFood,
} from '../../food';
import { formatAmount, parseAmount, parseLength, type Amount, type Units } from '../../quantity';
import { canningIn, plantIn, type Worded } from '../../guard/words';
import { readTask } from '../plan/alongside';
import { readLike } from './like';
import { idOfName } from '../plan/ownNames';
import { renamed, splitLike, type ReadLine } from './reword';
import { looseAmount, looseMeasure, unknownMeasure, type LooseMeasure } from './loose';
import { LUMP_WORDS, readLump, sizeLeftOpen } from './lump';
import { Claims, unusedIn, type Mark } from './marks';
import { findFoods, isQuiet, SURELY, vocabularyOf, type Found } from './names';
import { isBagged, markIn } from './upTo';
import { refusalOf } from '../household/validate';
import type { Item } from '../schema/types';

/** Matches this near are as likely. */
const AS_LIKELY = 0.2;
/** Foods less alike are not asked about. */
const WORTH_ASKING = 0.25;

/** An amount for each of those who eat. */
const PER_HEAD = /\b(?:per|for each|for every) (?:person|head|serving|portion|bowl|guest|eater)\b/i;

/** Measures that are a count and no guess. */
const COUNTED: ReadonlySet<string> = new Set(['head', 'thumb']);

export const NONE: readonly OwnFood[] = [];

/** The kitchen that lines are read for. */
export interface ReadsFor {
  /** Its own foods. */
  readonly foods?: readonly OwnFood[];
  /** Its own words for foods. */
  readonly words?: readonly Meant[] | undefined;
  readonly units?: Units;
  /** Broths of the house that may be put in. */
  readonly shelves?: readonly Shelf[];
}

/**
 * Nobody counts out ground pepper: where pieces are counted, what comes in pieces is meant. Nor does anybody
 * measure green leaves by the teaspoon.
 */
function likelyPiece(
  found: readonly FoodMatch[],
  amount: Amount | null,
  byHand: boolean,
): FoodMatch | undefined {
  const [best] = found;
  const spice = found.find((m) => m.food.group === 'seasoning' && m.score >= SURELY);
  if (best?.food.group === 'leaf' && amount?.unit === 'tsp' && spice) return spice;
  // A bunch of thyme is fresh.
  const sprigs = byHand && best?.food.key === 'dried-herbs' ? foodByKey('herb-sprigs') : undefined;
  if (best && sprigs) return { ...best, food: sprigs };
  const crumb = best?.food.pieceG !== undefined && best.food.pieceG < LEAST_G && !best.food.fishOut;
  if (!best || !crumb || amount?.unit !== 'piece') return best;
  const near = found.find(
    (m) => m.score > best.score - AS_LIKELY && (m.food.pieceG ?? 0) >= LEAST_G,
  );
  return near ?? best;
}

/** The food that a line makes, by saying what it is like. */
function madeOf(name: string, like: string, unsure: string[]): Food | null {
  const read = readLike(like);
  unsure.push(...read.unsure);
  return (
    (read.own && name && ownFood({ id: idOfName(name), name: name.slice(0, 200), ...read.own })) ||
    null
  );
}

/** Returns the refusal of a line that asks for canning, or names a poisonous plant. */
export function refusedWords(text: string): Worded | null {
  const plant = plantIn(text);
  return canningIn(text) ?? (plant?.level === 'never' ? plant : null);
}

/** A line that names no food, with the fate of all its words the same. */
export function without(text: string, fate: Mark['fate'], said: Partial<ReadLine> = {}): ReadLine {
  const claims = new Claims(text);
  claims.span(0, text.length, fate);
  return {
    text,
    source: text,
    marks: claims.marks(),
    left: [],
    item: null,
    task: null,
    refused: null,
    food: null,
    unsure: [],
    asks: [],
    nearest: [],
    name: text,
    amount: null,
    ...said,
  };
}

/** Cooked pulses are those of a can; all else that was cooked before goes in at the end. */
function cookedBefore(food: Food, facts: Facts, unsure: string[]): Food {
  if (!facts.cooked || facts.apart) return food;
  const canned = food.group === 'pulse' ? foodByKey(food.canned ?? 'canned-beans') : undefined;
  unsure.push(
    canned ? `cooked already: taken for ${canned.name}` : 'cooked already: it goes in at the end',
  );
  return canned ?? food;
}

/** The amount as it is meant, and what is said where it was guessed. */
function amountOf(
  food: Food,
  parsed: Amount | null,
  loose: LooseMeasure | null,
  unsure: string[],
  units: Units,
): Amount {
  const meant = loose ? looseAmount(loose, food) : parsed;
  if (loose && meant && !(meant.unit === 'piece' && COUNTED.has(loose.word)))
    unsure.push(`by the ${loose.word}, taken for ${formatAmount(meant, units)}`);
  return checkAmount(food, meant, unsure, units);
}

/** Claims the words of a name, and of what would do as well. */
function claimName(claims: Claims, food: Food, found: Found): void {
  const words = vocabularyOf(food);
  const other = found.other ? vocabularyOf(found.other.food) : null;
  const spelt = found.spelt === null ? null : new Set(nameWords(found.name));
  claims.words((word) => {
    const [one = word] = nameWords(word);
    return words.has(one) || (other?.has(one) ?? false) || (spelt?.has(one) ?? false);
  }, 'food');
}

/** Takes a share of an amount that is said of several foods. */
function shared(amount: Amount | null, share: number | undefined): Amount | null {
  return amount && share !== undefined
    ? { ...amount, value: Number((amount.value * share).toPrecision(4)) }
    : amount;
}

/**
 * Reads one line for one food.
 *
 * @param text such as "2 lb lamb neck, frozen", "2 leeks, 15 mm rings" or "3 ocas like potato, 60 g
 *   a piece", which makes a food of the kitchen
 * @param own the kitchen's own foods, and its units
 * @param share of the amount, where it is said for several foods together
 * @example readLine('1 1/2 cups pearl barley').item?.food // "pearl-barley"
 */
export function readLine(
  text: string,
  { foods = NONE, words: meant, units = 'metric' }: ReadsFor = {},
  share?: number,
): ReadLine {
  const never = refusedWords(text);
  if (never) return without(text, 'condition', { refused: `${never.title}. ${never.message}` });
  const task = readTask(text);
  if (task) return without(text, 'time', { task, name: task.words });
  const mark = markIn(text);
  const [said, like] = splitLike(mark?.rest || text);
  const parsed = parseAmount(said);
  const unsure = [...parsed.unsure];
  const asks: LineAsk[] = [];
  const loose = looseMeasure(parsed);
  const rest = loose?.rest ?? parsed.rest;
  const found = findFoods(rest, indexOf(foods, meant));
  const best = likelyPiece(
    found.matches,
    parsed.amount,
    loose?.word === 'bunch' || loose?.word === 'handful',
  );
  const made = like === null ? null : madeOf(found.name, like, unsure);
  const claims = new Claims(text, isQuiet);
  const nearest = found.matches.filter((m) => m.score >= WORTH_ASKING).map((m) => m.food);
  claims.consumed(`${rest} ${mark ? '' : text.slice(said.length)}`, 'amount');
  const line = {
    text,
    source: text,
    left: [],
    task: null,
    name: found.name,
    amount: parsed.amount,
  };
  const unread = { ...line, item: null, food: null, unsure, nearest };
  if (like === null ? !best || best.score < SURE_MATCH : !made) {
    const which = askFood(found.name, nearest, (to) => renamed({ ...line, text }, to));
    return { ...unread, refused: null, asks: which ? [which] : [], marks: claims.marks() };
  }
  const match = made ?? wholeAnimal(found.name, (best as FoodMatch).food, parsed.amount);
  const measure = loose ? null : unknownMeasure(parsed, match);
  if (measure !== null)
    return {
      ...unread,
      refused: `How much is a ${measure}? Say it in grams, ml or cups`,
      asks: parsed.amount
        ? [askMeasure(measure, parsed.amount, rest.replace(/^.*?\bof\s+/i, ''))]
        : [],
      marks: claims.marks(),
    };
  const asked = plantIn(text);
  if (asked) unsure.push(`${asked.title} ${asked.message}`);
  const facts = factsOf(said, match, claims);
  const fills = mark !== null && match.group === 'liquid';
  const food = cookedBefore(
    parsed.amount ? foodInAmount(match, parsed.amount) : match,
    facts,
    unsure,
  );
  if (!made && found.spelt) unsure.push(`read as ${found.spelt}`);
  if (!made && best && (best.score < SURELY || best.strange)) unsure.push(`taken for ${food.name}`);
  const other = found.other && found.other.food.key !== match.key ? found.other.food : null;
  const choice = found.either !== null && (other !== null || !found.other) ? found.either : null;
  if (choice) unsure.push(`or “${choice.other}”: ${food.name} is taken`);
  const ask = (one: LineAsk | null): void => void (one && asks.push(one));
  if (choice) ask(askEither(text, choice.alone, choice.taken, choice.other));
  if (PER_HEAD.test(said)) unsure.push('it says how much for one: taken once');
  if (share !== undefined && parsed.amount)
    unsure.push(`${formatAmount(parsed.amount, units)} for all of them: shared evenly`);
  if (!parsed.amount && !fills && UNTIL_COVERED.has(food.key)) ask(askLitres(food, units));
  const amount: Amount =
    fills && !parsed.amount
      ? { value: 1, unit: 'l' }
      : amountOf(food, shared(parsed.amount, share), loose, unsure, units);
  if (isTooMuch(food, amount)) {
    unsure.push(`${formatAmount(amount, units)} is more than goes into a pot: is it right?`);
    ask(askTooMuch(food, amount, units));
  }
  // A shoulder by the piece is one joint.
  const joint =
    food.jointG !== undefined && (parsed.amount?.unit === 'piece' || ONE_OF_IT.test(said));
  const words = joint ? `${parsed.rest}, in one piece` : parsed.rest;
  const lump = readLump(words, food, amount);
  const told = lump ?? (food.shape ? readCut(words, food) : null);
  const open = told
    ? null
    : sizeLeftOpen(`${words} ${food.name}`, food, amount, facts.startC, units);
  if (open?.asked) {
    unsure.push(open.asked);
    ask(askSize(text, food, units));
  }
  const cut = told ?? open?.cut ?? null;
  if (lump) claims.all(LUMP_WORDS, 'cut');
  else if (told) claimCut(claims, text, told);
  claimName(claims, made ?? match, found);
  if (like !== null) claims.span(said.length, text.length, 'food');
  const marks = claims.marks();
  const figures = fills ? [] : unusedIn(text, marks, 'figures');
  unsure.push(...figures.map((words) => `not used: “${words}”`));
  const apart = food.own?.apart || facts.apart;
  const item: Omit<Item, 'id'> = {
    food: food.own ? food.own.name : food.key,
    ...(food.own && { own: food.own }),
    amount,
    ...(cut && { cut }),
    ...(facts.startC !== undefined && { startC: facts.startC }),
    ...(facts.soakedH !== undefined &&
      food.group === 'pulse' &&
      food === match && {
        soakedH: facts.soakedH,
      }),
    ...(facts.old && { old: true }),
    ...(food.own?.for && { for: food.own.for }),
    ...(apart && { apart: true }),
    ...(fills && { upTo: mark.upTo }),
    ...(isBagged(text) && food.group !== 'liquid' && { bag: true }),
  };
  const refused = refusalOf(item);
  const late = facts.end === true || (facts.cooked === true && food === match && !apart);
  return {
    ...line,
    item: refused === null ? item : null,
    refused,
    food,
    unsure,
    asks,
    nearest: [...(other ? [other] : []), ...nearest.slice(1).filter((one) => one !== other)],
    ...(late && { place: 'end' as const }),
    marks,
    left: unusedIn(text, marks).filter((words) => !figures.includes(words)),
  };
}

/** Claims the words that a cut was read from. */
function claimCut(
  claims: Claims,
  text: string,
  { shape }: { readonly shape: Parameters<typeof wordsOfCut>[0] },
): void {
  const length = parseLength(text)?.found;
  const at = length === undefined ? -1 : text.indexOf(length);
  if (length !== undefined && at >= 0) claims.span(at, at + length.length, 'cut');
  claims.all(wordsOfCut(shape), 'cut');
}
