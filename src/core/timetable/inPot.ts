import type { Cook, Pot } from '../batch/schema';

/** The cook that a pot is taken by; undefined where it is free. */
export function cookInPot(cooks: readonly Cook[], pot: Pick<Pot, 'id'>): Cook | undefined {
  return cooks.find((cook) => !cook.endedAt && !cook.rehearsal && cook.pot.id === pot.id);
}
