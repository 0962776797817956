/** Temperature and pressure over a plan, as a plot. */
import type { Assessment, Draws } from '@/core/assess';
import { pressureUnit } from '@/core/batch/plan';
import type { Kitchen } from '@/core/batch/schema';
import { formatPressure, formatTemperature } from '@/core/quantity';
import { between, valueAt } from '@/core/series';
import { thinned } from '../time/sample';
import { degreeTicks, pressureTicks, clockTicks, TRACE_TOP, type ClockText } from '../time/ticks';
import { NO_TICKS, type Plot, type PlotPart } from './plot';

/** Points nearer than this share of the whole are one. */
const RESOLUTION = 1 / 240;
/** Lower pressure counts as none, kPa. */
const NO_PRESSURE_KPA = 1;

/** 10 and 90 % quantiles of the draws at a minute, C; null if there are none. */
function bandAt({ band }: Draws, minute: number): readonly [number, number] | null {
  const end = band.minute.at(-1);
  if (end === undefined || minute > end) return null;
  return [between(band.minute, band.p10, minute), between(band.minute, band.p90, minute)];
}

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

export interface OverTheClock {
  readonly kitchen: Kitchen;
  readonly clock: ClockText;
  /** Minute on the table, from which the clock counts; null where no time is set. */
  readonly servedMin: number | null;
}

/** The Trace of a plan. @param draws what is not known, as a band; null before it is worked out */
export function tracePlot(
  { series, boilC }: Assessment,
  draws: Draws | null,
  { kitchen, clock, servedMin }: OverTheClock,
): Plot {
  const { phase } = series;
  const at = thinned(series.minute, RESOLUTION, (i) => phase[i] !== phase[i + 1]);
  const of = (values: readonly number[]): number[] => at.map((i) => valueAt(values, i));
  const minutes = of(series.minute);
  const liquidC = of(series.liquidC);
  const gaugeKPa = of(series.gaugeKPa);
  const lastMin = minutes.at(-1) ?? 1;
  const boils = formatTemperature(boilC, kitchen.units);
  const band: readonly PlotPart[] = draws
    ? [
        {
          kind: 'band',
          look: 'range',
          side: 'left',
          values: minutes.map((minute) => bandAt(draws, minute)),
        },
      ]
    : [];
  return {
    minutes,
    lastMin,
    times: clockTicks(lastMin, servedMin, clock),
    left: { top: TRACE_TOP, ticks: degreeTicks(kitchen.units) },
    right: { top: TRACE_TOP, ticks: pressureTicks(pressureUnit(kitchen)) },
    parts: [
      ...band,
      { kind: 'level', look: 'boil', side: 'left', value: boilC, text: `boils at ${boils} here` },
      { kind: 'curve', look: 'pressure', side: 'right', values: gaugeKPa },
      { kind: 'curve', look: 'liquid', side: 'left', values: liquidC },
    ],
    read: (i) => {
      const [minute, c, kPa] = [minutes[i], liquidC[i], gaugeKPa[i]];
      if (minute === undefined || c === undefined || kPa === undefined) return null;
      const pressure = kPa > NO_PRESSURE_KPA && formatPressure(kPa, pressureUnit(kitchen));
      const title = [clock(minute), formatTemperature(c, kitchen.units), pressure];
      return {
        title: title.filter(Boolean).join(' · '),
        note: capital(phase[valueAt(at, i)] ?? ''),
      };
    },
  };
}

/** Temperature alone, without a word: for a row among many. */
export function smallPlot({ series }: Pick<Assessment, 'series'>): Plot {
  return {
    minutes: series.minute,
    lastMin: series.minute.at(-1) ?? 1,
    times: [],
    left: { ...NO_TICKS, top: TRACE_TOP },
    right: null,
    parts: [{ kind: 'curve', look: 'small', side: 'left', values: series.liquidC }],
    read: () => null,
  };
}
