import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent, RefObject } from 'react';
import { KEY_STEPS } from './stepKeys';

export interface LevelGrip {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** What a key moves it by, and the steps that a hand moves it in. */
  readonly step: number;
  readonly text: string;
}

/**
 * A handle that moves a level up and down a drawing, by mouse, touch or key.
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
  const stepped = (value: number): number =>
    Math.min(grip.most, Math.max(grip.least, Math.round(value / grip.step) * grip.step));
  const bind = useDrag(
    ({ movement: [, dy], memo, last, tap }) => {
      const start = (memo as number | undefined) ?? grip.value;
      if (tap) return start;
      const px = svg.current ? svg.current.getBoundingClientRect().width / width : 1;
      onMove(stepped(start - dy / px / perUnit), last);
      return start;
    },
    // Keys are ours: the package's own would move by pixels.
    { filterTaps: true, pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = KEY_STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(stepped(grip.value + by * grip.step), true);
  };
  return {
    ...bind(),
    role: 'slider',
    tabIndex: 0,
    'aria-label': grip.label,
    'aria-valuemin': Number(grip.least.toFixed(2)),
    'aria-valuemax': Number(grip.most.toFixed(2)),
    'aria-valuenow': Number(grip.value.toFixed(2)),
    'aria-valuetext': grip.text,
    onKeyDown,
  };
}
