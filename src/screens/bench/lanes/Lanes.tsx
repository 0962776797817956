import { Said } from '@/ui/said';
import type { Assessment, Draws } from '@/core/assess';
import { amountWords, entryOf } from '@/core/batch/plan';
import type { Batch, Item, Kitchen } from '@/core/batch/schema';
import { stepNames } from '@/ui/stepNames';
import { AXIS_LEFT, AXIS_RIGHT, type ClockText } from '@/drawings/time';
import { doorsOf, type Door } from './doors';
import { Lane } from './Lane';
import { TaskLanes } from './TaskLanes';

/** One line an ingredient, from entry to exit, through its grades; liquids below in words. */
export function Lanes({
  assessment,
  draws,
  batch,
  kitchen,
  cursorMin,
  clock,
  onEdit,
  onTask,
  onDoor,
  onQuick,
}: {
  readonly assessment: Assessment;
  /** Moment shown, min; null for none. */
  readonly cursorMin: number | null;
  readonly clock: ClockText;
  readonly draws: Draws | null;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly onEdit: (id: string) => void;
  readonly onTask: (id: string) => void;
  readonly onDoor: (id: string, door: Door) => void;
  readonly onQuick: (id: string, change: Partial<Omit<Item, 'id'>>) => void;
}) {
  const doors = doorsOf(batch, assessment);
  const names = stepNames(batch);
  const endMin = Math.max(1, assessment.time.endMin);
  const lanes = assessment.items.filter((i) => i.piece !== null || i.fishOut);
  const rest = assessment.items.filter((i) => i.piece === null && !i.fishOut);
  return (
    <div className="relative">
      {cursorMin !== null && (
        <div
          aria-hidden
          className="pointer-events-none absolute inset-y-0 z-10"
          style={{ left: AXIS_LEFT, right: AXIS_RIGHT }}
        >
          <div
            className="absolute inset-y-0 w-0.5 -translate-x-1/2 bg-cobalt"
            style={{ left: `${(100 * cursorMin) / endMin}%` }}
          />
        </div>
      )}
      <ul aria-label="Ingredients" className="space-y-0.5">
        {lanes.map((item) => (
          <Lane
            key={item.id}
            item={item}
            batch={batch}
            kitchen={kitchen}
            endMin={endMin}
            chances={draws?.verdicts[item.id]}
            doors={doors}
            clock={clock}
            onEdit={onEdit}
            onDoor={onDoor}
            onQuick={onQuick}
          />
        ))}
      </ul>
      <TaskLanes batch={batch} assessment={assessment} units={kitchen.units} onTask={onTask} />
      {rest.length > 0 && (
        <p
          className="mt-1.5 flex flex-wrap items-center gap-x-1 text-small text-quiet"
          style={{ paddingLeft: AXIS_LEFT }}
        >
          In the liquid:
          {rest.map((item) => {
            const source = batch.items.find((i) => i.id === item.id);
            return (
              <button
                key={item.id}
                type="button"
                data-testid={`lane-${item.food}`}
                className="min-h-8 rounded px-1.5 text-ink underline decoration-copper decoration-dotted underline-offset-4 hover:bg-copper/5"
                onClick={() => onEdit(item.id)}
              >
                <Said>{item.name}</Said>, {source ? amountWords(source, kitchen.units) : ''}
                {item.enterMin > 0 && source ? `, ${names.get(entryOf(source) ?? '') ?? ''}` : ''}
              </button>
            );
          })}
        </p>
      )}
    </div>
  );
}
