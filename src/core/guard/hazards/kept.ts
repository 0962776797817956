/** Jars and their days, and plants. */
import { classesOf } from '../classes';
import type { Course } from '../course';
import type { Danger } from '../danger';
import { plantIn } from '../words';
import { does, type Hazard } from './hazard';

function plantsOf({ foods }: Course): readonly Danger[] {
  return foods.flatMap(({ id, said, food }): readonly Danger[] => {
    const found = plantIn(said) ?? plantIn(food.key);
    return found
      ? [
          {
            hazard: 'plants',
            rule: 'plants',
            level: found.level,
            harm: 1,
            item: id,
            title: found.title,
            message: found.message,
          },
        ]
      : [];
  });
}

/** Jars whose last day is before the meal. */
function daysOf({ foods, serveAt }: Course): readonly Danger[] {
  if (serveAt === null) return [];
  return foods.flatMap((food): readonly Danger[] => {
    const { useBy } = food;
    if (useBy === undefined || Date.parse(useBy) >= Date.parse(serveAt)) return [];
    const days = Math.ceil((Date.parse(serveAt) - Date.parse(useBy)) / 86_400_000);
    return [
      {
        hazard: 'days',
        rule: 'days',
        level: 'stop',
        harm: days,
        item: food.id,
        title: `${does(food, 'is', 'are')} past its day by then`,
        message: `The last day of its jar is ${days === 1 ? 'a day' : `${days} days`} before this is on the table. Freeze it now, cook sooner, or take another.`,
      },
    ];
  });
}

export const plants: Hazard = {
  concerns: 'plants that are refused by name, or asked about',
  rules: ['plants'],
  inSpite: false,
  judge: plantsOf,
};
export const days: Hazard = {
  concerns: 'jars in the fridge, thawed jars, and plans that take from them',
  rules: ['days'],
  inSpite: false,
  judge: daysOf,
};

/** Whether a food of this course is one that spoils. */
export const isPerishable = (said: string, food: Course['foods'][number]['food']): boolean => {
  const classes = classesOf(said, food);
  return classes.has('perishable') || classes.has('leftover');
};
