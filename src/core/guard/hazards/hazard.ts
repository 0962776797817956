import { isMany, spoken } from '../../food';
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

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const nameOf = ({ said, food }: CourseFood): string => spoken(food.own ? said : food.name);

/** Its name with a verb in the right number: "Split peas are". */
export function does(food: CourseFood, one: string, many: string): string {
  const name = food.food.own ? food.said : food.food.name;
  return `${capital(nameOf(food))} ${isMany(name) ? many : one}`;
}

export const called = nameOf;

/** "Its" or "Their", by its name. */
export const whose = (food: CourseFood): string =>
  does(food, 'Its', 'Their').split(' ').at(-1) ?? 'Its';

/** Names in a row: "oats and barley". */
export const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** How often, of ten; never none. @example timesInTen(0.12) // "1 time in 10" */
export function timesInTen(chance: number): string {
  const times = Math.max(1, Math.round(10 * chance));
  return `${times} ${times > 1 ? 'times' : 'time'} in 10`;
}

/** Foods in the pot while a step is on. */
export const inPotAt = ({ foods }: Course, index: number): readonly CourseFood[] =>
  foods.filter((f) => !f.apart && f.entersAt <= index && f.leavesAt > index);
