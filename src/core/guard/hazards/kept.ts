/** Jars and their days, and plants. */
import type { Course } from '../course';
import type { Danger } from '../danger';
import { COOL_C, HOT_C } from '../limits';
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
  judge: plantsOf,
};
export const days: Hazard = {
  concerns: 'jars in the fridge, thawed jars, and plans that take from them',
  rules: ['days'],
  judge: daysOf,
};

/** A jar that is about to be filled and put somewhere. */
export interface Filling {
  /** Put where it freezes. */
  readonly freezes: boolean;
  readonly glass: boolean;
  /** Narrower at the neck than below. */
  readonly shoulders: boolean;
  /** Warmest that what goes in may be, C. */
  readonly warmestC: number;
}

/** Warm to the hand: no glass goes into the freezer, C (NCHFP: chill before freezing). */
const WARM_C = COOL_C;

/** Returns the dangers to a jar in the place it is put. */
export function dangersOfFilling({
  freezes,
  glass,
  shoulders,
  warmestC,
}: Filling): readonly Danger[] {
  if (!glass) return [];
  const base = { hazard: 'glass' as const, rule: 'glass' as const };
  if (freezes && warmestC > WARM_C)
    return [
      {
        ...base,
        level: 'never',
        harm: 2,
        title: 'No warm glass into the freezer',
        message:
          'It cracks. Put these jars into the fridge until they are cold through, a night at the most, and freeze them then. Tubs may go in sooner.',
      },
    ];
  if (!freezes && warmestC > HOT_C)
    return [
      {
        ...base,
        level: 'warn',
        harm: 1,
        title: 'Hot glass cracks in the cold',
        message:
          'Warm the jars before you fill them, let them stand until the glass is only warm, then the fridge. Lay the lids on loosely until they are cold.',
      },
    ];
  if (freezes && shoulders)
    return [
      {
        ...base,
        level: 'warn',
        harm: 1,
        title: 'Jars with shoulders crack as they freeze',
        message:
          'Ice pushes against the neck. Take straight-sided jars or tubs, or fill these no higher than below the shoulder.',
      },
    ];
  return [];
}
