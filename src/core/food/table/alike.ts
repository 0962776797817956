/** Foods that cook as another food of the table does: only what differs is said. */
import type { Food, Solid } from '../types';

/** Differences between two foods; thickness may be said alone. */
export type Differs = Partial<Omit<Food, 'key' | 'name' | 'group' | 'shape' | 'like'>> & {
  readonly mm?: number;
  readonly kind?: Solid;
};

/** A row: key, name, key of the food that it cooks as, and what differs. */
export type AlikeRow = readonly [key: string, name: string, like: string, differs?: Differs];

/** @throws RangeError for a likeness that is not in the table */
export function alike(table: readonly Food[], rows: readonly AlikeRow[]): readonly Food[] {
  const byKey = new Map(table.map((food) => [food.key, food]));
  return rows.map(([key, name, like, { mm, kind, ...own } = {}]): Food => {
    const base = byKey.get(like);
    if (!base) throw new RangeError(`${key} is like ${like}, which is not in the table`);
    // Names, cans and measures belong to the one food only.
    const { canned: _, can: __, aliases: ___, ...shared } = base;
    const shape = base.shape && { kind: kind ?? base.shape.kind, mm: mm ?? base.shape.mm };
    return { ...shared, aliases: [], ...own, shape, key, name, like };
  });
}
