/** Reading of lists, recipes and files, away from the main thread. */
import { expose } from 'comlink';
import type { Validated } from '../core/batch/household';
import { readLines } from '../core/batch/reading';
import type { Bundle, Cook } from '../core/batch/schema';
import { holdCook } from '../formats/held';
import { readRecipe } from '../formats/recipeIn';
import { readBundle } from '../formats/read';

/** The long lists of a household. */
export type LongList = 'batches' | 'cooks' | 'jars';
const LONG: readonly LongList[] = ['batches', 'cooks', 'jars'];

/** So many records are handed over at a time: whoever takes them can draw in between. */
const AT_A_TIME = 100;

/**
 * Reads a file; its long lists are handed over in pieces, and are empty in what is returned.
 *
 * @param onPart takes a piece, and the share of the records that is handed over with it
 */
async function readFile(
  file: Blob,
  onPart: (list: LongList, records: readonly unknown[], share: number) => Promise<void>,
): Promise<Validated> {
  const read = readBundle(await file.text());
  if (!read.ok) return read;
  const { bundle } = read;
  const all = LONG.reduce((sum, list) => sum + bundle[list].length, 0);
  const handed: Promise<void>[] = [];
  let done = 0;
  for (const list of LONG)
    for (let i = 0; i < bundle[list].length; i += AT_A_TIME) {
      const records = bundle[list].slice(i, i + AT_A_TIME);
      done += records.length;
      // Cooks cross as texts, as they are kept then.
      const parts = list === 'cooks' ? (records as readonly Cook[]).map(holdCook) : records;
      // In order, none waiting for the one before to be taken.
      handed.push(onPart(list, parts, done / all));
    }
  await Promise.all(handed);
  const short: Bundle = { ...bundle, batches: [], cooks: [], jars: [] };
  return { ok: true, bundle: short };
}

const api = { readFile, readLines, readRecipe };

export type ReaderApi = typeof api;

expose(api);
