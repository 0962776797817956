/** A place for the words of a level where no curve runs through them. */
import { alongOf, downOf } from './path';
import { sideOf, type Level, type Plot } from './plot';

/** A letter against the width of a plot, and a line of text against its height, shares. */
const LETTER = 0.0105;
const HIGH = 0.1;
/** Places tried along the level, share of the width. */
const TRIED = 0.04;

export interface Place {
  /** Share of the width at which the words begin. */
  readonly from: number;
  /** Whether they are under their line. */
  readonly under: boolean;
}

/** Shares of the height that curves take between two places, downward; null if there is none. */
function takenBetween(
  plot: Plot,
  from: number,
  to: number,
): readonly (readonly [number, number])[] {
  return plot.parts.flatMap((part) => {
    if (part.kind !== 'curve' && part.kind !== 'area') return [];
    const { top } = sideOf(plot, part.side);
    const downs = plot.minutes.flatMap((minute, i) => {
      const along = alongOf(plot, minute);
      const value = part.values[i] ?? null;
      return value === null || along < from || along > to ? [] : [downOf(top, value)];
    });
    return downs.length > 0 ? [[Math.min(...downs), Math.max(...downs)] as const] : [];
  });
}

/**
 * Finds where the words of a level are clear of the curves, the leftmost place over the line first.
 *
 * @returns the place that the fewest curves cross, where none is clear
 */
export function clearOf(plot: Plot, level: Pick<Level, 'side' | 'value' | 'text'>): Place {
  const down = downOf(sideOf(plot, level.side).top, level.value);
  const wide = LETTER * (level.text.length + 1);
  let best = { from: 0.01, under: false, crossed: Infinity };
  for (const under of [false, true]) {
    const [high, low] = under ? [down, down + HIGH] : [down - HIGH, down];
    for (let from = 0.01; from + wide <= 1; from += TRIED) {
      const taken = takenBetween(plot, from, from + wide);
      const crossed = taken.filter(([a, b]) => b >= high && a <= low).length;
      if (crossed < best.crossed) best = { from, under, crossed };
    }
  }
  const { from, under } = best;
  return { from, under };
}
