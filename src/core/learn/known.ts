/**
 * Knowledge of a household about its pots and foods: one door for everything that plans. It is worked out of the
 * cooks' lessons anew, and no household keeps it, so that a cook left out or deleted is unlearned to the last
 * digit.
 */
import type { Bundle, Kitchen, KitchenLearned, Pot } from '../batch/schema';
import { learnedBones, readsOf } from './bones';
import { learnedFoods, triesOf } from './foods';
import { forgets, forgottenUntil, withLearned, type Known, type Learned } from './learned';
import { cooksOfPot, learnedPot } from './pot';
import { learnedSalt, learnedSet, learnedThickness } from './taste';
import { teachers, type Teacher } from './teachers';

/** Fields that say something; undefined where none does. */
function told(all: KitchenLearned): KitchenLearned | undefined {
  const fields = Object.entries(all).filter(
    ([, value]) => value !== undefined && !(Array.isArray(value) && value.length === 0),
  );
  return fields.length > 0 ? Object.fromEntries(fields) : undefined;
}

/** Lessons about foods, bones and taste; undefined for none. */
export function learnedKitchen(
  kitchen: Kitchen,
  cooks: readonly Teacher[],
): KitchenLearned | undefined {
  const newest = teachers(cooks);
  const since = (what: string): string => forgottenUntil(kitchen, what);
  return told({
    foods: learnedFoods(triesOf(newest, (food) => since(forgets.food(food)))),
    bones: learnedBones(readsOf(newest, (food) => since(forgets.bones(food)))),
    thickness: learnedThickness(newest, (kind) => since(forgets.thickness(kind))),
    set: learnedSet(newest, since(forgets.set)) ?? undefined,
    salt: learnedSalt(newest, since(forgets.salt)),
  });
}

/** With what was brought along with a batch, of which nothing has been learned here. */
function withBrought(
  kitchen: Kitchen,
  own: KitchenLearned | undefined,
): KitchenLearned | undefined {
  const brought = kitchen.learned;
  if (!brought) return own;
  const believed = (what: string): boolean => forgottenUntil(kitchen, what) === '';
  const joined = <T>(
    mine: readonly T[] = [],
    theirs: readonly T[] = [],
    nameOf: (one: T) => string,
  ): readonly T[] => {
    const names = new Set(mine.map(nameOf));
    return [...mine, ...theirs.filter((one) => !names.has(nameOf(one)) && believed(nameOf(one)))];
  };
  return told({
    foods: joined(own?.foods, brought.foods, ({ food }) => forgets.food(food)),
    bones: joined(own?.bones, brought.bones, ({ food }) => forgets.bones(food)),
    thickness: joined(own?.thickness, brought.thickness, ({ kind }) => forgets.thickness(kind)),
    set: own?.set ?? (believed(forgets.set) ? brought.set : undefined),
    salt: own?.salt ?? (believed(forgets.salt) ? brought.salt : undefined),
  });
}

/** A pot with its learned traits; without cooks, with the imported traits, or those of its label. */
export function knownPot(pot: Pot, kitchen: Kitchen, cooks: readonly Teacher[]): Pot {
  const { learned: _, ...said } = pot;
  const since = forgottenUntil(kitchen, forgets.pot(pot.id));
  const learned = learnedPot(said, cooksOfPot(said, teachers(cooks), since));
  if (learned) return { ...said, learned };
  return pot.learned && since !== '' ? said : pot;
}

export type TaughtHousehold = Pick<Bundle, 'pots' | 'kitchen'> & {
  /** In any order; those that teach nothing are passed over. */
  readonly cooks: readonly Teacher[];
};

/** Lessons of a household's cooks, and those brought along with a batch. */
export function learnFrom({ pots, kitchen, cooks }: TaughtHousehold): Learned {
  const newest = teachers(cooks);
  return {
    pots: new Map(pots.map((pot) => [pot.id, knownPot(pot, kitchen, newest).learned ?? null])),
    kitchen: withBrought(kitchen, learnedKitchen(kitchen, newest)) ?? null,
  };
}

/**
 * The kitchen and its pots with everything learned, as plans use them.
 *
 * @example knownKitchen({ ...bundle, cooks: [] }).pots.length // 1
 */
export function knownKitchen(household: TaughtHousehold): Known {
  return withLearned(household, learnFrom(household));
}
