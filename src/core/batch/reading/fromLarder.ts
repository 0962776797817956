/** A line that names broth of the house: it takes from its jars. */
import { resolveFood } from '../../food';
import { formatVolume, volumeMl, type Units } from '../../quantity';
import { brothItem, type Shelf } from '../household/shelves';
import type { ReadLine } from './reword';

/** Words that every broth has, and those of amounts. */
const GENERAL: ReadonlySet<string> = new Set(
  'a an of the from my our jar jars tub tubs l ml litre litres liter liters cup cups quart quarts qt pint pints pt oz fl broth stock soup run larder'.split(
    ' ',
  ),
);
const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\d]+/u)
    .filter(Boolean);
const RUN = /\brun\s*(\d+)/i;

/** The broth that a line names; undefined where it names none. */
function shelfNamed(text: string, shelves: readonly Shelf[]): Shelf | undefined {
  const said = wordsOf(text.replace(RUN, '')).filter((w) => !GENERAL.has(w) && !/^\d/.test(w));
  if (said.length === 0) return undefined;
  const run = RUN.exec(text)?.[1];
  return shelves.find(({ name }) => {
    const has = new Set(wordsOf(name));
    return said.every((w) => has.has(w)) && (run === undefined || RUN.exec(name)?.[1] === run);
  });
}

const LIQUIDS: ReadonlySet<string> = new Set(['broth', 'salted-broth']);

/** A jar counted is all that is in so many. */
function litresOf(line: ReadLine, shelf: Shelf): number {
  const jars = /^\s*(\d+|an?)\s+(?:jars?|tubs?)\b/i.exec(line.text)?.[1];
  if (jars !== undefined) {
    const count = /^an?$/i.test(jars) ? 1 : Number(jars);
    return shelf.jars.slice(0, count).reduce((sum, jar) => sum + jar.freeL, 0);
  }
  const ml = line.amount ? volumeMl(line.amount) : null;
  return ml === null ? (shelf.jars[0]?.freeL ?? 0) : ml / 1000;
}

/** A line as read, or of the jars that it names. */
export function fromLarder(line: ReadLine, shelves: readonly Shelf[], units: Units): ReadLine {
  const plain = line.item === null || LIQUIDS.has(line.item.food);
  const shelf = plain ? shelfNamed(line.text, shelves) : undefined;
  if (!shelf) return line;
  const litres = litresOf(line, shelf);
  const there = shelf.jars.reduce((sum, jar) => sum + jar.freeL, 0);
  const counted = /\b(?:jars?|tubs?)\b/i.test(line.text) || line.amount === null;
  const item = brothItem(shelf, litres, counted ? undefined : (line.amount ?? undefined));
  const food = resolveFood('broth') ?? null;
  return {
    ...line,
    item,
    food: food && { ...food, name: shelf.name },
    refused: null,
    nearest: [],
    asks: [],
    left: [],
    unsure:
      litres > there + 1e-6
        ? [`the Larder holds ${formatVolume(there, units)} of it; the rest is not from there`]
        : [],
  };
}
