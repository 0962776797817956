import { useSlider, widthAround } from './slider';

export interface MinuteGrip {
  readonly label: string;
  readonly text: string;
  readonly minutes: number;
  readonly most: number;
  readonly clamp: (minutes: number) => number;
}

/**
 * A handle that moves minutes along the clock. Its container's width is the length of the cook.
 *
 * @param onMove minutes as the hand has them; done when it lets go
 */
export function useMinuteHandle(
  grip: MinuteGrip,
  total: number,
  onMove: (minutes: number, done: boolean) => void,
) {
  const { label, text, minutes, most, clamp } = grip;
  return useSlider(
    { label, text, least: 0, most, value: Math.round(minutes) },
    {
      axis: 'x',
      begin: (handle) => ({ minutes, perPx: total / widthAround(handle) }),
      drag: (from, px, done) => onMove(clamp(from.minutes + px * from.perPx), done),
      key: (by) => onMove(clamp(minutes + by), true),
    },
  );
}
