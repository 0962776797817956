/** Questions that take more than one call. */
import type { Draws } from '../core/assess';
import type { Validated } from '../core/batch/household';
import type { Batch, Bundle, Cook, Kitchen, Pot } from '../core/batch/schema';
import { LOOKED_AT, LOOKED_AT_OF_BATCH, teachers, type Learned, type Taught } from '../core/learn';
import { lookAt, writeHeld, type HeldCook } from '../formats/held';
import type { Ask } from './calls';

/** The parts of instructive cooks that learning reads. */
const taughtText = (cooks: readonly Cook[]): string =>
  writeHeld(teachers(cooks), LOOKED_AT, LOOKED_AT_OF_BATCH);

/**
 * @param workers that draws are parted among
 * @param nextTurn lets the page draw first
 */
export function togetherBy(ask: Ask, workers: () => number, nextTurn: () => Promise<void>) {
  return {
    /** Learns from all cooks of a household. */
    learnAway: async (
      { pots, kitchen, cooks }: Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>,
      signal?: AbortSignal,
    ): Promise<Learned> => {
      // Let the page draw before thousands of cooks are serialized.
      await nextTurn();
      return ask('learn', [pots, kitchen, taughtText(cooks)], { signal });
    },

    /** Learns from one cook. */
    taughtAway: (
      cook: Cook,
      { kitchen, cooks }: Pick<Bundle, 'kitchen' | 'cooks'>,
      signal?: AbortSignal,
    ): Promise<Taught | null> => ask('taught', [cook, kitchen, taughtText(cooks)], { signal }),

    /**
     * Draws of a batch, by as many workers as there are: the same digits as by one.
     *
     * @param onDraw told how many are done
     * @throws the reason of the signal that ended them
     */
    drawAway: async (
      batch: Batch,
      pot: Pot,
      kitchen: Kitchen,
      draws: number,
      onDraw: (done: number) => void,
      signal?: AbortSignal,
    ): Promise<Draws | null> => {
      const many = Math.min(workers(), draws);
      const done = Array.from({ length: many }, () => 0);
      const parts = await Promise.all(
        done.map((_, i) => {
          const from = Math.floor((i * draws) / many);
          const to = Math.floor(((i + 1) * draws) / many);
          const onPart = (drawn: number): void => {
            done[i] = drawn;
            onDraw(done.reduce((sum, one) => sum + one, 0));
          };
          return ask('draw', [batch, pot, kitchen, { seed: 1, from, to }], { signal, onPart });
        }),
      );
      return ask('sumDraws', [batch, parts], { signal });
    },

    /**
     * Reads a file of a household.
     *
     * @param onShare told how much of it is here, 0 to 1
     */
    readFileAway: async (file: Blob, onShare: (share: number) => void): Promise<Validated> => {
      const lists: Record<'batches' | 'cooks' | 'jars', unknown[]> = {
        batches: [],
        cooks: [],
        jars: [],
      };
      const read = await ask('readFile', [file], {
        onPart: ({ list, records, share }) => {
          const held = list === 'cooks' ? (records as readonly HeldCook[]).map(lookAt) : records;
          lists[list].push(...held);
          onShare(share);
        },
      });
      return read.ok
        ? { ok: true, bundle: { ...read.bundle, ...(lists as Partial<Bundle>) } }
        : read;
    },
  };
}
