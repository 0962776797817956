/** Food that is not hot enough in its middle, or not boiled for long enough. */
import { formatTemperature } from '../../quantity';
import { centreRuleOf, classesOf } from '../classes';
import type { Course, CourseFood } from '../course';
import type { Danger, DangerLevel } from '../danger';
import { LECTIN_C, LECTIN_MIN, REHEAT_C, REST_MIN, SAFE_CENTRE_C } from '../limits';
import {
  called,
  DANGER_CHANCE,
  does,
  HEATS,
  SAFE_CHANCE,
  timesInTen,
  whose,
  type Hazard,
} from './hazard';

/** Fish shows by itself that it is done: it turns opaque and comes apart. Chance alone is no stop. */
const SEEN_DONE = 0.5;

/** Level and harm of what is short as given, or as often as drawn. */
function shortBy(
  { shortChance }: CourseFood,
  asGiven: boolean,
  share: number,
  least = DANGER_CHANCE,
): { readonly level: DangerLevel; readonly harm: number } {
  const chance = shortChance ?? 0;
  const level = asGiven || chance > least ? 'stop' : 'none';
  const harm = chance >= SAFE_CHANCE ? chance : 0;
  return { level, harm: asGiven ? Math.max(harm, 1 + share) : harm };
}

const often = ({ shortChance }: CourseFood, asGiven: boolean): string =>
  asGiven ? '' : ` As planned that is enough; about ${timesInTen(shortChance ?? 0)} it is not.`;

/** Margin above the limit from which a middle is surely hot enough, C (assumed). */
const NEAR_C = 8;

/** Pieces thicker than that, or frozen, are tried with a thermometer whatever the model says, g. */
const LARGE_G = 700;
const needsThermometer = ({ food, massG, startC }: CourseFood, rule: string): boolean =>
  food.group !== 'bones' &&
  (rule === 'poultry' ||
    rule === 'minced' ||
    (startC < 0 && massG >= LARGE_G && food.shape !== null));

/** Whether a food is not hot enough in its middle, or not boiled long enough: what draws count. */
export function isShort(food: CourseFood): boolean {
  if (food.apart || food.hottestC === null) return false;
  const classes = classesOf(food.said, food.food);
  const rule = centreRuleOf(classes);
  return (
    (rule !== null && food.hottestC < SAFE_CENTRE_C[rule]) ||
    (classes.has('leftover') && food.hottestC < REHEAT_C) ||
    (classes.has('lectin') && food.boiledMin < LECTIN_MIN)
  );
}

function centreOf(food: CourseFood, course: Course): readonly Danger[] {
  const rule = centreRuleOf(classesOf(food.said, food.food));
  if (rule === null || food.apart || food.hottestC === null) return [];
  const { units } = course;
  const needC = SAFE_CENTRE_C[rule];
  const least = formatTemperature(needC, units);
  const short = food.hottestC < needC;
  const read = formatTemperature(food.hottestC, units);
  // A reading that looks like the limit would belie the call.
  const reached = short && read === least ? `just short of ${least}` : `to ${read}`;
  const { level, harm: byChance } = shortBy(
    food,
    short,
    (needC - food.hottestC) / 100,
    rule === 'fish' ? SEEN_DONE : DANGER_CHANCE,
  );
  // A middle that gets near the limit is nearer to harm than one that gets well past it.
  const harm = Math.max(byChance, (needC + NEAR_C - food.hottestC) / 100);
  const numbers = { centreC: food.hottestC, safeC: needC };
  const base = { hazard: 'centre' as const, rule, item: food.id, numbers };
  if (level !== 'none')
    return [
      {
        ...base,
        level,
        harm,
        title: `${does(food, 'is', 'are')} not safe yet`,
        message: `${food.food.shape === null ? 'In the pot it' : `${whose(food)} centre`} gets ${reached}; it must reach ${least}${rule === 'fish' ? ', or be opaque and come apart' : ''}.${often(food, short)} Cook it longer, and test the thickest piece with a thermometer.`,
      },
    ];
  const dangers: Danger[] = harm > 0 ? [{ ...base, level, harm, title: '', message: '' }] : [];
  if (rule === 'whole-cut' && food.restMin < REST_MIN)
    dangers.push({
      ...base,
      hazard: 'thermometer',
      level: 'note',
      harm: 0,
      title: `Let the ${called(food).toLowerCase()} rest ${REST_MIN} min`,
      message: `It is only just at ${least}: whole cuts stay there for ${REST_MIN} min before they are eaten.`,
    });
  else if (needsThermometer(food, rule))
    dangers.push({
      ...base,
      hazard: 'thermometer',
      level: 'note',
      harm: 0,
      title: `Test the ${called(food)}: ${least}`,
      message: `A thermometer in the thickest place of the ${called(food)} reads ${least} or more before it is served. If not, cook on.`,
    });
  return dangers;
}

