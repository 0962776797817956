/** A course through the models; apart from the course, which pages make and the models need not come with. */
import { runModel, type Model } from '../model';
import type { Cook } from '../batch/schema';
import type { Spell } from '../heat';
import type { Unknowns } from '../unknown';
import type { Course } from './course';

/**
 * Runs a course through the models.
 *
 * @param untilS where it is cut, s from the start; at the end of the plan where it is missing
 */
export function runCourse(
  { pot, kitchen }: Pick<Cook, 'pot' | 'kitchen'>,
  { batch, lived }: Course,
  unknowns: Unknowns,
  stepS: number,
  untilS = Infinity,
  spells: readonly Spell[] = [],
): Model {
  return runModel(batch, pot, kitchen, { stepS, unknowns, lived, untilS, spells });
}
