/**
 * The next days of a larder: what to use first, what has its last day, what to thaw in the evening for when
 * it is wanted, when it runs out.
 */
import { isFrozen } from '../vocabulary';
import { rollups } from 'd3-array';
import { claimed, freeInJar, isEmptied } from '../batch/household';
import type { Batch, Jar } from '../batch/schema';
import { addDays, dayOf, daysBetween } from './calendar';
import { LOOSE, shapeOf, thawHours } from './thaw';
import { dueOf, type Keeps } from './shelf';

export type DayNote =
  | { readonly kind: 'use'; readonly name: string; readonly litres: number; readonly jars: number }
  | { readonly kind: 'last-day'; readonly name: string; readonly litres: number }
  | {
      readonly kind: 'thaw';
      readonly name: string;
      readonly litres: number;
      readonly jar: string;
      /** In the fridge, h. */
      readonly hours: number;
      /** When it is wanted, ms: a day. */
      readonly forDay: number;
    }
  | {
      readonly kind: 'into';
      readonly name: string;
      readonly litres: number;
      readonly batch: string;
    }
  | { readonly kind: 'runs-out' };

export interface LarderDay {
  /** Midnight, ms. */
  readonly at: number;
  readonly notes: readonly DayNote[];
}

export interface ToSee {
  readonly jars: readonly Jar[];
  readonly batches: readonly Batch[];
  readonly keeps: Keeps;
  readonly litresADay: number;
}

/** Put in the fridge in the evening, it has so long until it is wanted the next day, h. */
const OVERNIGHT_H = 22;
/** Less is no day's drinking, L. */
const SIP_L = 0.02;

/** Evenings before the day on which it is thawed. */
export function eveningsFor(hours: number): number {
  return 1 + Math.max(0, Math.ceil((hours - OVERNIGHT_H) / 24));
}

const TIMES = new Map<string, number>();

/** Hours until a jar in the fridge is loose enough for the pot; worked out once for each size. */
export function fridgeThawHours(jar: Jar): number {
  const key = [jar.holder, jar.litres.toFixed(2), jar.thick].join('|');
  const known = TIMES.get(key);
  if (known !== undefined) return known;
  const hours = thawHours(shapeOf(jar), jar.thick ?? false, 'fridge', 20, { share: LOOSE });
  TIMES.set(key, hours);
  return hours;
}

/** How a frozen jar is thawed, in words. */
export const THAW_WORDS =
  'Into the fridge the evening before: the next afternoon it is loose enough for the pot, through it takes a day or two. In cold water, changed, an hour or three. Never on the counter. What was thawed in the fridge is used within the days of the fridge.';

/** Broth is drunk and cooked with; soup is eaten when it is wanted. */
const isBroth = (jar: Jar): boolean => jar.kind !== 'soup' && jar.kind !== 'chili';

interface Standing {
  readonly jar: Jar;
  litres: number;
  where: Jar['where'];
  /** Day from which it is thawed, ms; null where it is not frozen. */
  readyOn: number | null;
  useBy: number;
}

/** Jars that are thawed for a plan with a day. */
function forPlans(
  { jars, batches }: ToSee,
  today: number,
  days: number,
): ReadonlyMap<number, readonly DayNote[]> {
  const notes = new Map<number, DayNote[]>();
  const tell = (day: number, note: DayNote): void => {
    notes.set(day, [...(notes.get(day) ?? []), note]);
  };
  const byId = new Map(jars.map((jar) => [jar.id, jar]));
  for (const batch of batches) {
    const day = batch.serveAt ? dayOf(Date.parse(batch.serveAt)) : null;
    if (day === null || day < today || daysBetween(today, day) >= days + 7) continue;
    for (const item of batch.items)
      for (const { jar: id, litres } of item.jars ?? []) {
        const jar = byId.get(id);
        if (!jar) continue;
        tell(day, { kind: 'into', name: jar.name, litres, batch: batch.name });
        if (!isFrozen(jar)) continue;
        const hours = fridgeThawHours(jar);
        const evening = Math.max(today, addDays(day, -eveningsFor(hours)));
        tell(evening, { kind: 'thaw', name: jar.name, litres, jar: jar.id, hours, forDay: day });
      }
  }
  return notes;
}

