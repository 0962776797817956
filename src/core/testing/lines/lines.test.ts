/** Lines written with their answers before they were read, and the fate of every word. */
import fc from 'fast-check';
import {
  joinMarks,
  readLines,
  splitLines,
  tokensOf,
  unusedIn,
  type ReadLine,
} from '../../batch/reading';
import { FIRST_LINES } from './first';
import { SECOND_LINES } from './second';
import { casesOf, judgeLine } from './verdict';

const JUDGED = [...casesOf(FIRST_LINES), ...casesOf(SECOND_LINES)].map(([line, answer]) => ({
  line,
  ...judgeLine(line, answer),
}));

describe('lines as cooks write them', () => {
  it('are read right, 97 of 100 at the least', () => {
    const wrong = JUDGED.filter(({ verdict }) => verdict !== 'right').map(({ line }) => line);
    expect(JUDGED.length).toBeGreaterThanOrEqual(350);
    expect(wrong.slice(0.03 * JUDGED.length)).toEqual([]);
  });

  it('are never wrong, and lose no stated fact, without a mark', () => {
    const silent = JUDGED.filter(({ verdict }) => verdict === 'wrong' || verdict === 'lost');
    expect(silent.map(({ line }) => line)).toEqual([]);
  });
});

/** Marks of all foods of a line, as one. */
function marksOf(lines: readonly ReadLine[], source: string): ReturnType<typeof joinMarks> {
  return joinMarks(lines.filter((line) => line.source === source).map(({ marks }) => marks));
}

const WORDS = fc.constantFrom(
  ...'2 3.5 ½ 400 g kg lb cups T. tin (400 g) each of and or , ; plus salt pepper carrots leek beans lamb neck frozen soaked 30 min overnight diced 4 cm chunks to serve at the end cooked zest juice lemon with bone-in unicorn 12 divided'.split(
    ' ',
  ),
);
const SAID = fc
  .oneof(
    fc.array(WORDS, { minLength: 1, maxLength: 14 }).map((all) => all.join(' ')),
    fc.string({ maxLength: 60 }),
    fc.constantFrom(...JUDGED.map(({ line }) => line)),
  )
  .filter((text) => text.trim() !== '');

describe('the words of a line', () => {
  it('have a fate, every one', () => {
    fc.assert(
      fc.property(SAID, (text) => {
        const lines = readLines(text);
        for (const source of splitLines(text)) {
          const marks = marksOf(lines, source);
          const tokens = tokensOf(source);
          // A word that stands between two foods of a line joins them: it belongs to neither.
          const free = tokens.filter(({ from }) => !marks.some((mark) => mark.from === from));
          expect(free.filter(({ text: word }) => /\d/.test(word))).toEqual([]);
          if (new Set(lines.map((line) => line.source)).size === lines.length)
            expect(free).toEqual([]);
        }
      }),
    );
  });

  it('lose no figure: it is used, or it is told', () => {
    fc.assert(
      fc.property(SAID, (text) => {
        for (const line of readLines(text).filter(({ item }) => item))
          for (const words of unusedIn(line.source, line.marks, 'figures'))
            expect(line.unsure.join()).toContain(words);
      }),
    );
  });

  it.each([
    ['2 lb bone-in chicken thighs, skin on', ['skin on']],
    ['4 tbsp oil, divided', ['divided']],
    ['1 cup stock, plus more as needed', ['plus more as needed']],
    ['500 g beef shin, in 4 cm cubes', []],
    ['2 leeks, white part only, 15 mm rings', ['white part only']],
    ['1 cup basmati rice, rinsed and soaked 30 min', ['rinsed and soaked 30 min']],
  ])('are shown where nothing was made of them: %s', (line, left) => {
    expect(readLines(line).flatMap((one) => unusedIn(one.source, one.marks))).toEqual(left);
  });
});
