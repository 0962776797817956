/** Lid, valve and lines; fat, spirits and fizzy drinks. */
import { isIn } from '../../series';
import { capital, inARow } from '../../food';
import { formatLevel, formatVolume } from '../../quantity';
import { classesOf, type FoodClass } from '../classes';
import type { Course, CourseFood, CourseStep } from '../course';
import type { Danger } from '../danger';
import { FAT_L, SPIRITS_SHARE, USUAL_LINES } from '../limits';
import {
  called,
  DANGER_CHANCE,
  does,
  inPotAt,
  SAFE_CHANCE,
  timesInTen,
  type Hazard,
} from './hazard';

const has = (food: Pick<CourseFood, 'said' | 'food'>, one: FoodClass): boolean =>
  classesOf(food.said, food.food).has(one);

/** Shares of the contents from which a class that froths is more than a seasoning (assumed). */
const FROTHY_SHARE = 0.02;
/** A wait at which foam has fallen, min (manuals as a class: 10 to 15 min of natural release). */
export const FALLEN_MIN = 10;

type Inside = Pick<CourseFood, 'said' | 'food' | 'massG'>;

/** Foods in the pot that froth at an opened valve, unless they are only a seasoning. */
export function frothyAmong<F extends Inside>(inside: readonly F[]): readonly F[] {
  const total = inside.reduce((sum, { massG }) => sum + massG, 0) || 1;
  const found = inside.filter((food) => has(food, 'never-quick') || has(food, 'noodles'));
  const share = found.reduce((sum, { massG }) => sum + massG, 0) / total;
  return share >= FROTHY_SHARE ? found : [];
}

/** Liquid now and then, less often than this, is worth a word and no warning (assumed). */
const SPRAYS_OFTEN = 0.05;

function valveAt(course: Course, step: CourseStep, index: number): readonly Danger[] {
  if (step.kind !== 'pressure') return [];
  const { capacityL } = course.pot;
  const { sprayChance, swollenL, foamAboveHalf, opens } = step;
  const sprays = sprayChance > DANGER_CHANCE;
  const often = sprayChance >= SPRAYS_OFTEN || foamAboveHalf;
  const froth = opens && step.waitMin < FALLEN_MIN ? frothyAmong(inPotAt(course, index)) : [];
  const base = { hazard: 'valve' as const, step: step.id };
  if (sprayChance >= SAFE_CHANCE || foamAboveHalf)
    return [
      {
        ...base,
        rule: 'never-quick',
        level: sprays ? 'stop' : often ? 'warn' : 'note',
        harm: sprayChance + (froth.length > 0 ? 1 : 0) + (foamAboveHalf ? 1 : 0),
        title: sprays ? 'It may spray at the valve' : 'Foam may come to the valve',
        message: `As the valve opens it rises to about ${formatLevel(Math.min(swollenL, capacityL), course.units)} of the pot’s ${formatLevel(capacityL, course.units)}; liquid comes out ${sprays ? `about ${timesInTen(sprayChance)}` : 'now and then'}, and hot liquid scalds. Wait before you open it, or let the pin drop.`,
        numbers: {
          swollenL,
          capacityL,
          swollenFraction: swollenL / capacityL,
          sprayChance,
        },
      },
    ];
  if (froth.length === 0) return [];
  return [
    {
      ...base,
      rule: 'never-quick',
      level: 'warn',
      harm: 1 + sprayChance,
      title: `No quick release with ${inARow(froth.map(called))}`,
      message: `${capital(inARow(froth.map(called)))} may froth up and block the valve, whatever the level. Let the pin drop by itself, or wait at least ${FALLEN_MIN} min.`,
      numbers: { sprayChance },
    },
  ];
}

function linesOf({ fill, units }: Course): readonly Danger[] {
  if (!fill || fill.worstL <= fill.lineL + 1e-6) return [];
  const { worstL, lineL, lidOnL, foams } = fill;
  const stands = formatLevel(worstL, units);
  const line = formatLevel(lineL, units);
  const when = worstL > lidOnL + 0.05 ? 'At the end of the hold it stands' : 'It stands';
  // A level that reads the same as the line would belie the call.
  const at = stands === line ? '' : ` at ${stands},`;
  const batches = Math.ceil(worstL / lineL - 1e-9);
  return [
    {
      hazard: 'fill',
      rule: 'fill-lines',
      level: 'stop',
      harm: worstL / lineL,
      title: foams ? 'Over the foam line' : 'Over the fill line',
      message: `${when}${at} ${formatVolume(worstL - lineL, units)} over the ${foams ? 'foam' : 'fill'} line at ${line}: a full pot sprays at the valve. Take some out, or cook it in ${batches} batches.`,
      numbers: { levelL: worstL, lineL, overL: worstL - lineL, batches },
    },
  ];
}

/** Lines above the usual two thirds and half are asked about: the pot's own manual says what holds. */
export function dangersOfLines({
  maxFill,
  foamFill,
}: Readonly<Record<'maxFill' | 'foamFill', number>>): readonly Danger[] {
  const over = Math.max(maxFill - USUAL_LINES.fill, foamFill - USUAL_LINES.foam);
  // A line at two thirds is kept as 0.667.
  if (over <= LINE_DIGITS) return [];
  return [
    {
      hazard: 'fill',
      rule: 'fill-lines',
      level: 'warn',
      harm: over,
      title: 'Higher than most manuals allow.',
      message:
        'Two thirds, and half for what foams or swells, are usual: above that, liquid comes out at the valve. Leave it only where the manual of this pot says so.',
    },
  ];
}
/** Shares are kept to three digits. */
const LINE_DIGITS = 0.002;

