/** Foods of one line: "salt and pepper" is two, "2 carrots, 1 leek" too, "1 tsp each cumin and coriander" as well. */

/** From one character up to another. */
export type Span = readonly [from: number, to: number];

/** The words of a line that speak of one of its foods. */
export interface Part {
  readonly spans: readonly Span[];
  /** Share of the amount, where one is said for several foods together. */
  readonly share?: number;
}

/** Whether words name a food: `itself` where they are its name and no more. */
export type Names = (words: string) => 'itself' | 'surely' | null;

/** Words of a part, in their order. */
export function textOfPart(line: string, { spans }: Part): string {
  return spans.map(([from, to]) => line.slice(from, to)).join(' ');
}

const NUMBER = String.raw`(?:\d+(?:[.,/]\d+)?(?:\s+\d\/\d)?(?:\s*[¼-¾⅐-⅞])?|[¼-¾⅐-⅞]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|half|some)\b)`;
/** An amount that is said of each: "1 tsp each", "a pinch each of". */
const EACH_FIRST = new RegExp(
  String.raw`^\s*(${NUMBER}(?:\s*[\p{L}.]+)?)\s+each(?:\s+of)?[:,]?\s+(?=\p{L})`,
  'iu',
);
const EACH_LAST = new RegExp(
  String.raw`[,:]?\s+(${NUMBER}(?:\s*[\p{L}.]+)?)\s+(?:of\s+)?each\s*$`,
  'iu',
);
const ZEST_AND_JUICE =
  /^\s*(?:(?:the|finely|freshly|grated)\s+)*(zest|rind|peel|juice)\s+(?:and|&|\+)\s+(juice|zest|rind|peel)\s+(of\s+.+)$/i;
/** Words between the foods of a line. */
const BETWEEN =
  /\s*(?:,\s*(?:and|plus)\b|,|;|\s\+|&|\b(?:and|plus|mixed (?:with|into|in)|(?:whisked|stirred|blended|dissolved) (?:with|into|in))\b)\s*/gi;
const LED = new RegExp(String.raw`^(?:about |another |the )?${NUMBER}\s*(?=\S)`, 'iu');
/** Said of all foods of the line: "all diced". */
const FOR_ALL = /(,\s*(?:all|both|each)\s+(?!of\b)[^\d,]+)$/i;
const CUT = 'chopped|diced|sliced|cubed|minced|halved|quartered|shredded|grated|cut';
/** The first cut that is said, behind foods that "and" joins, is of each of them: "1 onion and 2 carrots, diced". */
const CUT_OF_BOTH = new RegExp(
  String.raw`^(?!.*\b(?:${CUT})\b.*\b(?:${CUT})\b).*\s(?:and|&|plus)\s[^,;]*(,\s*(?:(?:\w+ly|very|peeled|trimmed|washed|cleaned|deseeded|and)\s+)*(?:${CUT})\b[^\d,]*)$`,
  'i',
);

/** Placeholder for text in brackets. */
const BLOT = '#';

/** A line with text in brackets blanked out, at its old length. */
const outside = (line: string): string =>
  line.replace(/\([^)]*\)/g, (all) => BLOT.repeat(all.length));

/** Spans of a text between its separators. */
function piecesOf(line: string, from: number, to: number): readonly Span[] {
  const spans: [number, number][] = [];
  let start = from;
  for (const match of outside(line).slice(from, to).matchAll(BETWEEN)) {
    spans.push([start, from + match.index]);
    start = from + match.index + match[0].length;
  }
  spans.push([start, to]);
  return spans.filter(([a, b]) => line.slice(a, b).trim() !== '');
}

function eachOf(line: string, names: Names): readonly Part[] | null {
  const first = EACH_FIRST.exec(line);
  const last = first ? null : EACH_LAST.exec(line);
  const amount = first ?? last;
  const [, said = ''] = amount ?? [];
  if (!amount) return null;
  const at = line.indexOf(said, amount.index);
  const head: Span = [at, at + said.length];
  const foods = first
    ? piecesOf(line, first[0].length, line.length)
    : piecesOf(line, 0, amount.index);
  const known = foods.filter(([from, to]) => names(line.slice(from, to)) !== null);
  if (known.length < 2) return null;
  return foods.map((span) => ({ spans: [head, span] }));
}

