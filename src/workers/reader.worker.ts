/** Reading of lists and recipes, away from the main thread. */
import { expose } from 'comlink';
import { readLines } from '../core/batch';
import { readRecipe } from '../formats/recipeIn';

const api = { readLines, readRecipe };

export type ReaderApi = typeof api;

expose(api);
