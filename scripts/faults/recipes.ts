/**
 * A thousand recipes that nobody wrote to be cooked: a page, a record and a list, torn, doubled, nested and
 * blown up. Each is answered with a recipe that a batch can be made of, or refused in words; none takes
 * long. Seeded.
 */
import { batchRefusal } from '../../src/core';
import { batchOfRecipe } from '../../src/formats/recipe/recipeBatch';
import { readRecipe } from '../../src/formats/recipe/recipeIn';
import { chanceOf } from './chance.mjs';

const RECIPES = 300;
const SEED = 20261126;
const SLOWEST_MS = 10_000;
const chance = chanceOf(SEED);
const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;

const RECORD = JSON.stringify({
  '@type': 'Recipe',
  name: 'Yellow split pea with smoked turkey wing',
  recipeYield: '6 bowls',
  recipeIngredient: [
    '500 g yellow split peas',
    '1 smoked turkey wing',
    '2 carrots, diced',
    '1.6 l water',
  ],
  recipeInstructions: [
    { '@type': 'HowToStep', text: 'Cook at high pressure for 12 minutes.' },
    { '@type': 'HowToStep', text: 'Let the pressure fall by itself for 15 minutes.' },
  ],
});
const SOURCES = [
  RECORD,
  `<html><body><h1>Split pea</h1><script type="application/ld+json">${RECORD}</script><p>Good.</p></body></html>`,
  '# Split pea\n\n- 500 g yellow split peas\n- 1 smoked turkey wing\n- 1.6 l water\n\nCook at high pressure for 12 minutes.',
];
const BITS = [
  '<',
  '>',
  '&',
  '&#x110000;',
  '&#99999999999;',
  '<script>',
  '<!--',
  '</script>',
  '{',
  '[',
  '"',
  '\\u0000',
  '9',
  '1e308',
  '-1',
  '\u0000',
  ' ',
  '\n',
  '- ',
  'cook for 12 minutes ',
  '½',
  '𝟙',
  'kg',
];
const HOW_OFTEN = [1, 1, 1, 10, 1000, 100_000] as const;

function torn(text: string): string {
  const at = Math.floor(chance() * text.length);
  const kind = chance();
  if (kind < 0.5) return text.slice(0, at) + pick(BITS).repeat(pick(HOW_OFTEN)) + text.slice(at);
  if (kind < 0.7) return text.slice(0, at);
  if (kind < 0.9) return text.slice(at) + text.slice(0, at);
  return text.slice(0, at) + text + text.slice(at);
}

let taken = 0;
let refused = 0;
let slowest = 0;
const faults: string[] = [];
for (let i = 0; i < RECIPES; i++) {
  let text = pick(SOURCES);
  for (let n = 1 + Math.floor(chance() * 3); n > 0; n--) text = torn(text);
  const start = performance.now();
  try {
    const result = readRecipe(text);
    if (result.ok) {
      taken++;
      const why = batchRefusal(batchOfRecipe(result.recipe, `r${i}`, undefined));
      if (why !== null) faults.push(`${i}: ${why}`);
    } else if (/\S/.test(result.message)) refused++;
    else faults.push(`${i}: refused without a word`);
  } catch (error) {
    faults.push(`${i}: ${String(error)}`);
  }
  slowest = Math.max(slowest, performance.now() - start);
}
if (slowest > SLOWEST_MS) faults.push(`one took ${slowest.toFixed(0)} ms`);
console.log(
  `${RECIPES} recipes: ${refused} refused with a reason, ${taken} taken and made a batch of, ${faults.length} faulty; slowest ${slowest.toFixed(0)} ms`,
);
for (const fault of faults.slice(0, 10)) console.log(fault);
if (faults.length > 0) process.exitCode = 1;
