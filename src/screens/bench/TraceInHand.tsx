import type { Assessment } from '@/core/assess';
import { pressureUnit, type Kitchen } from '@/core/batch';
import { curvePath, minuteScale } from '@/ui/curve';
import { degreeTicks, pressureTicks, TRACE_TOP, type AxisTick } from './ticks';
import type { ClockText } from './clockText';
import { LightPlot, PLOT_HIGH, PLOT_WIDE } from './LightPlot';

const share = (value: number): number => 1 - value / TRACE_TOP;
const placed = ({ value, text }: AxisTick) => ({ at: share(value), text });
const y = (value: number): number => PLOT_HIGH * share(value);

/**
 * The Trace while a hand is on a handle: its two curves alone, drawn many times faster than the
 * chart, on the same axes and in the same place.
 */
export function TraceInHand({
  assessment,
  kitchen,
  clock,
  servedMin,
}: {
  readonly assessment: Assessment;
  readonly kitchen: Kitchen;
  readonly clock: ClockText;
  readonly servedMin: number | null;
}) {
  const { minute, liquidC, gaugeKPa } = assessment.series;
  const total = Math.max(1, minute.at(-1) ?? 1);
  const x = minuteScale(total, PLOT_WIDE);
  return (
    <div className="h-full" data-testid="trace-in-hand">
      <LightPlot
        totalMin={total}
        clock={clock}
        servedMin={servedMin}
        left={degreeTicks(kitchen.units).map(placed)}
        right={pressureTicks(pressureUnit(kitchen)).map(placed)}
      >
        <path
          d={curvePath(minute, gaugeKPa, x, y)}
          className="fill-none stroke-cobalt"
          strokeWidth={1.5}
          strokeDasharray="5 3"
        />
        <path
          d={curvePath(minute, liquidC, x, y)}
          className="fill-none stroke-ink"
          strokeWidth={2.5}
        />
      </LightPlot>
    </div>
  );
}
