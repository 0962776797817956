/** The run-offs as rows to draw: no drawing here. */
import { scaleLinear } from 'd3-scale';
import type { Assessment, BonesReport, Series } from '@/core/assess';
import { stepsOf, type Batch } from '@/core/batch';
import { formatMinutes, MASS_G, type Units } from '@/core/quantity';
import { grips, type Grip } from '../grips';

/** One point of the chart; g in the broth that is in the pot. */
export interface RunOffRow {
  readonly minute: number;
  readonly given: number | null;
  readonly sets: number | null;
}

/** Points nearer than this share of the whole are one. */
const RESOLUTION = 1 / 200;

/** The series as rows, thinned; where broth is poured off the curve breaks. */
export function runOffRows({ minute, gelatineG, strongG }: Series): readonly RunOffRow[] {
  const last = minute.at(-1) ?? 0;
  const rows: RunOffRow[] = [];
  let before = Number.NEGATIVE_INFINITY;
  minute.forEach((m, i) => {
    const falls = (gelatineG[i + 1] ?? Infinity) < (gelatineG[i] ?? 0) - 1e-6;
    const edge = i === 0 || i === minute.length - 1 || falls;
    if (edge || m - before >= last * RESOLUTION) {
      before = m;
      rows.push({ minute: m, given: gelatineG[i] ?? null, sets: strongG[i] ?? null });
    }
    if (falls) {
      rows.push({ minute: m, given: null, sets: null });
      before = Number.NEGATIVE_INFINITY;
    }
  });
  return rows;
}

/** The stretches of a curve between its breaks. */
export function stretchesIn(rows: readonly RunOffRow[]): readonly (readonly RunOffRow[])[] {
  const parts: RunOffRow[][] = [[]];
  for (const row of rows) {
    if (row.given === null) parts.push([]);
    else parts.at(-1)?.push(row);
  }
  return parts.filter((part) => part.length > 1);
}

/** Upper end of the axis and its marks, g; round in the kitchen's units. */
export function gramAxis(
  series: Series,
  units: Units,
): { readonly top: number; readonly ticks: number[] } {
  const one = units === 'metric' ? 1 : MASS_G.oz;
  const most = series.gelatineG.reduce((a, b) => Math.max(a, b), 1) / one;
  const scale = scaleLinear().domain([0, most]).nice(4);
  return { top: (scale.domain()[1] ?? most) * one, ticks: scale.ticks(4).map((t) => t * one) };
}

/** A mark of the axis. */
export function gramTick(grams: number, units: Units): string {
  const value = units === 'metric' ? grams : grams / MASS_G.oz;
  return `${Number(value.toFixed(2))} ${units === 'metric' ? 'g' : 'oz'}`;
}

/** Where each run stops: the grip of its last hold, named by the run. */
export function stopsOf(batch: Batch, { time, bones }: Assessment): readonly Grip[] {
  const all = grips(stepsOf(batch), time.steps).filter((g) => g.kind === 'hold');
  return bones.flatMap((run) => {
    const grip = all.findLast((g) => run.steps.includes(g.step));
    return grip
      ? [
          {
            ...grip,
            id: `stop-${run.run}`,
            label: `Stop of run ${run.run}`,
            text: `${formatMinutes(grip.minutes)} of hold`,
          },
        ]
      : [];
  });
}

/** One run's broth in the glass. */
export interface Layer {
  readonly run: number;
  /** From the bottom and its height, shares of the glass. */
  readonly from: number;
  readonly high: number;
  /** How dark it is, 0 to 1: thin broth is pale. */
  readonly depth: number;
}

/** A glass with little in it still shows its layers, L. */
const GLASS_L = 3;
/** The glass is never full to the rim. */
const ROOM = 1.1;

/** The broths that are left in the end, one on the other; the first run lies at the bottom. */
export function layersOf(bones: readonly BonesReport[]): readonly Layer[] {
  const lots = bones.filter((run, i) => run.step !== null || i === bones.length - 1);
  const whole = lots.reduce((sum, lot) => sum + lot.litres, 0);
  const glass = Math.max(GLASS_L, whole * ROOM);
  let from = 0;
  return lots.map((lot) => {
    const layer = {
      run: lot.run,
      from,
      high: lot.litres / glass,
      depth: Math.min(1, 0.3 + lot.setsGPerL / 32),
    };
    from += layer.high;
    return layer;
  });
}
