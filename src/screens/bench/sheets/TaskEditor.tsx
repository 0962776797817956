'use client';

import { useState } from 'react';
import { anchorWords, readTask, taskWords, type Anchor } from '@/core/batch/plan';
import { ANCHORS, type Task } from '@/core/batch/schema';
import { formatTemperature, type Units } from '@/core/quantity';
import { Choice, Field } from '@/ui/forms/Field';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { Sheet } from '@/ui/Sheet';

/** The words, the minutes and the oven, as they were typed. */
function lineOf({ words, minutes, ovenC }: Task, units: Units): string {
  return `${words}, ${minutes} min${ovenC === undefined ? '' : ` at ${formatTemperature(ovenC, units)}`}`;
}

interface When {
  readonly ready: Anchor;
  readonly nth: number;
}

/** When it may be ready: at the table, at every lid, at every opening. */
function whens(lids: number): readonly When[] {
  return ANCHORS.flatMap((ready) =>
    Array.from({ length: ready === 'table' ? 1 : lids }, (_, i) => ({ ready, nth: i + 1 })),
  );
}

const keyOf = ({ ready, nth }: When): string => `${ready} ${nth}`;

/** Changes what is done beside the pot: the line as it was typed, and when it is to be ready. */
export function TaskEditor({
  task,
  lids,
  units,
  onSave,
  onRemove,
  onClose,
}: {
  readonly task: Task;
  /** How many times the lid goes on. */
  readonly lids: number;
  readonly units: Units;
  readonly onSave: (task: Task) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}) {
  const [line, setLine] = useState(() => lineOf(task, units));
  const [attended, setAttended] = useState(task.attended ?? false);
  const [when, setWhen] = useState<When>({ ready: task.ready ?? 'table', nth: task.nth ?? 1 });
  const [asked, setAsked] = useState(false);
  const read = readTask(`Alongside: ${line}`);
  const next: Task | null = read && {
    id: task.id,
    words: read.words,
    minutes: read.minutes,
    ...(read.ovenC !== undefined && { ovenC: read.ovenC }),
    ...(attended && { attended }),
    ...(when.ready !== 'table' && { ready: when.ready }),
    ...(when.ready !== 'table' && when.nth > 1 && { nth: when.nth }),
  };
  return (
    <Sheet open onClose={onClose} title="Alongside">
      <form
        noValidate
        className="space-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          setAsked(true);
          if (!next) return;
          onSave(next);
          onClose();
        }}
      >
        <Field
          id="task"
          label="What, and how long"
          value={line}
          onChange={(event) => setLine(event.target.value)}
          error={
            asked && !next ? 'what it is and its minutes, such as rice apart, 18 min' : undefined
          }
        />
        <Choice
          id="ready"
          label="Ready"
          value={keyOf(when)}
          onChange={(event) => {
            const chosen = whens(lids).find((w) => keyOf(w) === event.target.value);
            if (chosen) setWhen(chosen);
          }}
        >
          {whens(lids).map((w) => (
            <option key={keyOf(w)} value={keyOf(w)}>
              {anchorWords(w)}
            </option>
          ))}
        </Choice>
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-5 accent-copper"
            checked={attended}
            onChange={(event) => setAttended(event.target.checked)}
          />
          it needs hands all the time
        </label>
        {next && (
          <p className="text-leaf" aria-live="polite">
            {next.words} · {taskWords(next, units)}
          </p>
        )}
        <KeepFoot removes="Leave it out" onRemove={onRemove} onClose={onClose} />
      </form>
    </Sheet>
  );
}
