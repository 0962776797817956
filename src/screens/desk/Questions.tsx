import type { ReadRecipe } from '@/formats';
import type { Desk } from './useDesk';

/** More are asked when these are answered. */
const AT_ONCE = 4;

interface Asked {
  readonly key: string;
  readonly about: string;
  readonly what: string;
  readonly answers: readonly { readonly label: string; readonly take: () => void }[];
}

function questionsOf(recipe: ReadRecipe, desk: Desk): readonly Asked[] {
  const lines = recipe.lines.flatMap((line, food) =>
    line.asks.map((ask): Asked => {
      const key = `${recipe.ids[food] ?? food} ${ask.what}`;
      return {
        key,
        about: line.text,
        what: ask.what,
        answers: ask.answers.map((answer) => ({
          label: answer.label,
          take: () => desk.answer(food, key, answer),
        })),
      };
    }),
  );
  const lids = recipe.steps.filter(({ kind }) => kind === 'pressure');
  const releases = recipe.asks.map(({ step, what, answers }): Asked => {
    const key = `${step} ${what}`;
    const lid = lids.findIndex(({ id }) => id === step);
    return {
      key,
      about: lids.length > 1 ? `closing ${lid + 1}` : '',
      what,
      answers: answers.map(({ label, release }) => ({
        label,
        take: () => {
          desk.release(step, release);
          desk.dismiss(key);
        },
      })),
    };
  });
  return [...releases, ...lines].filter(({ key }) => !desk.dismissed.has(key));
}

/** Open points of the recipe, few at a time, each with its answers. */
export function Questions({ recipe, desk }: { readonly recipe: ReadRecipe; readonly desk: Desk }) {
  const all = questionsOf(recipe, desk);
  if (all.length === 0) return null;
  return (
    <section aria-label="Questions" className="panel border-l-4 border-l-straw px-5 py-3">
      <ul className="divide-y divide-hairline">
        {all.slice(0, AT_ONCE).map(({ key, about, what, answers }) => (
          <li key={key} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
            <p className="min-w-0 flex-1 basis-64">
              <span className="font-medium">{what}</span>
              {about && <span className="block truncate text-small text-quiet">{about}</span>}
            </p>
            <p className="flex flex-wrap gap-2">
              {answers.map(({ label, take }) => (
                <button
                  key={label}
                  type="button"
                  className="min-h-11 rounded-full border border-copper px-4 text-body font-medium text-copper hover:bg-copper/10"
                  onClick={take}
                >
                  {label}
                </button>
              ))}
            </p>
          </li>
        ))}
      </ul>
      {all.length > AT_ONCE && (
        <p className="pt-1 text-small text-quiet">and {all.length - AT_ONCE} more</p>
      )}
    </section>
  );
}
