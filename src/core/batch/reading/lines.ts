/** Lines with all their foods, and lists of them. */
import { fromLarder } from './fromLarder';
import { indexOf, type FoodIndex } from '../../food';
import { parseAmount } from '../../quantity';
import { readTask } from '../plan/alongside';
import { NONE, readLine, refusedWords, without, type ReadsFor } from './line';
import { isStepLine, ungrouped } from './groups';
import { looseMeasure } from './loose';
import type { Mark } from './marks';
import { namesFood } from './names';
import { maySpeakOfSeveral, partsOf, textOfPart, type Part } from './parts';
import { splitLike, type ReadLine } from './reword';

/** Marks of a part, at their places in the whole line. */
function inSource(marks: readonly Mark[], { spans }: Part): readonly Mark[] {
  let start = 0;
  const shifts = spans.map(([from, to]) => {
    const shift = { from: start, to: start + to - from, by: from - start };
    start += to - from + 1;
    return shift;
  });
  return marks.flatMap((mark) => {
    const shift = shifts.find(({ from, to }) => mark.from >= from && mark.to <= to);
    return shift ? [{ ...mark, from: mark.from + shift.by, to: mark.to + shift.by }] : [];
  });
}

/** A longer line is not a list entry, characters. */
const LONGEST_LINE = 500;

/** Purpose of a group of lines, as its heading says: "For the tempering: 1 tbsp oil". */
const GROUP_HEAD = /^\s*for (?:the )?[^:\d,]{2,40}:\s+(?=\S)/i;

/** Reads one line for all its foods: "salt and pepper", "2 carrots and 1 leek". */
export function readFoods(source: string, own: ReadsFor = {}): readonly ReadLine[] {
  if (source.length > LONGEST_LINE)
    return [without(source, 'unused', { refused: 'This is too long for one line' })];
  const head = GROUP_HEAD.exec(source)?.[0] ?? '';
  if (head && head.length < source.length)
    return readFoods(source.slice(head.length), own).map((line) => ({
      ...line,
      source,
      marks: [
        ...without(head, 'talk').marks,
        ...inSource(line.marks, { spans: [[head.length, source.length]] }),
      ],
    }));
  const whole = (): readonly ReadLine[] => [readLine(source, own)];
  if (!maySpeakOfSeveral(source)) return whole();
  const index: FoodIndex = indexOf(own.foods ?? NONE, own.words);
  const parts = partsOf(source, (words) => {
    const parsed = parseAmount(words);
    return namesFood(looseMeasure(parsed)?.rest ?? parsed.rest, index);
  });
  if (parts.length < 2) return whole();
  if (refusedWords(source) || readTask(source) || splitLike(source)[1] !== null) return whole();
  return parts.map((part) => {
    const line = readLine(textOfPart(source, part), own, part.share);
    return { ...line, source, marks: inSource(line.marks, part) };
  });
}

/** Lines of a pasted list, one an item. Blank lines and headings ("For the broth:") are dropped. */
export function splitLines(text: string): readonly string[] {
  const lines = text.split(/\r?\n|;(?=\s*[\d¼½¾⅓⅔])/).map((line) => line.trim());
  return ungrouped(lines.filter((line) => line !== ''));
}

/**
 * Reads a pasted list, a line one food or more.
 *
 * @example readLines('2 leeks\n1 l water').length // 2
 */
export function readLines(text: string, own: ReadsFor = {}): readonly ReadLine[] {
  const { shelves = [], units = 'metric' } = own;
  return splitLines(text).flatMap((line) =>
    isStepLine(line)
      ? [without(line, 'step', { step: true })]
      : readFoods(line, own).map((food) => fromLarder(food, shelves, units)),
  );
}
