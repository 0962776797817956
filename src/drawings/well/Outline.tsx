import type { Units } from '@/core/quantity';
import { graduations, type WellFrame } from './geometry';

/** The wall of a pot in section, its lid, and the marks on it. */
export function Outline({
  frame,
  capacityL,
  units,
  corner = 12,
  stroke = 3.5,
}: {
  readonly frame: WellFrame;
  readonly capacityL: number;
  readonly units: Units;
  /** Of its foot, px. */
  readonly corner?: number;
  readonly stroke?: number;
}) {
  const { left, right, top, bottom } = frame;
  const foot = bottom + 2;
  return (
    <>
      <path
        data-part="wall"
        d={`M${left} ${top - 4} V${foot - corner} Q${left} ${foot} ${left + corner} ${foot} H${right - corner} Q${right} ${foot} ${right} ${foot - corner} V${top - 4}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={stroke}
      />
      <rect
        x={left - 10}
        y={top - 13}
        width={right - left + 20}
        height={9}
        rx={4}
        fill="var(--color-cobalt)"
      />
      {graduations(frame, capacityL, units).map((g) => (
        <g key={g.y}>
          <line
            x1={left - (g.label ? 8 : 5)}
            x2={left}
            y1={g.y}
            y2={g.y}
            stroke="var(--color-quiet)"
          />
          {g.label && (
            <text
              x={left - 11}
              y={g.y + 4}
              textAnchor="end"
              fontSize="0.75rem"
              fill="var(--color-quiet)"
            >
              {g.label}
            </text>
          )}
        </g>
      ))}
    </>
  );
}