function zestAndJuice(line: string): readonly Part[] | null {
  const match = ZEST_AND_JUICE.exec(line);
  if (!match?.[1] || !match[2] || !match[3]) return null;
  const at = (word: string, from = 0): Span => {
    const start = line.indexOf(word, from);
    return [start, start + word.length];
  };
  const one = at(match[1]);
  const two = at(match[2], one[1]);
  const fruit = at(match[3], two[1]);
  return [{ spans: [one, fruit] }, { spans: [two, fruit] }];
}

/** Parts that each begin with an amount of their own. */
function ledParts(line: string, names: Names): readonly Part[] | null {
  const [, shared] = FOR_ALL.exec(line) ?? CUT_OF_BOTH.exec(line) ?? [];
  const end = line.length - (shared?.length ?? 0);
  const spans: [number, number][] = [];
  for (const [from, to] of piecesOf(line, 0, end)) {
    const words = line.slice(from, to);
    const led = LED.exec(words);
    const last = spans.at(-1);
    // A part without an amount or a food belongs to the food before it.
    if (last && !(led && names(words) !== null)) last[1] = to;
    else spans.push([from, to]);
  }
  if (spans.length < 2 || !LED.test(line.slice(...(spans[0] ?? [0, 0])))) return null;
  if (names(line.slice(...(spans[0] ?? [0, 0]))) === null) return null;
  const said: readonly Span[] = shared === undefined ? [] : [[end + 1, line.length]];
  return spans.map((span) => ({ spans: [span, ...said] }));
}

const AMOUNT_HEAD = new RegExp(
  String.raw`^\s*${NUMBER}\s*(?:kg|g|grams?|ml|l|litres?|liters?|lbs?\.?|pounds?|oz\.?|ounces?|cups?|tbsp\.?|tsp\.?|tablespoons?|teaspoons?)\b\s*(?:of\s+)?(?:mixed\s+)?`,
  'iu',
);

/** Among foods put on the table only, one unknown name does not hide the others. */
const FOR_THE_TABLE = /[,;]?\s*\b(?:to|for) (?:serve|serving|garnish|topping|the table)\b/i;

/** Spans that are no part of their own belong to the one before. */
function joinedTo(spans: readonly Span[], isOne: (span: Span) => boolean): readonly Span[] {
  const all: Span[] = [];
  for (const span of spans) {
    const last = all.at(-1);
    if (isOne(span) || !last) all.push(span);
    else all[all.length - 1] = [last[0], span[1]];
  }
  return all;
}

/** "Salt and pepper": names beside each other, without an amount or with one for all of them. */
function namedTogether(line: string, names: Names): readonly Part[] | null {
  const head = AMOUNT_HEAD.exec(line)?.[0].length ?? 0;
  if (head === 0 && LED.test(line)) return null;
  const plain = outside(line);
  const stop = /[,;(#]|\s(?:to|for|as)\s/.exec(plain.slice(head));
  const listed = /^[^\d#;]+$/.test(plain.slice(head));
  // A list goes on behind its commas; what is said of one food does too.
  const served = FOR_THE_TABLE.exec(line);
  const ends = served
    ? [served.index]
    : listed
      ? [line.length, head + (stop?.index ?? line.length)]
      : [head + (stop?.index ?? line.length)];
  for (const end of ends) {
    if (names(line.slice(head, end)) === 'itself') return null;
    const spans = piecesOf(line, head, Math.min(line.length, end));
    const named = joinedTo(spans, ([from, to]) => {
      const sure = names(line.slice(from, to));
      return sure === 'itself' || (served !== null && sure !== null);
    });
    if (named.length < 2 || (named.length < spans.length && !served)) continue;
    const tail: readonly Span[] = end < line.length ? [[end, line.length]] : [];
    const amount: readonly Span[] = head > 0 ? [[0, head]] : [];
    return named.map((span) => ({
      spans: [...amount, span, ...tail],
      ...(head > 0 && { share: 1 / named.length }),
    }));
  }
  return null;
}

/** Whether a line may be of several foods at all. */
export function maySpeakOfSeveral(line: string): boolean {
  return /[,;+&]|\b(?:and|plus|each|into|with|in)\b/i.test(line);
}

/** The foods of a line, one part each; one part for a line of one food. */
export function partsOf(line: string, names: Names): readonly Part[] {
  return (
    zestAndJuice(line) ??
    eachOf(line, names) ??
    ledParts(line, names) ??
    namedTogether(line, names) ?? [{ spans: [[0, line.length]] }]
  );
}
