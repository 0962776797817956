/** All hazards of a pot: one record each. A new one is a record here and its rule in `rules`. */
import type { Course } from '../course';
import type { Danger, HazardKey } from '../danger';
import { centre, lectin, reheating } from './centre';
import type { Hazard } from './hazard';
import { days, plants } from './kept';
import { fat, fill, fizzy, lid, spirits, valve } from './pot';
import { cooling, standingRaw, toxin } from './standing';

/** By harm: what poisons, sickens, scalds and burns, in the order in which calls are heard. */
export const HAZARDS: Readonly<Partial<Record<HazardKey, Hazard>>> = {
  plants,
  lectin,
  centre,
  reheating,
  'standing-raw': standingRaw,
  cooling,
  toxin,
  days,
  valve,
  fill,
  fat,
  spirits,
  fizzy,
  lid,
};

/**
 * Every danger of a course, what is below a note too.
 *
 * @example judgeCourse(guardedOf(runModel(batch, pot, kitchen), [], null)) // []
 */
export function judgeCourse(course: Course): readonly Danger[] {
  return Object.values(HAZARDS).flatMap(({ judge }) => judge(course));
}

export { isShort } from './centre';
export { dangersOfFilling, type Filling } from './kept';
export { dangersOfLines, FALLEN_MIN, frothyAmong } from './pot';
export { DANGER_CHANCE, HEATS, SAFE_CHANCE, timesInTen, type Hazard } from './hazard';
