'use client';

import { nameOf } from '@/core/cook';
import { useState } from 'react';
import { foodOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { gradesOf } from '@/core/food';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

/** Foods that can be tried: those in the pot that have grades. */
function tryable(plan: Batch) {
  return plan.items.flatMap((item) => {
    const family = item.apart ? null : (foodOf(item)?.family ?? null);
    return family ? [{ item, family }] : [];
  });
}

/** Which food, and how it is. */
export function TrySheet({
  plan,
  onClose,
  onTried,
}: {
  readonly plan: Batch;
  readonly onClose: () => void;
  readonly onTried: (item: string, grade: string) => void;
}) {
  const foods = tryable(plan);
  const [id, setId] = useState<string | null>(
    foods.length === 1 ? (foods[0]?.item.id ?? null) : null,
  );
  const chosen = foods.find((f) => f.item.id === id);
  return (
    <Sheet
      open
      onClose={onClose}
      title={chosen ? `How is it: ${nameOf(plan, chosen.item.id)}?` : 'Which food did you test?'}
    >
      {!chosen && (
        <div className="grid gap-2 sm:grid-cols-2">
          {foods.map(({ item }) => (
            <Button key={item.id} size="large" onClick={() => setId(item.id)}>
              {nameOf(plan, item.id)}
            </Button>
          ))}
        </div>
      )}
      {chosen && (
        <>
          <p>
            Press it, or cut it in its middle. Do not bite meat, fish or beans that may not be done.
          </p>
          <div className="grid gap-2">
            {gradesOf(chosen.family).map((grade) => (
              <Button key={grade} size="large" onClick={() => onTried(chosen.item.id, grade)}>
                {grade}
              </Button>
            ))}
          </div>
        </>
      )}
    </Sheet>
  );
}
