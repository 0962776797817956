'use client';

import { formatMinutes, type Units } from '@/core/quantity';
import { endOf, type Stage, type Standing, type StepTimeline } from '@/core/cook';
import { beginsOf, wordsOf } from '@/core/timetable';
import { timeOf } from '@/session/clockText';

/** Stages past, present and to come, by the clock. */
export function Stages({
  stages,
  at,
  startedAt,
  steps,
  units,
  now,
}: {
  readonly stages: readonly Stage[];
  readonly at: Standing;
  /** Of the cook, ms. */
  readonly startedAt: number;
  readonly steps: readonly StepTimeline[];
  readonly units: Units;
  readonly now: number;
}) {
  const from = beginsOf(stages, at, now);
  const marked = (stage: Stage): string => {
    const step = steps.find(({ id }) => id === stage.step);
    const end = step && stage.mark && endOf(stage, step);
    return end ? timeOf(startedAt + 1000 * end.s) : '';
  };
  return (
    <ol className="panel divide-y divide-hairline" aria-label="Stages">
      {stages.map((stage, i) => (
        <li
          key={stage.id}
          aria-current={i === at.index ? 'step' : undefined}
          className={`flex justify-between gap-3 px-4 py-2 text-small ${i === at.index ? 'border-l-4 border-l-cobalt font-semibold' : i < at.index ? 'text-quiet' : ''}`}
        >
          <span>
            {i < at.index ? '✓ ' : ''}
            {wordsOf(stage, units).title}
          </span>
          <span className="whitespace-nowrap text-quiet">
            {i < at.index ? marked(stage) : i > at.index ? timeOf(from[i] ?? now) : ''}
            {i > at.index && stage.expectMin >= 1 ? ` · ${formatMinutes(stage.expectMin)}` : ''}
          </span>
        </li>
      ))}
    </ol>
  );
}
