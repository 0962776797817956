import { PRESSURE_UNITS, toCelsius, type PressureUnit, type Units } from '@/core/quantity';

/** Upper end of both axes of the Trace, C and kPa gauge. */
export const TRACE_TOP = 130;

/** Minutes of the cook as they are read. */
export type ClockText = (minute: number) => string;

/** A mark on an axis: its SI value and its label. */
export interface AxisTick {
  readonly value: number;
  readonly text: string;
}

const DEGREES: Readonly<Record<Units, readonly number[]>> = {
  metric: [20, 60, 100, 120],
  us: [70, 140, 200, 250],
};
const PRESSURES: Readonly<Record<PressureUnit, readonly number[]>> = {
  kPa: [0, 40, 80],
  bar: [0, 0.4, 0.8],
  psi: [0, 6, 12],
};

/** Round marks on the temperature axis, in the kitchen's degrees; placed in Celsius. */
export function degreeTicks(units: Units): readonly AxisTick[] {
  return DEGREES[units].map((round) => ({
    value: units === 'metric' ? round : toCelsius(round),
    text: `${round}°`,
  }));
}

/** Round marks on the pressure axis; placed in kPa, and the topmost has the unit. */
export function pressureTicks(unit: PressureUnit): readonly AxisTick[] {
  return PRESSURES[unit].map((round, i, all) => ({
    value: round * PRESSURE_UNITS[unit].kPa,
    text: i === all.length - 1 ? `${round}\u00a0${unit}` : String(round),
  }));
}

/** Text of the mark at a value; empty for none. */
export function tickText(ticks: readonly AxisTick[], value: number): string {
  return ticks.find((tick) => Math.abs(tick.value - value) < 1e-6)?.text ?? '';
}

/** Steps of a clock, min. */
const CLOCK_STEPS = [1, 2, 5, 10, 15, 20, 30, 60, 120, 240, 480];
const MOST_TICKS = 8;

/**
 * Round minutes to mark along a cook.
 *
 * @param endMin length of the cook
 * @param servedMin minute on the table, from which the clock counts; null from the start
 */
export function timeTicks(endMin: number, servedMin: number | null): number[] {
  const step = CLOCK_STEPS.find((s) => endMin / s < MOST_TICKS) ?? 960;
  const first = servedMin === null ? 0 : servedMin - step * Math.floor(servedMin / step + 1e-9);
  return Array.from(
    { length: Math.floor((endMin - first) / step + 1e-9) + 1 },
    (_, i) => first + i * step,
  );
}

/** Marks along a cook with their words; of minutes only the last says so. */
export function clockTicks(
  endMin: number,
  servedMin: number | null,
  clock: ClockText,
): readonly AxisTick[] {
  return timeTicks(endMin, servedMin).map((value, i, all) => ({
    value,
    // Charts break a label at its spaces.
    text:
      i === all.length - 1
        ? clock(value).replaceAll(' ', '\u00a0')
        : clock(value).replace(/ min$/, ''),
  }));
}