function reheatedOf(food: CourseFood, course: Course): readonly Danger[] {
  if (!classesOf(food.said, food.food).has('leftover') || food.apart || food.hottestC === null)
    return [];
  const short = food.hottestC < REHEAT_C;
  if (!short) return [];
  const { units } = course;
  return [
    {
      hazard: 'reheating',
      rule: 'reheating',
      level: 'stop',
      harm: 1 + (REHEAT_C - food.hottestC) / 100,
      item: food.id,
      title: `${does(food, 'is', 'are')} never hot again`,
      message: `Once in, the pot gets to ${formatTemperature(food.hottestC, units)}; broth, leftovers and jars must reach ${formatTemperature(REHEAT_C, units)} all through. Put it in sooner, or bring the pot to the boil.`,
      numbers: { centreC: food.hottestC, safeC: REHEAT_C },
    },
  ];
}

/** Beans that stand in the pot for so long soak there, min. */
const SOAKS_MIN = 60;

/** Beans that soak in the pot in which they are cooked: their water holds what is to be thrown away. */
function soakedIn(food: CourseFood, { steps }: Course): readonly Danger[] {
  const heats = steps.findIndex(({ kind }) => HEATS.has(kind));
  const minutes = steps
    .slice(food.entersAt, Math.max(food.entersAt, heats))
    .reduce((sum, step) => sum + step.minutes, 0);
  return minutes < SOAKS_MIN
    ? []
    : [
        {
          hazard: 'lectin',
          rule: 'lectin',
          level: 'note',
          harm: 0,
          item: food.id,
          title: 'Throw the soaking water away',
          message: `${does(food, 'soaks', 'soak')} in this pot: pour the water off before the lid goes on, and cook them in fresh water.`,
        },
      ];
}

function lectinOf(food: CourseFood, course: Course): readonly Danger[] {
  if (!classesOf(food.said, food.food).has('lectin') || food.apart || food.hottestC === null)
    return [];
  const short = food.boiledMin < LECTIN_MIN;
  const { level, harm } = shortBy(food, short, 1 - food.boiledMin / LECTIN_MIN);
  if (level === 'none' && harm === 0) return soakedIn(food, course);
  return [
    {
      hazard: 'lectin',
      rule: 'lectin',
      level,
      harm,
      item: food.id,
      title: `${does(food, 'is', 'are')} still toxic`,
      message: `They get ${food.boiledMin.toFixed(0)} of the ${LECTIN_MIN} min of boiling that destroy their lectin; below ${formatTemperature(LECTIN_C, course.units)} nothing counts.${often(food, short)} Underdone beans make people ill, and slow heat makes it worse. Boil them longer, in fresh water.`,
      numbers: { boiledMin: food.boiledMin, neededMin: LECTIN_MIN },
    },
  ];
}

export const centre: Hazard = {
  concerns: 'meat, poultry, fish and eggs, by the stricter of name and likeness',
  rules: ['poultry', 'minced', 'whole-cut', 'game', 'fish', 'egg', 'thermometer'],
  judge: (course) => course.foods.flatMap((food) => centreOf(food, course)),
};
export const reheating: Hazard = {
  concerns: 'broth, leftovers and what comes out of jars',
  rules: ['reheating'],
  judge: (course) => course.foods.flatMap((food) => reheatedOf(food, course)),
};
export const lectin: Hazard = {
  concerns: 'every dry Phaseolus bean, and every mix that may hold one',
  rules: ['lectin'],
  judge: (course) => course.foods.flatMap((food) => lectinOf(food, course)),
};
