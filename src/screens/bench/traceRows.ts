import type { Draws, Series } from '@/core/assess';

/** One point of the Trace. */
export interface TraceRow {
  readonly minute: number;
  readonly c: number;
  readonly kpa: number;
  readonly phase: string;
  /** 10 and 90 % of the draws, C; null where there are none. */
  readonly band: readonly [number, number] | null;
}

/** Points nearer than this share of the whole are one. */
const RESOLUTION = 1 / 240;

function bandAt(draws: Draws | null, minute: number): readonly [number, number] | null {
  if (!draws) return null;
  const { band } = draws;
  const i = band.minute.findIndex((m) => m >= minute);
  if (i < 0) return null;
  const j = Math.max(0, i - 1);
  const a = band.minute[j] ?? 0;
  const b = band.minute[i] ?? a;
  const share = b > a ? (minute - a) / (b - a) : 0;
  const mix = (values: readonly number[]): number =>
    (values[j] ?? 0) + share * ((values[i] ?? 0) - (values[j] ?? 0));
  return [mix(band.p10), mix(band.p90)];
}

/** The series as rows for the chart, thinned to what it can show; changes of phase are kept. */
export function rowsOf(series: Series, draws: Draws | null): readonly TraceRow[] {
  const last = series.minute.at(-1) ?? 0;
  const rows: TraceRow[] = [];
  let before = Number.NEGATIVE_INFINITY;
  series.minute.forEach((minute, i) => {
    const edge =
      i === 0 || i === series.minute.length - 1 || series.phase[i] !== series.phase[i + 1];
    if (!edge && minute - before < last * RESOLUTION) return;
    before = minute;
    rows.push({
      minute,
      c: series.liquidC[i] ?? 0,
      kpa: series.gaugeKPa[i] ?? 0,
      phase: series.phase[i] ?? '',
      band: bandAt(draws, minute),
    });
  });
  return rows;
}

/** Index of the sample nearest before a minute. */
export function sampleAt(series: Series, minute: number): number {
  let low = 0;
  let high = series.minute.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((series.minute[middle] ?? 0) <= minute) low = middle;
    else high = middle - 1;
  }
  return low;
}
