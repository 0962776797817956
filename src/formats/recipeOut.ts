/** Recipes out: schema.org Recipe as JSON-LD. */
import type { HowToStep, Recipe, WithContext } from 'schema-dts';
import type { Batch, Item } from '../core/batch';
import { foodByKey } from '../core/food';
import { formatAmount } from '../core/quantity';
import { instructionsOf } from './recipeWords';

function isoDuration(minutes: number): string {
  return `PT${Math.max(0, Math.round(minutes))}M`;
}

function ingredientText(item: Item): string {
  const food = foodByKey(item.food)?.name ?? item.food;
  const cut = item.cut
    ? `, ${item.cut.mm} mm ${item.cut.shape === 'slice' ? 'slices' : 'pieces'}`
    : '';
  const frozen = item.startC !== undefined && item.startC < 0 ? ', frozen' : '';
  const soaked = item.soakedH ? `, soaked ${item.soakedH} h` : '';
  return `${formatAmount(item.amount)} ${food}${cut}${frozen}${soaked}`;
}

/**
 * Writes a batch as schema.org Recipe.
 *
 * @param totalMin from the first move to the table
 */
export function writeRecipe(batch: Batch, totalMin: number): string {
  const recipe: WithContext<Recipe> = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: batch.name,
    ...(batch.servings !== undefined && { recipeYield: `${batch.servings} servings` }),
    ...(batch.kind !== undefined && { recipeCategory: batch.kind }),
    cookingMethod: 'Pressure cooking',
    totalTime: isoDuration(totalMin),
    recipeIngredient: batch.items.map(ingredientText),
    recipeInstructions: instructionsOf(batch).map((text): HowToStep => ({
      '@type': 'HowToStep',
      text,
    })),
  };
  return `${JSON.stringify(recipe, null, 2)}\n`;
}
