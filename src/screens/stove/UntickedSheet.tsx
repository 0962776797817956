'use client';

import { Said } from '@/ui/said';
import { useState } from 'react';
import { countedItem } from '@/core/batch/plan';
import type { Item } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

/** Asked once, as the lid goes on: what is not ticked is in, or is left out. */
export function UntickedSheet({
  items,
  units,
  onClose,
  onSettled,
}: {
  readonly items: readonly Item[];
  readonly units: Units;
  readonly onClose: () => void;
  /** @param leftOut ids of what is not in */
  readonly onSettled: (leftOut: ReadonlySet<string>) => void;
}) {
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const put = (id: string, out: boolean): void => {
    const next = new Set(leftOut);
    if (out) next.add(id);
    else next.delete(id);
    setLeftOut(next);
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="In, or left out?"
      foot={
        <>
          <Button onClick={onClose}>Not locked yet</Button>
          <Button look="copper" onClick={() => onSettled(leftOut)}>
            {leftOut.size === 0 ? 'Everything is in' : 'Continue'}
          </Button>
        </>
      }
    >
      <p>Not ticked. What you leave out drops out of the rest of the plan, too.</p>
      <ul>
        {items.map((item) => (
          <li key={item.id} className="flex min-h-12 items-center gap-3 border-b border-hairline">
            <span className="flex-1">
              <Said>{countedItem(item, units)}</Said>
            </span>
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-6 accent-rust"
                checked={leftOut.has(item.id)}
                onChange={(event) => put(item.id, event.target.checked)}
              />
              left out
            </label>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
