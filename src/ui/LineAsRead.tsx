import { Said } from '@/ui/said';
import { useId, useState } from 'react';
import { taskWords } from '@/core/batch/plan';
import { likened, renamed, type ReadLine } from '@/core/batch/reading';
import { spoken, type Meant } from '@/core/food';
import type { Units } from '@/core/quantity';
import { lineWords } from './lineWords';

/** Makes an unknown food one of my foods, in one sentence. */
function LikeWhat({
  line,
  units,
  onText,
}: {
  readonly line: ReadLine;
  readonly units: Units;
  readonly onText: (text: string) => void;
}) {
  const id = useId();
  const [like, setLike] = useState('');
  const take = (): void => {
    if (like.trim()) onText(likened(line, like));
  };
  return (
    <span className="mt-1 flex flex-wrap items-center gap-2 text-ink">
      <label htmlFor={id}>{line.name || 'It'} cooks like</label>
      <input
        id={id}
        value={like}
        placeholder={units === 'metric' ? 'potato, 60 g a piece' : 'potato, 2 oz a piece'}
        className="field min-w-40 flex-1"
        onChange={(event) => setLike(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          take();
        }}
      />
      <button
        type="button"
        className="min-h-11 rounded-lg border border-copper px-3 font-medium text-copper disabled:opacity-45"
        disabled={!like.trim()}
        onClick={take}
      >
        Add it to my foods
      </button>
    </span>
  );
}

/** Words of a line of which nothing was made, so that none goes in silence. */
function NotUsed({ line }: { readonly line: ReadLine }) {
  const { left } = line;
  return left.length > 0 && <span className="block text-quiet">not used: {left.join(', ')}</span>;
}

/** A line as it was understood; what was not is named, and corrected on the spot. */
export function LineAsRead({
  line,
  units,
  onText,
  onMeant,
}: {
  readonly line: ReadLine;
  readonly units: Units;
  /** The line as the cook has put it right. */
  readonly onText: (text: string) => void;
  /** Meaning that the cook gives to an unknown word. */
  readonly onMeant?: (word: Meant) => void;
}) {
  if (line.item)
    return (
      <span className="text-leaf">
        <Said>{lineWords(line, units)}</Said>
        {line.unsure.length > 0 && (
          <span className="block text-[#7a5c12]">not sure: {line.unsure.join('; ')}</span>
        )}
        <NotUsed line={line} />
      </span>
    );
  if (line.task)
    return (
      <span className="text-leaf">
        alongside · {line.task.words} · {taskWords(line.task, units)}
      </span>
    );
  if (line.step) return <span className="text-leaf">a stage: {line.text}</span>;
  if (line.refused !== null)
    return (
      <span role="alert" className="block text-rust">
        “{line.text}”: {line.refused.replace(/\.$/, '')}.
      </span>
    );
  return (
    <span className="block">
      <span role="alert" className="text-rust">
        “{line.text}”: I do not know this food.
        {line.nearest.length > 0 && ' Did you mean '}
        {line.nearest.map((food) => (
          <button
            key={food.key}
            type="button"
            className="mx-1 min-h-8 underline"
            onClick={() => {
              if (line.name)
                onMeant?.({ said: line.name.toLowerCase(), food: food.own?.name ?? food.key });
              onText(renamed(line, food.name));
            }}
          >
            {spoken(food.name)}
          </button>
        ))}
        {line.unsure.length > 0 && ` (${line.unsure.join('; ')})`}
      </span>
      <LikeWhat line={line} units={units} onText={onText} />
    </span>
  );
}
