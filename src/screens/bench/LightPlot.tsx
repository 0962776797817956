import type { ReactNode } from 'react';
import { AXIS_LEFT, AXIS_RIGHT } from './axis';
import { AXIS_BOTTOM, AXIS_TOP, timeTicks } from './ticks';
import type { ClockText } from './clockText';

/** Units of the drawing; it is stretched to its place. */
export const PLOT_WIDE = 600;
export const PLOT_HIGH = 200;

export interface Tick {
  /** From the top, a share of the height. */
  readonly at: number;
  readonly text: string;
}

/** The place, the axes and the marks of a chart, to draw light curves in while a hand moves. */
export function LightPlot({
  totalMin,
  clock,
  servedMin,
  left,
  right = [],
  children,
}: {
  readonly totalMin: number;
  readonly clock: ClockText;
  readonly servedMin: number | null;
  readonly left: readonly Tick[];
  readonly right?: readonly Tick[];
  readonly children: ReactNode;
}) {
  return (
    <div aria-hidden className="relative h-full text-[12px] text-quiet">
      <div
        className="absolute border-b border-quiet"
        style={{ left: AXIS_LEFT, right: AXIS_RIGHT, top: AXIS_TOP, bottom: AXIS_BOTTOM }}
      >
        <svg
          viewBox={`0 0 ${PLOT_WIDE} ${PLOT_HIGH}`}
          preserveAspectRatio="none"
          className="size-full [&_path]:[vector-effect:non-scaling-stroke]"
        >
          {left.map(({ at }) => (
            <path key={at} d={`M0,${at * PLOT_HIGH}H${PLOT_WIDE}`} className="stroke-hairline" />
          ))}
          {children}
        </svg>
        {left.map(({ at, text }) => (
          <span
            key={at}
            className="absolute right-full -translate-y-1/2 pr-2 whitespace-nowrap"
            style={{ top: `${100 * at}%` }}
          >
            {text}
          </span>
        ))}
        {right.map(({ at, text }) => (
          <span
            key={at}
            className="absolute left-full -translate-y-1/2 pl-2 text-[11px] whitespace-nowrap text-cobalt"
            style={{ top: `${100 * at}%` }}
          >
            {text}
          </span>
        ))}
        {timeTicks(totalMin, servedMin).map((tick) => (
          <span
            key={tick}
            className="absolute top-full -translate-x-1/2 pt-1"
            style={{ left: `${(100 * tick) / totalMin}%` }}
          >
            {clock(tick)}
          </span>
        ))}
      </div>
    </div>
  );
}
