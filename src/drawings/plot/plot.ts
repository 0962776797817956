/**
 * A chart over the minutes of a cook, as data: what is to be seen, and no word of who draws it. The
 * light drawing (SVG, while a hand moves, and where there is little room) and the rich one (at rest,
 * with cursor and readings) draw the same.
 */
import type { AxisTick } from '../time/ticks';

/** Meaning of a part; `looks` holds its colors and dashes. */
export type Look =
  | 'liquid'
  | 'pressure'
  | 'range'
  | 'boil'
  | 'predicted'
  | 'small'
  | 'sets'
  | 'given'
  | 'mark'
  | 'now'
  | 'limit';

export type SideName = 'left' | 'right';

/** A value at each of the plot's minutes; null where the curve breaks. */
export interface Curve {
  readonly kind: 'curve' | 'area';
  readonly look: Look;
  readonly side: SideName;
  readonly values: readonly (number | null)[];
}

/** From and to at each of the plot's minutes. */
export interface Band {
  readonly kind: 'band';
  readonly look: Look;
  readonly side: SideName;
  readonly values: readonly (readonly [number, number] | null)[];
}

/** A value that holds throughout. */
export interface Level {
  readonly kind: 'level';
  readonly look: Look;
  readonly side: SideName;
  readonly value: number;
  readonly text: string;
}

/** Something at a minute. */
export interface Moment {
  readonly kind: 'moment';
  readonly look: Look;
  readonly minute: number;
  readonly text: string;
}

/** Single readings. */
export interface Points {
  readonly kind: 'points';
  readonly look: Look;
  readonly side: SideName;
  readonly at: readonly {
    readonly minute: number;
    readonly value: number;
    readonly text: string;
  }[];
}

export type PlotPart = Curve | Band | Level | Moment | Points;

export interface Side {
  /** Upper end of the axis; it begins at 0. */
  readonly top: number;
  readonly ticks: readonly AxisTick[];
}

/** Reading at the cursor. */
export interface PlotReading {
  readonly title: string;
  readonly note: string;
}

export interface Plot {
  /** Rising; a repeated minute marks a jump. */
  readonly minutes: readonly number[];
  readonly lastMin: number;
  /** Along the clock. */
  readonly times: readonly AxisTick[];
  readonly left: Side;
  readonly right: Side | null;
  /** In the order in which they are drawn, the hindmost first. */
  readonly parts: readonly PlotPart[];
  /** @param index of a minute */
  readonly read: (index: number) => PlotReading | null;
}

/** @throws RangeError for a side that a plot does not have */
export function sideOf(plot: Plot, side: SideName): Side {
  const found = side === 'left' ? plot.left : plot.right;
  if (!found) throw new RangeError(`this plot has no axis on the ${side}`);
  return found;
}

export const NO_TICKS: Side = { top: 1, ticks: [] };
