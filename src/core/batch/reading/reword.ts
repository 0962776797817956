/** A line of the add box as a cook would write it, and in other words: text in, text out. */
import { formatAmount, type Amount, type Units } from '../../quantity';
import type { Food } from '../../food';
import type { LineAsk } from './asks';
import type { Mark } from './marks';
import type { NewTask } from '../plan/alongside';
import type { NewItem } from '../plan/putIn';
import type { Item } from '../schema/types';

/** An ingredient as a cook would write it. */
export const EXAMPLE_LINE: Readonly<Record<Units, string>> = {
  metric: '1.2 kg lamb neck, 40 mm pieces',
  us: '2 1/2 lb lamb neck, 1 1/2-inch pieces',
};

/** A line of the add box as understood. */
export interface ReadLine {
  readonly text: string;
  /** The line as it was written, where it names several foods and the text is what it says of this one. */
  readonly source: string;
  /** Fate of the source's words about this food. */
  readonly marks: readonly Mark[];
  /** Phrases of which nothing was made, and nothing is said elsewhere. */
  readonly left: readonly string[];
  /** It goes in when the pot is open again. */
  readonly place?: 'end';
  /** The item without its id, or null when no food was found, or it is refused. */
  readonly item: Omit<Item, 'id'> | null;
  /** Task beside the pot, where the line names no ingredient. */
  readonly task: NewTask | null;
  /** Whether it is a step among the ingredients, which a recipe's reader takes. */
  readonly step?: true;
  /** Why what was understood cannot go in; null where it can, or where nothing was understood. */
  readonly refused: string | null;
  readonly food: Food | null;
  /** Guesses and omissions, in words for the cook. */
  readonly unsure: readonly string[];
  /** Open points, with answers. */
  readonly asks: readonly LineAsk[];
  /** Nearest foods when none was sure. */
  readonly nearest: readonly Food[];
  /** The words that name the food, and how much of it was said. */
  readonly name: string;
  readonly amount: Amount | null;
}

/** Words of a line that introduce a likeness. */
const LIKE = /[,(]?\s+(?:it\s+|that\s+|which\s+)?(?:cooks\s+|is\s+)?like\s+(?=\S)/i;

/** A line before and after its "like". @example splitLike('2 ocas like potato') // ["2 ocas", "potato"] */
export function splitLike(text: string): readonly [line: string, like: string | null] {
  const found = LIKE.exec(text);
  if (!found || found.index === 0) return [text, null];
  const after = text.slice(found.index + found[0].length).replace(/\)\s*$/, '');
  return [text.slice(0, found.index), after];
}

/** Text after the "like" of a sentence. @example afterLike('it cooks like potato') // "potato" */
export function afterLike(sentence: string): string {
  return sentence.trim().replace(/^(?:it\s+)?(?:cooks\s+|is\s+)?(?:like|as)\s+/i, '');
}

/** A line with another name for its food, and all else as it was said. */
export function renamed(line: Pick<ReadLine, 'text' | 'name' | 'amount'>, name: string): string {
  const [said] = splitLike(line.text);
  const at = line.name ? said.toLowerCase().indexOf(line.name.toLowerCase()) : -1;
  if (at >= 0) return `${said.slice(0, at)}${name}${said.slice(at + line.name.length)}`;
  return `${line.amount ? formatAmount(line.amount) : ''} ${name}`.trim();
}

/** A line that says what its food is like. @example likened(readLine('2 ocas'), 'like potato') // "2 ocas like potato" */
export function likened(line: ReadLine, like: string): string {
  return `${splitLike(line.text)[0]} like ${afterLike(like)}`;
}

/** Food that a line puts in, and whether at the end; null for none. */
export function newItem({ item, place }: ReadLine): NewItem | null {
  return item && { ...item, ...(place === 'end' && { atEnd: true as const }) };
}

/**
 * A text in which what a line says of one food is said in other words. Its other foods keep theirs, each on a
 * line of its own.
 *
 * @param lines of the text as read
 */
export function putRight(
  text: string,
  lines: readonly ReadLine[],
  line: ReadLine,
  put: string,
): string {
  const all = lines.filter(({ source }) => source === line.source);
  const said = all.map((one) => (one === line ? put : one.text)).join('\n');
  return text.replace(line.source, () => said);
}
