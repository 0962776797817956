/** What the charts of the Bench have in common. */
import { AXIS_BOTTOM } from './ticks';
import type { ClockText } from './clockText';

/** The axis of the cook's minutes. */
export function minuteAxis(lastMin: number, ticks: number[], clock: ClockText) {
  return {
    dataKey: 'minute',
    type: 'number' as const,
    domain: [0, lastMin],
    tickFormatter: clock,
    ticks,
    stroke: 'var(--color-quiet)',
    fontSize: 12,
    tickLine: false,
    height: AXIS_BOTTOM,
  };
}

/** An axis up the side, its marks alone. */
export const SIDE_AXIS = {
  stroke: 'var(--color-quiet)',
  fontSize: 12,
  tickLine: false,
  axisLine: false,
} as const;

/** The cursor follows the pointer over a chart. */
export function cursorEvents(onCursor: (minute: number | null) => void) {
  return {
    onMouseMove: (state: { activeLabel?: string | number | undefined }) => {
      const at = Number(state.activeLabel);
      if (Number.isFinite(at)) onCursor(at);
    },
    onMouseLeave: () => onCursor(null),
  };
}
