import { likeWords } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import type { OwnFood } from '@/core/food';
import type { Units } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Term } from '@/ui/Term';

/** Foods that this kitchen cooks and no table has. */
export function Foods({
  foods,
  batches,
  units,
  onEdit,
  onRemove,
}: {
  readonly foods: readonly OwnFood[];
  readonly batches: readonly Batch[];
  readonly units: Units;
  readonly onEdit: (food: OwnFood | null) => void;
  readonly onRemove: (food: OwnFood) => void;
}) {
  return (
    <section aria-labelledby="foods" className="panel p-5">
      <div className="flex items-center justify-between gap-3">
        <h2 id="foods" className="text-lg font-semibold">
          <Term id="myFoods" />
        </h2>
        <Button onClick={() => onEdit(null)}>Add</Button>
      </div>
      {foods.length === 0 && (
        <p className="mt-2 text-small text-quiet">
          None yet. Add a food that Retort does not know by typing what it is like: “3 ocas like
          potato”.
        </p>
      )}
      <ul className="mt-2 divide-y divide-hairline">
        {foods.map((food) => {
          const plans = batches.filter((b) => b.items.some((i) => i.own?.id === food.id)).length;
          return (
            <li key={food.id} className="py-2.5" data-testid={`food-${food.id}`}>
              <p className="font-semibold">{food.name}</p>
              <p className="text-small text-quiet">
                {likeWords(food, units)}
                {plans > 0 && ` · in ${plans} ${plans > 1 ? 'plans' : 'plan'}`}
              </p>
              <p className="flex gap-4">
                <button
                  type="button"
                  className="min-h-9 text-small underline"
                  aria-label={`Change ${food.name}`}
                  onClick={() => onEdit(food)}
                >
                  Change
                </button>
                <button
                  type="button"
                  className="min-h-9 text-small text-quiet underline"
                  aria-label={`Remove ${food.name}`}
                  title={plans > 0 ? 'Plans that use it keep it' : undefined}
                  onClick={() => onRemove(food)}
                >
                  Remove
                </button>
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
