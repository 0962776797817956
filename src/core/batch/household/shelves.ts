/** Broth of the house in a plan: shelves of jars, and litres taken from them. */
import { isFrozen } from '../../vocabulary';
import { FREEZING_POINT } from '../../food';
import { volumeMl, type Amount } from '../../quantity';
import { changed } from '../plan/defined';
import { addItems, changeItem, freshItemId, removeItem, waterItem } from '../plan/edit';
import { entryOf, kept, stay } from '../plan/stays';
import type { Batch, History, Item, Jar } from '../schema/types';
import { claimed, DREGS_L, freeInJar, takeFrom } from './claims';

/** A jar of a shelf, and what goes along with what is taken from it. */
export interface ShelvedJar {
  readonly id: string;
  readonly freeL: number;
  readonly frozen: boolean;
  /** History of its contents. */
  readonly history?: History;
  /** Its last day, ISO 8601; missing where it is frozen. */
  readonly useBy?: string;
}

/** Returns history and last day of a jar. */
export type AboutJar = (jar: Jar) => Pick<ShelvedJar, 'history' | 'useBy'>;

/** Jars of one broth, what is to be used first in front. */
export interface Shelf {
  readonly name: string;
  readonly jars: readonly ShelvedJar[];
  readonly gPerL?: number;
  readonly saltPercent?: number;
  readonly frozen: boolean;
}

/**
 * Foods at hand for pots, by name.
 *
 * @param jars in the order in which they are to be used
 * @param batches whose claims count; leave out the one being planned
 * @param about history and last day of a jar, which go along
 * @example shelvesOf([{ id: 'j1', name: 'Stock', litres: 1, madeAt: at, where: 'fridge' }], [])[0].jars[0].freeL // 1
 */
export function shelvesOf(
  jars: readonly Jar[],
  batches: readonly Batch[],
  about: AboutJar = () => ({}),
): readonly Shelf[] {
  const claims = claimed(batches);
  const shelves = new Map<string, Shelf>();
  for (const jar of jars) {
    const freeL = freeInJar(jar, claims);
    if (freeL <= DREGS_L) continue;
    const before = shelves.get(jar.name);
    shelves.set(jar.name, {
      name: jar.name,
      jars: [...(before?.jars ?? []), { id: jar.id, freeL, frozen: isFrozen(jar), ...about(jar) }],
      // Jars of one name are of one pot; the first says what is in it.
      ...((before?.gPerL ?? jar.gPerL) !== undefined && { gPerL: before?.gPerL ?? jar.gPerL ?? 0 }),
      ...((before?.saltPercent ?? jar.saltPercent) !== undefined && {
        saltPercent: before?.saltPercent ?? jar.saltPercent ?? 0,
      }),
      frozen: before?.frozen ?? isFrozen(jar),
    });
  }
  return [...shelves.values()];
}

const round = (litres: number): number => Math.round(litres * 1000) / 1000;

/** An item of so much of a broth of the house. */
export function brothItem(shelf: Shelf, litres: number, amount?: Amount): Omit<Item, 'id'> {
  const { name, gPerL, saltPercent } = shelf;
  const taken = takeFrom(shelf.jars, litres);
  const of = (id: string): ShelvedJar | undefined => shelf.jars.find((jar) => jar.id === id);
  // A mixture is as old as its oldest part.
  const history = taken
    .flatMap(({ jar }) => of(jar)?.history ?? [])
    .toSorted((a, b) => a.startAt.localeCompare(b.startAt))[0];
  return {
    food: 'broth',
    amount: amount ?? { value: round(litres), unit: 'l' },
    broth: {
      name,
      ...(gPerL !== undefined && { gPerL }),
      ...(saltPercent !== undefined && { saltPercent }),
    },
    jars: taken.map((one) => {
      const useBy = of(one.jar)?.useBy;
      return useBy === undefined ? one : { ...one, useBy };
    }),
    ...(history && { history }),
    startC: broughtC(taken, (id) => of(id)?.frozen ?? false),
  };
}

/** Out of the fridge, C. */
const COLD_C = 4;
/** A frozen jar goes in when it is loose: half of its ice is left (`keep/thaw`). */
const ICE_LEFT = 0.5;

/** Temperature of broth out of jars, C: below its freezing point it tells how much of it is ice. */
function broughtC(
  taken: readonly { readonly jar: string; readonly litres: number }[],
  isFrozen: (jar: string) => boolean,
): number {
  const litres = taken.reduce((sum, one) => sum + one.litres, 0);
  const frozenL = taken.reduce((sum, one) => sum + (isFrozen(one.jar) ? one.litres : 0), 0);
  return frozenL > 0 ? FREEZING_POINT / (1 - (ICE_LEFT * frozenL) / litres) : COLD_C;
}

/**
 * Puts broth of the house into a plan, instead of as much of its water where that is wanted.
 *
 * @throws RangeError for no litres
 * @example pourIn(batch, shelvesOf([{ id: 'j1', name: 'Stock', litres: 1, madeAt: at, where: 'fridge' }], [])[0], 0.5, true).items.at(-1).food // "broth"
 */
export function pourIn(batch: Batch, shelf: Shelf, litres: number, insteadOfWater: boolean): Batch {
  if (!(litres > 0)) throw new RangeError('nothing to pour in');
  const id = freshItemId(batch);
  const water = insteadOfWater ? waterItem(batch) : undefined;
  const poured = addItems(batch, [
    changed<Item>({ id, ...brothItem(shelf, litres) }, kept([stay(water && entryOf(water))])),
  ]);
  const ml = water ? volumeMl(water.amount) : null;
  if (!water || ml === null) return poured;
  const left = ml / 1000 - litres;
  return left > 0.02
    ? changeItem(poured, water.id, { amount: { value: round(left), unit: 'l' } })
    : removeItem(poured, water.id);
}

/** Caps the litres from jars at the amount of the item. */
export function trimClaims(batch: Batch): Batch {
  const over = (item: Item): boolean => {
    const ml = volumeMl(item.amount);
    const taken = (item.jars ?? []).reduce((sum, c) => sum + c.litres, 0);
    return ml !== null && taken > ml / 1000 + 1e-6;
  };
  if (!batch.items.some((item) => item.jars && over(item))) return batch;
  return {
    ...batch,
    items: batch.items.map((item) => {
      if (!item.jars || !over(item)) return item;
      const litres = (volumeMl(item.amount) ?? 0) / 1000;
      const free = item.jars.map((c) => ({ id: c.jar, freeL: c.litres }));
      return { ...item, jars: takeFrom(free, litres) };
    }),
  };
}
