/** Words of a kitchen: what a cook has put right once. */
import { MOST_WORDS } from '../schema/most';
import type { Meant } from '../../food';

/** Words of a kitchen with another one; the newest meaning counts. */
export function withWord(words: readonly Meant[], word: Meant): readonly Meant[] {
  return [...words.filter(({ said }) => said !== word.said), word].slice(-MOST_WORDS);
}
