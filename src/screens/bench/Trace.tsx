'use client';

import { memo, useMemo } from 'react';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { Assessment, Draws } from '@/core/assess';
import { pressureUnit, type Kitchen } from '@/core/batch';
import { formatPressure, formatTemperature } from '@/core/quantity';
import { AXIS_LEFT, AXIS_RIGHT } from './axis';
import { AXIS_TOP, degreeTicks, pressureTicks, tickText, timeTicks, TRACE_TOP } from './ticks';
import { rowsOf, type TraceRow } from './traceRows';
import { cursorEvents, minuteAxis, SIDE_AXIS } from './chart';
import type { ClockText } from './clockText';

export { TraceInHand } from './TraceInHand';

export interface TraceProps {
  readonly assessment: Assessment;
  readonly draws: Draws | null;
  readonly kitchen: Kitchen;
  readonly clock: ClockText;
  /** Minute on the table, from which the clock counts; null where no time is set. */
  readonly servedMin: number | null;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
}

function Reading({
  row,
  kitchen,
  clock,
}: {
  readonly row: TraceRow;
  readonly kitchen: Kitchen;
  readonly clock: ClockText;
}) {
  return (
    <div className="rounded-lg bg-cobalt px-3 py-1.5 text-sm text-white">
      <div className="font-semibold">
        {clock(row.minute)} · {formatTemperature(row.c, kitchen.units)}
        {row.kpa > 1 && ` · ${formatPressure(row.kpa, pressureUnit(kitchen))}`}
      </div>
      <div className="capitalize">{row.phase}</div>
    </div>
  );
}

/** Temperature and pressure over the time of the cook, with what is not known as a band. */
export const Trace = memo(function Trace({
  assessment,
  draws,
  kitchen,
  clock,
  servedMin,
  cursorMin,
  onCursor,
}: TraceProps) {
  const rows = useMemo(() => rowsOf(assessment.series, draws), [assessment, draws]);
  const last = assessment.series.minute.at(-1) ?? 1;
  const degrees = degreeTicks(kitchen.units);
  const pressures = pressureTicks(pressureUnit(kitchen));
  const ticks = useMemo(() => timeTicks(last, servedMin), [last, servedMin]);
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart
        data={rows as TraceRow[]}
        margin={{ top: AXIS_TOP, right: 0, bottom: 0, left: 0 }}
        {...cursorEvents(onCursor)}
        accessibilityLayer={false}
      >
        <CartesianGrid yAxisId="c" stroke="var(--color-hairline)" vertical={false} />
        <XAxis {...minuteAxis(last, ticks, clock)} />
        <YAxis
          yAxisId="c"
          domain={[0, TRACE_TOP]}
          ticks={degrees.map((tick) => tick.value)}
          width={AXIS_LEFT}
          tickFormatter={(c: number) => tickText(degrees, c)}
          {...SIDE_AXIS}
        />
        <YAxis
          yAxisId="kpa"
          orientation="right"
          domain={[0, TRACE_TOP]}
          ticks={pressures.map((tick) => tick.value)}
          width={AXIS_RIGHT}
          tickFormatter={(kpa: number) => tickText(pressures, kpa)}
          stroke="var(--color-cobalt)"
          fontSize={11}
          tickLine={false}
          axisLine={false}
        />
        <Area
          yAxisId="c"
          dataKey="band"
          stroke="none"
          fill="var(--color-steam)"
          fillOpacity={0.35}
          isAnimationActive={false}
          connectNulls
        />
        <ReferenceLine
          yAxisId="c"
          y={assessment.boilC}
          stroke="var(--color-quiet)"
          strokeDasharray="2 4"
          label={{
            value: `boils at ${formatTemperature(assessment.boilC, kitchen.units)} here`,
            position: 'insideBottomLeft',
            fontSize: 11,
            fill: 'var(--color-quiet)',
            // Readable where a curve runs beneath it.
            stroke: 'var(--color-panel)',
            strokeWidth: 4,
            paintOrder: 'stroke',
          }}
        />
        <Line
          yAxisId="kpa"
          dataKey="kpa"
          stroke="var(--color-cobalt)"
          strokeWidth={1.5}
          strokeDasharray="5 3"
          dot={false}
          isAnimationActive={false}
        />
        <Line
          yAxisId="c"
          dataKey="c"
          stroke="var(--color-ink)"
          strokeWidth={2.5}
          dot={false}
          isAnimationActive={false}
        />
        {cursorMin !== null && (
          <ReferenceLine yAxisId="c" x={cursorMin} stroke="var(--color-cobalt)" strokeWidth={2} />
        )}
        <Tooltip
          isAnimationActive={false}
          cursor={false}
          content={({ payload }) => {
            const row = payload?.[0]?.payload as TraceRow | undefined;
            return row ? <Reading row={row} kitchen={kitchen} clock={clock} /> : null;
          }}
        />
      </ComposedChart>
    </ResponsiveContainer>
  );
});
