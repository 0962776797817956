import { useRef } from 'react';
import type { Pot } from '@/core/batch/schema';
import { formatLevel, formatShare, type Units } from '@/core/quantity';
import { useLevelHandle } from '@/drawings/handles';
import { levelY, POT_SECTION_WIDTH, PotSection, wellFrame, type WellFrame } from '@/drawings/well';

/** Lines are at thirds, quarters and eighths. */
const STEP = 1 / 24;

export type LineOf = 'maxFill' | 'foamFill';

function Handle({
  label,
  share,
  most,
  pot,
  units,
  frame,
  svg,
  at,
  onMove,
}: {
  readonly label: string;
  readonly share: number;
  readonly most: number;
  readonly pot: Pot;
  readonly units: Units;
  readonly frame: WellFrame;
  readonly svg: React.RefObject<SVGSVGElement | null>;
  /** Across the pot, 0 to 1. */
  readonly at: number;
  readonly onMove: (share: number) => void;
}) {
  const text = `${formatShare(share)} of the pot, ${formatLevel(share * pot.capacityL, units)}`;
  const handle = useLevelHandle(
    { label, value: share, least: 0.2, most, step: STEP, text },
    svg,
    POT_SECTION_WIDTH,
    frame.pxPerL * pot.capacityL,
    onMove,
  );
  return (
    <div
      {...handle}
      style={{
        left: `${((frame.left + (frame.right - frame.left) * at) / POT_SECTION_WIDTH) * 100}%`,
        top: `${(levelY(frame, share * pot.capacityL) / frame.height) * 100}%`,
      }}
      className="absolute grid size-11 -translate-x-1/2 -translate-y-1/2 cursor-ns-resize touch-none place-items-center rounded-full"
    >
      <span className="size-5 rounded-full border-2 border-panel bg-copper shadow" />
    </div>
  );
}

/** A pot in section whose two lines are set by hand. */
export function PotLines({
  pot,
  units,
  onLine,
}: {
  readonly pot: Pot;
  readonly units: Units;
  readonly onLine: (line: LineOf, share: number) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const frame = wellFrame(pot, POT_SECTION_WIDTH);
  const shared = { pot, units, frame, svg };
  return (
    <div className="relative mx-auto w-72 max-w-full shrink-0">
      <PotSection pot={pot} units={units} ref={svg} />
      <Handle
        {...shared}
        label="Fill line"
        share={pot.maxFill}
        most={0.95}
        at={0.3}
        onMove={(share) => onLine('maxFill', share)}
      />
      <Handle
        {...shared}
        label="Foam line"
        share={pot.foamFill}
        most={pot.maxFill}
        at={0.7}
        onMove={(share) => onLine('foamFill', share)}
      />
    </div>
  );
}
