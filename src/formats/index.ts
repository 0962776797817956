export { readBundle } from './read';
export { writeBundle } from './write';
export { importBundle, previewImport, type Change, type ImportMode } from './changes';
export {
  batchOfRecipe,
  readRecipe,
  type ReadRecipe,
  type RecipeChanges,
  type RecipeResult,
} from './recipeIn';
export { writeRecipe } from './recipeOut';
