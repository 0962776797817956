'use client';

import { useMinuteHandle } from '@/drawings/handles';
import type { Grip } from '@/drawings/steps';
import { AXIS_BOTTOM, AXIS_LEFT, AXIS_RIGHT, AXIS_TOP } from '@/drawings/time';

function Stop({
  grip,
  run,
  total,
  onMove,
}: {
  readonly grip: Grip;
  readonly run: number;
  readonly total: number;
  readonly onMove: (minutes: number, done: boolean) => void;
}) {
  return (
    <div
      {...useMinuteHandle(grip, total, onMove)}
      data-testid={grip.id}
      title={`${grip.label}: ${grip.text}`}
      style={{ left: `${(100 * grip.atMin) / total}%` }}
      className="pointer-events-auto absolute inset-y-0 z-10 flex w-8 -translate-x-1/2 cursor-ew-resize touch-pan-y flex-col items-center max-lg:w-11"
    >
      <span className="grid size-6 shrink-0 place-items-center rounded-full bg-copper text-fine font-bold text-white shadow">
        {run}
      </span>
      <span className="w-0.5 flex-1 bg-copper" />
    </div>
  );
}

/** The stopping point of each run over the chart, to be dragged. */
export function Stops({
  stops,
  total,
  onMove,
}: {
  readonly stops: readonly Grip[];
  readonly total: number;
  readonly onMove: (step: string, minutes: number, done: boolean) => void;
}) {
  return (
    <div
      className="pointer-events-none absolute"
      style={{ left: AXIS_LEFT, right: AXIS_RIGHT, top: AXIS_TOP - 6, bottom: AXIS_BOTTOM }}
    >
      {stops.map((grip, i) => (
        <Stop
          key={grip.id}
          grip={grip}
          run={i + 1}
          total={total}
          onMove={(minutes, done) => onMove(grip.step, minutes, done)}
        />
      ))}
    </div>
  );
}
