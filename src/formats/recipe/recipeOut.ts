/** Recipes out: schema.org Recipe as JSON-LD. */
import type { HowToStep, Recipe, WithContext } from 'schema-dts';
import { likeWords } from '../../core/batch/plan';
import type { Batch, Item } from '../../core/batch/schema';
import { foodByKey } from '../../core/food';
import { formatAmount, formatLength, type Units } from '../../core/quantity';
import { instructionsOf } from './recipeWords';

function isoDuration(minutes: number): string {
  return `PT${Math.max(0, Math.round(minutes))}M`;
}

/** Words that the line reader knows. */
const UP_TO_WORDS = {
  line: 'to the line',
  cover: 'to cover',
  over: 'just over the bones',
} as const;

function ingredientText(item: Item, units: Units): string {
  const food = item.own?.name ?? foodByKey(item.food)?.name ?? item.food;
  const cut = item.cut
    ? `, ${formatLength(item.cut.mm, units)} ${item.cut.shape === 'slice' ? 'slices' : 'pieces'}`
    : '';
  const frozen = item.startC !== undefined && item.startC < 0 ? ', frozen' : '';
  const soaked = item.soakedH ? `, soaked ${item.soakedH} h` : '';
  const old = item.old ? ', old' : '';
  const bag = item.bag ? ', tied in a bag' : '';
  const mark = item.upTo ? `, ${UP_TO_WORDS[item.upTo]}` : '';
  const like = item.own ? `, ${likeWords(item.own, units)}` : '';
  return `${formatAmount(item.amount, units)} ${food}${cut}${frozen}${soaked}${old}${bag}${mark}${like}`;
}

/**
 * Writes a batch as schema.org Recipe.
 *
 * @param totalMin from the first move to the table
 * @param units of its amounts and cuts
 */
export function writeRecipe(batch: Batch, totalMin: number, units: Units): string {
  const recipe: WithContext<Recipe> = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: batch.name,
    ...(batch.servings !== undefined && { recipeYield: `${batch.servings} servings` }),
    ...(batch.kind !== undefined && { recipeCategory: batch.kind }),
    cookingMethod: 'Pressure cooking',
    totalTime: isoDuration(totalMin),
    recipeIngredient: batch.items.map((item) => ingredientText(item, units)),
    recipeInstructions: instructionsOf(batch, units).map((text): HowToStep => ({
      '@type': 'HowToStep',
      text,
    })),
  };
  return `${JSON.stringify(recipe, null, 2)}\n`;
}
