/** Which food the words of a line name, whatever is said of it besides. */
import {
  matchFoods,
  mendSpelling,
  nameWords,
  SURE_MATCH,
  type Food,
  type FoodIndex,
  type FoodMatch,
} from '../../food';
import { parseLength } from '../../quantity';

/** Words about handling that name no food. */
const HANDLING =
  /\b(?:peeled|trimmed|rinsed|drained|washed|roughly|coarsely|finely|thinly|thickly|thick|thin|cut|into|in|rings?|slices?|sliced|rounds?|coins?|diced|dice|chopped|cubes?|cubed|chunks?|pieces?|batons?|strips?|julienned?|crumbled|shredded|whole|halved|quartered|minced(?!\s+(?:beef|pork|lamb|veal|venison|turkey|chicken|poultry|meat|goat|mutton|game))|grated|fresh|freshly|ground(?!\s+(?:beef|pork|lamb|veal|venison|turkey|chicken|poultry|duck|bison|meat|goat|mutton))|boneless|skinless|organic|large|medium|small|to taste|optional|wedges?|bruised|crushed|torn|skin[- ]on|bashed|picked|of|the|and|with|chilled|cold|warm|hot|boiling|lukewarm|from|fridge|freezer|kettle|defrosted|thawed|old|apart|seeded|deseeded|cored|stemmed|deveined|jointed|split|removed|discarded|smashed|pitted|halves|packed|heaping|heaped|scant|about|divided|preferably|homemade|store-bought|low-sodium|low sodium|reduced-sodium|unpeeled|scrubbed|rinse|drain|pressed|crosswise|lengthwise|uncooked|raw|good|quality|dry-packed|ripe|leftover|left-over|cooked(?! ham)|roast|roasted|rotisserie|free-range|extra-virgin|extra virgin|virgin|lean|thick-cut|bone-in|on the bone|boned|bite-size|bite-sized|each|a|an|few|blend|lump|enough|extra|both|all|straight|raw|stalks? of|ribs? of|ears? of|heads? of|sheets? of|sticks? of)\b/gi;

/** Handling words that change nothing in the pot; dropping them loses no fact. */
const QUIET: ReadonlySet<string> = new Set(
  `peeled trimmed rinsed drained washed roughly coarsely finely thinly thickly thick thin cut fresh freshly organic taste
   optional bruised crushed torn bashed picked seeded deseeded cored stemmed deveined removed discarded smashed pitted
   packed heaping heaped scant level preferably homemade unpeeled scrubbed rinse drain pressed crosswise lengthwise good
   quality ripe free-range extra-virgin virgin lean large medium small bite-size bite-sized bite size sized few desired
   needed necessary like inch inches cm mm length lengths clipped nails debearded cleaned patted dry dried separated
   stems seeds ends root roots tops leaves stalks husk husks removed tied string loosely lightly well
   chopped diced sliced cubed minced grated crumbled shredded pieces chunks use using choice favourite favorite`.split(
    /\s+/,
  ),
);

/** Whether a word is one of handling that carries no fact. */
export const isQuiet = (word: string): boolean => QUIET.has(word);

/** A name without words of handling. */
const withoutHandling = (text: string, length = ''): string =>
  text
    .replace(length || '\u0000', ' ')
    .replace(
      /\b(?:frozen|unsoaked|(?:not |no )?(?:pre-?)?soak(?:ed|ing)?(?:\s+(?:for\s+)?\d+\s*h\w*)?)\b/gi,
      ' ',
    )
    .replace(HANDLING, ' ');

/** Words behind a name that are not the name: accompaniments and substitutes. */
const WITH =
  /\s+(?:\+|(?:(?:mixed\s+)?with|for|per|from|as|at the|(?:up\s+)?to(?:\s+(?:the|serve|garnish|finish|cover|taste|top))|plus|such as|in adobo)\b).*$/i;
const AND = /\s+and\s+.*$/i;

/** A name this near is the name itself. */
const ITSELF = 0.95;
/** A name this near is taken without a word. */
export const SURELY = 0.75;

/** A line asks for the same name several times; lists repeat theirs. */
const MOST_KEPT = 2000;
const MATCHES = new WeakMap<FoodIndex, Map<string, readonly FoodMatch[]>>();
const MOST_MATCHES = 4;

/** Foods for a name, the best first. */
function matched(text: string, index: FoodIndex): readonly FoodMatch[] {
  const kept = MATCHES.get(index) ?? new Map<string, readonly FoodMatch[]>();
  const before = kept.get(text);
  if (before) return before;
  if (kept.size >= MOST_KEPT) kept.clear();
  const found = matchFoods(text, MOST_MATCHES, index);
  MATCHES.set(index, kept.set(text, found));
  return found;
}

const best = (text: string, index: FoodIndex): FoodMatch | undefined => matched(text, index)[0];
const isItself = (match: FoodMatch | undefined): match is FoodMatch =>
  (match?.score ?? 0) >= ITSELF;

