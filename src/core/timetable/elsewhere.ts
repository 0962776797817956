/** Foods heated in other vessels before they go into the pot. */
import { doneIn, doneMin, doWords, foodOf, handlingAt } from '../batch/plan';
import type { Batch, Item } from '../batch/schema';
import { spoken } from '../food';
import type { Units } from '../quantity';

interface Heated {
  readonly item: Item;
  /** Inside a sentence. */
  readonly name: string;
  /** Handling of it, each move in a sentence. */
  readonly sentences: readonly string[];
  /** All of it together, min. */
  readonly minutes: number;
}

/** Foods that are heated elsewhere for a step. @param step id of a step of the batch */
export function heatedFor(batch: Batch, step: string, units: Units): readonly Heated[] {
  return handlingAt(batch, step).into.flatMap(({ item, done }): readonly Heated[] => {
    const heated = done.filter((one) => doneIn(one) !== null && doneMin(one) > 0);
    if (heated.length === 0) return [];
    const name = spoken(foodOf(item)?.name ?? item.food);
    const sentences = heated.map((one) => doWords(one, `the ${name}`, units));
    const minutes = heated.reduce((sum, one) => sum + doneMin(one), 0);
    return [{ item, name, sentences, minutes }];
  });
}
