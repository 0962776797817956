import fc from 'fast-check';
import { readRecipe } from './recipe/recipeIn';
import { lidsOf } from './testing/recipes/lidWords';
import { MORE_SHAPES, SHAPES } from './testing/recipes/shapes';

describe('recipes in the shapes in which cooks have them', () => {
  it.each([...SHAPES, ...MORE_SHAPES].map((one) => [one.shape, one] as const))(
    '%s',
    (_, { text, name, foods, lids }) => {
      const result = readRecipe(text);
      if (!result.ok) throw new Error(result.message);
      const { recipe } = result;
      expect(recipe.name).toBe(name);
      expect(recipe.lines.map(({ item, text: line }) => item?.food ?? line)).toEqual(foods);
      expect(lidsOf(recipe.steps)).toEqual(lids);
    },
  );

  it('takes no instruction from the comments of readers', () => {
    const page = SHAPES.find(({ shape }) => shape === 'HTML by its headings')?.text ?? '';
    const result = readRecipe(page);
    expect(result.ok && result.recipe.told.map(({ text }) => text).join(' ')).not.toMatch(
      /mush|grandmother/,
    );
  });

  it('answers any text with a recipe or a reason', () => {
    const bits = fc.constantFrom(
      '<h2>Ingredients</h2>',
      '<ul><li>2 carrots</li>',
      '</p>',
      '# Method\n',
      '☐ 1 l water\n',
      'Cook at high pressure for 9 minutes.',
      '<div itemscope itemtype="https://schema.org/Recipe">',
      '<span itemprop="recipeIngredient">',
      'Notes\n',
      '\n\n',
      '1 onion, diced\n',
    );
    fc.assert(
      fc.property(fc.array(bits, { maxLength: 14 }), (parts) => {
        const result = readRecipe(parts.join(''));
        if (result.ok) expect(result.recipe.lines.length).toBeGreaterThan(0);
        else expect(result.message.length).toBeGreaterThan(10);
      }),
      { numRuns: 200 },
    );
  });
});
