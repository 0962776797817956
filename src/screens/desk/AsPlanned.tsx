import { taskWords } from '@/core/batch/plan';
import type { Batch, Pot } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import type { ReadRecipe } from '@/formats';
import { FoodRow } from './FoodRow';
import { StepRow } from './StepRow';
import type { Desk } from './useDesk';
import { Term } from '@/ui/Term';

const HEAD = 'text-fine font-medium text-quiet';

/** The foods and the steps as they will be planned. */
export function AsPlanned({
  recipe,
  batch,
  pot,
  units,
  desk,
}: {
  readonly recipe: ReadRecipe;
  readonly batch: Batch;
  readonly pot: Pot | undefined;
  readonly units: Units;
  readonly desk: Desk;
}) {
  const { pointed, point } = desk;
  return (
    <section aria-labelledby="as-planned" className="panel p-5" data-testid="recipe">
      <h2 id="as-planned" className={HEAD}>
        As planned
      </h2>
      <ul aria-label="Ingredients as understood" className="-mx-2 mt-2 text-body">
        {recipe.lines.map((line, i) => {
          const id = recipe.ids[i] ?? '';
          return (
            <FoodRow
              key={`${id} ${line.text}`}
              line={line}
              item={batch.items.find((item) => item.id === id)}
              batch={batch}
              units={units}
              isPointed={pointed?.at === 'item' && pointed.id === id}
              onPoint={() => point({ at: 'item', id })}
              onText={(text) => desk.putLine(i, text)}
              onPlace={(step) => desk.place(id, step)}
            />
          );
        })}
      </ul>
      {batch.alongside && (
        <ul aria-label="Alongside as understood" className="mt-2 space-y-1 text-leaf">
          {batch.alongside.map((task) => (
            <li key={task.id}>
              <Term id="alongside" /> · {task.words} · {taskWords(task, units)}
            </li>
          ))}
        </ul>
      )}
      <h3 className={`${HEAD} mt-4`}>Steps</h3>
      {batch.steps ? (
        <ol aria-label="Steps as understood" className="-mx-2 mt-1 text-body">
          {batch.steps.map((step) => (
            <StepRow
              key={step.id}
              step={step}
              pot={pot}
              isPointed={pointed?.at === 'step' && pointed.id === step.id}
              onPoint={() => point({ at: 'step', id: step.id })}
              onMinutes={(minutes) => desk.minutes(step.id, minutes)}
              onRelease={(release) => desk.release(step.id, release)}
              onLeaveOut={() => desk.leaveOut(step.id)}
            />
          ))}
        </ol>
      ) : (
        <p className="mt-1">No minutes are given. Retort works them out when you plan it.</p>
      )}
      {recipe.unsure.length > 0 && (
        <ul aria-label="Notes" className="mt-3 space-y-1 text-small text-[#7a5c12]">
          {recipe.unsure.map((text, i) => (
            <li key={`${i}-${text}`}>Not sure: {text}.</li>
          ))}
        </ul>
      )}
    </section>
  );
}
