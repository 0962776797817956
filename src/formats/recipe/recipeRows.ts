/**
 * A recipe of any format as rows: which row is the name, which are ingredients, which are steps to
 * done, which belong to neither. Headings tell where there are any; else the rows themselves.
 */
import { groupOf, readLine, splitLines } from '../../core/batch/reading';

/** A row of a page or a text. */
export interface Row {
  readonly text: string;
  /** 1 for the largest heading; 0 for other rows. */
  readonly heading: number;
}

/** The words of a recipe, taken apart. */
export interface Said {
  readonly name: string;
  /** Category of the recipe; without one, the dish decides the kind. */
  readonly category: string;
  readonly servings: number | null;
  readonly lines: readonly string[];
  readonly instructions: readonly string[];
  /** Time in all as its head gives it, min. */
  readonly totalMin?: number | null;
  /** Other rows. */
  readonly left?: readonly string[];
}

const NEEDED =
  /^(?:the )?(?:ingredients?(?: list)?|what you(?:['’]ll| will)? need|you(?:['’]ll| will) need|shopping list)\b.{0,20}$/i;
const DONE =
  /^(?:the )?(?:instructions?|methods?|directions?|steps|preparation|procedure|how to (?:make|cook|prepare)\b.{0,30}|what to do|cooking)$/i;
