import { PROPOSED_STEPS } from './complete';
import type { Batch, Pot } from '../schema/types';

/** A batch with nothing in it yet: one lid, for four bowls of soup. */
export function newBatch(id: string, pot: Pick<Pot, 'id' | 'settings'> | undefined): Batch {
  const setting = pot?.settings[0]?.name;
  return {
    id,
    name: 'New batch',
    ...(pot && { potId: pot.id }),
    servings: 4,
    kind: 'soup',
    items: [],
    steps: PROPOSED_STEPS.map((step) =>
      step.kind === 'pressure' && setting !== undefined ? { ...step, setting } : step,
    ),
  };
}
