/** Food kept between cold and hot: raw, between two heats, or after cooking. */
import { inARow } from '../../food';
import { formatMinutes, formatTemperature } from '../../quantity';
import { classesOf } from '../classes';
import type { Course } from '../course';
import type { Danger } from '../danger';
import { judgeHistory } from '../history';
import {
  COLD_C,
  COOL_C,
  COOL_WITHIN_MIN,
  HOT_C,
  HOT_ROOM_C,
  KEEP_HOT_C,
  STANDS_MIN,
} from '../limits';
import { called, does, HEATS, inPotAt, type Hazard } from './hazard';

const holds = (course: Course, one: 'perishable' | 'cut' | 'leftover') =>
  course.foods.filter((f) => !f.apart && classesOf(f.said, f.food).has(one));

/** Foods that must not stay between cold and hot. */
const spoiling = (course: Course) => [...holds(course, 'perishable'), ...holds(course, 'leftover')];

/** Cut vegetables in water are worth a word after this time, min (common practice, no source). */
const CUT_MIN = 300;

/** Minutes that the pot stands before anything heats it, and with what. */
function rawOf(course: Course): readonly Danger[] {
  const perishable = spoiling(course);
  const stood = judgeHistory(course.spans, course.roomC);
  const { units } = course;
  if (perishable.length > 0) {
    if (stood.why !== 'raw') return [];
    const first = perishable.toSorted((a, b) => a.entersAt - b.entersAt)[0];
    const hot = course.roomC > HOT_ROOM_C;
    return [
      {
        hazard: 'standing-raw',
        rule: 'danger-zone',
        level: 'stop',
        harm: 1 + stood.zoneMin / STANDS_MIN,
        title: `${first ? does(first, 'stands', 'stand') : 'It stands'} too long before it is hot`,
        message: `More than ${hot ? '1 h' : '2 h'} between ${formatTemperature(COLD_C, units)} and ${formatTemperature(HOT_C, units)}: bacteria grow, and some leave toxins that cooking does not undo. Keep it in the fridge until the pot goes on.`,
        numbers: { minute: stood.zoneMin },
      },
    ];
  }
  const cut = holds(course, 'cut');
  const heats = course.steps.findIndex(({ kind }) => HEATS.has(kind));
  const minutes = course.steps
    .slice(0, Math.max(0, heats))
    .reduce((sum, { minutes: m }, i) => sum + (inPotAt(course, i).length > 0 ? m : 0), 0);
  if (cut.length === 0 || minutes < CUT_MIN) return [];
  return [
    {
      hazard: 'standing-raw',
      rule: 'danger-zone',
      level: 'warn',
      harm: minutes / STANDS_MIN,
      title: 'It stands too long before it is hot',
      message: `Cut vegetables (${inARow(cut.map(called))}) stand ${formatMinutes(minutes)} in the room, and bacteria grow on them. Keep them in the fridge until the pot goes on.`,
      numbers: { minute: minutes },
    },
  ];
}

/** Food that lies on a plate for too long, out of the pot. */
function asideOf(course: Course): readonly Danger[] {
  const { units } = course;
  const most = course.roomC > HOT_ROOM_C ? STANDS_MIN / 2 : STANDS_MIN;
  return [...new Set(spoiling(course))].flatMap((food): readonly Danger[] => {
    const { asideMin = 0, id } = food;
    if (asideMin <= most) return [];
    return [
      {
        hazard: 'standing-raw',
        rule: 'danger-zone',
        // Foods taken out for good may be in the fridge; that is unknown, so the plan mentions it.
        level: food.leavesAt < course.steps.length ? 'warn' : 'stop',
        harm: 1 + asideMin / STANDS_MIN,
        item: id,
        title: `${does(food, 'lies', 'lie')} on a plate too long`,
        message: `${formatMinutes(asideMin)} between ${formatTemperature(COLD_C, units)} and ${formatTemperature(HOT_C, units)} out of the pot: bacteria grow, and some leave toxins that cooking does not undo. Put it in the fridge meanwhile, or back into the pot sooner.`,
        numbers: { minute: asideMin },
      },
    ];
  });
}

/** Whether anything in the pot spoils once it is cooked: all but water, salt and dry goods. */
const spoils = (course: Course): boolean =>
  course.foods.some(
    ({ apart, food }) =>
      !apart && food.key !== 'water' && food.group !== 'seasoning' && food.group !== 'fat',
  );

function cooledOf(course: Course): readonly Danger[] {
  if (!spoils(course)) return [];
  const stood = judgeHistory(course.spans, course.roomC);
  if (stood.lostMin === null || stood.why === 'raw' || stood.why === null) return [];
  const { units } = course;
  const degrees = (celsius: number): string => formatTemperature(celsius, units);
  const step = stepAt(course, course.spansFromMin + stood.lostMin);
  const again = course.steps.slice(step + 1).some(({ kind }) => HEATS.has(kind));
  const of = course.steps[step];
  const rest = of?.kind === 'rest';
  const keep =
    rest && course.pot.keepsWarm
      ? ' Leave the pot on so that it keeps warm, or cool it fast.'
      : ' Cool it fast in shallow pans or ice.';
  return [
    {
      hazard: again ? 'toxin' : 'cooling',
      rule: again ? 'toxin' : 'cooling',
      level: 'stop',
      harm: 1 + stood.warmMin / COOL_WITHIN_MIN,
      title: 'It stands lukewarm for too long',
      message: `It is between ${degrees(HOT_C)} and ${degrees(COOL_C)} for ${formatMinutes(stood.warmMin)}; more than 2 h spoils it${again ? ', and boiling it again does not undo the toxins' : ''}. Keep it above ${degrees(KEEP_HOT_C)}.${keep}`,
      numbers: { minute: stood.warmMin },
      ...(of && { step: of.id }),
    },
  ];
}

/** Index of the step that is on at a minute. */
function stepAt({ steps }: Course, minute: number): number {
  let end = 0;
  const at = steps.findIndex(({ minutes }) => (end += minutes) >= minute - 1e-6);
  return at < 0 ? steps.length - 1 : at;
}

/** Dangers of broth that was lost before it reached this pot. */
function jarsOf({ foods }: Course): readonly Danger[] {
  return foods.flatMap((food): readonly Danger[] => {
    if (!food.history || judgeHistory(food.history.spans).lostMin === null) return [];
    return [
      {
        hazard: 'toxin',
        rule: 'toxin',
        level: 'never',
        harm: 2,
        item: food.id,
        title: `${does(food, 'is', 'are')} lost`,
        message:
          'It stood too long between cold and hot before it went into its jar, and neither freezing nor boiling undoes what has grown. Throw it out, and take another.',
      },
    ];
  });
}

export const standingRaw: Hazard = {
  concerns:
    'raw meat, poultry, fish, egg, dairy and broth in a pot that is not on yet, or on a plate beside it',
  rules: ['danger-zone'],
  judge: (course) => [...rawOf(course), ...asideOf(course)],
};
export const cooling: Hazard = {
  concerns: 'everything cooked, between two heats and after the last',
  rules: ['cooling', 'hot-holding'],
  judge: (course) => cooledOf(course),
};
export const toxin: Hazard = {
  concerns: 'food whose count was over before it was heated again',
  rules: ['toxin'],
  judge: jarsOf,
};
