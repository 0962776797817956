import { useDrag } from '@use-gesture/react';
import { useRef, type KeyboardEvent } from 'react';
import { KEY_STEPS } from '@/ui/stepKeys';
import type { Grip } from './grips';

/**
 * A handle that moves minutes along the clock, by mouse, touch or key. It stands in an element as
 * wide as the cook is long.
 *
 * @param onMove minutes as the hand has them; done when it lets go
 */
export function useMinuteHandle(
  grip: Grip,
  total: number,
  onMove: (minutes: number, done: boolean) => void,
) {
  const ref = useRef<HTMLDivElement>(null);
  const bind = useDrag(
    ({ movement: [dx], memo, last, tap }) => {
      const start = (memo as { minutes: number; perPx: number } | undefined) ?? {
        minutes: grip.minutes,
        perPx: total / Math.max(1, ref.current?.parentElement?.clientWidth ?? 1),
      };
      if (tap) return start;
      onMove(grip.clamp(start.minutes + dx * start.perPx), last);
      return start;
    },
    { filterTaps: true, axis: 'x', pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = KEY_STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(grip.clamp(grip.minutes + by), true);
  };
  return {
    ...bind(),
    ref,
    role: 'slider',
    tabIndex: 0,
    'aria-label': grip.label,
    'aria-valuemin': 0,
    'aria-valuemax': grip.most,
    'aria-valuenow': Math.round(grip.minutes),
    'aria-valuetext': grip.text,
    onKeyDown,
  };
}
