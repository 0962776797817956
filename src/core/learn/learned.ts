/** Knowledge of a household, as plain data: put on its pots and its kitchen, and forgotten by name. */
import type { Kitchen, KitchenLearned, Pot, PotLearned } from '../batch/schema';

/** Things that can be forgotten, as the kitchen lists them. */
export const forgets = {
  pot: (id: string): string => `pot ${id}`,
  food: (food: string): string => `food ${food}`,
  bones: (food: string): string => `bones ${food}`,
  salt: 'salt',
  thickness: (kind: string): string => `thickness ${kind}`,
  set: 'set',
} as const;

/** Up to when something is forgotten; empty where nothing is. ISO 8601 */
export function forgottenUntil(kitchen: Kitchen, what: string): string {
  return (kitchen.forgotten ?? []).reduce(
    (last, one) => (one.what === what && one.at > last ? one.at : last),
    '',
  );
}

/** All that cooks have taught a household. */
export interface Learned {
  /** By the ids of its pots; null for a pot of which nothing is known but what is said. */
  readonly pots: ReadonlyMap<string, PotLearned | null>;
  readonly kitchen: KitchenLearned | null;
}

export interface Known {
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
}

/** The pots and the kitchen with what was learned of them; what nothing was learned of stays the same object. */
export function withLearned({ pots, kitchen }: Known, learned: Learned): Known {
  return {
    pots: pots.map((pot) => {
      const of = learned.pots.get(pot.id);
      // It came since, or there is nothing to say of it.
      if (of === undefined || (!of && !pot.learned)) return pot;
      const { learned: _, ...said } = pot;
      return of ? { ...said, learned: of } : said;
    }),
    kitchen: kitchenWith(kitchen, learned.kitchen),
  };
}

function kitchenWith(kitchen: Kitchen, learned: KitchenLearned | null): Kitchen {
  if (!learned && !kitchen.learned) return kitchen;
  const { learned: _, ...said } = kitchen;
  return learned ? { ...said, learned } : said;
}
