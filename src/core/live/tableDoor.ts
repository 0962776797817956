/** Whether what is in the pot may go to the table: the lived cook, judged by the guard. */
import {
  classesOf,
  centreRuleOf,
  isShort,
  judgeCourse,
  SAFE_CENTRE_C,
  type Danger,
} from '../guard';
import { foodsOf, guardedOf, runModel } from '../model';
import { stepsOf } from '../batch/plan';
import type { Cook } from '../batch/schema';
import { known, timelineOf } from '../cook';
import { formatTemperature } from '../quantity';
import type { World } from './believe';
import { courseOf } from './course';

/** Hazards that are asked about before the table; the others are over by then. */
const AT_TABLE: ReadonlySet<Danger['hazard']> = new Set([
  'centre',
  'lectin',
  'reheating',
  'plants',
]);
/** Time step, s. */
const STEP_S = 20;

/** Last thermometer reading since the lid came off for good, C; null if there is none. */
function lastReading(cook: Cook, nowS: number): number | null {
  const { steps, plan, readings } = timelineOf(cook, nowS);
  const lids = stepsOf(plan).flatMap((s, i) => (s.kind === 'pressure' ? [steps[i]] : []));
  const offS = known(lids.at(-1)?.off)?.s ?? 0;
  return readings.findLast(({ s }) => s >= offS)?.celsius ?? null;
}

/** How often each food falls short in worlds, 0 to 1. */
export function shortChances(worlds: readonly World[]): Readonly<Record<string, number>> {
  const chances: Record<string, number> = {};
  for (const { model } of worlds)
    for (const food of foodsOf(model))
      if (isShort(food)) chances[food.id] = (chances[food.id] ?? 0) + 1 / worlds.length;
  return chances;
}

/**
 * Dangers of a pot that is about to be served. A thermometer goes before the model: what reads hot enough is hot
 * enough, and what does not is not.
 *
 * @param nowS s from the start
 * @param worlds that agree with the cook so far
 */
export function dangersAtTable(
  cook: Cook,
  nowS: number,
  worlds: readonly World[],
): readonly Danger[] {
  const { batch, lived } = courseOf(cook, nowS);
  const model = runModel(batch, cook.pot, cook.kitchen, { stepS: STEP_S, lived });
  const course = guardedOf(model, [], null, shortChances(worlds));
  const readC = lastReading(cook, nowS);
  const dangers = judgeCourse(course).filter(
    ({ hazard, level }) => AT_TABLE.has(hazard) && (level === 'stop' || level === 'never'),
  );
  if (readC === null) return dangers;
  const { units } = cook.kitchen;
  const cold = course.foods.flatMap((food): readonly Danger[] => {
    const rule = centreRuleOf(classesOf(food.said, food.food));
    if (rule === null || food.apart || readC >= SAFE_CENTRE_C[rule]) return [];
    const least = formatTemperature(SAFE_CENTRE_C[rule], units);
    return [
      {
        hazard: 'centre',
        rule: 'thermometer',
        level: 'stop',
        harm: 1,
        item: food.id,
        title: 'Not hot enough yet',
        message: `The thermometer reads ${formatTemperature(readC, units)}; it must read ${least} in the thickest place. Cook on, and read again.`,
        numbers: { centreC: readC, safeC: SAFE_CENTRE_C[rule] },
      },
    ];
  });
  return [...dangers.filter(({ hazard }) => hazard !== 'centre'), ...cold];
}