/** Whether words are the name of a food and no more, or surely name one; null where they do not. */
export function namesFood(words: string, index: FoodIndex): 'itself' | 'surely' | null {
  const bare = withoutHandling(words).trim();
  const match = best(bare, index);
  if (!match || match.score < SURELY || match.strange) return null;
  return isItself(match) ? 'itself' : 'surely';
}

/** Two sorts of one thing before a third that both belong to: lamb, beef, stock. */
function parallelTo(alone?: FoodMatch, alike?: FoodMatch, second?: FoodMatch): boolean {
  const group = alone?.food.group;
  return group !== undefined && alike?.food.group === group && second?.food.group !== group;
}

/** The name that is taken of two, and the other one. */
interface Either {
  readonly name: string;
  readonly other: string | null;
}

/**
 * Reads "lamb or beef stock": words behind both belong to both, and either will
 * do. By "butter or olive oil": the first.
 *
 * @param name without handling
 */
function eitherOf(name: string, index: FoodIndex): Either {
  const [, first, second] = /^(.+?)(?:\s+or\s+|\s*\/\s*)(\D.*)$/i.exec(name) ?? [];
  if (first === undefined || second === undefined)
    return { name: name.replace(/\s+or\s.*$/i, ''), other: null };
  const words = second.split(/\s+/);
  const shared = words.slice(1).map((_, i) => `${first} ${words.slice(i + 1).join(' ')}`);
  const both = shared.find((text) => isItself(best(text, index)));
  if (both) return { name: both, other: second };
  const alone = best(first, index);
  const alike = words.length > 1 ? best(words[0] ?? '', index) : undefined;
  const whole = best(second, index);
  const parallel = isItself(whole) && parallelTo(alone, alike, whole);
  return isItself(alone) && !parallel
    ? { name: first, other: second }
    : { name: second, other: parallel ? null : first };
}

/** Foods that a line's words may name. */
export interface Found {
  readonly matches: readonly FoodMatch[];
  /** The name as it was taken, where its spelling was mended. */
  readonly spelt: string | null;
  /** The name as written, without handling words. */
  readonly name: string;
  /** Two names of which either will do: the words of both, the one that is taken, and the other. */
  readonly either: {
    readonly alone: string;
    readonly taken: string;
    readonly other: string;
  } | null;
  /** The food of the other name, where it is known. */
  readonly other: FoodMatch | null;
}

/** The name as written, without handling words, and without its tail; the best match wins. */
export function findFoods(rest: string, index: FoodIndex): Found {
  const length = parseLength(rest)?.found ?? '';
  const outside = rest.replace(/\([^)]*\)/g, ' ');
  const bare = (text: string): string => withoutHandling(text, length);
  // "2 bone-in, skin-on chicken breasts": what is only handling names nothing.
  const before = outside.split(/[,;(]/).find((clause) => bare(clause).trim()) ?? rest;
  const alone = before.replace(WITH, '');
  const either = eitherOf(alone, index);
  const short = either.name;
  // An accompaniment is only dropped; "heads and bones" may be one name.
  const plain = short === alone;
  // “Tomatoes, canned” is a name of its own, comma and all.
  const whole = outside.trim().toLowerCase();
  const exact = matched(whole, index).filter(({ food }) => food.name.toLowerCase() === whole);
  if (exact.length > 0)
    return { matches: exact, spelt: null, name: whole, either: null, other: null };
  const names = [short, bare(short), ...(plain ? [before, bare(before), bare(outside), rest] : [])];
  const one = bare(short.replace(AND, ''));
  const nearest = (texts: readonly string[]): readonly FoodMatch[] => {
    let found: readonly FoodMatch[] = [];
    for (const text of new Set(texts)) {
      const next = matched(text, index);
      if ((next[0]?.score ?? 0) > (found[0]?.score ?? 0)) found = next;
      if (found[0]?.score === 1) break;
    }
    return found;
  };
  const found = nearest([...names, one]);
  const name = bare(short).replace(/\s+/g, ' ').trim();
  const also = either.other === null ? undefined : best(bare(either.other), index);
  const choice =
    either.other && bare(either.other).trim()
      ? { alone, taken: either.name.trim(), other: either.other.trim() }
      : null;
  const other = also && also.score >= SURE_MATCH ? also : null;
  const said = { name, either: choice, other };
  if ((found[0]?.score ?? 0) >= SURE_MATCH) return { matches: found, spelt: null, ...said };
  const mended = [bare(short), one].flatMap((text) => mendSpelling(text, index) ?? []);
  for (const spelt of mended) {
    const again = matched(spelt, index);
    if ((again[0]?.score ?? 0) >= SURE_MATCH) return { matches: again, spelt, ...said };
  }
  return { matches: found, spelt: null, ...said };
}

const VOCABULARIES = new WeakMap<Food, ReadonlySet<string>>();

/** Words that may name a food, as `nameWords` gives them. */
export function vocabularyOf(food: Food): ReadonlySet<string> {
  const before = VOCABULARIES.get(food);
  if (before) return before;
  const words = new Set([food.key, food.name, ...food.aliases].flatMap(nameWords));
  VOCABULARIES.set(food, words);
  return words;
}