/** Broth used on a day, the first to be used first; by name. */
function drink(standing: readonly Standing[], day: number, wanted: number): readonly DayNote[] {
  const used = new Map<string, { litres: number; jars: number }>();
  let left = wanted;
  const ready = standing
    .filter((s) => !isFrozen(s) && s.litres > SIP_L && (s.readyOn ?? 0) <= day)
    .filter((s) => dayOf(s.useBy) >= day)
    .toSorted((a, b) => a.useBy - b.useBy || a.jar.id.localeCompare(b.jar.id));
  for (const s of ready) {
    if (left <= SIP_L) break;
    const take = Math.min(left, s.litres);
    s.litres -= take;
    left -= take;
    const before = used.get(s.jar.name) ?? { litres: 0, jars: 0 };
    used.set(s.jar.name, { litres: before.litres + take, jars: before.jars + 1 });
  }
  return [...used].map(([name, sum]) => ({ kind: 'use', name, ...sum }));
}

/** Litres of each thing whose jars have their last day. */
function lastDay(standing: readonly Standing[], day: number): readonly DayNote[] {
  const last = standing.filter((s) => !isFrozen(s) && s.litres > SIP_L && dayOf(s.useBy) === day);
  return rollups(
    last,
    (of) => of.reduce((sum, s) => sum + s.litres, 0),
    (s) => s.jar.name,
  ).map(([name, litres]) => ({ kind: 'last-day', name, litres }));
}

/**
 * The next days.
 *
 * @param now ms
 */
export function daysAhead(see: ToSee, now: number, days = 7): readonly LarderDay[] {
  const { keeps, litresADay } = see;
  const today = dayOf(now);
  const plans = forPlans(see, today, days);
  const claims = claimed(see.batches);
  const standing: readonly Standing[] = see.jars
    .filter((jar) => !isEmptied(jar))
    .map((jar) => ({
      jar,
      litres: freeInJar(jar, claims),
      where: jar.where,
      readyOn: null,
      useBy: dueOf(jar, keeps),
    }));
  const broths = standing.filter((s) => isBroth(s.jar));
  const enough = (day: number): boolean =>
    broths
      .filter((s) => !isFrozen(s) && (s.readyOn ?? 0) <= day && dayOf(s.useBy) >= day)
      .reduce((sum, s) => sum + s.litres, 0) >=
    litresADay - SIP_L;
  let out = false;
  return Array.from({ length: days }, (_, n) => {
    const at = addDays(today, n);
    const notes: DayNote[] = [];
    if (litresADay > 0) {
      if (!out && !enough(at)) {
        out = true;
        notes.push({ kind: 'runs-out' });
      }
      notes.push(...drink(broths, at, litresADay));
    }
    notes.push(...lastDay(standing, at));
    notes.push(...(plans.get(at) ?? []));
    if (litresADay > 0) {
      const next = broths
        .filter((s) => isFrozen(s) && s.litres > SIP_L)
        .toSorted((a, b) => a.useBy - b.useBy || a.jar.id.localeCompare(b.jar.id))[0];
      if (next) {
        const hours = fridgeThawHours(next.jar);
        const forDay = addDays(at, eveningsFor(hours));
        // The rest after tonight has to last until the next jar is thawed.
        const lasts = broths
          .filter((s) => !isFrozen(s) && dayOf(s.useBy) >= forDay)
          .reduce((sum, s) => sum + s.litres, 0);
        if (lasts < litresADay * (daysBetween(at, forDay) - 1) + litresADay - SIP_L) {
          next.where = 'fridge';
          next.readyOn = forDay;
          next.useBy = addDays(forDay, keeps.fridgeDays);
          out = false;
          notes.push({
            kind: 'thaw',
            name: next.jar.name,
            litres: next.litres,
            jar: next.jar.id,
            hours,
            forDay,
          });
        }
      }
    }
    return { at, notes };
  });
}
