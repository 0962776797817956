import type { Meant } from '@/core/food';
import { foodByKey, spoken } from '@/core/food';

/** Words that this kitchen has for foods: what was put right once, in a line or a recipe. */
export function Words({
  words,
  onForget,
}: {
  readonly words: readonly Meant[];
  readonly onForget: (word: Meant) => void;
}) {
  return (
    <section aria-labelledby="words" className="panel p-5">
      <h2 id="words" className="text-lg font-semibold">
        My words for foods
      </h2>
      {words.length === 0 && (
        <p className="mt-2 text-small text-quiet">
          None yet. Correct a name in a line or a recipe, and Retort remembers it.
        </p>
      )}
      <ul className="mt-2 divide-y divide-hairline">
        {words.map((word) => (
          <li key={word.said} className="flex items-center justify-between gap-3 py-1.5">
            <span className="min-w-0 break-words">
              <b className="font-semibold">{word.said}</b>{' '}
              <span className="text-quiet">
                is {spoken(foodByKey(word.food)?.name ?? word.food)}
              </span>
            </span>
            <button
              type="button"
              className="min-h-9 text-small text-quiet underline"
              aria-label={`Forget ${word.said}`}
              onClick={() => onForget(word)}
            >
              Forget
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
