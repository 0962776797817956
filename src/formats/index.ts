export { readBundle } from './read';
export { writeBundle } from './write';
export { importBundle, previewImport, type Change, type ImportMode } from './changes';
export { batchOfRecipe } from './recipeBatch';
export {
  readRecipe,
  type ReadRecipe,
  type RecipeChanges,
  type RecipeResult,
  type Told,
} from './recipeIn';
export type { Phrase } from './recipeSteps';
export { minutesIn } from './recipeTimes';
export { writeRecipe } from './recipeOut';
