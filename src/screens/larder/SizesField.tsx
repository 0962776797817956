import { LIMITS } from '@/core/batch/schema';
import type { Sizes } from '@/core/keep';
import { HOLDER_KINDS, holderName, type HolderKind } from '@/core/vocabulary';
import type { Units } from '@/core/quantity';
import { numberIn } from '@/ui/forms/numbers';

/** Sizes that are there, each with how many. */
export function SizesField({
  units,
  sizes,
  onChange,
}: {
  readonly units: Units;
  readonly sizes: readonly Sizes[];
  readonly onChange: (sizes: readonly Sizes[]) => void;
}) {
  const countOf = (kind: HolderKind): number =>
    sizes.find((size) => size.kind === kind)?.count ?? 0;
  const set = (kind: HolderKind, count: number): void =>
    onChange(
      HOLDER_KINDS.map((k) => ({ kind: k, count: k === kind ? count : countOf(k) })).filter(
        (size) => size.count > 0,
      ),
    );
  return (
    <fieldset>
      <legend className="text-small font-medium">At hand</legend>
      <ul className="mt-1 grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
        {HOLDER_KINDS.map((kind) => (
          <li key={kind}>
            <label className="flex items-center justify-between gap-2 text-small">
              {holderName(kind, units)}
              <input
                className="field w-16"
                inputMode="numeric"
                value={countOf(kind) || ''}
                placeholder="0"
                onChange={(event) => {
                  const count = Math.round(numberIn(event.target.value));
                  set(
                    kind,
                    Number.isFinite(count) ? Math.min(LIMITS.jars.max, Math.max(0, count)) : 0,
                  );
                }}
              />
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
