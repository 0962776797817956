import { checkAmount, LEAST_G, ONE_OF_IT, wholeAnimal } from './amounts';
import { fromLarder } from './fromLarder';
import type { Shelf } from '../household/shelves';
import {
  foodInAmount,
  indexOf,
  matchFoods,
  mendSpelling,
  ownFood,
  SURE_MATCH,
  type Food,
  type FoodIndex,
  type FoodMatch,
  type OwnFood,
} from '../../food';
import { formatAmount, parseAmount, parseLength, type Amount, type Units } from '../../quantity';
import { canningIn, plantIn, type Worded } from '../../guard/words';
import { readTask } from '../plan/alongside';
import { FRIDGE_C, FROZEN_C } from '../plan/complete';
import { readLike } from './like';
import { idOfName } from '../plan/ownNames';
import { splitLike, type ReadLine } from './reword';
import { looseAmount, looseMeasure } from './loose';
import { readLump, sizeLeftOpen } from './lump';
import { refusalOf } from '../household/validate';
import type { Cut, CutShape, Item } from '../schema/types';

const SHAPES: readonly (readonly [RegExp, CutShape, number])[] = [
  [/\b(?:rings?|slices?|sliced|rounds?|coins?|half-moons?|wedges?)\b/i, 'slice', 10],
  [/\b(?:finely (?:diced|chopped)|minced|grated)\b/i, 'cube', 4],
  [/\b(?:diced|dice|chopped)\b/i, 'cube', 10],
  [/\b(?:cubes?|cubed|chunks?|pieces?)\b/i, 'cube', 30],
  [/\b(?:sticks?|batons?|strips?|julienned?)\b/i, 'stick', 8],
  [/\b(?:crumbs?|crumbled)\b/i, 'crumb', 8],
  [/\b(?:shredded|leaves)\b/i, 'leaf', 1],
  [/\b(?:whole|halved|quartered)\b/i, 'whole', 0],
  [/\bsteaks?\b/i, 'slice', 10],
];

/** Words about handling that name no food. */
const HANDLING =
  /\b(?:peeled|trimmed|rinsed|drained|washed|roughly|coarsely|finely|thinly|thickly|thick|thin|cut|into|in|rings?|slices?|sliced|rounds?|coins?|diced|dice|chopped|cubes?|cubed|chunks?|pieces?|batons?|strips?|julienned?|crumbled|shredded|whole|halved|quartered|minced|grated|fresh|freshly|ground(?!\s+(?:beef|pork|lamb|veal|venison|turkey|chicken|poultry|duck|bison|meat|goat|mutton))|boneless|organic|large|medium|small|to taste|optional|wedges?|bruised|crushed|torn|skin[- ]on|skinless|bashed|picked|washed|of|the|and|with|chilled|cold|warm|hot|boiling|lukewarm|from|fridge|freezer|defrosted|thawed|old|apart|seeded|deseeded|cored|stemmed|deveined|jointed|split|removed|discarded|smashed|pitted|halves|packed|heaping|heaped|scant|about|divided|preferably|homemade|store-bought|low-sodium|low sodium|reduced-sodium|unpeeled|scrubbed|rinse|drain|pressed|crosswise|lengthwise|uncooked|raw|good|quality|dry-packed|ripe|leftover|roast|roasted|rotisserie|free-range|extra-virgin|extra virgin|virgin|lean|thick-cut|bone-in|boned|bite-size|bite-sized|each|a|an|few|blend|stalks? of|ribs? of|ears? of|heads? of|sheets? of|sticks? of)\b/gi;

/** Meat is diced larger than vegetables, mm (common practice, no source). */
const DICED_MEAT_MM = 25;
const LARGE_MM = 30;

function readCut(words: string, food: Food): Cut | null {
  const length = parseLength(words);
  const [, shape, usual = 0] = SHAPES.find(([pattern]) => pattern.test(words)) ?? [];
  if (shape === 'whole') return null;
  if (length) return { shape: shape ?? 'cube', mm: length.mm };
  if (!shape) return null;
  const meat = food.group === 'meat' || food.group === 'poultry';
  const large = meat && shape === 'cube' && (food.shape?.mm ?? 0) >= LARGE_MM;
  return { shape, mm: large ? Math.max(DICED_MEAT_MM, usual) : usual };
}

function readStart(words: string): number | undefined {
  if (/\bfrozen\b/i.test(words)) return FROZEN_C;
  if (/\bboiling\b/i.test(words)) return 95;
  if (/\bhot\b/i.test(words)) return 60;
  if (/\b(?:warm|lukewarm)\b/i.test(words)) return 40;
  return /\bchilled\b/i.test(words) ? FRIDGE_C : undefined;
}

