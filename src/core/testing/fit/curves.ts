/** Thermal history of a food along a route of the chart, by its minutes: input of the fit. */
import { cookValues } from '../../doneness';
import type { ChartRow } from '../../doneness/chart';
import { chartRun, type How } from '../chartRoute';

/** Holds of a pressure route that are run, over its middle. */
const HOLDS = [0, 0.2, 0.4, 0.6, 0.8, 1, 1.2, 1.5, 2, 2.5] as const;
/** How far a simmer is run, over the end of its range. */
const FAR = 2.6;

interface Trace {
  readonly s: readonly number[];
  readonly centreC: readonly number[];
  readonly surfaceC: readonly number[];
}

/** Temperatures along a route, for every length of it that the fit asks about. */
export interface Route {
  readonly row: ChartRow;
  readonly how: How;
  /** Minutes of hold or simmer, rising. */
  readonly minutes: readonly number[];
  /** Of the same length: the trace that ends so, and its last sample. */
  readonly ends: readonly { readonly trace: Trace; readonly sample: number }[];
}

/** Minutes that kitchens give for one route of a row. */
export function rangeOf(row: ChartRow, how: How): readonly [number, number] {
  return how === 'simmer' ? row.simmer : (row.pressure as [number, number]);
}

export function middle([from, to]: readonly [number, number]): number {
  return (from + to) / 2;
}

function simmerRoute(row: ChartRow): Route {
  const { trace, fromS } = chartRun(row, 'simmer', FAR * row.simmer[1]);
  const at = trace.s.flatMap((s, i) => (s >= fromS ? [i] : []));
  return {
    row,
    how: 'simmer',
    minutes: at.map((i) => ((trace.s[i] as number) - fromS) / 60),
    ends: at.map((sample) => ({ trace, sample })),
  };
}

function pressureRoute(row: ChartRow, around: number): Route {
  const minutes = HOLDS.map((k) => k * Math.max(1, around));
  return {
    row,
    how: 'pressure',
    minutes,
    ends: minutes.map((hold) => {
      const { trace } = chartRun(row, 'pressure', hold);
      return { trace, sample: trace.s.length - 1 };
    }),
  };
}

export function routesOf(row: ChartRow): readonly Route[] {
  const { pressure } = row;
  return [simmerRoute(row), ...(pressure ? [pressureRoute(row, middle(pressure))] : [])];
}

/** Cook values of a route's middle and outside, by its minutes. */
export interface Curve {
  readonly row: ChartRow;
  readonly how: How;
  readonly minutes: readonly number[];
  readonly centre: readonly number[];
  readonly surface: readonly number[];
}

export function curveOf({ row, how, minutes, ends }: Route, z: number): Curve {
  const valued = new Map<Trace, { centre: readonly number[]; surface: readonly number[] }>();
  const of = (trace: Trace) => {
    const known = valued.get(trace);
    if (known) return known;
    const values = {
      centre: cookValues(trace.s, trace.centreC, z),
      surface: cookValues(trace.s, trace.surfaceC, z),
    };
    valued.set(trace, values);
    return values;
  };
  return {
    row,
    how,
    minutes,
    centre: ends.map(({ trace, sample }) => of(trace).centre[sample] ?? 0),
    surface: ends.map(({ trace, sample }) => of(trace).surface[sample] ?? 0),
  };
}

/** Value at a minute of a route, between its samples. */
export function at(curve: Curve, of: 'centre' | 'surface', minute: number): number {
  const { minutes } = curve;
  const values = curve[of];
  const after = minutes.findIndex((m) => m >= minute);
  if (after < 0) return values.at(-1) ?? 0;
  if (after === 0) return values[0] ?? 0;
  const [m0, m1] = [minutes[after - 1] as number, minutes[after] as number];
  const [v0, v1] = [values[after - 1] as number, values[after] as number];
  return v0 + ((v1 - v0) * (minute - m0)) / (m1 - m0);
}

/** Minute at which a measure of a route first comes to a value; Infinity where it never does. */
export function minuteOf(curve: Curve, measure: (i: number) => number, wanted: number): number {
  const { minutes } = curve;
  let low = 0;
  let high = minutes.length - 1;
  if (measure(high) < wanted) return Infinity;
  if (measure(0) >= wanted) return 0;
  while (high - low > 1) {
    const between = (low + high) >> 1;
    if (measure(between) >= wanted) high = between;
    else low = between;
  }
  const [v0, v1] = [measure(low), measure(high)];
  const [m0, m1] = [minutes[low] as number, minutes[high] as number];
  return m0 + ((m1 - m0) * (wanted - v0)) / Math.max(1e-9, v1 - v0);
}
