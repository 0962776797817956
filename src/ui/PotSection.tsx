import type { Ref } from 'react';
import type { Pot } from '@/core/batch';
import type { Units } from '@/core/quantity';
import { graduations, levelY, wellFrame } from './wellGeometry';

export const POT_SECTION_WIDTH = 270;

/** A pot in section, to scale with its width, with its two lines. */
export function PotSection({
  pot,
  units,
  ref,
}: {
  readonly pot: Pot;
  readonly units: Units;
  readonly ref?: Ref<SVGSVGElement>;
}) {
  const frame = wellFrame(pot, POT_SECTION_WIDTH);
  const { left, right, top, bottom } = frame;
  const max = levelY(frame, pot.maxFill * pot.capacityL);
  const foam = levelY(frame, pot.foamFill * pot.capacityL);
  return (
    <svg
      ref={ref}
      viewBox={`0 0 ${POT_SECTION_WIDTH} ${frame.height}`}
      className="w-full"
      aria-hidden
    >
      <rect
        x={left}
        y={foam}
        width={right - left}
        height={bottom - foam}
        fill="var(--color-broth)"
        opacity={0.5}
      />
      <path
        d={`M${left} ${top} V${bottom - 8} Q${left} ${bottom + 2} ${left + 10} ${bottom + 2} H${right - 10} Q${right} ${bottom + 2} ${right} ${bottom - 8} V${top}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={3}
      />
      <rect
        x={left - 8}
        y={top - 9}
        width={right - left + 16}
        height={8}
        rx={4}
        fill="var(--color-cobalt)"
      />
      {graduations(frame, pot.capacityL, units).map((g) => (
        <g key={g.y}>
          <line x1={left - 6} x2={left} y1={g.y} y2={g.y} stroke="var(--color-quiet)" />
          {g.label && (
            <text x={left - 9} y={g.y + 4} fontSize={11} textAnchor="end" fill="var(--color-quiet)">
              {g.label}
            </text>
          )}
        </g>
      ))}
      <line
        x1={left}
        x2={right + 6}
        y1={max}
        y2={max}
        stroke="var(--color-ink)"
        strokeWidth={1.5}
      />
      <line
        x1={left}
        x2={right + 6}
        y1={foam}
        y2={foam}
        stroke="var(--color-ink)"
        strokeWidth={1.5}
        strokeDasharray="6 4"
      />
      <text x={right + 9} y={max + 4} fontSize={12}>
        fill line
      </text>
      <text x={right + 9} y={foam + 4} fontSize={12}>
        foam line
      </text>
    </svg>
  );
}
