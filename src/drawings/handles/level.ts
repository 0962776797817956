import type { RefObject } from 'react';
import { useSlider } from './slider';

export interface LevelGrip {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** Step of a key press and of a drag. */
  readonly step: number;
  readonly text: string;
}

const hundredths = (value: number): number => Number(value.toFixed(2));

/**
 * A handle that moves a level up and down a drawing.
 *
 * @param svg the drawing, as wide as `width` in its own units
 * @param perUnit height of one unit of the value, in units of the drawing
 * @param onMove the value as the hand has it; done when it lets go
 */
export function useLevelHandle(
  grip: LevelGrip,
  svg: RefObject<SVGSVGElement | null>,
  width: number,
  perUnit: number,
  onMove: (value: number, done: boolean) => void,
) {
  const { label, value, least, most, step, text } = grip;
  const stepped = (to: number): number =>
    Math.min(most, Math.max(least, Math.round(to / step) * step));
  return useSlider(
    {
      label,
      text,
      least: hundredths(least),
      most: hundredths(most),
      value: hundredths(value),
    },
    {
      axis: 'y',
      begin: () => ({
        value,
        px: svg.current ? svg.current.getBoundingClientRect().width / width : 1,
      }),
      drag: (from, px, done) => onMove(stepped(from.value - px / from.px / perUnit), done),
      key: (by) => onMove(stepped(value + by * step), true),
    },
  );
}
