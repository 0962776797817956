'use client';

import { useMemo, useState } from 'react';
import { readLine, readLines, type Item, type ReadLine } from '@/core/batch';
import type { Food } from '@/core/food';
import { formatAmount, parseAmount, type Units } from '@/core/quantity';
import { lineWords } from '@/ui/lineWords';

type NewItem = Omit<Item, 'id'>;

/** The same amount of a food the cook chose instead. */
function asFood(line: ReadLine, food: Food): ReadLine {
  const { amount } = parseAmount(line.text);
  const again = readLine(`${amount ? formatAmount(amount) : ''} ${food.name}`);
  return { ...again, text: line.text };
}

function Understood({
  line,
  units,
  onFood,
}: {
  readonly line: ReadLine;
  readonly units: Units;
  readonly onFood: (food: Food) => void;
}) {
  if (line.item)
    return (
      <li className="text-leaf">
        {lineWords(line, units)}
        {line.unsure.length > 0 && (
          <span className="block text-[#7a5c12]">not sure: {line.unsure.join('; ')}</span>
        )}
      </li>
    );
  return (
    <li role="alert" className="text-rust">
      “{line.text}” is no food of the table.
      {line.nearest.length > 0 && ' Did you mean '}
      {line.nearest.map((food) => (
        <button
          key={food.key}
          type="button"
          className="mx-0.5 min-h-8 underline"
          onClick={() => onFood(food)}
        >
          {food.name}
        </button>
      ))}
      {line.nearest.length === 0 && ' Try a plainer name.'}
    </li>
  );
}

/** One line that takes what a cook would say, or a pasted list; shown as understood before it goes in. */
export function AddLine({
  units,
  onAdd,
}: {
  readonly units: Units;
  readonly onAdd: (items: readonly NewItem[]) => void;
}) {
  const [text, setText] = useState('');
  const [swapped, setSwapped] = useState<ReadonlyMap<string, Food>>(new Map());
  const lines = useMemo(
    () =>
      readLines(text).map((line) => {
        const food = swapped.get(line.text);
        return food ? asFood(line, food) : line;
      }),
    [text, swapped],
  );
  const add = (): void => {
    const good = lines.flatMap((line) => (line.item ? [line.item] : []));
    if (good.length > 0) onAdd(good);
    // What was not understood stays, to be corrected in place.
    setText(
      lines
        .filter((line) => !line.item)
        .map((line) => line.text)
        .join('\n'),
    );
    setSwapped(new Map());
  };
  const multi = text.includes('\n');
  return (
    <form
      className="panel p-3"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <label htmlFor="put-in" className="text-[13px] text-quiet">
        Put in
      </label>
      <div className="mt-1 flex gap-2">
        <textarea
          id="put-in"
          rows={multi ? 4 : 1}
          value={text}
          placeholder={units === 'metric' ? '2 leeks, 15 mm rings' : '2 leeks, 1/2-inch rings'}
          className="field resize-none"
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !event.shiftKey) {
              event.preventDefault();
              add();
            }
          }}
        />
        <button
          type="submit"
          className="min-h-11 rounded-lg bg-copper px-3 font-medium text-white disabled:opacity-45"
          disabled={lines.every((l) => !l.item)}
        >
          Add
        </button>
      </div>
      <ul
        className="mt-1.5 max-h-24 min-h-5 space-y-0.5 overflow-y-auto text-[13px]"
        aria-live="polite"
        tabIndex={text ? 0 : -1}
        aria-label="As understood"
      >
        {lines.map((line, i) => (
          <Understood
            key={`${i}-${line.text}`}
            line={line}
            units={units}
            onFood={(food) => setSwapped(new Map([...swapped, [line.text, food]]))}
          />
        ))}
        {!text && (
          <li className="text-quiet">One line an ingredient; a whole list can be pasted.</li>
        )}
      </ul>
    </form>
  );
}
