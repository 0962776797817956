/** The kettle test: plain water to pressure and back, so that a pot is known before it cooks anything. */
import type { Batch, Cook, Pot } from '../batch/schema';
import { timelineOf } from '../cook';

/** Water of the test, L: enough for a clock, and soon hot; of a small pot less, well under its line. */
const KETTLE_L = 1;
const SHARE = 0.3;

/**
 * @param id of the batch, which is kept with its cook alone
 *
 * @example kettleBatch(pot, 'k1').items[0].food // "water"
 */
export function kettleBatch(pot: Pot, id: string): Batch {
  const litres = Math.max(pot.minLiquidL, Math.min(KETTLE_L, SHARE * pot.capacityL));
  return {
    id,
    name: 'Kettle test',
    potId: pot.id,
    kind: 'soup',
    items: [{ id: 'i1', food: 'water', amount: { value: Number(litres.toFixed(2)), unit: 'l' } }],
    steps: [{ id: 's1', kind: 'pressure', holdMin: 1, release: { method: 'natural' } }],
  };
}

/** Whether the marks of a test say enough: it may be ended here. */
export function kettleTold(cook: Pick<Cook, 'batch' | 'marks' | 'startedAt'>): boolean {
  return timelineOf(cook).steps.some(({ hot }) => hot !== null);
}