function readSoak(words: string): number | undefined {
  const hours = /\bsoaked\s+(\d+(?:\.\d+)?)\s*h/i.exec(words)?.[1];
  if (hours) return Number(hours);
  if (/\bunsoaked\b/i.test(words)) return 0;
  return /\bsoaked\b/i.test(words) ? 8 : undefined;
}

/** Matches this near are as likely. */
const AS_LIKELY = 0.2;

/** Words behind a name that are not the name: accompaniments and substitutes. */
const WITH =
  /\s+(?:\+|(?:(?:mixed\s+)?with|for|to (?:serve|garnish|finish)|plus|such as|in adobo)\b).*$/i;
const AND = /\s+and\s+.*$/i;

/** A name this near is the name itself. */
const ITSELF = 0.95;

/** Two sorts of one thing before a third that both belong to: lamb, beef, stock. */
function parallelTo(alone?: FoodMatch, alike?: FoodMatch, second?: FoodMatch): boolean {
  const group = alone?.food.group;
  return group !== undefined && alike?.food.group === group && second?.food.group !== group;
}

/**
 * Reads "lamb or beef stock": words behind both belong to both, and either will
 * do. By "butter or olive oil": the first.
 *
 * @param name without handling
 */
function eitherOf(name: string, index: FoodIndex): string {
  const [, first, second] = /^(.+?)(?:\s+or\s+|\s*\/\s*)(\D.*)$/i.exec(name) ?? [];
  if (first === undefined || second === undefined) return name.replace(/\s+or\s.*$/i, '');
  const best = (text: string): FoodMatch | undefined => matchFoods(text, 1, index)[0];
  const is = (match: FoodMatch | undefined): match is FoodMatch => (match?.score ?? 0) >= ITSELF;
  const words = second.split(/\s+/);
  const shared = words.slice(1).map((_, i) => `${first} ${words.slice(i + 1).join(' ')}`);
  const both = shared.find((text) => is(best(text)));
  if (both) return both;
  const alone = best(first);
  const alike = words.length > 1 ? best(words[0] ?? '') : undefined;
  const whole = best(second);
  const parallel = is(whole) && parallelTo(alone, alike, whole);
  return is(alone) && !parallel ? first : second;
}

interface Found {
  readonly matches: readonly FoodMatch[];
  /** The name as it was taken, where its spelling was mended. */
  readonly spelt: string | null;
  /** The name as it stands, without words of handling. */
  readonly name: string;
}

/** The name as it stands, without words of handling, and without its tail; the best match wins. */
function findFoods(rest: string, index: FoodIndex): Found {
  const length = parseLength(rest)?.found ?? '';
  const outside = rest.replace(/\([^)]*\)/g, ' ');
  const bare = (text: string): string =>
    text
      .replace(length || '\u0000', ' ')
      .replace(/\b(?:frozen|unsoaked|soaked(?:\s+\d+\s*h\w*)?)\b/gi, ' ')
      .replace(HANDLING, ' ');
  // "2 bone-in, skin-on chicken breasts": what is only handling names nothing.
  const before = outside.split(/[,;(]/).find((clause) => bare(clause).trim()) ?? rest;
  const short = eitherOf(before.replace(WITH, ''), index);
  // An accompaniment is only dropped; "heads and bones" may be one name.
  const plain = short === before.replace(WITH, '');
  const names = [short, bare(short), ...(plain ? [before, bare(before), bare(outside), rest] : [])];
  const one = bare(short.replace(AND, ''));
  const nearest = (texts: readonly string[]): readonly FoodMatch[] => {
    let best: readonly FoodMatch[] = [];
    for (const text of new Set(texts)) {
      const next = matchFoods(text, 4, index);
      if ((next[0]?.score ?? 0) > (best[0]?.score ?? 0)) best = next;
      if (best[0]?.score === 1) break;
    }
    return best;
  };
  const found = nearest([...names, one]);
  const name = bare(short).replace(/\s+/g, ' ').trim();
  if ((found[0]?.score ?? 0) >= SURE_MATCH) return { matches: found, spelt: null, name };
  const mended = [bare(short), one].flatMap((text) => mendSpelling(text, index) ?? []);
  for (const spelt of mended) {
    const again = matchFoods(spelt, 4, index);
    if ((again[0]?.score ?? 0) >= SURE_MATCH) return { matches: again, spelt, name };
  }
  return { matches: found, spelt: null, name };
}

/** Foods less alike are not asked about. */
const WORTH_ASKING = 0.25;

const NONE: readonly OwnFood[] = [];

/** The kitchen that lines are read for. */
export interface ReadsFor {
  /** Its own foods. */
  readonly foods?: readonly OwnFood[];
  readonly units?: Units;
  /** Broths of the house that may be put in. */
  readonly shelves?: readonly Shelf[];
}

