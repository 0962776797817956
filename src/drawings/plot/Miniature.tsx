import type { Assessment } from '@/core/assess';
import { LightPlot } from './LightPlot';
import { smallPlot } from './trace';

/** The small pot's inside, from its foot up, in units of its drawing. */
const FOOT = 52;
const INSIDE = 46;

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
  const { fill } = assessment;
  const level = INSIDE * Math.min(1, fill.worstL / capacityL);
  const over = fill.worstL > fill.lineL + 1e-6;
  const line = FOOT - INSIDE * maxFill;
  return (
    <div className="flex h-14 w-full max-w-[280px] gap-2" aria-hidden>
      <svg viewBox="0 0 46 56" className="h-full shrink-0">
        <path
          d="M3 4 V48 Q3 53 8 53 H36 Q41 53 41 48 V4"
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
        <rect
          x={5}
          y={FOOT - level}
          width={34}
          height={level}
          rx={3}
          fill={over ? 'var(--color-rust)' : 'var(--color-broth)'}
        />
        <line
          x1={1}
          x2={43}
          y1={line}
          y2={line}
          stroke="var(--color-ink)"
          strokeWidth={1.5}
          strokeDasharray="3 2"
        />
        <line x1={0} x2={46} y1={3} y2={3} stroke="var(--color-cobalt)" strokeWidth={4} />
      </svg>
      <div className="min-w-0 flex-1">
        <LightPlot plot={smallPlot(assessment)} bare />
      </div>
    </div>
  );
}
