import { useState } from 'react';
import { entryOf, stepsOf } from '@/core/batch/plan';
import type { ReadLine } from '@/core/batch/reading';
import type { Batch, Item } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { LineAsRead } from '@/ui/LineAsRead';
import { stepNames } from '@/ui/stepNames';
import { APART } from './corrected';

/** Choice of the step at which an item goes in. */
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
      className="min-h-9 max-w-44 rounded-lg border border-hairline bg-panel px-2 text-fine"
      value={item.apart ? APART : (entryOf(item) ?? steps[0]?.id)}
      onChange={(event) => onPlace(event.target.value)}
    >
      {[...stepNames(batch)].map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
      <option value={APART}>cooked separately</option>
    </select>
  );
}

/** The line in other words. */
function OtherWords({
  text,
  onText,
  onLeave,
}: {
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
}) {
  const [said, setSaid] = useState(text);
  const take = (): void => {
    if (said.trim() && said !== text) onText(said);
    onLeave();
  };
  return (
    <input
      aria-label="The line in other words"
      className="field"
      value={said}
      autoFocus
      onChange={(event) => setSaid(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === 'Enter') take();
        if (event.key === 'Escape') onLeave();
      }}
    />
  );
}

/** A food as it will be planned: how much, where it goes in, and the way to put it right. */
export function FoodRow({
  line,
  item,
  batch,
  units,
  isPointed,
  onPoint,
  onText,
  onPlace,
}: {
  readonly line: ReadLine;
  readonly item: Item | undefined;
  readonly batch: Batch;
  readonly units: Units;
  readonly isPointed: boolean;
  readonly onPoint: () => void;
  readonly onText: (text: string) => void;
  readonly onPlace: (step: string) => void;
}) {
  const [changing, setChanging] = useState(false);
  if (changing)
    return (
      <li className="py-1.5">
        <OtherWords text={line.text} onText={onText} onLeave={() => setChanging(false)} />
      </li>
    );
  return (
    <li
      className={`flex flex-wrap items-center gap-x-3 gap-y-1 rounded-lg px-2 py-1.5 ${isPointed ? 'bg-straw/35' : ''}`}
    >
      {/* A convenience of the pointer: the line itself is touched on the other side. */}
      <span className="min-w-52 flex-1" onClick={onPoint}>
        <LineAsRead line={line} units={units} onText={onText} />
      </span>
      {item && batch.steps && <Place batch={batch} item={item} onPlace={onPlace} />}
      <button
        type="button"
        className="min-h-9 px-1 text-fine text-quiet underline"
        aria-label={`Change “${line.text}”`}
        onClick={() => setChanging(true)}
      >
        change
      </button>
    </li>
  );
}
