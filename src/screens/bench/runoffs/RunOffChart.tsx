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
import type { Assessment } from '@/core/assess';
import { AXIS_LEFT, AXIS_RIGHT } from '../axis';
import { formatGrams, type Units } from '@/core/quantity';
import { AXIS_TOP, timeTicks } from '../ticks';
import { cursorEvents, minuteAxis, SIDE_AXIS } from '../chart';
import type { ClockText } from '../clockText';
import { gramAxis, gramTick, runOffRows, type RunOffRow } from './rows';

/** Grams in the broth that is in the pot, over the time of the cook; a run is a hill. */
export const RunOffChart = memo(function RunOffChart({
  assessment,
  clock,
  servedMin,
  units,
  cursorMin,
  onCursor,
}: {
  readonly assessment: Assessment;
  readonly clock: ClockText;
  readonly servedMin: number | null;
  readonly units: Units;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
}) {
  const { series } = assessment;
  const rows = useMemo(() => runOffRows(series), [series]);
  const last = series.minute.at(-1) ?? 1;
  const ticks = useMemo(() => timeTicks(last, servedMin), [last, servedMin]);
  const grams = gramAxis(series, units);
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart
        data={rows as RunOffRow[]}
        margin={{ top: AXIS_TOP, right: AXIS_RIGHT, bottom: 0, left: 0 }}
        {...cursorEvents(onCursor)}
        accessibilityLayer={false}
      >
        <CartesianGrid yAxisId="g" stroke="var(--color-hairline)" vertical={false} />
        <XAxis {...minuteAxis(last, ticks, clock)} />
        <YAxis
          yAxisId="g"
          domain={[0, grams.top]}
          ticks={grams.ticks}
          width={AXIS_LEFT}
          tickFormatter={(g: number) => gramTick(g, units)}
          {...SIDE_AXIS}
        />
        <Area
          yAxisId="g"
          dataKey="sets"
          stroke="var(--color-ink)"
          strokeWidth={2}
          fill="var(--color-broth)"
          fillOpacity={0.75}
          isAnimationActive={false}
        />
        <Line
          yAxisId="g"
          dataKey="given"
          stroke="var(--color-quiet)"
          strokeWidth={1.5}
          strokeDasharray="3 3"
          dot={false}
          isAnimationActive={false}
        />
        {cursorMin !== null && (
          <ReferenceLine yAxisId="g" x={cursorMin} stroke="var(--color-cobalt)" strokeWidth={2} />
        )}
        <Tooltip
          isAnimationActive={false}
          cursor={false}
          content={({ payload }) => {
            const row = payload?.[0]?.payload as RunOffRow | undefined;
            return row && row.sets !== null && row.given !== null ? (
              <div className="rounded-lg bg-cobalt px-3 py-1.5 text-sm text-white">
                <div className="font-semibold">
                  {clock(row.minute)} · {formatGrams(row.sets, units)} set
                </div>
                <div>of {formatGrams(row.given, units)} given</div>
              </div>
            ) : null;
          }}
        />
      </ComposedChart>
    </ResponsiveContainer>
  );
});