const OVER =
  /^(?:(?:cook['’]?s |my )?notes?|tips?\b.{0,30}|nutrition.*|storage|storing.*|variations?|comments?|reviews?|\d+ (?:comments|replies|reviews)|related.*|faq.*|you may also.*|equipment)$/i;
const SERVES = /\b(?:serves|makes|yields?|servings?|portions?|for)\b[:\s]*(\d{1,3})\b/i;

/** Marks in front of a row, and signs of writing that are not its words. */
function bare(text: string): string {
  return text
    .replace(/^\s*(?:#{1,6}\s+|>\s+|[-*•–▢☐☑✓◦·]\s+|\[[ xX]?\]\s*)+/u, '')
    .replace(/\*\*|__|(?<![\w*])[*_](?=\S)|(?<=\S)[*_](?![\w*])/g, '')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Rows of plain text; what markdown marks as a heading is one. */
export function rowsOfText(text: string): readonly Row[] {
  return text.split(/\r?\n/).flatMap((line): Row[] => {
    const heading = /^\s*(#{1,6})\s/.exec(line)?.[1]?.length ?? 0;
    const row = bare(line);
    return row ? [{ text: row, heading }] : [];
  });
}

/** Whether a row begins with an amount, and not with its number in a list. */
function counts(row: string): boolean {
  return /^(?:\d|[¼½¾⅓⅔]|an?\s|half\s)/i.test(row) && !/^\d+[.)]\s+\p{L}/u.test(row);
}

type Section = 'needed' | 'done' | 'over';

/** The section that a row opens, by its words; null for a row of its own. */
function opens({ text, heading }: Row): Section | null {
  const words = text.replace(/[:\s]+$/, '');
  const short = heading > 0 || words.length < 40;
  if (!short) return null;
  if (NEEDED.test(words)) return 'needed';
  if (DONE.test(words)) return 'done';
  return OVER.test(words) ? 'over' : null;
}

/** A heading inside a list: "For the chili". */
const isGroup = ({ text, heading }: Row): boolean =>
  heading > 0 ||
  groupOf(text) !== null ||
  text.endsWith(':') ||
  /^(?:for|to) (?:the|serv\w+|finish|garnish)\b[^\d]*$/i.test(text);

/** A heading as a list of lines knows it. */
const asHead = (text: string): string => `${text.replace(/[:\s]+$/, '')}:`;

const step = (text: string): string =>
  text.replace(/^(?:step\s*)?\d+\s*[.):]\s*(?=\p{L})/iu, '').replace(/^step\s+\d+\s*/i, '');

/** The first number of a yield, if so many can sit down to it. */
export function servingsOf(text: string): number | null {
  const servings = Number(/\d+/.exec(text)?.[0] ?? 0);
  return servings >= 1 && servings <= 200 ? servings : null;
}

/** How many a text says it serves. */
function servingsIn(text: string): number | null {
  return servingsOf(SERVES.exec(text)?.[1] ?? '');
}

/** The name in front of the first ingredient: the nearest row that is no sentence. */
function nameIn(before: readonly Row[]): string | null {
  // A mail tells it in its subject.
  const subject = before.flatMap(
    ({ text }) => /^subject:\s*(?:(?:re|fwd?):\s*)*(.+)$/i.exec(text)?.[1] ?? [],
  );
  if (subject[0] !== undefined && !subject[0].endsWith('?')) return subject[0];
  const largest = before.filter(({ heading }) => heading > 0).sort((a, b) => a.heading - b.heading);
  if (largest[0]) return largest[0].text;
  const last = before.findLast(
    (row) =>
      row.text.length < 90 &&
      !/[.!?]$/.test(row.text) &&
      !/^(?:(?:serves|makes|yields?|prep|cook|total)\b|for \d)/i.test(row.text),
  );
  // A subject that asks is a name where nothing else is.
  const [first] = before;
  return last?.text ?? (first && first.text.length < 90 ? first.text : null);
}

/** Rows by the heading above them. */
function underHeadings(rows: readonly Row[]): Said {
  const lines: string[] = [];
  const instructions: string[] = [];
  let section: Section | null = null;
  const first = rows.findIndex((row) => opens(row) === 'needed' || opens(row) === 'done');
  for (const row of rows) {
    const opened: Section | null = opens(row);
    if (opened !== null) {
      section = opened;
      continue;
    }
    if (section === 'needed') lines.push(isGroup(row) ? asHead(row.text) : row.text);
    // Without their own heading, ingredients come before the steps.
    else if (section === null && counts(row.text) && row.heading === 0) lines.push(row.text);
    else if (section === 'done' && row.heading === 0) instructions.push(step(row.text));
  }
  const start = rows.findIndex(({ text }) => text === lines.find((line) => !line.endsWith(':')));
  const head = rows.slice(0, Math.min(...[first, start].filter((i) => i >= 0), rows.length));
  return {
    name: nameIn(head) ?? '',
    category: '',
    servings: servingsIn(head.map(({ text }) => text).join('\n')),
    lines: splitLines(lines.join('\n')),
    instructions,
  };
}

/** A row without an amount is an ingredient where its food is known as it is spelt. */
function isSurelyFood(row: string): boolean {
  const { item, unsure } = readLine(row);
  return item !== null && !unsure.some((words) => /^(?:read as|taken for)/.test(words));
}

/** Without headings: a row that starts with an amount is an ingredient; the name comes before them. */
function byTheirLook(rows: readonly Row[]): Said {
  const over = rows.findIndex((row) => opens(row) === 'over');
  const all = (over < 0 ? rows : rows.slice(0, over)).map(({ text }) => text);
  const isLine = (row: string): boolean => row.length < 120 && counts(row) && !/[.!]$/.test(row);
  const first = all.findIndex(isLine);
  const head = rows.slice(0, Math.max(0, first));
  const name = first >= 0 ? nameIn(head) : null;
  const body = all.filter((row) => row !== name && !/^(?:serves|makes|for)\s+\d+\b/i.test(row));
  const isHead = (row: string): boolean => row.endsWith(':') || groupOf(row) !== null;
  const isBareLine = (row: string): boolean =>
    row.length < 40 && !/[.!?]$/.test(row) && isSurelyFood(row);
  const isListed = new Set(body.filter((row) => !isHead(row) && (isLine(row) || isBareLine(row))));
  return {
    name: name ?? '',
    category: '',
    servings:
      servingsIn(head.map(({ text }) => text).join('\n')) ??
      servingsIn(all.find((row) => /^(?:serves|makes|for)\s+\d+\b/i.test(row)) ?? ''),
    lines: splitLines(
      body.flatMap((row) => (isHead(row) ? asHead(row) : isListed.has(row) ? row : [])).join('\n'),
    ),
    instructions: body.filter((row) => !isListed.has(row) && !isHead(row)).map(step),
  };
}

/** An amount and what it is of, inside a sentence. */
const IN_SENTENCE =
  /(?:\d[\d.,/½¼¾⅓⅔]*|[½¼¾⅓⅔]|\b(?:an?|one|two|three|four|five|six))\s*(?:(?:kg|g|grams?|ml|l|litres?|liters?|lbs?|pounds?|oz|ounces?|cups?|tbsp|tsp|tablespoons?|teaspoons?|cans?|tins?)\b)?\s*(?:of )?(?:the )?[\p{L}][\p{L} -]*/giu;
/** Words that end the name of a food in a sentence. */
const ENDS = /\s(?:in|into|with|and|to|for|on|until|then|over|at|from|or)\b.*$/i;

/** Amounts in prose that are looked at; no recipe has so many. */
const MOST_IN_SENTENCES = 300;

/** Prose without a list: the foods are taken from its sentences. */
function fromSentences(rows: readonly Row[]): Said {
  const text = rows.map((row) => row.text).join(' ');
  const [name = ''] = text.split(/[.:\n]/);
  const lines = [...text.matchAll(IN_SENTENCE)]
    .slice(0, MOST_IN_SENTENCES)
    .flatMap(([found]): string[] => {
      const line = found.replace(ENDS, '').trim();
      const { item, unsure } = readLine(line);
      return item && unsure.length === 0 ? [line] : [];
    });
  return {
    name: name.length < 80 ? name : '',
    category: '',
    servings: servingsIn(text),
    lines: [...new Set(lines)],
    instructions: text.split(/(?<=[.!?])\s+/),
  };
}

/** Contents of rows: by their headings, by their look, or out of their sentences. */
export function saidInRows(rows: readonly Row[]): Said {
  const headed = rows.some((row) => opens(row) === 'needed' || opens(row) === 'done');
  const found = headed ? underHeadings(rows) : byTheirLook(rows);
  const said = found.lines.length > 0 ? found : fromSentences(rows);
  const used = [said.name, ...said.lines, ...said.instructions];
  const isYield = (text: string): boolean =>
    text.length < 40 && said.servings !== null && servingsIn(text) === said.servings;
  const isUsed = ({ text }: Row): boolean =>
    isYield(text) ||
    groupOf(text) !== null ||
    used.some((one) => text.includes(one) || one.includes(text));
  return {
    ...said,
    left: rows.filter((row) => !isUsed(row) && opens(row) === null).map(({ text }) => text),
  };
}
