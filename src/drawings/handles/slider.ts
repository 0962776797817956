import { useRef, type KeyboardEvent } from 'react';
import { useDragOn } from './drag';

/** How many steps a key moves a handle; missing for keys that do not. */
const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 5,
  PageDown: -5,
  // Further than any handle goes: each stops at its own end.
  Home: -1e6,
  End: 1e6,
};

/** Accessible name and value of a handle. */
export interface SliderWords {
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly value: number;
  readonly text: string;
}

/** Behavior of a handle; its starting value is kept for the whole drag. */
export interface SliderHand<T> {
  readonly axis: 'x' | 'y';
  /** @param handle the element that is dragged */
  readonly begin: (handle: HTMLElement) => T;
  /**
   * @param px moved so far, right or down
   * @param done when the hand lets go
   */
  readonly drag: (from: T, px: number, done: boolean) => void;
  /** @param by steps, above 0 for right and up */
  readonly key: (by: number) => void;
}

/**
 * A handle to be dragged by mouse or touch, or moved by key: every one of the drawings is this.
 *
 * @returns what its element gets
 */
export function useSlider<T>(words: SliderWords, { axis, begin, drag, key }: SliderHand<T>) {
  const ref = useRef<HTMLDivElement>(null);
  useDragOn(
    ref,
    ({ movement: [dx, dy], memo, last, tap }) => {
      const handle = ref.current;
      if (!handle) return memo as unknown;
      const from = (memo as { readonly from: T } | undefined) ?? { from: begin(handle) };
      if (!tap) drag(from.from, axis === 'x' ? dx : dy, last);
      return from;
    },
    axis === 'x' ? axis : undefined,
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = KEY_STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    key(by);
  };
  return {
    ref,
    role: 'slider',
    tabIndex: 0,
    'aria-label': words.label,
    'aria-valuemin': words.least,
    'aria-valuemax': words.most,
    'aria-valuenow': words.value,
    'aria-valuetext': words.text,
    onKeyDown,
  };
}

/** How wide the place is that a handle is set out in, px; at least 1. */
export function widthAround(handle: HTMLElement): number {
  return Math.max(1, (handle.offsetParent ?? handle.parentElement)?.clientWidth ?? 1);
}
