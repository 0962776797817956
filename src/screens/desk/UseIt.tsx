import { freshStepId, readTask } from '@/core/batch/plan';
import type { Step } from '@/core/batch/schema';
import { minutesIn, type Phrase, type ReadRecipe } from '@/formats';
import type { Desk } from './useDesk';

/** Steps that words can be made, and what they are called there. */
const KINDS: readonly (readonly [kind: 'saute' | 'simmer' | 'rest' | 'pressure', label: string])[] =
  [
    ['saute', 'brown'],
    ['simmer', 'simmer'],
    ['rest', 'rest'],
    ['pressure', 'cook at pressure'],
  ];

/** Makes a step of unused words, at their place. */
export function UseIt({
  words,
  phrase,
  of,
  desk,
  onDone,
}: {
  readonly words: string;
  readonly phrase: Phrase;
  readonly of: ReadRecipe;
  readonly desk: Desk;
  readonly onDone: () => void;
}) {
  const minutes = minutesIn(words);
  const task = readTask(`alongside: ${words}`);
  const { batch } = desk;
  if (!batch || minutes === null)
    return <span className="block py-1 text-small text-quiet">This was not used.</span>;
  const before = of.told
    .flatMap((told) => told.phrases)
    .filter(({ of: at, from }) => at < phrase.of || (at === phrase.of && from < phrase.from))
    .findLast(({ step }) => step !== undefined)?.step;
  const make = (kind: (typeof KINDS)[number][0]): void => {
    const id = freshStepId(batch);
    const step: Step = kind === 'pressure' ? { id, kind, holdMin: minutes } : { id, kind, minutes };
    desk.addStep(step, before ?? null);
    desk.point({ at: 'step', id });
    onDone();
  };
  return (
    <span className="mt-1 flex flex-wrap items-center gap-2 rounded-lg bg-ground px-3 py-1 text-small">
      <span className="text-quiet">Not used: make it a step of {minutes} min</span>
      {KINDS.map(([kind, label]) => (
        <button
          key={kind}
          type="button"
          className="min-h-9 rounded-full border border-copper px-3 font-medium text-copper"
          onClick={() => make(kind)}
        >
          {label}
        </button>
      ))}
      {task && (
        <button
          type="button"
          className="min-h-9 rounded-full border border-copper px-3 font-medium text-copper"
          onClick={() => {
            desk.addTask(task);
            onDone();
          }}
        >
          beside the pot
        </button>
      )}
    </span>
  );
}
