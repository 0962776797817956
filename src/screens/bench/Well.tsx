'use client';

import { ChevronsUpDown } from 'lucide-react';
import { useMemo, useRef } from 'react';
import type { Assessment } from '@/core/assess';
import type { Kitchen, Pot } from '@/core/batch';
import { formatLevel, formatVolume } from '@/core/quantity';
import { describe } from './moments';
import { useLevelHandle } from '@/ui/useLevelHandle';
import { graduations, levelY, placePieces, spread, wellFrame } from '@/ui/wellGeometry';
import { WellPiece } from './WellPiece';

const WIDTH = 320;
/** Water moves in steps a jug can measure, L. */
const STEP_L = 0.05;

export interface WellProps {
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  /** Sample of the series the cursor stands at; null for the moment the lid goes on. */
  readonly sample: number | null;
  readonly waterL: number;
  readonly onWater: (litres: number, done: boolean) => void;
}

/** The pot in section, to scale: what is in it, its lines, and the water's surface to move. */
export function Well({ pot, kitchen, assessment, sample, waterL, onWater }: WellProps) {
  const { fill, series, items } = assessment;
  const frame = useMemo(() => wellFrame(pot, WIDTH), [pot]);
  const svg = useRef<SVGSVGElement>(null);
  const surfaceL = sample === null ? surfaceAtStart(assessment) : (series.liquidL[sample] ?? 0);
  const heapL = sample === null ? fill.heapL : (series.heapL[sample] ?? 0);
  const y = (litres: number): number => levelY(frame, litres);
  const pieces = useMemo(
    () =>
      placePieces(
        presentItems(items, sample === null ? 0 : (series.minute[sample] ?? 0)),
        frame,
        heapL * frame.pxPerL,
      ),
    [items, series, sample, frame, heapL],
  );
  const text = describe(assessment, pot, kitchen);
  const handleY = y(surfaceAtStart(assessment));
  const most = Math.max(waterL, pot.capacityL);

  const handle = useLevelHandle(
    {
      label: 'Water',
      value: waterL,
      least: 0,
      most,
      step: STEP_L,
      text: formatVolume(waterL, kitchen.units),
    },
    svg,
    WIDTH,
    frame.pxPerL,
    onWater,
  );
  /** Steam lifts the contents noticeably when the valve opens. */
  const lifted = fill.releaseL > fill.swollenL + 0.1;
  const labels = spread(
    [
      { key: 'fill', y: y(fill.maxL) },
      { key: 'foam', y: y(fill.foamL) },
      { key: 'swollen', y: y(fill.swollenL) },
      ...(lifted ? [{ key: 'valve', y: y(fill.releaseL) }] : []),
    ],
    15,
    frame.bottom,
  );
  // Quarts take more room than litres.
  const line = kitchen.units === 'us' ? '' : ' line';
  const labelText: Readonly<Record<string, string>> = {
    fill: `fill${line} ${formatLevel(fill.maxL, kitchen.units)}`,
    foam: `foam${line} ${formatLevel(fill.foamL, kitchen.units)}`,
    swollen: `swollen ${formatLevel(fill.swollenL, kitchen.units)}`,
    valve: `at valve ${formatLevel(fill.releaseL, kitchen.units)}`,
  };
  return (
    <div className="relative">
      <svg
        ref={svg}
        viewBox={`0 0 ${frame.width} ${frame.height}`}
        className="w-full select-none"
        role="img"
        aria-label={text}
      >
        <clipPath id="well-inside">
          <rect
            x={frame.left}
            y={frame.top - 6}
            width={frame.right - frame.left}
            height={frame.bottom - frame.top + 6}
            rx={8}
          />
        </clipPath>
        <g clipPath="url(#well-inside)">
          <rect
            x={frame.left}
            y={frame.top - 6}
            width={frame.right - frame.left}
            height={frame.height}
            fill="#f4efe2"
          />
          <rect
            x={frame.left}
            y={y(surfaceL)}
            width={frame.right - frame.left}
            height={frame.height}
            fill="var(--color-broth)"
          />
          {pieces.map((piece, i) => (
            <WellPiece key={i} piece={piece} />
          ))}
          <rect
            x={frame.left}
            y={y(surfaceL)}
            width={frame.right - frame.left}
            height={frame.height}
            fill="var(--color-broth)"
            opacity={0.22}
          />
        </g>
        <path
          d={`M${frame.left} ${frame.top - 4} V${frame.bottom - 10} Q${frame.left} ${frame.bottom + 2} ${frame.left + 12} ${frame.bottom + 2} H${frame.right - 12} Q${frame.right} ${frame.bottom + 2} ${frame.right} ${frame.bottom - 10} V${frame.top - 4}`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={3.5}
        />
        <rect
          x={frame.left - 10}
          y={frame.top - 13}
          width={frame.right - frame.left + 20}
          height={9}
          rx={4}
          fill="var(--color-cobalt)"
        />
        {graduations(frame, pot.capacityL, kitchen.units).map((g) => (
          <g key={g.y}>
            <line
              x1={frame.left - (g.label ? 8 : 5)}
              x2={frame.left}
              y1={g.y}
              y2={g.y}
              stroke="var(--color-quiet)"
            />
            {g.label && (
              <text
                x={frame.left - 11}
                y={g.y + 4}
                textAnchor="end"
                fontSize={11}
                fill="var(--color-quiet)"
              >
                {g.label}
              </text>
            )}
          </g>
        ))}
        <line
          x1={frame.left - 6}
          x2={frame.right + 6}
          y1={y(fill.maxL)}
          y2={y(fill.maxL)}
          stroke="var(--color-ink)"
          strokeWidth={fill.foams ? 1 : 2}
        />
        <line
          x1={frame.left - 6}
          x2={frame.right + 6}
          y1={y(fill.foamL)}
          y2={y(fill.foamL)}
          stroke="var(--color-ink)"
          strokeWidth={fill.foams ? 2 : 1}
          strokeDasharray="6 4"
        />
        {lifted && (
          <line
            x1={frame.left}
            x2={frame.right + 6}
            y1={y(fill.releaseL)}
            y2={y(fill.releaseL)}
            stroke="var(--color-steam)"
            strokeDasharray="8 3 2 3"
            strokeWidth={2}
          />
        )}
        <line
          x1={frame.left}
          x2={frame.right + 6}
          y1={y(fill.swollenL)}
          y2={y(fill.swollenL)}
          stroke="var(--color-quiet)"
          strokeDasharray="1 4"
          strokeWidth={2}
        />
        <line
          x1={frame.left}
          x2={frame.right}
          y1={handleY}
          y2={handleY}
          stroke="var(--color-copper)"
          strokeWidth={3}
        />
        {labels.map((label) => (
          <text
            key={label.key}
            x={frame.right + 9}
            y={label.y + 4}
            fontSize={11}
            fontWeight={label.key === (fill.foams ? 'foam' : 'fill') ? 700 : 400}
            fill={
              label.key === 'swollen' || label.key === 'valve'
                ? 'var(--color-quiet)'
                : 'var(--color-ink)'
            }
          >
            {labelText[label.key]}
          </text>
        ))}
      </svg>
      <div
        {...handle}
        data-testid="water-handle"
        style={{
          left: `${((frame.left + (frame.right - frame.left) * 0.5) / WIDTH) * 100}%`,
          top: `${(handleY / frame.height) * 100}%`,
        }}
        className="absolute grid size-11 -translate-x-1/2 -translate-y-1/2 cursor-ns-resize touch-none place-items-center rounded-full"
      >
        <span className="grid size-8 place-items-center rounded-full border-2 border-panel bg-copper text-white shadow">
          <ChevronsUpDown size={18} aria-hidden />
        </span>
      </div>
    </div>
  );
}

function surfaceAtStart({ fill, series }: Assessment): number {
  return series.liquidL[0] ?? fill.lidOnL;
}

function presentItems(items: Assessment['items'], minute: number): Assessment['items'] {
  return items.filter((i) => i.enterMin <= minute + 1e-6 && i.leaveMin > minute - 1e-6);
}
