/** Calls of the reader: lists, recipes and files that others may have written. */
import type { Validated } from '../core/batch/household';
import { readLines } from '../core/batch/reading';
import type { Bundle, Cook } from '../core/batch/schema';
import { holdCook } from '../formats/held';
import { readRecipe } from '../formats/recipe/recipeIn';
import { readBundle } from '../formats/read';
import { silent, type Tell } from './call';

/** The long lists of a household. */
export type LongList = 'batches' | 'cooks' | 'jars';
const LONG: readonly LongList[] = ['batches', 'cooks', 'jars'];

/** Records per message: the receiver can draw between two. */
const AT_A_TIME = 100;

/** Records of a long list, and their share of the whole. */
export interface FilePart {
  readonly list: LongList;
  readonly records: readonly unknown[];
  readonly share: number;
}

/** Reads a file; its long lists are handed over in parts, and are empty in what is returned. */
async function readFile(tell: Tell<FilePart>, file: Blob): Promise<Validated> {
  const read = readBundle(await file.text());
  if (!read.ok) return read;
  const { bundle } = read;
  const all = LONG.reduce((sum, list) => sum + bundle[list].length, 0);
  let done = 0;
  for (const list of LONG)
    for (let i = 0; i < bundle[list].length; i += AT_A_TIME) {
      const records = bundle[list].slice(i, i + AT_A_TIME);
      done += records.length;
      // Cooks cross as texts, as they are kept then.
      const parts = list === 'cooks' ? (records as readonly Cook[]).map(holdCook) : records;
      tell({ list, records: parts, share: done / all });
    }
  const short: Bundle = { ...bundle, batches: [], cooks: [], jars: [] };
  return { ok: true, bundle: short };
}

export const READING_CALLS = {
  readFile,
  readLines: silent(readLines),
  readRecipe: silent(readRecipe),
};
