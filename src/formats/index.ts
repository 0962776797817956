export { readBundle } from './read';
export { writeBundle } from './write';
export { besideWhatIsHere } from './beside';
export { importBundle, previewImport, type Change, type ImportMode } from './changes';
export { bothNames, changedFields, changeName } from './changeWords';
export { batchOfRecipe } from './recipe/recipeBatch';
export {
  readRecipe,
  type ReadRecipe,
  type RecipeChanges,
  type RecipeResult,
  type Told,
} from './recipe/recipeIn';
export type { Phrase } from './recipe/recipeSteps';
export { minutesIn } from './recipe/recipeTimes';
export { writeRecipe } from './recipe/recipeOut';
