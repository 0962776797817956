/** The main thread's end of the worker that reads lists, recipes and files. */
import { proxy } from 'comlink';
import type { Validated } from '../core/batch/household';
import type { ReadLine, ReadsFor } from '../core/batch/reading';
import type { Bundle } from '../core/batch/schema';
import { lookAt, type HeldCook } from '../formats/held';
import type { RecipeChanges, RecipeResult } from '../formats/recipeIn';
import type { LongList, ReaderApi } from './reader.worker';
import { started, watched } from './watched';

/** Reads what others may have written. */
const reader = watched<ReaderApi>(() =>
  started(() => new Worker(new URL('./reader.worker.ts', import.meta.url), { type: 'module' })),
);

/** Reads a list, a line an item. */
export function readLinesAway(text: string, own: ReadsFor): Promise<readonly ReadLine[]> {
  return reader.ask('This list', (api) => api.readLines(text, own));
}

/** Reads a recipe, with what the cook has corrected in it. */
export function readRecipeAway(
  text: string,
  own: ReadsFor,
  changes: RecipeChanges,
): Promise<RecipeResult> {
  return reader.ask<RecipeResult>('This recipe', (api) => api.readRecipe(text, own, changes));
}

/**
 * Reads a file of a household.
 *
 * @param onShare told how much of it is here, 0 to 1
 */
export async function readFileAway(
  file: Blob,
  onShare: (share: number) => void,
): Promise<Validated> {
  const lists: Record<LongList, unknown[]> = { batches: [], cooks: [], jars: [] };
  const read = await reader.ask<Validated>('This file', (api, alive) => {
    const onPart = (list: LongList, records: readonly unknown[], share: number): void => {
      alive();
      lists[list].push(
        ...(list === 'cooks' ? (records as readonly HeldCook[]).map(lookAt) : records),
      );
      onShare(share);
    };
    return api.readFile(file, proxy(onPart) as never);
  });
  return read.ok ? { ok: true, bundle: { ...read.bundle, ...(lists as Partial<Bundle>) } } : read;
}
