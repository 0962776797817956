'use client';

import { Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import type { Assessment } from '@/core/assess';
import { stepsOf } from '@/core/batch/plan';
import type { Batch, PressureStep } from '@/core/batch/schema';
import { afterWait } from '@/core/vocabulary';
import { useDragOn, useMinuteHandle } from '../handles';
import { AXIS_LEFT, AXIS_RIGHT } from '../time';
import { grips, placeAt, type Grip } from './grips';
import { segmentsOf, type Segment } from './segments';

const LOOK: Readonly<Record<Segment['phase'], string>> = {
  'warm-up': 'bg-[#e3e8ec]',
  hold: 'bg-[#f0dfc8]',
  release: 'bg-[#dbe3ee]',
  step: 'bg-[#efe8cf]',
};

/** Width of a letter against the width of the bar, %. */
const PERCENT_A_LETTER = 1.5;

const hasRoom = ({ label, minutes }: Segment, total: number): boolean =>
  (100 * minutes) / total > PERCENT_A_LETTER * (label.length + 1);

/** A copper handle beneath the bar that moves the end of a hold or the moment the valve opens; its stem crosses the bar. */
function Handle({
  grip,
  total,
  onMove,
}: {
  readonly grip: Grip;
  readonly total: number;
  readonly onMove: (minutes: number, done: boolean) => void;
}) {
  const isHold = grip.kind === 'hold';
  return (
    <div
      {...useMinuteHandle(grip, total, onMove)}
      data-testid={grip.id}
      style={{ left: `${(grip.atMin / total) * 100}%` }}
      title={`${grip.label}: ${grip.text}`}
      className={`absolute top-11 grid h-6 w-6 cursor-ew-resize touch-pan-y max-lg:h-11 max-lg:w-11 ${
        // Side by side where the valve opens as the hold ends.
        isHold ? '-translate-x-full justify-items-end' : 'justify-items-start'
      }`}
    >
      <span
        className={`pointer-events-none absolute bottom-full h-11 w-0.5 bg-copper forced-colors:bg-[Highlight] ${isHold ? 'right-0' : 'left-0'}`}
      />
      <span
        className={`h-5 w-3.5 border-2 border-copper bg-copper max-lg:h-8 max-lg:w-6 ${isHold ? 'rounded-bl-full' : 'rounded-br-full'}`}
      />
    </div>
  );
}

/** One phase: pressed it opens its step, dragged it moves the step in the order. A short one is at least a finger wide. */
function Phase({
  segment,
  total,
  onEdit,
  onDrop,
}: {
  readonly segment: Segment;
  readonly total: number;
  readonly onEdit: () => void;
  readonly onDrop: (minute: number) => void;
}) {
  const item = useRef<HTMLLIElement>(null);
  const [dx, setDx] = useState(0);
  const middle = segment.startMin + segment.minutes / 2;
  const button = useRef<HTMLButtonElement>(null);
  useDragOn(
    button,
    ({ movement: [x], last, tap }) => {
      if (tap) return;
      setDx(last ? 0 : x);
      const width = Math.max(1, item.current?.parentElement?.clientWidth ?? 1);
      if (last) onDrop(middle + (x * total) / width);
    },
    'x',
  );
  return (
    <li
      ref={item}
      className={`min-w-6 basis-0 ${dx === 0 ? '' : 'z-20 opacity-80'}`}
      style={{ flexGrow: segment.minutes, transform: `translateX(${dx}px)` }}
    >
      <button
        ref={button}
        type="button"
        onClick={onEdit}
        title={`${segment.label} min`}
        aria-label={`${segment.label} min, change`}
        className="flex h-11 w-full touch-pan-y flex-wrap justify-center overflow-hidden rounded-md border border-transparent text-fine font-medium hover:border-copper"
      >
        {/* A label without room falls to a second line, which is cut off; its minutes, or the tooltip, still say it. */}
        <span className="h-11 w-0" />
        <span className="whitespace-nowrap px-1 leading-[2.6rem]">
          {hasRoom(segment, total) ? segment.label : Math.round(segment.minutes)}
        </span>
      </button>
    </li>
  );
}

/** The phases of the cook under the Trace: each a button to its step, their ends to be dragged. */
export function StepBar({
  batch,
  assessment,
  onEdit,
  onAdd,
  onStep,
  onOrder,
}: {
  readonly batch: Batch;
  readonly assessment: Assessment;
  readonly onEdit: (step: string) => void;
  readonly onAdd: () => void;
  /** A step as the hand has it; done when the hand lets go. */
  readonly onStep: (step: PressureStep, done: boolean) => void;
  /** A step dropped at another place in the order. */
  readonly onOrder: (step: string, to: number) => void;
}) {
  const steps = stepsOf(batch);
  const segments = segmentsOf(steps, assessment.time.steps);
  const total = Math.max(1, assessment.time.endMin);
  const move = (grip: Grip, minutes: number, done: boolean): void => {
    const step = steps.find((s): s is PressureStep => s.id === grip.step && s.kind === 'pressure');
    if (!step) return;
    onStep(
      grip.kind === 'hold'
        ? { ...step, holdMin: minutes }
        : { ...step, release: afterWait(step.release, minutes) },
      done,
    );
  };
  return (
    <div className="flex items-start">
      <div style={{ width: AXIS_LEFT }} />
      <div className="relative min-w-0 flex-1 pb-6 max-lg:pb-11">
        {/* Drawn to the clock; what is touched lies over it, and is never narrower than a finger. */}
        <div aria-hidden className="absolute inset-x-0 top-0 h-11">
          {segments.map((segment) => (
            <span
              key={segment.key}
              className={`absolute inset-y-0 rounded-md border border-hairline ${LOOK[segment.phase]}`}
              style={{
                left: `${(segment.startMin / total) * 100}%`,
                width: `${(segment.minutes / total) * 100}%`,
              }}
            />
          ))}
        </div>
        <ol aria-label="Steps" className="relative flex h-11">
          {segments.map((segment) => (
            <Phase
              key={segment.key}
              segment={segment}
              total={total}
              onEdit={() => onEdit(segment.step)}
              onDrop={(minute) => {
                const to = placeAt(assessment.time.steps, minute);
                if (steps[to]?.id !== segment.step) onOrder(segment.step, to);
              }}
            />
          ))}
        </ol>
        {grips(steps, assessment.time.steps).map((grip) => (
          <Handle
            key={grip.id}
            grip={grip}
            total={total}
            onMove={(minutes, done) => move(grip, minutes, done)}
          />
        ))}
      </div>
      <div className="grid place-items-center" style={{ width: AXIS_RIGHT }}>
        <button
          type="button"
          onClick={onAdd}
          aria-label="Add a step"
          title="Add a step"
          className="grid size-11 place-items-center rounded-full text-copper hover:bg-copper/10"
        >
          <Plus size={20} aria-hidden />
        </button>
      </div>
    </div>
  );
}
