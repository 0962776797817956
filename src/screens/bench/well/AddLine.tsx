'use client';

import { lazyPart } from '@/drawings/later';
import { Suspense, useMemo, useState } from 'react';
import type { Shelf } from '@/core/batch/household';
import type { NewItem, NewTask } from '@/core/batch/plan';
import { newItem, putRight, type ReadLine, type ReadsFor } from '@/core/batch/reading';
import { MOST_ITEMS, MOST_TASKS, type Step } from '@/core/batch/schema';
import type { Meant, OwnFood } from '@/core/food';
import type { Units } from '@/core/quantity';
import { reasonWords, useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';

// It comes with the first line that is typed.
const LineAsRead = lazyPart(() => import('@/ui/LineAsRead').then((m) => m.LineAsRead));

interface Question {
  readonly text: string;
  readonly own: ReadsFor;
}

const readAway = ({ text, own }: Question): Promise<readonly ReadLine[]> =>
  ask('readLines', [text, own]);

/** Lines shown of a long list as it was understood; all of them go in. */
const SHOWN = 60;
/** A longer list scrolls. */
const MOST_ROWS = 4;

const isUnderstood = (line: ReadLine): boolean =>
  line.item !== null || line.task !== null || line.step === true;

/** Steps among the lines of a list. */
async function stepsAmong(
  text: string,
  lines: readonly ReadLine[],
  own: ReadsFor,
): Promise<readonly Step[]> {
  if (!lines.some(({ step }) => step)) return [];
  const read = await ask('readRecipe', [text, own, {}]);
  return read.ok ? read.recipe.steps : [];
}

/** One line that takes what a cook would say, or a pasted list; shown as understood before it goes in. */
export function AddLine({
  units,
  foods,
  words,
  shelves,
  room,
  taskRoom,
  onMeant,
  onAdd,
}: {
  readonly units: Units;
  /** How many more things the batch holds, and how many more are done beside it. */
  readonly room: number;
  readonly taskRoom: number;
  /** The kitchen's own. */
  readonly foods: readonly OwnFood[];
  readonly words?: readonly Meant[] | undefined;
  /** Broths in the Larder, worked out when they are asked for. */
  readonly shelves: () => readonly Shelf[];
  /** Meaning that the cook gives to an unknown word. */
  readonly onMeant: (word: Meant) => void;
  readonly onAdd: (
    items: readonly NewItem[],
    tasks: readonly NewTask[],
    steps: readonly Step[],
  ) => void;
}) {
  const [text, setText] = useState('');
  const asked = text.trim() !== '';
  const own = useMemo(
    () => (asked ? { foods, units, words, shelves: shelves() } : null),
    [asked, foods, words, units, shelves],
  );
  const question = useMemo(() => own && { text, own }, [text, own]);
  const { answer: read, failure } = useNewest<Question, readonly ReadLine[]>(question, readAway);
  const lines = question && read ? read.answer : [];
  const tooMany = lines.filter((line) => line.item).length > room;
  const tooMuch = lines.filter((line) => line.task).length > taskRoom;
  const goesIn = (line: ReadLine): boolean =>
    (line.item !== null && room > 0) || (line.task !== null && taskRoom > 0) || line.step === true;
  // Of a long list, what wants a hand comes first.
  const shown =
    lines.length > SHOWN
      ? [...lines.filter((line) => !isUnderstood(line)), ...lines.filter(isUnderstood)]
      : lines;
  const add = async (): Promise<void> => {
    if (!own) return;
    // The reading of the same text reports failures.
    const all = await ask('readLines', [text, own]).catch(() => null);
    const steps = all && (await stepsAmong(text, all, own).catch(() => null));
    if (!all || !steps) return;
    const good = [
      ...all.filter((line) => line.item).slice(0, room),
      ...all.filter((line) => line.task).slice(0, taskRoom),
      ...all.filter((line) => line.step && steps.length > 0),
    ];
    if (good.length > 0)
      onAdd(
        good.flatMap((line) => newItem(line) ?? []),
        good.flatMap((line) => line.task ?? []),
        steps,
      );
    // Lines that were not understood, or do not fit, stay to be corrected in place.
    const left = all.filter((line) => !good.includes(line)).map((line) => line.text);
    setText((now) => (now === text ? left.join('\n') : now));
  };
  return (
    <form
      className="panel p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <label htmlFor="put-in" className="text-fine text-quiet">
        Put in
      </label>
      <div className="mt-1 flex gap-2">
        <textarea
          id="put-in"
          rows={Math.min(MOST_ROWS, text.split('\n').length)}
          value={text}
          placeholder={units === 'metric' ? '2 leeks, 15 mm rings' : '2 leeks, 1/2-inch rings'}
          className="field resize-none"
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !event.shiftKey) {
              event.preventDefault();
              void add();
            }
          }}
        />
        <button
          type="submit"
          className="min-h-11 rounded-lg bg-copper px-3 font-medium text-white disabled:opacity-45"
          disabled={!lines.some(goesIn)}
        >
          Add
        </button>
      </div>
      <ul
        className="-mx-1 mt-1.5 max-h-40 px-1 min-h-5 space-y-0.5 overflow-y-auto text-fine"
        aria-live="polite"
        tabIndex={text ? 0 : -1}
        aria-label="As understood"
      >
        {question && failure?.of === question && (
          <li role="alert" className="text-rust">
            {reasonWords(failure.reason)}
          </li>
        )}
        {tooMany && (
          <li role="alert" className="text-rust">
            A batch holds {MOST_ITEMS} things at the most: {room} of these go in, the rest stays
            here.
          </li>
        )}
        {tooMuch && (
          <li role="alert" className="text-rust">
            {MOST_TASKS} things are done alongside at the most: {taskRoom} of these are taken, the
            rest stays here.
          </li>
        )}
        <Suspense>
          {shown.slice(0, SHOWN).map((line, i) => (
            <li key={`${i}-${line.text}`}>
              <LineAsRead
                line={line}
                units={units}
                onText={(put) => setText(putRight(text, lines, line, put))}
                onMeant={onMeant}
              />
            </li>
          ))}
        </Suspense>
        {lines.length > SHOWN && (
          <li className="text-quiet">and {lines.length - SHOWN} lines more</li>
        )}
        {!text && (
          <li className="text-quiet">
            One ingredient a line, or paste a whole list. “Rice apart, 18 min” cooks alongside.
          </li>
        )}
      </ul>
    </form>
  );
}
