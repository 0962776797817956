'use client';

import { ChevronsUpDown } from 'lucide-react';
import { useMemo, useRef } from 'react';
import type { Assessment } from '@/core/assess';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { formatVolume } from '@/core/quantity';
import { useLevelHandle } from '../handles';
import { levelY, placePieces, wellFrame, type Piece, type WellFrame } from './geometry';
import { contentsAt, surfaceAtStart, wellLevels, type WellLevel } from './levels';
import { Outline } from './Outline';
import { WellPiece } from './WellPiece';

const WIDTH = 320;
/** Water moves in steps a jug can measure, L. */
const STEP_L = 0.05;

function Contents({
  frame,
  surfaceY,
  pieces,
}: {
  readonly frame: WellFrame;
  readonly surfaceY: number;
  readonly pieces: readonly Piece[];
}) {
  const { left, right, top, bottom, height } = frame;
  const across = { x: left, width: right - left };
  const broth = { ...across, y: surfaceY, height, fill: 'var(--color-broth)' };
  return (
    <>
      <clipPath id="well-inside">
        <rect {...across} y={top - 6} height={bottom - top + 6} rx={8} />
      </clipPath>
      <g clipPath="url(#well-inside)">
        <rect {...across} y={top - 6} height={height} fill="#f4efe2" />
        <rect {...broth} />
        {pieces.map((piece, i) => (
          <WellPiece key={i} piece={piece} />
        ))}
        <rect {...broth} opacity={0.22} />
      </g>
    </>
  );
}

function Levels({
  frame,
  levels,
}: {
  readonly frame: WellFrame;
  readonly levels: readonly WellLevel[];
}) {
  const { left, right } = frame;
  return levels.map((level) => (
    <g key={level.key}>
      <line
        x1={left - (level.marked ? 6 : 0)}
        x2={right + 6}
        y1={level.y}
        y2={level.y}
        stroke={level.colour}
        strokeWidth={level.width}
        {...(level.dash ? { strokeDasharray: level.dash } : {})}
      />
      <text
        x={right + 9}
        y={level.labelY + 4}
        fontSize="0.75rem"
        fontWeight={level.counts ? 700 : 400}
        fill={level.textColour}
      >
        {level.text}
      </text>
    </g>
  ));
}

/** The pot in section, to scale: what is in it, its lines, and the water's surface to move. */
export function Well({
  pot,
  kitchen,
  assessment,
  sample,
  text,
  waterL,
  onWater,
}: {
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  /** Sample of the series at the cursor; null for the moment the lid goes on. */
  readonly sample: number | null;
  /** The same in words. */
  readonly text: string;
  readonly waterL: number;
  readonly onWater: (litres: number, done: boolean) => void;
}) {
  const frame = useMemo(() => wellFrame(pot, WIDTH), [pot]);
  const svg = useRef<SVGSVGElement>(null);
  const { surfaceL, heapL, items } = useMemo(
    () => contentsAt(assessment, sample),
    [assessment, sample],
  );
  const pieces = useMemo(
    () => placePieces(items, frame, heapL * frame.pxPerL),
    [items, frame, heapL],
  );
  const levels = wellLevels(assessment, frame, kitchen.units);
  const handleY = levelY(frame, surfaceAtStart(assessment));
  const handle = useLevelHandle(
    {
      label: 'Water',
      value: waterL,
      least: 0,
      most: Math.max(waterL, pot.capacityL),
      step: STEP_L,
      text: formatVolume(waterL, kitchen.units),
    },
    svg,
    WIDTH,
    frame.pxPerL,
    onWater,
  );
  return (
    <div className="relative">
      <svg
        ref={svg}
        viewBox={`0 0 ${frame.width} ${frame.height}`}
        className="w-full select-none"
        role="img"
        aria-label={text}
      >
        <Contents frame={frame} surfaceY={levelY(frame, surfaceL)} pieces={pieces} />
        <Outline frame={frame} capacityL={pot.capacityL} units={kitchen.units} />
        <Levels frame={frame} levels={levels} />
        <line
          x1={frame.left}
          x2={frame.right}
          y1={handleY}
          y2={handleY}
          stroke="var(--color-copper)"
          strokeWidth={3}
        />
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
