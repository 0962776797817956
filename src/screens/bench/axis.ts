import { toFahrenheit, type Units } from '@/core/quantity';
import { minuteScale } from '@/ui/curve';

/** Room beside the Trace for its axes, px; the step bar and the lanes keep the same. */
export const AXIS_LEFT = 46;
export const AXIS_RIGHT = 46;
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

/**
 * Round minutes to mark along a cook.
 *
 * @param served counted back from the table instead of from the start
 */
export function timeTicks(totalMin: number, served: boolean): number[] {
  const ticks = minuteScale(totalMin, 1).ticks(7);
  return served ? ticks.map((tick) => totalMin - tick).reverse() : ticks;
}
