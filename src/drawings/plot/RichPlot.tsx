'use client';

import { memo, useMemo } from 'react';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { AXIS_BOTTOM, AXIS_LEFT, AXIS_RIGHT, AXIS_TOP } from '../time/frame';
import { tickText } from '../time/ticks';
import { LOOKS, type Style } from './looks';
import { clearOf } from './clear';
import type { Level, Plot, PlotPart, PlotReading, Side, SideName } from './plot';

/** A minute with what every part has there, under its place among the parts. */
interface Row {
  readonly minute: number;
  readonly index: number;
  readonly [part: `p${number}`]: number | readonly [number, number] | null;
}

function rowsOf({ minutes, parts }: Plot): Row[] {
  return minutes.map((minute, index) => {
    const values = parts.map((part, k) => [
      `p${k}`,
      'values' in part ? (part.values[index] ?? null) : null,
    ]);
    return { minute, index, ...Object.fromEntries(values) } as Row;
  });
}

function lineOf({ stroke, width, dash }: Style) {
  return { stroke, strokeWidth: width, ...(dash ? { strokeDasharray: dash } : {}) };
}

/** Words of a level, where they are clear of the curves. */
function levelText(plot: Plot, level: Level, fill: string) {
  const { from, under } = clearOf(plot, level);
  return function LevelText({ viewBox }: { readonly viewBox?: object }) {
    const {
      x = 0,
      y = 0,
      width = 0,
    } = (viewBox ?? {}) as Partial<Record<'x' | 'y' | 'width', number>>;
    return (
      <text
        x={x + from * width}
        y={under ? y + 14 : y - 4}
        fontSize="0.75rem"
        fill={fill}
        // Readable where a curve runs beneath it.
        stroke="var(--color-panel)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {level.text}
      </text>
    );
  };
}

/** Recharts wants its parts as its own children, so this is called and not rendered. */
function drawn(plot: Plot, part: PlotPart, k: number) {
  const style: Style = LOOKS[part.look];
  const shared = { dataKey: `p${k}`, isAnimationActive: false } as const;
  switch (part.kind) {
    case 'curve':
      return <Line key={k} yAxisId={part.side} dot={false} {...shared} {...lineOf(style)} />;
    case 'area':
    case 'band':
      return (
        <Area
          key={k}
          yAxisId={part.side}
          {...shared}
          {...lineOf(style)}
          fill={style.fill}
          fillOpacity={style.opacity}
          connectNulls={part.kind === 'band'}
        />
      );
    case 'level':
      return (
        <ReferenceLine
          key={k}
          yAxisId={part.side}
          y={part.value}
          {...lineOf(style)}
          label={levelText(plot, part, style.stroke)}
        />
      );
    case 'points':
      return part.at.map(({ minute, value, text }) => (
        <ReferenceDot
          key={`${k} ${minute}`}
          yAxisId={part.side}
          x={minute}
          y={value}
          r={4}
          fill={style.stroke}
          stroke="none"
          label={{ value: text, position: 'right', fontSize: '0.75rem', fill: style.stroke }}
        />
      ));
    case 'moment':
      return <ReferenceLine key={k} yAxisId="left" x={part.minute} {...lineOf(style)} />;
  }
}

const SIDES: Readonly<Record<SideName, object>> = {
  left: { width: AXIS_LEFT, stroke: 'var(--color-quiet)', fontSize: '0.75rem' },
  right: { width: AXIS_RIGHT, stroke: 'var(--color-cobalt)', fontSize: '0.75rem' },
};

function axis(side: SideName, { top, ticks }: Side) {
  return (
    <YAxis
      yAxisId={side}
      orientation={side}
      domain={[0, top]}
      ticks={ticks.map((tick) => tick.value)}
      tickFormatter={(value: number) => tickText(ticks, value)}
      tickLine={false}
      axisLine={false}
      {...SIDES[side]}
    />
  );
}

function Reading({ title, note }: PlotReading) {
  return (
    <div className="rounded-lg bg-cobalt px-3 py-1.5 text-sm text-white">
      <div className="font-semibold">{title}</div>
      <div>{note}</div>
    </div>
  );
}

/** A plot at rest, with its cursor, and what is read beneath the pointer. */
export const RichPlot = memo(function RichPlot({
  plot,
  cursorMin,
}: {
  readonly plot: Plot;
  readonly cursorMin: number | null;
}) {
  const rows = useMemo(() => rowsOf(plot), [plot]);
  const { left, right, times, lastMin, parts, read } = plot;
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart
        data={rows}
        margin={{ top: AXIS_TOP, right: right ? 0 : AXIS_RIGHT, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid yAxisId="left" stroke="var(--color-hairline)" vertical={false} />
        <XAxis
          dataKey="minute"
          type="number"
          domain={[0, lastMin]}
          ticks={times.map((tick) => tick.value)}
          tickFormatter={(minute: number) => tickText(times, minute)}
          stroke="var(--color-quiet)"
          fontSize="0.75rem"
          tickLine={false}
          height={AXIS_BOTTOM}
        />
        {axis('left', left)}
        {right && axis('right', right)}
        {parts.map((part, k) => drawn(plot, part, k))}
        {cursorMin !== null && (
          <ReferenceLine
            yAxisId="left"
            x={cursorMin}
            stroke="var(--color-cobalt)"
            strokeWidth={2}
          />
        )}
        <Tooltip
          isAnimationActive={false}
          cursor={false}
          content={({ payload }) => {
            const row = payload?.[0]?.payload as Row | undefined;
            const reading = row && read(row.index);
            return reading ? <Reading {...reading} /> : null;
          }}
        />
      </ComposedChart>
    </ResponsiveContainer>
  );
});
