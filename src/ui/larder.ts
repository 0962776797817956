import { goes, leftInJar } from '@/core/batch/household';
import type {
  After,
  BagItem,
  Batch,
  Bundle,
  Cook,
  CoolingKept,
  Jar,
  JarEnd,
  Kitchen,
  LarderHabits,
} from '@/core/batch/schema';
import { FRIDGE_SET_C, movedTo, stockOf, type AtHand, type Surroundings } from '@/core/keep';
import { change, useApp } from '@/store';
import { changeCook, withCook, withRecords } from './household';

function withJars(h: Bundle, jars: readonly Jar[]): Bundle {
  return { ...h, jars: withRecords(h.jars, jars) };
}

/** Puts jars on the shelf, or what was changed of them. */
export function saveJars(jars: readonly Jar[]): boolean {
  return change((h) => withJars(h, jars));
}

/**
 * Puts jars on the shelf that were filled from a cook, which ends its cooling.
 *
 * @param at ISO 8601
 */
export function fillFrom(cook: string, jars: readonly Jar[], at: string): boolean {
  const end = (cooling: CoolingKept): CoolingKept =>
    cooling.endedAt === undefined ? { ...cooling, endedAt: at } : cooling;
  return change((h) => withCook(withJars(h, jars), cook, (one) => cooled(one, end)));
}

export function changeJar(id: string, edit: (jar: Jar) => Jar): boolean {
  return change((h) => ({ ...h, jars: h.jars.map((jar) => (jar.id === id ? edit(jar) : jar)) }));
}

/** Takes all of a jar, or some litres. @param at ISO 8601 */
export function emptyJar(id: string, how: JarEnd, at: string, litres?: number): boolean {
  return changeJar(id, (jar) => goes(jar, how, litres ?? leftInJar(jar), at));
}

/** @param at ISO 8601 */
export function moveJar(id: string, where: Jar['where'], at: string): boolean {
  return changeJar(id, (jar) => movedTo(jar, where, at));
}

/** Takes a jar off the shelf as if it had never been; what it was put into keeps what it is made of. */
export function forgetJar(id: string): boolean {
  return change((h) => ({ ...h, jars: h.jars.filter((jar) => jar.id !== id) }));
}

export function addToBag(items: readonly BagItem[]): boolean {
  return change((h) => ({ ...h, bag: [...h.bag, ...items] }));
}

/** Puts the bones of a cook into the bag, which is a move of it done. @param move its key */
export function bonesToBag(cook: string, move: string, bones: readonly BagItem[]): boolean {
  const done = ({ done: before = [], ...after }: After): After => ({
    ...after,
    done: [...new Set([...before, move])],
  });
  return change((h) =>
    withCook({ ...h, bag: [...h.bag, ...bones] }, cook, (one) => withAfter(one, done)),
  );
}

export function takeFromBag(id: string): boolean {
  return change((h) => ({ ...h, bag: h.bag.filter((item) => item.id !== id) }));
}

/** Set of the stock that a bag is made into, unless the plan is changed. */
export const BAG_SET = 'trembles';

/**
 * Plans a stock of everything in the bag, in the largest pot, and empties the bag.
 *
 * @param id of the batch
 * @returns null where there is no pot, or the plan could not be kept
 */
export function makeStock(id: string): Batch | null {
  const { household } = useApp.getState();
  const pot = household?.pots.toSorted((a, b) => b.capacityL - a.capacityL)[0];
  if (!household || !pot) return null;
  const batch = stockOf(id, household.bag, BAG_SET, pot);
  const kept = change((h) => ({ ...h, batches: [...h.batches, batch], bag: [] }));
  return kept ? batch : null;
}

export function saveLarderHabits(habits: LarderHabits): boolean {
  return change((h) => ({ ...h, kitchen: { ...h.kitchen, larder: habits } }));
}

function withAfter(cook: Cook, edit: (after: After) => After): Cook {
  return { ...cook, after: edit(cook.after ?? {}) };
}

function cooled(cook: Cook, edit: (cooling: CoolingKept) => CoolingKept): Cook {
  const cooling = cook.after?.cooling;
  return cooling ? withAfter(cook, (after) => ({ ...after, cooling: edit(cooling) })) : cook;
}

/** Moves after the lid. */
export function changeAfter(id: string, edit: (after: After) => After): void {
  changeCook(id, (cook) => withAfter(cook, edit));
}

export function changeCooling(id: string, edit: (cooling: CoolingKept) => CoolingKept): void {
  changeCook(id, (cook) => cooled(cook, edit));
}

/** Usual equipment where a kitchen has not said (assumed). */
const USUAL_HAND: AtHand = { pans: 2, iceKg: 2, jars: [{ kind: 'half-litre', count: 6 }] };

export function atHand({ larder }: Kitchen): AtHand {
  return {
    pans: larder?.pans ?? USUAL_HAND.pans,
    iceKg: larder?.iceKg ?? USUAL_HAND.iceKg,
    jars: larder?.jars ?? USUAL_HAND.jars,
  };
}

export function surroundingsOf({ ambientC, altitudeM, larder }: Kitchen): Surroundings {
  return { ambientC, altitudeM, fridgeC: larder?.fridgeC ?? FRIDGE_SET_C };
}