const FAT_KG_PER_L = 0.92;
const SPIRITS_KG_PER_L = 0.94;
const litres = (foods: readonly CourseFood[], kgPerL: number): number =>
  foods.reduce((sum, { massG }) => sum + massG / 1000 / kgPerL, 0);
/** Fat by the spoon is no hazard, L. */
const SPOONS_L = 0.06;
/** From this share of fat in all the liquid it fries. */
const FRIES_SHARE = 0.3;

/** Foods that are under the lid at some time. */
const underPressure = (course: Course): readonly CourseFood[] => {
  const at = course.steps.flatMap(({ kind }, i) => (kind === 'pressure' ? [i] : []));
  return course.foods.filter((f) => at.some((i) => isIn(f, i)));
};

function fatOf(course: Course): readonly Danger[] {
  const fats = underPressure(course).filter((f) => has(f, 'fat'));
  const fatL = litres(fats, FAT_KG_PER_L);
  const most = Math.max(SPOONS_L, FAT_L * course.wateryL);
  if (fatL <= most + 1e-6) return [];
  const fries = fatL / (fatL + course.wateryL) > FRIES_SHARE;
  return [
    {
      hazard: 'fat',
      rule: 'fat',
      level: fries ? 'never' : 'stop',
      harm: fatL,
      title: fries ? 'No frying under pressure' : 'Too much fat under the lid',
      message: `${formatVolume(fatL, course.units)} of ${inARow(fats.map(called))} under pressure: hot fat ruins the ring, boils over and burns. ${fries ? 'Fry in an open pan' : `Use ${formatVolume(most, course.units)} at the most`}, and pour the rest off before the lid goes on.`,
      numbers: {},
    },
  ];
}

function spiritsOf(course: Course): readonly Danger[] {
  const found = course.foods.filter((f) => !f.apart && has(f, 'spirits'));
  const spiritsL = litres(found, SPIRITS_KG_PER_L);
  if (spiritsL <= SPIRITS_SHARE * (course.wateryL + spiritsL) + 1e-6) return [];
  return [
    {
      hazard: 'spirits',
      rule: 'spirits',
      level: 'stop',
      harm: spiritsL,
      title: 'Too much spirits near a flame',
      message: `${formatVolume(spiritsL, course.units)} of ${inARow(found.map(called))}: its vapour catches fire at a flame and rushes out with the steam. Use a splash, ${formatVolume(Math.max(0.03, SPIRITS_SHARE * course.wateryL), course.units)} at the most, or boil it off in an open pan away from any flame.`,
      numbers: {},
    },
  ];
}

function fizzyOf(course: Course): readonly Danger[] {
  const found = underPressure(course).filter((f) => has(f, 'fizzy'));
  return found.map((food) => ({
    hazard: 'fizzy' as const,
    rule: 'fizzy' as const,
    level: 'warn' as const,
    harm: food.massG / 1000,
    item: food.id,
    title: `${does(food, 'foams', 'foam')} as it heats`,
    message:
      'Gas comes out of it at once and may carry foam into the valve. Boil it in the open pot until it is flat, before the lid goes on.',
    numbers: { massG: food.massG },
  }));
}

/** A little thickener is a coating, g. */
const COATING_G = 5;

/** Whether a lid goes on over a food that went in before. */
const closesOver = ({ steps }: Course, { stays }: CourseFood): boolean =>
  steps.some(
    ({ kind }, i) => kind === 'pressure' && stays.some(({ from, to }) => i > from && i < to),
  );

function lidOf(course: Course): readonly Danger[] {
  return underPressure(course).flatMap((food): readonly Danger[] => {
    const base = {
      hazard: 'lid' as const,
      rule: 'under-the-lid' as const,
      level: 'warn' as const,
      harm: food.massG / 1000,
      item: food.id,
      numbers: { massG: food.massG },
    };
    if (has(food, 'thickener') && food.massG > COATING_G)
      return [
        {
          ...base,
          title: `${does(food, 'catches', 'catch')} on the bottom`,
          message: `Under pressure it sinks, scorches and foams. Stir it into cold liquid and add it after opening, then simmer until it clears; ${course.units === 'us' ? '1 tbsp a cup makes' : '8 g for 240 ml make'} it medium thick.`,
        },
      ];
    if (has(food, 'noodles') && closesOver(course, food))
      return [
        {
          ...base,
          title: `No lid over ${called(food)} again`,
          message:
            'Noodles that are in already swell, froth and block the valve. Lift them out before the lid goes on again, or simmer on in the open pot.',
        },
      ];
    if (has(food, 'dairy') && food.food.group === 'dairy')
      return [
        {
          ...base,
          title: `${does(food, 'curdles', 'curdle')} under pressure`,
          message:
            'Under pressure it splits, foams and catches. Stir it in at the end, off the boil.',
        },
      ];
    return [];
  });
}

export const valve: Hazard = {
  concerns: 'every opening of a valve; what froths is never let off at once',
  rules: ['never-quick'],
  judge: (course) => course.steps.flatMap((step, i) => valveAt(course, step, i)),
};
export const fill: Hazard = {
  concerns: 'the level at its highest against the line that counts',
  rules: ['fill-lines'],
  judge: linesOf,
};
export const fat: Hazard = {
  concerns: 'oil and fat under the lid',
  rules: ['fat'],
  judge: fatOf,
};
export const spirits: Hazard = {
  concerns: 'spirits, in the open pot and under the lid',
  rules: ['spirits'],
  judge: spiritsOf,
};
export const fizzy: Hazard = {
  concerns: 'drinks that hold gas',
  rules: ['fizzy'],
  judge: fizzyOf,
};
export const lid: Hazard = {
  concerns: 'thickener, cream and cheese when the lid goes on, and on again',
  rules: ['under-the-lid'],
  judge: lidOf,
};
