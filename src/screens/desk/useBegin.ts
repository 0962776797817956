/** Ways from the desk to a plan: each makes a batch, keeps it, and opens it on the Bench. */
import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { pourIn, type Shelf } from '@/core/batch/household';
import { newBatch, waterL } from '@/core/batch/plan';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import type { Meant } from '@/core/food';
import type { Dish } from '@/dishes';
import { batchOfRecipe } from '@/formats';
import { saveBatch } from '@/ui/household';
import { makeStock } from '@/ui/larder';
import { reasonWords } from '@/ui/useNewest';
import { ask } from '@/workers';

/** Most of a pot that broth alone may fill before the food is in, share of its volume. */
const MOST_BROTH = 0.4;

export interface Begin {
  /** Name of the dish whose plan is being worked out; null while none is. */
  readonly making: string | null;
  /** Why no plan could be made. */
  readonly failure: string | null;
  readonly empty: () => void;
  readonly dish: (dish: Dish) => void;
  /** A recipe as it was put right; its minutes are worked out where it gives none. */
  readonly recipe: (batch: Batch, words: readonly Meant[], done: () => void) => void;
  readonly bag: () => void;
  readonly again: (batch: Batch) => void;
}

/** Replaces the water of a batch by broth from the Larder; a batch without water gets the broth besides. */
function withBroth(batch: Batch, shelf: Shelf | null, pot: Pot): Batch {
  if (!shelf) return batch;
  const free = shelf.jars.reduce((sum, { freeL }) => sum + freeL, 0);
  const litres = Math.min(free, waterL(batch) || MOST_BROTH * pot.capacityL);
  return pourIn(batch, shelf, litres, true);
}

/**
 * @param pot that is planned in, by what its cooks taught
 * @param shelf broth that takes the place of water in the next plan
 */
export function useBegin(pot: Pot | undefined, kitchen: Kitchen, shelf: Shelf | null): Begin {
  const router = useRouter();
  const [making, setMaking] = useState<string | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const open = (batch: Batch, words: readonly Meant[] = []): boolean => {
    const kept = saveBatch(batch, { put: batch.items, words });
    if (kept) router.push(`/bench/${batch.id}`);
    return kept;
  };
  const work = async (
    name: string,
    make: () => Promise<Batch>,
    words: readonly Meant[] = [],
  ): Promise<boolean> => {
    setMaking(name);
    setFailure(null);
    try {
      return open(await make(), words);
    } catch (reason) {
      setFailure(`${name}: ${reasonWords(reason)}`);
      return false;
    } finally {
      setMaking(null);
    }
  };
  return {
    making,
    failure,
    empty: () => {
      const batch = newBatch(nanoid(10), pot);
      open(pot ? withBroth(batch, shelf, pot) : batch);
    },
    dish: (dish) => {
      if (!pot) return;
      void work(dish.name, async () => {
        const text = dish.recipe.join('\n');
        const read = await ask('readRecipe', [text, { foods: [], units: 'metric' }, {}]);
        if (!read.ok) throw new Error(read.message);
        const made = batchOfRecipe(read.recipe, nanoid(10), pot);
        return ask('fitted', [withBroth(made, shelf, pot), pot, kitchen]);
      });
    },
    recipe: (batch, words, done) => {
      const make = async (): Promise<Batch> => {
        const own = { ...batch, id: nanoid(10) };
        if (!pot) return own;
        const made = withBroth(own, shelf, pot);
        return batch.steps ? made : ask('timed', [made, pot, kitchen]);
      };
      void work(batch.name, make, words).then((kept) => {
        if (kept) done();
      });
    },
    bag: () => {
      const batch = makeStock(nanoid(10));
      if (batch) router.push(`/bench/${batch.id}`);
    },
    again: (batch) => void open(batch),
  };
}
