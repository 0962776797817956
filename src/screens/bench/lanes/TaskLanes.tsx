import type { Assessment } from '@/core/assess';
import { taskWords } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { formatMinutes, type Units } from '@/core/quantity';
import { AXIS_LEFT, AXIS_RIGHT } from '@/drawings/time';
import { taskSpans } from '@/core/timetable';

/** Tasks beside the pot: a lane each, from start to ready. */
export function TaskLanes({
  batch,
  assessment,
  units,
  onTask,
}: {
  readonly batch: Batch;
  readonly assessment: Assessment;
  readonly units: Units;
  readonly onTask: (id: string) => void;
}) {
  const spans = taskSpans(batch, assessment);
  if (spans.length === 0) return null;
  const endMin = Math.max(1, assessment.time.endMin);
  const along = (minute: number): number => 100 * Math.min(1, Math.max(0, minute / endMin));
  return (
    <ul
      aria-label="Alongside"
      className="mt-1 space-y-0.5 border-t border-dashed border-hairline pt-1"
    >
      {spans.map(({ task, startMin, readyMin }) => (
        <li
          key={task.id}
          className="relative rounded-lg hover:bg-copper/5"
          data-testid={`task-${task.id}`}
        >
          <button
            type="button"
            aria-label={`Change ${task.words}`}
            className="absolute inset-0 w-full rounded-lg"
            onClick={() => onTask(task.id)}
          />
          <div
            className="pointer-events-none relative pt-0.5 pb-1"
            style={{ paddingLeft: AXIS_LEFT, paddingRight: AXIS_RIGHT }}
          >
            <div className="flex items-baseline justify-between gap-3 text-small">
              <span className="min-w-0 truncate font-semibold first-letter:uppercase">
                {task.words}
              </span>
              <span className="shrink-0 text-fine text-quiet">
                {startMin < 0 ? `begins ${formatMinutes(-startMin)} before the pot, ` : ''}
                {taskWords(task, units)}
              </span>
            </div>
            <div className="relative mt-0.5 h-4">
              <span
                className={`absolute inset-y-1 rounded-sm border border-copper ${task.attended ? 'bg-copper/60' : 'bg-copper/15'}`}
                style={{
                  left: `${along(startMin)}%`,
                  width: `max(3px, ${along(readyMin) - along(startMin)}%)`,
                }}
              />
            </div>
          </div>
        </li>
      ))}
    </ul>
  );
}
