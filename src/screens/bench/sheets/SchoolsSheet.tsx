'use client';

import { choose, chosen, schoolsOf, type SchoolKey } from '@/core/batch/plan';
import type { Batch, Kitchen } from '@/core/batch/schema';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

/** Questions on which practitioners differ: each choice with its gain and cost, and the kitchen's habit. */
export function SchoolsSheet({
  batch,
  kitchen,
  onChange,
  onHabit,
  onClose,
}: {
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly onChange: (batch: Batch) => void;
  readonly onHabit: (key: SchoolKey, value: string | undefined) => void;
  readonly onClose: () => void;
}) {
  const schools = schoolsOf(batch);
  return (
    <Sheet
      open
      onClose={onClose}
      title="Our habits"
      foot={
        <Button look="copper" onClick={onClose}>
          Done
        </Button>
      }
    >
      {schools.length === 0 && (
        <p className="text-quiet">Nothing in this batch is done in more than one way.</p>
      )}
      {schools.map(({ key, question, choices }) => {
        const now = chosen(batch, key);
        const habit = kitchen.habits?.[key];
        return (
          <fieldset key={key} className="border-t border-hairline pt-2">
            <legend className="font-semibold">{question}</legend>
            {choices.map((choice) => (
              <label key={choice.value} className="flex min-h-11 items-start gap-3 py-1">
                <input
                  type="radio"
                  name={key}
                  className="mt-1 size-5 shrink-0 accent-copper"
                  checked={now === choice.value}
                  onChange={() => onChange(choose(batch, key, choice.value))}
                />
                <span>
                  <b className="font-medium">{choice.name}</b>
                  {habit === choice.value && (
                    <span className="ml-2 text-mini text-leaf">our habit</span>
                  )}
                  <span className="block text-fine leading-snug text-quiet">{choice.words}</span>
                </span>
              </label>
            ))}
            {now !== undefined && choices.some((c) => c.value === now) && (
              <label className="flex min-h-11 items-center gap-3 text-small">
                <input
                  type="checkbox"
                  className="size-5 accent-copper"
                  aria-label={`${question}: remember as our habit`}
                  checked={habit === now}
                  onChange={(e) => onHabit(key, e.target.checked ? now : undefined)}
                />
                remember it as this kitchen’s habit
              </label>
            )}
          </fieldset>
        );
      })}
    </Sheet>
  );
}
