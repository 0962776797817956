export { readBundle } from './read';
export { writeBundle } from './write';
export { importBundle, previewImport, type Change, type ImportMode } from './changes';
export {
  batchOfRecipe,
  readRecipe,
  writeRecipe,
  type ReadRecipe,
  type RecipeResult,
} from './recipe';
