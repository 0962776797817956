/** Cooks for tests. */
import { assess } from '../assess';
import type { Batch, Cook } from '../batch/schema';
import { startCook } from '../timetable';
import { KITCHEN, POT } from './kitchen';

/** A cook of a batch in the usual pot, as it starts. */
export function cookOf(id: string, batch: Batch, at: string): Cook {
  const assessment = assess(batch, POT, KITCHEN);
  return startCook({ id, batch, pot: POT, kitchen: KITCHEN, assessment, draws: null, at });
}
