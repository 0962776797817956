import type { Assessment } from '@/core/assess';
import { curvePath, minuteScale, temperatureScale } from './curve';

const WIDTH = 220;
const HEIGHT = 56;

/** A batch's pot and trace, small: how full, and how the temperature goes. */
export function Miniature({
  assessment,
  capacityL,
  maxFill,
}: {
  readonly assessment: Assessment | null;
  readonly capacityL: number;
  readonly maxFill: number;
}) {
  if (!assessment)
    return (
      <div className="h-14 w-full max-w-[280px] animate-pulse rounded bg-hairline/60" aria-hidden />
    );
  const { series, fill } = assessment;
  const x = minuteScale(series.minute.at(-1) ?? 1, WIDTH);
  const y = temperatureScale(HEIGHT - 4);
  const level = Math.min(1, fill.worstL / capacityL);
  const over = fill.worstL > fill.lineL + 1e-6;
  return (
    <svg viewBox={`0 0 ${WIDTH + 56} ${HEIGHT}`} className="h-14 w-full max-w-[280px]" aria-hidden>
      <path
        d="M3 4 V48 Q3 53 8 53 H36 Q41 53 41 48 V4"
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={2}
      />
      <rect
        x={5}
        y={52 - 46 * level}
        width={34}
        height={46 * level}
        rx={3}
        fill={over ? 'var(--color-rust)' : 'var(--color-broth)'}
      />
      <line
        x1={1}
        x2={43}
        y1={52 - 46 * maxFill}
        y2={52 - 46 * maxFill}
        stroke="var(--color-ink)"
        strokeWidth={1.5}
        strokeDasharray="3 2"
      />
      <line x1={0} x2={46} y1={3} y2={3} stroke="var(--color-cobalt)" strokeWidth={4} />
      <g transform="translate(54 2)">
        <path
          d={curvePath(series.minute, series.liquidC, x, y)}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
      </g>
    </svg>
  );
}
