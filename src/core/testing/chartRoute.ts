/** A row of a chart of times, cooked: what the fit and its tests look at. */
import { foodByKey } from '../food';
import { runModel } from '../model';
import type { Batch, Item, Step } from '../batch/schema';
import type { ChartRow } from '../doneness/chart';
import { batchOf, item, POT, SEA_LEVEL } from './kitchen';

export type How = 'pressure' | 'simmer';

/** From here on the pot is brought to the boil with it, g. */
const HEAVY_G = 600;

/**
 * A row as a batch: 300 g, or one piece of more, in 1.5 L of tap water in the 5.7 L pot, or put into
 * it boiling.
 *
 * @param minutes of hold under pressure, or at the simmer
 */
export function batchOfRow(row: ChartRow, how: How, minutes: number): Batch {
  const simmered = how === 'simmer';
  const piece = row.cut === null || row.cut.shape === 'whole' ? foodByKey(row.food)?.pieceG : 0;
  const grams = row.grams ?? Math.max(300, piece ?? 0);
  const steps: Step[] = simmered
    ? [
        { id: 's1', kind: 'simmer', minutes: 0 },
        { id: 's2', kind: 'simmer', minutes },
      ]
    : [{ id: 's1', kind: 'pressure', holdMin: minutes, release: row.release }];
  const food: Item = item('x', row.food, grams, 'g', {
    // The minutes of what is heavy are counted from the boil, with it in.
    stays: [{ from: simmered && grams < HEAVY_G ? 's2' : 's1' }],
    ...(row.cut && { cut: row.cut }),
    ...(row.soakedH && { soakedH: row.soakedH }),
  });
  // A long simmer is topped up: half a litre boils away in an hour.
  const litres = 1.5 + (simmered ? Math.max(0, minutes - 60) / 120 : 0);
  return batchOf([item('w', 'water', litres, 'l', { startC: 20 }), food], steps);
}

/** Temperatures of a row's centre and surface along one route, at sea level. */
export interface ChartRun {
  readonly trace: {
    readonly s: readonly number[];
    readonly centreC: readonly number[];
    readonly surfaceC: readonly number[];
  };
  /** When it went into the boiling pot, or the lid on, s. */
  readonly fromS: number;
}

/** @throws RangeError for what joins the liquid */
export function chartRun(row: ChartRow, how: How, minutes: number): ChartRun {
  const { heat } = runModel(batchOfRow(row, how, minutes), POT, SEA_LEVEL);
  const trace = heat.items['x'];
  if (!trace) throw new RangeError(`${row.food} joins the liquid`);
  const { centreC, surfaceC } = trace;
  const fromS = how === 'simmer' ? (heat.steps[1]?.startS ?? 0) : 0;
  return { trace: { s: heat.trace.s, centreC, surfaceC }, fromS };
}
