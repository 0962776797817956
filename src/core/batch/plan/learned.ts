/** Lessons of a kitchen about a food, for the plan made of it. */
import { gradesOf, type Extract, type Family, type Food, type Span } from '../../food';
import { foodOf } from './named';
import { SETS } from '../schema/schema';
import type { Batch, Kitchen, KitchenLearned, SetState } from '../schema/types';

/** Name of a food in lessons: old pulses are a food of their own, and so is each food of the kitchen. */
export function lessonName({ key, group, own }: Food, old = false): string {
  return `${own?.id ?? key}${old && group === 'pulse' ? ', old' : ''}`;
}

type Need = NonNullable<NonNullable<KitchenLearned>['foods']>[number];

/** Learned need of a food; undefined where nothing is learned. */
export function learnedNeed(kitchen: Kitchen, food: Food, old = false): Need | undefined {
  const name = lessonName(food, old);
  return kitchen.learned?.foods?.find((one) => one.food === name);
}

/** A span of grades as this kitchen has come to like it. */
export function asLiked(family: Family, span: Span, shift = 0): Span {
  const last = gradesOf(family).length - 1;
  const within = (place: number): number => Math.min(last, Math.max(0, place));
  // Nobody is taken to like it raw.
  return { from: Math.max(1, within(span.from + shift)), to: Math.max(1, within(span.to + shift)) };
}

/** Learned yield of bones; undefined where nothing is learned. */
export function learnedBones({ learned }: Kitchen, food: Food) {
  const name = lessonName(food);
  return learned?.bones?.find((one) => one.food === name);
}

/** Bones as they have given in this kitchen. */
export function asGiven(kitchen: Kitchen, food: Food): Food {
  const learned = learnedBones(kitchen, food);
  if (!food.extract || !learned) return food;
  const { gelatineGPerKg, perHour } = food.extract;
  const extract: Extract = {
    ...food.extract,
    gelatineGPerKg: gelatineGPerKg * Math.exp(learned.most),
    perHour: perHour * Math.exp(learned.rate),
  };
  return { ...food, extract };
}

/** The set that was come to be wanted of broths; undefined where none was. */
export function likedSet({ learned }: Kitchen): SetState | undefined {
  return SETS.find((set) => set === learned?.set?.word);
}

/** How a broth is wanted to set: as it was asked for, as it was called right before, or as most want it. */
export function wantedSet({ aim }: Pick<Batch, 'aim'>, kitchen: Kitchen): SetState {
  return aim?.set ?? likedSet(kitchen) ?? 'trembles';
}

/** The kitchen for one batch: keeps only the learned facts about its foods. */
export function kitchenFor(batch: Batch, kitchen: Kitchen): Kitchen {
  const { learned, forgotten: _, ...said } = kitchen;
  if (!learned) return said;
  const names = new Set(
    batch.items.flatMap((item) => {
      const food = foodOf(item);
      return food ? [lessonName(food, item.old ?? false)] : [];
    }),
  );
  const [foods, bones] = [learned.foods, learned.bones].map((list) =>
    list?.filter((one) => names.has(one.food)),
  ) as [typeof learned.foods, typeof learned.bones];
  const kept: KitchenLearned = {
    ...(foods && foods.length > 0 && { foods }),
    ...(bones && bones.length > 0 && { bones }),
    ...(learned.thickness && { thickness: learned.thickness }),
    ...(learned.set && { set: learned.set }),
    ...(learned.salt && { salt: learned.salt }),
  };
  return Object.keys(kept).length > 0 ? { ...said, learned: kept } : said;
}
