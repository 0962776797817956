import { useState } from 'react';
import { stepsOf, stepWords, taskWords, usualMinutes } from '@/core/batch/plan';
import type { Batch, Item, Step } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { stepOf } from '@/core/vocabulary';
import type { ReadRecipe } from '@/formats';
import { LineAsRead } from '@/ui/LineAsRead';
import { stepNames } from '@/ui/stepNames';
import { APART } from './corrected';

/** Where an item goes in, to be put right in place. */
function Place({
  batch,
  item,
  onPlace,
}: {
  readonly batch: Batch;
  readonly item: Item;
  readonly onPlace: (step: string) => void;
}) {
  const steps = stepsOf(batch);
  return (
    <select
      aria-label={`${item.food} goes in`}
      className="min-h-9 max-w-44 rounded-lg border border-hairline bg-panel px-2 text-[13px]"
      value={item.apart ? APART : (item.enters ?? steps[0]?.id)}
      onChange={(event) => onPlace(event.target.value)}
    >
      {[...stepNames(batch)].map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
      <option value={APART}>apart, in the bowl</option>
    </select>
  );
}

function Line({
  line,
  item,
  batch,
  units,
  onText,
  onPlace,
}: {
  readonly line: ReadRecipe['lines'][number];
  readonly item: Item | undefined;
  readonly batch: Batch;
  readonly units: Units;
  readonly onText: (text: string) => void;
  readonly onPlace: (step: string) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const take = (): void => {
    if (text?.trim()) onText(text);
    setText(null);
  };
  if (text !== null)
    return (
      <li>
        <input
          aria-label="The line in other words"
          className="field"
          value={text}
          autoFocus
          onChange={(event) => setText(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => {
            if (event.key === 'Enter') take();
            if (event.key === 'Escape') {
              event.stopPropagation();
              setText(null);
            }
          }}
        />
      </li>
    );
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span className="min-w-52 flex-1">
        <LineAsRead line={line} units={units} onText={onText} />
      </span>
      {item && batch.steps && <Place batch={batch} item={item} onPlace={onPlace} />}
      <button
        type="button"
        className="min-h-9 px-1 text-[13px] text-quiet underline"
        aria-label={`Change “${line.text}”`}
        onClick={() => setText(line.text)}
      >
        change
      </button>
    </li>
  );
}

/** Minutes of a step, guessed or read, to be put right in place. */
function StepRow({
  step,
  onMinutes,
}: {
  readonly step: Step;
  readonly onMinutes: (minutes: number) => void;
}) {
  const read = step.kind === 'pressure' ? step.holdMin : step.minutes;
  const minutes = read ?? (step.kind === 'pressure' ? 0 : usualMinutes(step.kind));
  return (
    <li className="flex items-center gap-3">
      <input
        type="number"
        min={0}
        max={600}
        step="any"
        aria-label={`${stepOf(step.kind).short}, minutes`}
        className={`field !w-20 ${read === undefined ? '!border-[#b08a2c]' : ''}`}
        value={minutes}
        onChange={(event) => {
          const value = Number(event.target.value);
          if (event.target.value !== '' && value >= 0 && value <= 600) onMinutes(value);
        }}
      />
      <span>{stepWords(step)}</span>
    </li>
  );
}

/** A recipe as it was understood: its lines, where they go in, its steps; each put right in place. */
export function RecipeRead({
  recipe,
  batch,
  units,
  onLine,
  onPlace,
  onMinutes,
}: {
  readonly recipe: ReadRecipe;
  /** The batch that it makes so far. */
  readonly batch: Batch;
  readonly units: Units;
  readonly onLine: (index: number, text: string) => void;
  readonly onPlace: (item: string, step: string) => void;
  readonly onMinutes: (step: string, minutes: number) => void;
}) {
  return (
    <div className="space-y-2 text-[14px]" data-testid="recipe">
      <p className="text-[16px] font-semibold">
        {recipe.name}
        {recipe.servings !== null && (
          <span className="ml-2 font-normal text-quiet">{recipe.servings} bowls</span>
        )}
      </p>
      {recipe.refusal && (
        <p role="alert" className="rounded-lg border-2 border-rust bg-rust/5 px-3 py-2 text-[15px]">
          <b className="text-rust">{recipe.refusal.title}.</b> {recipe.refusal.message} The rest of
          the recipe is planned without it.
        </p>
      )}
      <ul aria-label="Ingredients as understood" className="space-y-1">
        {recipe.lines.map((line, i) => (
          <Line
            key={`${i}-${line.text}`}
            line={line}
            item={batch.items.find((item) => item.id === `i${i + 1}`)}
            batch={batch}
            units={units}
            onText={(text) => onLine(i, text)}
            onPlace={(step) => onPlace(`i${i + 1}`, step)}
          />
        ))}
      </ul>
      {recipe.tasks.length > 0 && (
        <ul aria-label="Alongside as understood" className="space-y-1 text-leaf">
          {recipe.tasks.map((task, i) => (
            <li key={`${i}-${task.words}`}>
              alongside · {task.words} · {taskWords(task, units)}
            </li>
          ))}
        </ul>
      )}
      {batch.steps ? (
        <ol aria-label="Steps as understood" className="space-y-1">
          {batch.steps.map((step) => (
            <StepRow
              key={step.id}
              step={step}
              onMinutes={(minutes) => onMinutes(step.id, minutes)}
            />
          ))}
        </ol>
      ) : (
        <p>No steps; one is proposed.</p>
      )}
      {recipe.unsure.map((text) => (
        <p key={text} className="text-[#7a5c12]">
          Not sure: {text}.
        </p>
      ))}
    </div>
  );
}
