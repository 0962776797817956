import { foodByKey } from '../food';
import { simulate, heatPot, type HeatStep } from '../heat';
import type { Pot } from '../batch';
import type { ChartRow } from './chart';
import { cookValues } from './cookValue';
import { conductionShape } from './shape';

/** The pot the chart's times are for: 5.7 L, 1000 W, 80 kPa, at sea level. */
const CHART_POT: Pot = {
  id: 'chart',
  name: 'chart pot',
  kind: 'electric',
  capacityL: 5.7,
  innerDiameterCm: 22,
  maxFill: 0.667,
  foamFill: 0.5,
  minLiquidL: 0.25,
  powerW: 1000,
  settings: [{ name: 'high', gaugeKPa: 80 }],
};

const WATER_KG = 1.5;
const FOOD_KG = 0.3;
const AIR = { pressurePa: 101325, ambientC: 20 };

/** Temperatures of a chart row's centre and surface along one route. */
export interface Route {
  readonly s: readonly number[];
  readonly centreC: readonly number[];
  readonly surfaceC: readonly number[];
}

/**
 * Cooks a row of the chart.
 *
 * @param minutes of hold under pressure, or at the simmer when put into boiling water
 */
export function chartRoute(row: ChartRow, how: 'pressure' | 'simmer', minutes: number): Route {
  const food = foodByKey(row.food);
  if (!food) throw new RangeError(`no food called ${row.food}`);
  const steps: HeatStep[] =
    how === 'pressure'
      ? [{ kind: 'pressure', gaugeKPa: 80, holdMin: minutes, release: row.release }]
      : [
          { kind: 'simmer', minutes: 0 },
          { kind: 'simmer', minutes },
        ];
  const water = foodByKey('water');
  if (!water) throw new RangeError('no water');
  const item = {
    id: 'food',
    massKg: FOOD_KG,
    composition: food.composition,
    shape: conductionShape(food, row.cut),
    startC: food.kept === 'fridge' ? 5 : 20,
    entersAt: how === 'pressure' ? 0 : 1,
    leavesAt: steps.length,
  };
  const liquid = {
    ...item,
    id: 'water',
    massKg: WATER_KG,
    composition: water.composition,
    shape: null,
    startC: 20,
    entersAt: 0,
  };
  const result = simulate([liquid, item], steps, heatPot(CHART_POT), AIR);
  const trace = result.items['food'];
  if (!trace) throw new RangeError(`${row.food} joins the liquid`);
  return { s: result.trace.s, centreC: trace.centreC, surfaceC: trace.surfaceC };
}

/** Cook values at the end of a route. */
export function routeValue(route: Route, z: number): { centre: number; surface: number } {
  return {
    centre: cookValues(route.s, route.centreC, z).at(-1) ?? 0,
    surface: cookValues(route.s, route.surfaceC, z).at(-1) ?? 0,
  };
}
