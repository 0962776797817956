/** A row of a chart of times, cooked: what the fit and its tests look at. */
import { runModel } from '../model';
import type { Batch, Item, Step } from '../batch/schema';
import { cookValues } from '../doneness';
import type { ChartRow } from '../doneness/chart';
import { batchOf, item, POT, SEA_LEVEL } from './kitchen';

export type How = 'pressure' | 'simmer';

/**
 * A row as a batch: 300 g in 1.5 L of tap water in the 5.7 L pot, or put into it boiling.
 *
 * @param minutes of hold under pressure, or at the simmer
 */
export function batchOfRow(row: ChartRow, how: How, minutes: number): Batch {
  const simmered = how === 'simmer';
  const steps: Step[] = simmered
    ? [
        { id: 's1', kind: 'simmer', minutes: 0 },
        { id: 's2', kind: 'simmer', minutes },
      ]
    : [{ id: 's1', kind: 'pressure', holdMin: minutes, release: row.release }];
  const food: Item = item('x', row.food, 300, 'g', {
    enters: simmered ? 's2' : 's1',
    ...(row.cut && { cut: row.cut }),
    ...(row.soakedH && { soakedH: row.soakedH }),
  });
  return batchOf([item('w', 'water', 1.5, 'l', { startC: 20 }), food], steps);
}

/** Temperatures of a row's centre and surface along one route, at sea level. */
export interface Route {
  readonly s: readonly number[];
  readonly centreC: readonly number[];
  readonly surfaceC: readonly number[];
}

export function chartRoute(row: ChartRow, how: How, minutes: number): Route {
  const { heat } = runModel(batchOfRow(row, how, minutes), POT, SEA_LEVEL);
  const trace = heat.items['x'];
  if (!trace) throw new RangeError(`${row.food} joins the liquid`);
  return { s: heat.trace.s, centreC: trace.centreC, surfaceC: trace.surfaceC };
}

/** Cook values at the end of a route. */
export function routeValue(route: Route, z: number): { centre: number; surface: number } {
  return {
    centre: cookValues(route.s, route.centreC, z).at(-1) ?? 0,
    surface: cookValues(route.s, route.surfaceC, z).at(-1) ?? 0,
  };
}
