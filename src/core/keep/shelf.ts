/** Dates of jars: by the household's own days and months, else by the published ones. */
import { isEmptied, type AboutJar } from '../batch/household';
import type { Jar, LarderHabits } from '../batch/schema';
import { isPastDay } from '../guard';
import { isFrozen, JAR_PLACES, jarPlaceOf, type JarPlaceDefinition } from '../vocabulary';
import { addDays, addMonths, daysBetween } from './calendar';
import { daysUsed, isJarLost, jarHistory } from './jarHistory';

/** How long this household keeps things in each place. */
export type Keeps = Readonly<Record<JarPlaceDefinition['habit'], number>>;

/** This household's keeping times; the usual times if it gave none. */
export function keepsOf(habits: LarderHabits | undefined): Keeps {
  const all = JAR_PLACES.map((place) => {
    const { habit, usual } = jarPlaceOf(place);
    return [habit, habits?.[habit] ?? usual] as const;
  });
  return Object.fromEntries(all) as Keeps;
}

/** Since when it is where it is, ms. */
const sinceOf = (jar: Jar): number => Date.parse(jar.since ?? jar.madeAt);

const MS_PER_DAY = 86_400_000;

/** When it is to be used, ms: what the household wrote, or the usual days less those that are used already. */
export function dueOf(jar: Jar, keeps: Keeps): number {
  if (jar.useBy) return Date.parse(jar.useBy);
  const since = sinceOf(jar);
  const { counted, habit } = jarPlaceOf(jar.where);
  return counted === 'days'
    ? addDays(since, keeps[habit]) - daysUsed(jar) * MS_PER_DAY
    : addMonths(since, keeps[habit]);
}

/** Whole days from now until it is to be used; below 0 past it. */
export function daysLeft(jar: Jar, keeps: Keeps, now: number): number {
  return daysBetween(now, dueOf(jar, keeps));
}

/** Jars with contents, the first to be used in front. */
export function firstToUse(jars: readonly Jar[], keeps: Keeps): readonly Jar[] {
  return jars
    .filter((jar) => !isEmptied(jar))
    .map((jar) => ({ jar, frozen: Number(isFrozen(jar)), due: dueOf(jar, keeps) }))
    .toSorted((a, b) => a.frozen - b.frozen || a.due - b.due || (a.jar.id < b.jar.id ? -1 : 1))
    .map(({ jar }) => jar);
}

/** Whether a jar is still good for a plan or for the freezer: not past its day, and never lost. @param now ms since 1970 */
export function isGood(jar: Jar, keeps: Keeps, now: number): boolean {
  return !isPastDay(isFrozen(jar), daysLeft(jar, keeps, now)) && !isJarLost(jar, now);
}

/** History and last day of a jar, as they go along into a plan. @param now ms since 1970 */
export const aboutJar =
  (keeps: Keeps, now: number): AboutJar =>
  (jar) => ({
    history: jarHistory(jar, now),
    ...(!isFrozen(jar) && { useBy: new Date(dueOf(jar, keeps)).toISOString() }),
  });

/** Returns the jars that may go into a plan, those to be used first in front. */
export function plannable(jars: readonly Jar[], keeps: Keeps, now: number): readonly Jar[] {
  return firstToUse(jars, keeps).filter((jar) => isGood(jar, keeps, now));
}
