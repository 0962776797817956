import type { Assessment } from '@/core/assess';
import type { Kitchen } from '@/core/batch';
import { curvePath, minuteScale } from '@/ui/curve';
import {
  AXIS_BOTTOM,
  AXIS_LEFT,
  AXIS_RIGHT,
  AXIS_TOP,
  DEGREE_TICKS,
  degreesText,
  KPA_TICKS,
  kpaText,
  timeTicks,
  TRACE_TOP,
} from './axis';
import type { ClockText } from './clockText';

/** Units of the drawing; it is stretched to its place. */
const WIDE = 600;
const HIGH = 200;

const y = (value: number): number => HIGH * (1 - value / TRACE_TOP);

/**
 * The Trace while a hand is on a handle: its two curves alone, drawn many times faster than the
 * chart, on the same axes and in the same place.
 */
export function TraceInHand({
  assessment,
  kitchen,
  clock,
  served,
}: {
  readonly assessment: Assessment;
  readonly kitchen: Kitchen;
  readonly clock: ClockText;
  readonly served: boolean;
}) {
  const { minute, liquidC, gaugeKPa } = assessment.series;
  const total = Math.max(1, minute.at(-1) ?? 1);
  const x = minuteScale(total, WIDE);
  return (
    <div aria-hidden data-testid="trace-in-hand" className="relative h-full text-[12px] text-quiet">
      <div
        className="absolute border-b border-quiet"
        style={{ left: AXIS_LEFT, right: AXIS_RIGHT, top: AXIS_TOP, bottom: AXIS_BOTTOM }}
      >
        <svg
          viewBox={`0 0 ${WIDE} ${HIGH}`}
          preserveAspectRatio="none"
          className="size-full [&_path]:fill-none [&_path]:[vector-effect:non-scaling-stroke]"
        >
          {DEGREE_TICKS.map((c) => (
            <path key={c} d={`M0,${y(c)}H${WIDE}`} className="stroke-hairline" />
          ))}
          <path
            d={curvePath(minute, gaugeKPa, x, y)}
            className="stroke-cobalt"
            strokeWidth={1.5}
            strokeDasharray="5 3"
          />
          <path d={curvePath(minute, liquidC, x, y)} className="stroke-ink" strokeWidth={2.5} />
        </svg>
        {DEGREE_TICKS.map((c) => (
          <span
            key={c}
            className="absolute right-full -translate-y-1/2 pr-2"
            style={{ top: `${(100 * y(c)) / HIGH}%` }}
          >
            {degreesText(c, kitchen.units)}
          </span>
        ))}
        {KPA_TICKS.map((kpa) => (
          <span
            key={kpa}
            className="absolute left-full -translate-y-1/2 pl-2 text-[11px] whitespace-nowrap text-cobalt"
            style={{ top: `${(100 * y(kpa)) / HIGH}%` }}
          >
            {kpaText(kpa)}
          </span>
        ))}
        {timeTicks(total, served).map((tick) => (
          <span
            key={tick}
            className="absolute top-full -translate-x-1/2 pt-1"
            style={{ left: `${(100 * tick) / total}%` }}
          >
            {clock(tick)}
          </span>
        ))}
      </div>
    </div>
  );
}
