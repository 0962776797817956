import type { BatchKind } from '@/core/batch/schema';
import { DISHES, type Dish } from '@/dishes';
import { Said } from '@/ui/said';

const KINDS: readonly (readonly [BatchKind, string])[] = [
  ['soup', 'Soups'],
  ['chili', 'Stews and chilis'],
  ['stock', 'Stocks'],
  ['broth', 'Broths'],
];

/** Dishes to begin from; each is made for this pot and altitude as it opens. */
export function DishDoor({
  making,
  onDish,
}: {
  /** Name of the dish whose plan is being worked out. */
  readonly making: string | null;
  readonly onDish: (dish: Dish) => void;
}) {
  return (
    <section aria-label="Dishes" className="panel p-5 lg:col-span-2">
      <h2 className="font-medium">Or begin from a dish</h2>
      <p className="text-small text-quiet">
        Its amounts and times are worked out for your pot and altitude.
      </p>
      {KINDS.map(([kind, title]) => (
        <div key={kind} className="mt-3">
          <h3 className="text-fine text-quiet">{title}</h3>
          <ul className="mt-1 grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
            {DISHES.filter((dish) => dish.kind === kind).map((dish) => (
              <li key={dish.id}>
                <button
                  type="button"
                  className="flex h-full min-h-11 w-full flex-col rounded-lg border border-hairline px-3 py-2 text-left hover:border-copper"
                  disabled={making !== null}
                  onClick={() => onDish(dish)}
                >
                  <span className="block font-medium">{dish.name}</span>
                  <span className="block text-fine text-quiet">
                    {making === dish.name ? (
                      'Working out its amounts and times…'
                    ) : (
                      <Said>{dish.why}</Said>
                    )}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
