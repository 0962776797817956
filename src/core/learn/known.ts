/**
 * What a household knows of its pots and foods: one door for all that plans. It is worked out of the cooks'
 * lessons anew, never stored, so that a cook left out or deleted is unlearned to the last digit.
 */
import type { Bundle, Cook, Kitchen, KitchenLearned, Pot } from '../batch';
import { learnedBones, readsOf } from './bones';
import { learnedFoods, triesOf } from './foods';
import { cooksOfPot, learnedPot, newestFirst, teaches } from './pot';
import { learnedSalt, learnedThickness } from './taste';

/** Things that can be forgotten, as the kitchen lists them. */
export const forgets = {
  pot: (id: string): string => `pot ${id}`,
  food: (food: string): string => `food ${food}`,
  bones: (food: string): string => `bones ${food}`,
  salt: 'salt',
  thickness: (kind: string): string => `thickness ${kind}`,
} as const;

/** Up to when something is forgotten; empty where nothing is. ISO 8601 */
export function forgottenUntil(kitchen: Kitchen, what: string): string {
  return (kitchen.forgotten ?? []).reduce(
    (last, one) => (one.what === what && one.at > last ? one.at : last),
    '',
  );
}

/** What all cooks have taught of foods, bones and taste; undefined where none has. */
export function learnedKitchen(
  kitchen: Kitchen,
  cooks: readonly Cook[],
): KitchenLearned | undefined {
  const taught = cooks.filter(teaches).toSorted(newestFirst);
  const foods = learnedFoods(
    triesOf(taught, (food) => forgottenUntil(kitchen, forgets.food(food))),
  );
  const bones = learnedBones(
    readsOf(taught, (food) => forgottenUntil(kitchen, forgets.bones(food))),
  );
  const thickness = learnedThickness(taught, (kind) =>
    forgottenUntil(kitchen, forgets.thickness(kind)),
  );
  const salt = learnedSalt(taught, forgottenUntil(kitchen, forgets.salt));
  const all: KitchenLearned = {
    ...(foods.length > 0 && { foods }),
    ...(bones.length > 0 && { bones }),
    ...(thickness.length > 0 && { thickness }),
    ...(salt && { salt }),
  };
  return Object.keys(all).length > 0 ? all : undefined;
}

/** Of what was brought along with a batch, that of which nothing has been learned here. */
function withBrought(
  kitchen: Kitchen,
  own: KitchenLearned | undefined,
): KitchenLearned | undefined {
  const brought = kitchen.learned;
  if (!brought) return own;
  const believed = (what: string): boolean => forgottenUntil(kitchen, what) === '';
  const foods = (brought.foods ?? [])
    .filter((one) => believed(forgets.food(one.food)))
    .filter((one) => !own?.foods?.some((other) => other.food === one.food));
  const bones = (brought.bones ?? [])
    .filter((one) => believed(forgets.bones(one.food)))
    .filter((one) => !own?.bones?.some((other) => other.food === one.food));
  const salt = own?.salt ?? (believed(forgets.salt) ? brought.salt : undefined);
  const all: KitchenLearned = {
    ...((own?.foods || foods.length > 0) && { foods: [...(own?.foods ?? []), ...foods] }),
    ...((own?.bones || bones.length > 0) && { bones: [...(own?.bones ?? []), ...bones] }),
    ...(own?.thickness && { thickness: own.thickness }),
    ...(salt && { salt }),
  };
  return Object.keys(all).length > 0 ? all : undefined;
}

/** A pot as its cooks have told of it; where none has, as it was brought along, or as it is said to be. */
export function knownPot(pot: Pot, kitchen: Kitchen, cooks: readonly Cook[]): Pot {
  const { learned: _, ...said } = pot;
  const since = forgottenUntil(kitchen, forgets.pot(pot.id));
  const learned = learnedPot(said, cooksOfPot(said, cooks, since));
  if (learned) return { ...said, learned };
  return pot.learned && since !== '' ? said : pot;
}

export interface Known {
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
}

/** The kitchen and its pots as cooks have told of them: what is planned with. */
export function knownKitchen({
  pots,
  kitchen,
  cooks,
}: Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>): Known {
  const { learned: _, ...said } = kitchen;
  const learned = withBrought(kitchen, learnedKitchen(kitchen, cooks));
  return {
    pots: pots.map((pot) => knownPot(pot, kitchen, cooks)),
    kitchen: learned ? { ...said, learned } : kitchen.learned ? said : kitchen,
  };
}
