/** A hundred and ninety-two recipes, each written with its answer before it was read, in fourteen shapes. */
import fc from 'fast-check';
import { changed } from '../../../core/batch/plan';
import { tokensOf } from '../../../core/batch/reading';
import { batchOfRecipe } from '../../recipe/recipeBatch';
import { readRecipe, type ReadRecipe } from '../../recipe/recipeIn';
import { lidsOf } from '../recipes/lidWords';
import { DRESSES } from './dress';
import { SEVENTH_PAGES } from './seventh';
import { EIGHTH_PAGES } from './eighth';
import { NINTH_PAGES } from './ninth';
import { TENTH_PAGES } from './tenth';
import { ELEVENTH_PAGES } from './eleventh';
import { TWELFTH_PAGES } from './twelfth';
import { THIRTEENTH_PAGES } from './thirteenth';
import { FIFTH_PAGES } from './fifth';
import { FIRST_PAGES } from './first';
import { FOURTH_PAGES } from './fourth';
import { scorePage } from './judge';
import { SECOND_PAGES } from './second';
import { SIXTH_PAGES } from './sixth';
import { THIRD_PAGES } from './third';

const PAGES = [
  ...FIRST_PAGES,
  ...SECOND_PAGES,
  ...THIRD_PAGES,
  ...FOURTH_PAGES,
  ...FIFTH_PAGES,
  ...SIXTH_PAGES,
  ...SEVENTH_PAGES,
  ...EIGHTH_PAGES,
  ...NINTH_PAGES,
  ...TENTH_PAGES,
  ...ELEVENTH_PAGES,
  ...TWELFTH_PAGES,
  ...THIRTEENTH_PAGES,
];
const SHAPES = Object.entries(DRESSES);
const SCORES = PAGES.map((page, i) => {
  const [, dress] = SHAPES[i % SHAPES.length] ?? [];
  return scorePage(page, dress?.(page) ?? '');
});
const sum = (of: (score: (typeof SCORES)[number]) => number): number =>
  SCORES.reduce((all, score) => all + of(score), 0);

describe('pages', () => {
  it('are there, in fourteen shapes', () => {
    expect([PAGES.length, SHAPES.length]).toEqual([192, 14]);
    expect(SCORES.filter(({ read }) => !read)).toEqual([]);
  });

  it('have their steps right, 92 of 100, and few that nobody wrote', () => {
    expect(sum(({ steps }) => steps.right) / sum(({ steps }) => steps.wanted)).toBeGreaterThan(
      0.92,
    );
    expect(sum(({ steps }) => steps.surplus) / sum(({ steps }) => steps.wanted)).toBeLessThan(0.03);
  });

  it('have their foods in place, 95 of 100', () => {
    expect(sum(({ places }) => places.right) / sum(({ places }) => places.wanted)).toBeGreaterThan(
      0.95,
    );
  });

  it.each(SCORES.map((score) => [score.name, score] as const))(
    'have their lids right: %s',
    (_, { lids, nameRight, servesRight }) => {
      expect(lids.read).toEqual(lids.wanted);
      expect([nameRight, servesRight]).toEqual([true, true]);
    },
  );

  it('read the same from the words that are kept with the batch', () => {
    for (const page of PAGES) {
      const first = readRecipe(DRESSES['JSON-LD']?.(page) ?? '');
      if (!first.ok) throw new Error(page.name);
      const again = readRecipe(first.recipe.text);
      if (!again.ok) throw new Error(again.message);
      // The numbers of a list are not kept.
      const plan = (recipe: ReadRecipe) =>
        changed(batchOfRecipe(recipe, 'b', undefined), { recipe: undefined });
      expect(plan(again.recipe)).toEqual(plan(first.recipe));
    }
  });

  it.each(SHAPES)('say the same as %s', (_, dress) => {
    for (const page of FIRST_PAGES.slice(0, 6)) {
      const result = readRecipe(dress(page));
      const plain = readRecipe(DRESSES['JSON-LD']?.(page) ?? '');
      if (!result.ok || !plain.ok) throw new Error(page.name);
      expect([result.recipe.name, lidsOf(result.recipe.steps)]).toEqual([
        page.name,
        lidsOf(plain.recipe.steps),
      ]);
    }
  });
});

describe('the words of what is done', () => {
  const sentences = PAGES.flatMap(({ done }) => done);

  /** The words of an instruction with a fate, in the pot of a few foods. */
  function told(text: string) {
    const result = readRecipe(
      `A soup\n\nIngredients\n500 g beef shin\n2 carrots\n1 l water\n1 onion\n\nMethod\n${text}`,
    );
    return result.ok ? result.recipe.told : [];
  }

  it('have a fate, every one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constantFrom(...sentences), fc.string({ maxLength: 50 })), {
          minLength: 1,
          maxLength: 4,
        }),
        (parts) => {
          for (const { text, marks } of told(parts.join(' ')))
            expect(marks.map(({ from }) => from)).toEqual(tokensOf(text).map(({ from }) => from));
        },
      ),
      { numRuns: 60 },
    );
  });

  it.each([
    ['Add the carrots and cook at high pressure for 20 minutes.', ['carrots:food', '20:time']],
    ['Lock the lid and hold 15 psi for 40 minutes.', ['15:step', '40:time']],
    [
      'Cook at high pressure for 9 minutes. Natural release for 10 minutes, then quick release.',
      ['9:time', 'Natural:release', '10:time', 'quick:release'],
    ],
    ['Heat the oven to 220 C for 25 minutes and warm the bowls.', ['220:unused', '25:unused']],
    [
      'If the beef is still tough, lock the lid for 10 minutes more.',
      ['tough:condition', '10:condition'],
    ],
    ['Cook at high pressure for 20 minutes. Cut it into 4 pieces.', ['20:time', '4:unused']],
  ])('are marked by what they became: %s', (text, wanted) => {
    const words = told(text).flatMap((one) =>
      one.marks.map(({ from, to, fate }) => `${one.text.slice(from, to)}:${fate}`),
    );
    for (const want of wanted) expect(words).toContain(want);
  });
});
