import { toFahrenheit, type Units } from '@/core/quantity';

/** Room above and beneath the Trace, px. */
export const AXIS_TOP = 10;
export const AXIS_BOTTOM = 22;
/** Upper end of both axes of the Trace, C and kPa gauge. */
export const TRACE_TOP = 130;
export const DEGREE_TICKS = [20, 60, 100, 120];
export const KPA_TICKS = [0, 40, 80];

/** A mark on the axis of temperature. */
export function degreesText(celsius: number, units: Units): string {
  return `${Math.round(units === 'metric' ? celsius : toFahrenheit(celsius))}°`;
}

/** A mark on the axis of pressure; the topmost says its unit. */
export function kpaText(kpa: number): string {
  return kpa === KPA_TICKS.at(-1) ? `${kpa}\u00a0kPa` : String(kpa);
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
