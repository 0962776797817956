'use client';

import type { Kitchen, Pot, Run } from '@/core/batch';
import { curvePath, minuteScale, temperatureScale } from './curve';
import { useAssessment } from './useAssessment';

const WIDTH = 300;
const HEIGHT = 110;

const NAMES: Readonly<Record<string, string>> = {
  'lid-locked': 'lid',
  'at-pressure': 'pressure',
  'valve-opened': 'valve',
  'pin-down': 'pin',
  'lid-off': 'open',
};

/** The predicted trace, with what really happened as marks over it and where the cook is now. */
export function RunTrace({
  run,
  pot,
  kitchen,
  nowMin,
}: {
  readonly run: Run;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly nowMin: number | null;
}) {
  const { assessment } = useAssessment(run.batch, pot, kitchen);
  if (!assessment) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  const { series } = assessment;
  const start = Date.parse(run.marks.find((m) => m.kind === 'lid-locked')?.at ?? run.startedAt);
  const offset = (start - Date.parse(run.startedAt)) / 60000;
  const marks = run.marks.flatMap((m) => {
    const name = NAMES[m.kind];
    return name ? [{ name, minute: (Date.parse(m.at) - Date.parse(run.startedAt)) / 60000 }] : [];
  });
  const end = (series.minute.at(-1) ?? 1) + offset;
  const x = minuteScale(Math.max(end, ...marks.map((m) => m.minute)), WIDTH);
  const y = temperatureScale(HEIGHT);
  return (
    <figure className="panel p-3">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT + 44}`}
        className="w-full"
        role="img"
        aria-label={`Predicted temperature over ${Math.round(end)} minutes, with ${marks.length} marks`}
      >
        <line
          x1={0}
          x2={WIDTH}
          y1={y(assessment.boilC)}
          y2={y(assessment.boilC)}
          stroke="var(--color-hairline)"
        />
        <path
          d={curvePath(
            series.minute.map((m) => m + offset),
            series.liquidC,
            x,
            y,
          )}
          fill="none"
          stroke="var(--color-steam)"
          strokeWidth={3}
        />
        {nowMin !== null && (
          <line
            x1={x(nowMin)}
            x2={x(nowMin)}
            y1={0}
            y2={HEIGHT}
            stroke="var(--color-cobalt)"
            strokeWidth={2.5}
          />
        )}
        {marks.map((mark, i) => (
          <g key={mark.name + String(mark.minute)}>
            <line
              x1={x(mark.minute)}
              x2={x(mark.minute)}
              y1={12}
              y2={HEIGHT}
              stroke="var(--color-copper)"
              strokeWidth={1.5}
            />
            <text
              x={Math.min(WIDTH - 24, x(mark.minute))}
              y={HEIGHT + 13 + (i % 3) * 13}
              fontSize={12}
              textAnchor={mark.minute < 2 ? 'start' : 'middle'}
              fill="var(--color-copper)"
            >
              {mark.name}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="text-[13px] text-quiet">
        Grey: predicted. Copper: your marks.{nowMin !== null && ' Cobalt: now.'}
      </figcaption>
    </figure>
  );
}
