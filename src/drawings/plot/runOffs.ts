/** Grams in the broth that is in the pot, over the time of the cook, as a plot; a run is a hill. */
import { max, nice, ticks } from 'd3-array';
import type { Assessment } from '@/core/assess';
import type { Series } from '@/core/model';
import { formatGrams, MASS_G, type Units } from '@/core/quantity';
import { valueAt } from '@/core/series';
import { thinned } from '../time/sample';
import { clockTicks } from '../time/ticks';
import type { Plot, Side } from './plot';
import type { OverTheClock } from './trace';

/** Points nearer than this share of the whole are one. */
const RESOLUTION = 1 / 200;
const MARKS = 4;

/** Upper end of the axis and its marks, g; round in the kitchen's units. */
export function gramSide({ gelatineG }: Pick<Series, 'gelatineG'>, units: Units): Side {
  const one = units === 'metric' ? 1 : MASS_G.oz;
  const unit = units === 'metric' ? 'g' : 'oz';
  const most = Math.max(1, max(gelatineG) ?? 0) / one;
  const [, top] = nice(0, most, MARKS);
  return {
    top: top * one,
    ticks: ticks(0, top, MARKS).map((round) => ({
      value: round * one,
      text: `${Number(round.toFixed(2))} ${unit}`,
    })),
  };
}

export function runOffPlot(
  { series }: Pick<Assessment, 'series'>,
  { kitchen, clock, servedMin }: OverTheClock,
): Plot {
  const { minute, gelatineG, strongG } = series;
  const { units } = kitchen;
  const poured = (i: number): boolean =>
    (gelatineG[i + 1] ?? Infinity) < valueAt(gelatineG, i) - 1e-6;
  // Break the curve where broth is poured off: repeat the minute with no value.
  const at = thinned(minute, RESOLUTION, (i) => poured(i) || poured(i - 1)).flatMap((i) =>
    poured(i) ? [i, null] : [i],
  );
  const of = (values: readonly number[]): (number | null)[] =>
    at.map((i) => (i === null ? null : (values[i] ?? null)));
  const minutes = at.map((i, k) => valueAt(minute, i ?? valueAt(at, k - 1) ?? 0));
  const given = of(gelatineG);
  const sets = of(strongG);
  const lastMin = minute.at(-1) ?? 1;
  return {
    minutes,
    lastMin,
    times: clockTicks(lastMin, servedMin, clock),
    left: gramSide(series, units),
    right: null,
    parts: [
      { kind: 'area', look: 'sets', side: 'left', values: sets },
      { kind: 'curve', look: 'given', side: 'left', values: given },
    ],
    read: (i) => {
      const [m, set, all] = [minutes[i], sets[i] ?? null, given[i] ?? null];
      if (m === undefined || set === null || all === null) return null;
      return {
        title: `${clock(m)} · ${formatGrams(set, units)} set`,
        note: `of ${formatGrams(all, units)} given`,
      };
    },
  };
}
