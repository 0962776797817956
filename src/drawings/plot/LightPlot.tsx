import type { CSSProperties } from 'react';
import { AXIS_BOTTOM, AXIS_LEFT, AXIS_RIGHT, AXIS_TOP } from '../time/frame';
import type { AxisTick } from '../time/ticks';
import { clearOf } from './clear';
import { LOOKS } from './looks';
import { alongOf, areaPath, bandPath, curvePath, downOf, PLOT_HIGH, PLOT_WIDE } from './path';
import { sideOf, type Moment, type Plot, type PlotPart, type SideName } from './plot';

/** Rows for marks that would overlap. */
const TEXT_ROWS = 3;
const ROW_PX = 14;

function pathOf(plot: Plot, part: PlotPart): string {
  switch (part.kind) {
    case 'curve':
    case 'area':
      return curvePath(plot, part);
    case 'band':
      return bandPath(plot, part);
    case 'level': {
      const y = downOf(sideOf(plot, part.side).top, part.value) * PLOT_HIGH;
      return `M0,${y}H${PLOT_WIDE}`;
    }
    case 'points':
      // Draw dots above the stretched drawing, so that they stay round.
      return '';
    case 'moment':
      return `M${alongOf(plot, part.minute) * PLOT_WIDE},0V${PLOT_HIGH}`;
  }
}

function Part({ plot, part }: { readonly plot: Plot; readonly part: PlotPart }) {
  const { stroke, width, fill, opacity, ...style } = LOOKS[part.look];
  const dash = 'dash' in style ? style.dash : undefined;
  const line = { stroke, strokeWidth: width, ...(dash ? { strokeDasharray: dash } : {}) };
  if (part.kind === 'area')
    return (
      <g>
        <path d={areaPath(plot, part)} fill={fill} fillOpacity={opacity} />
        <path d={curvePath(plot, part)} fill="none" {...line} />
      </g>
    );
  return <path d={pathOf(plot, part)} fill={fill} fillOpacity={opacity} {...line} />;
}

function SideMarks({ plot, side }: { readonly plot: Plot; readonly side: SideName }) {
  const { top, ticks } = sideOf(plot, side);
  const place = side === 'left' ? 'right-full pr-2' : 'left-full pl-2 text-mini text-cobalt';
  return ticks.map(({ value, text }: AxisTick) => (
    <span
      key={value}
      className={`absolute -translate-y-1/2 whitespace-nowrap ${place}`}
      style={{ top: `${100 * downOf(top, value)}%` }}
    >
      {text}
    </span>
  ));
}

/** Width of a letter, % of a small plot; to find marks that would overlap. */
const PERCENT_A_LETTER = 2.4;

/** Rows of the names: each takes the first row clear of the name before. */
function rowsOf(plot: Plot, named: readonly Moment[]): readonly number[] {
  const ends: number[] = Array.from({ length: TEXT_ROWS }, () => -Infinity);
  return named.map((moment) => {
    const half = (PERCENT_A_LETTER * (moment.text.length + 1)) / 2;
    const middle = 100 * alongOf(plot, moment.minute);
    const free = ends.findIndex((end) => end <= middle - half);
    const row = free >= 0 ? free : ends.indexOf(Math.min(...ends));
    ends[row] = middle + half;
    return row;
  });
}

/** Names of events, below; near the ends they stay within the plot. */
function MomentTexts({ plot }: { readonly plot: Plot }) {
  const named = plot.parts.filter((p): p is Moment => p.kind === 'moment' && p.text !== '');
  const rows = rowsOf(plot, named);
  return named.map((moment, i) => {
    const along = alongOf(plot, moment.minute);
    const shift = along < 0.02 ? '' : along > 0.95 ? '-translate-x-full' : '-translate-x-1/2';
    return (
      <span
        key={`${moment.text}${moment.minute}`}
        className={`absolute top-full text-fine leading-none ${shift}`}
        style={{
          left: `${100 * along}%`,
          marginTop: 4 + (rows[i] ?? 0) * ROW_PX,
          color: LOOKS[moment.look].stroke,
        }}
      >
        {moment.text}
      </span>
    );
  });
}

/** Names of levels, on their lines; readable where a curve runs beneath. */
function LevelTexts({ plot }: { readonly plot: Plot }) {
  return plot.parts.map((part) => {
    if (part.kind !== 'level' || part.text === '') return null;
    const { from, under } = clearOf(plot, part);
    return (
      <span
        key={part.text}
        className={`absolute text-mini ${under ? 'pt-[3px]' : '-translate-y-full pb-[3px]'}`}
        style={{
          left: `${100 * from}%`,
          top: `${100 * downOf(sideOf(plot, part.side).top, part.value)}%`,
          color: LOOKS[part.look].stroke,
          WebkitTextStroke: '4px var(--color-panel)',
          paintOrder: 'stroke',
        }}
      >
        {part.text}
      </span>
    );
  });
}

/** Readings, round however the drawing is stretched. */
function Dots({ plot }: { readonly plot: Plot }) {
  return plot.parts.flatMap((part) =>
    part.kind === 'points'
      ? part.at.map(({ minute, value, text }) => (
          <span
            key={`${minute} ${text}`}
            className="absolute size-2.5 -translate-1/2 rounded-full ring-2 ring-panel"
            style={{
              left: `${100 * alongOf(plot, minute)}%`,
              top: `${100 * downOf(sideOf(plot, part.side).top, value)}%`,
              background: LOOKS[part.look].stroke,
            }}
          >
            <span
              className="absolute bottom-full left-1/2 rounded bg-panel/80 px-1 text-mini leading-4 whitespace-nowrap"
              style={{ color: LOOKS[part.look].stroke }}
            >
              {text}
            </span>
          </span>
        ))
      : [],
  );
}

/**
 * A plot as plain SVG: drawn many times faster than the rich one, on the same axes and in the same
 * place. Without axes it fills its place, and names of moments are below it.
 */
export function LightPlot({
  plot,
  bare = false,
}: {
  readonly plot: Plot;
  readonly bare?: boolean;
}) {
  const inset: CSSProperties = bare
    ? { inset: 0 }
    : { left: AXIS_LEFT, right: AXIS_RIGHT, top: AXIS_TOP, bottom: AXIS_BOTTOM };
  const { left, parts, times } = plot;
  return (
    <div aria-hidden className="relative h-full text-mini text-quiet" data-testid="light-plot">
      <div className={`absolute ${bare ? '' : 'border-b border-quiet'}`} style={inset}>
        <svg
          viewBox={`0 0 ${PLOT_WIDE} ${PLOT_HIGH}`}
          preserveAspectRatio="none"
          className="size-full overflow-visible [&_path]:[vector-effect:non-scaling-stroke]"
        >
          {left.ticks.map(({ value }) => (
            <path
              key={value}
              d={`M0,${downOf(left.top, value) * PLOT_HIGH}H${PLOT_WIDE}`}
              className="stroke-hairline"
            />
          ))}
          {parts.map((part, i) => (
            <Part key={i} plot={plot} part={part} />
          ))}
        </svg>
        <SideMarks plot={plot} side="left" />
        {plot.right && <SideMarks plot={plot} side="right" />}
        {times.map(({ value, text }) => (
          <span
            key={value}
            className="absolute top-full -translate-x-1/2 pt-1"
            style={{ left: `${100 * alongOf(plot, value)}%` }}
          >
            {text}
          </span>
        ))}
        <LevelTexts plot={plot} />
        <MomentTexts plot={plot} />
        <Dots plot={plot} />
      </div>
    </div>
  );
}
