/** Recipes that nobody wrote to be cooked: each is answered, in words, and none takes long. */
import { readRecipe } from './recipe/recipeIn';

const recipe = (fields: object): string =>
  JSON.stringify({ '@type': 'Recipe', name: 'x', recipeIngredient: ['1 carrot'], ...fields });

const CASES: readonly (readonly [what: string, text: string])[] = [
  ['twenty thousand brackets', '<'.repeat(20_000)],
  ['three hundred thousand brackets', '<'.repeat(300_000)],
  ['brackets in a field', recipe({ name: '<'.repeat(300_000) })],
  ['a comment that never ends', `<!--${'-'.repeat(300_000)}`],
  ['scripts that never end', '<script type="application/ld+json">'.repeat(20_000)],
  ['tags within tags', `<div>${'<b>'.repeat(100_000)}`],
  ['a megabyte of digits', '1'.repeat(1_000_000)],
  ['a megabyte of digits as an ingredient', recipe({ recipeIngredient: ['1'.repeat(1_000_000)] })],
  ['digits in what is done', recipe({ recipeInstructions: '9'.repeat(1_000_000) })],
  ['blanks in what is done', recipe({ recipeInstructions: `cook${' '.repeat(500_000)}for` })],
  ['five thousand ingredients', recipe({ recipeIngredient: Array(5000).fill('1 carrot') })],
  ['five thousand rows', Array(5000).fill('1 carrot').join('\n')],
  ['bad numeric entities', recipe({ name: '&#x110000; &#99999999999; &#-1; &#xD800;' })],
  ['entities without end', recipe({ name: '&amp'.repeat(100_000) })],
  ['deep lists', recipe({ recipeInstructions: JSON.parse('['.repeat(50) + ']'.repeat(50)) })],
  ['nothing but types', recipe({ recipeYield: {}, recipeInstructions: [{}, [], null, 7] })],
  ['a step a word', recipe({ recipeInstructions: 'cook '.repeat(50_000) })],
  ['four megabytes', 'a'.repeat(4_000_000)],
];

describe('hostile recipes', () => {
  it.each(CASES)('%s', (_, text) => {
    const result = readRecipe(text);
    if (!result.ok) expect(result.message).toMatch(/^[\p{Lu}“].*[.]$/su);
    else expect(result.recipe.lines.length).toBeLessThanOrEqual(200);
  });

  it('reads what a page encodes', () => {
    const page = `<html><body><script type='application/ld+json; x'></script>
      <SCRIPT TYPE="application/LD+json">${recipe({
        name: 'Leek &amp; potato &#8211; caf&eacute;',
        recipeInstructions: '<ol><li>Sweat.</li><li>Cook<br>for 5 minutes.</li></ol>',
      })}</SCRIPT>`;
    const result = readRecipe(page);
    expect(result.ok && result.recipe.name).toBe('Leek & potato – café');
    expect(result.ok && result.recipe.told.map(({ text }) => text)).toEqual([
      'Sweat.',
      'Cook',
      'for 5 minutes.',
    ]);
  });
});