/** Nobody counts out ground pepper: where pieces are counted, what comes in pieces is meant. */
function likelyPiece(found: readonly FoodMatch[], amount: Amount | null): FoodMatch | undefined {
  const [best] = found;
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
function refusedWords(text: string): Worded | null {
  const plant = plantIn(text);
  return canningIn(text) ?? (plant?.level === 'never' ? plant : null);
}

/**
 * Reads one line as a cook would say it.
 *
 * @param text such as "2 lb lamb neck, frozen", "2 leeks, 15 mm rings" or "3 ocas like potato, 60 g
 *   a piece", which makes a food of the kitchen
 * @param own what the kitchen cooks beyond the table, and the units that it is told in
 * @example readLine('1 1/2 cups pearl barley').item?.food // "pearl-barley"
 */
export function readLine(
  text: string,
  { foods = NONE, units = 'metric' }: ReadsFor = {},
): ReadLine {
  const never = refusedWords(text);
  if (never)
    return {
      text,
      item: null,
      task: null,
      refused: `${never.title}. ${never.message}`,
      food: null,
      unsure: [],
      nearest: [],
      name: text,
      amount: null,
    };
  const task = readTask(text);
  if (task)
    return {
      text,
      item: null,
      task,
      refused: null,
      food: null,
      unsure: [],
      nearest: [],
      name: task.words,
      amount: null,
    };
  const [said, like] = splitLike(text);
  const parsed = parseAmount(said);
  const unsure = [...parsed.unsure];
  const loose = looseMeasure(parsed);
  const { matches: found, spelt, name } = findFoods(loose?.rest ?? parsed.rest, indexOf(foods));
  const best = likelyPiece(found, parsed.amount);
  const made = like === null ? null : madeOf(name, like, unsure);
  const nearest = found.filter((m) => m.score >= WORTH_ASKING).map((m) => m.food);
  if (like === null ? !best || best.score < SURE_MATCH : !made)
    return {
      text,
      item: null,
      task: null,
      refused: null,
      food: null,
      unsure,
      nearest,
      name,
      amount: parsed.amount,
    };
  const match = made ?? wholeAnimal(name, (best as FoodMatch).food, parsed.amount);
  const food = parsed.amount ? foodInAmount(match, parsed.amount) : match;
  const asked = plantIn(text);
  if (asked) unsure.push(`${asked.title} ${asked.message}`);
  if (!made && spelt) unsure.push(`read as ${spelt}`);
  if (!made && best && (best.score < 0.75 || best.strange)) unsure.push(`taken for ${food.name}`);
  const meant = loose ? looseAmount(loose, food) : parsed.amount;
  if (loose && meant && meant.unit !== 'piece')
    unsure.push(`by the ${loose.word}, taken for ${formatAmount(meant, units)}`);
  const amount = checkAmount(food, meant, unsure, units);
  // A shoulder by the piece is one joint.
  const joint = food.jointG !== undefined && (meant?.unit === 'piece' || ONE_OF_IT.test(said));
  const words = joint ? `${parsed.rest}, in one piece` : parsed.rest;
  const startC = readStart(words);
  const told = readLump(words, food, amount) ?? (food.shape ? readCut(words, food) : null);
  const open = told ? null : sizeLeftOpen(`${words} ${food.name}`, food, amount, startC, units);
  if (open?.asked) unsure.push(open.asked);
  const cut = told ?? open?.cut ?? null;
  const soakedH = food.group === 'pulse' ? readSoak(parsed.rest) : undefined;
  const old = food.group === 'pulse' && /\bold\b/i.test(parsed.rest);
  const item: Omit<Item, 'id'> = {
    food: food.own ? food.own.name : food.key,
    ...(food.own && { own: food.own }),
    amount,
    ...(cut && { cut }),
    ...(startC !== undefined && { startC }),
    ...(soakedH !== undefined && { soakedH }),
    ...(old && { old }),
    ...(food.own?.for && { for: food.own.for }),
    ...((food.own?.apart || /\bapart\b/i.test(parsed.rest)) && { apart: true }),
    enters: null,
    leaves: null,
  };
  const refused = refusalOf(item);
  return {
    text,
    item: refused === null ? item : null,
    task: null,
    refused,
    food,
    unsure,
    nearest: nearest.slice(1),
    name,
    amount: parsed.amount,
  };
}

/** Lines of a pasted list, one an item; blank lines and headings ("For the broth:") are passed over. */
export function splitLines(text: string): readonly string[] {
  return text
    .split(/\r?\n|;(?=\s*[\d¼½¾⅓⅔])/)
    .map((line) => line.trim())
    .filter((line) => line && !line.endsWith(':'));
}

/** Reads a pasted list, a line an item. */
export function readLines(text: string, own: ReadsFor = {}): readonly ReadLine[] {
  const { shelves = [], units = 'metric' } = own;
  return splitLines(text).map((line) => fromLarder(readLine(line, own), shelves, units));
}
