import type { Ref } from 'react';
import type { Pot } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { levelY, wellFrame } from './geometry';
import { Outline } from './Outline';

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
  const { left, right, bottom } = frame;
  const foam = levelY(frame, pot.foamFill * pot.capacityL);
  const lines = [
    { text: 'fill line', y: levelY(frame, pot.maxFill * pot.capacityL) },
    { text: 'foam line', y: foam, dash: '6 4' },
  ];
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
      <Outline frame={frame} capacityL={pot.capacityL} units={units} corner={10} stroke={3} />
      {lines.map(({ text, y, dash }) => (
        <g key={text}>
          <line
            x1={left}
            x2={right + 6}
            y1={y}
            y2={y}
            stroke="var(--color-ink)"
            strokeWidth={1.5}
            {...(dash ? { strokeDasharray: dash } : {})}
          />
          <text x={right + 9} y={y + 4} fontSize="0.75rem">
            {text}
          </text>
        </g>
      ))}
    </svg>
  );
}
