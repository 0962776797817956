import { isIn } from '../../series';
import { does as doesBy, isMany, spoken } from '../../food';
import type { Course, CourseFood } from '../course';
import type { Danger } from '../danger';
import type { RuleKey } from '../rules';

/** One hazard: whom it concerns, its rules, and what it comes to. Its level says whether a cook may go on. */
export interface Hazard {
  /** Foods or moments that it is about, for docs/safety.md. */
  readonly concerns: string;
  readonly rules: readonly RuleKey[];
  readonly judge: (course: Course) => readonly Danger[];
}

/** From this chance on a danger is one. */
export const SAFE_CHANCE = 0.02;
/** From this chance on what scalds, burns or sickens stops the cook. */
export const DANGER_CHANCE = 0.1;

const nameOf = ({ said, food }: CourseFood): string => (food.own ? said : food.name);

/** Its name inside a sentence. */
export const called = (food: CourseFood): string => spoken(nameOf(food));

/** Its name with a verb in the right number: "Split peas are". */
export const does = (food: CourseFood, one: string, many: string): string =>
  doesBy(nameOf(food), one, many);

/** "Its" or "Their", by its name. */
export const whose = (food: CourseFood): string => (isMany(nameOf(food)) ? 'Their' : 'Its');

/** Kinds of step that heat. */
export const HEATS: ReadonlySet<string> = new Set(['pressure', 'simmer', 'saute']);

/** How often, of ten; never none. @example timesInTen(0.12) // "1 time in 10" */
export function timesInTen(chance: number): string {
  const times = Math.max(1, Math.round(10 * chance));
  return `${times} ${times > 1 ? 'times' : 'time'} in 10`;
}

/** Foods in the pot while a step is on. */
export const inPotAt = ({ foods }: Course, index: number): readonly CourseFood[] =>
  foods.filter((f) => isIn(f, index));
