/** Items in the pot, out of it and apart at every step: the one answer for all who ask. */
import { stepsOf } from './complete';
import { spansOf } from './stays';
import type { Batch, Done, Item } from '../schema/types';

/** An item that goes in as a step begins. */
export interface Into {
  readonly item: Item;
  /** It was in before: it comes back from its plate. */
  readonly back: boolean;
  /** Handling of the food before it goes in. */
  readonly done: readonly Done[];
}

/** An item that comes out as a step begins. */
export interface Out {
  readonly item: Item;
  /** It goes in again: to its plate. */
  readonly aside: boolean;
}

export interface Handling {
  /** Goes in as the step begins. */
  readonly into: readonly Into[];
  /** Comes out as it begins. */
  readonly out: readonly Out[];
}

/** Moves of hands as a step begins. @param step id of a step of the batch */
export function handlingAt(batch: Batch, step: string): Handling {
  const steps = stepsOf(batch);
  const index = steps.findIndex((s) => s.id === step);
  const all = batch.items
    .filter((item) => !item.apart)
    .map((item) => ({ item, spans: spansOf(item, steps) }));
  return {
    into: all.flatMap(({ item, spans }) => {
      const at = spans.findIndex(({ from }) => from === index);
      const span = spans[at];
      return span ? [{ item, back: at > 0, done: span.done }] : [];
    }),
    out: all.flatMap(({ item, spans }) => {
      const at = spans.findIndex(({ to }) => to === index && index >= 0);
      return at < 0 ? [] : [{ item, aside: at < spans.length - 1 }];
    }),
  };
}

/**
 * Whether the lid stays on after a step under pressure: the pot rests, or keeps warm, with nothing to put in or
 * take out.
 */
export function staysShut(batch: Batch, step: string): boolean {
  const steps = stepsOf(batch);
  const at = steps.findIndex((s) => s.id === step);
  const next = steps[at + 1];
  if (steps[at]?.kind !== 'pressure' || next?.kind !== 'rest') return false;
  const { into, out } = handlingAt(batch, next.id);
  return into.length + out.length === 0;
}

/** Items cooked in pans of their own and joined in the bowl. */
export function keptApart(batch: Batch): readonly Item[] {
  return batch.items.filter((item) => item.apart === true);
}
