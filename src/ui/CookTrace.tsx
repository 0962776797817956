'use client';

import type { Cook } from '@/core/batch';
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
export function CookTrace({
  cook,
  nowMin,
}: {
  readonly cook: Cook;
  readonly nowMin: number | null;
}) {
  const { trace } = cook.predicted;
  // What an older version foretold kept no curve: it is worked out from what the cook kept.
  const { assessment } = useAssessment(trace ? null : cook.batch, cook.pot, cook.kitchen);
  const curve = trace ?? (assessment && { ...assessment.series, boilC: assessment.boilC });
  if (!curve) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  const start = Date.parse(cook.marks.find((m) => m.kind === 'lid-locked')?.at ?? cook.startedAt);
  const offset = (start - Date.parse(cook.startedAt)) / 60000;
  const marks = cook.marks.flatMap((m) => {
    const name = NAMES[m.kind];
    return name ? [{ name, minute: (Date.parse(m.at) - Date.parse(cook.startedAt)) / 60000 }] : [];
  });
  const end = (curve.minute.at(-1) ?? 1) + offset;
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
          y1={y(curve.boilC)}
          y2={y(curve.boilC)}
          stroke="var(--color-hairline)"
        />
        <path
          d={curvePath(
            curve.minute.map((m) => m + offset),
            curve.liquidC,
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
