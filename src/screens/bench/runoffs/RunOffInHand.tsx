import type { Assessment } from '@/core/assess';
import type { Units } from '@/core/quantity';
import { curvePath, minuteScale } from '@/ui/curve';
import type { ClockText } from '../clockText';
import { LightPlot, PLOT_HIGH, PLOT_WIDE } from '../LightPlot';
import { gramAxis, gramTick, runOffRows, stretchesIn } from './rows';

/** The run-offs while a hand is on a handle: light to draw, in the chart's own place. */
export function RunOffInHand({
  assessment,
  clock,
  servedMin,
  units,
}: {
  readonly assessment: Assessment;
  readonly clock: ClockText;
  readonly servedMin: number | null;
  readonly units: Units;
}) {
  const { series } = assessment;
  const total = Math.max(1, series.minute.at(-1) ?? 1);
  const { top, ticks } = gramAxis(series, units);
  const x = minuteScale(total, PLOT_WIDE);
  const y = (g: number): number => PLOT_HIGH * (1 - g / top);
  return (
    <LightPlot
      totalMin={total}
      clock={clock}
      servedMin={servedMin}
      left={ticks.map((g) => ({ at: 1 - g / top, text: gramTick(g, units) }))}
    >
      {stretchesIn(runOffRows(series)).map((part) => {
        const minutes = part.map((r) => r.minute);
        const d = curvePath(
          minutes,
          part.map((r) => r.sets ?? 0),
          x,
          y,
        );
        const from = x(minutes[0] ?? 0);
        const to = x(minutes.at(-1) ?? 0);
        return (
          <g key={minutes[0]}>
            <path d={`${d}L${to},${PLOT_HIGH}L${from},${PLOT_HIGH}Z`} className="fill-broth/75" />
            <path d={d} className="fill-none stroke-ink" strokeWidth={2} />
          </g>
        );
      })}
    </LightPlot>
  );
}
