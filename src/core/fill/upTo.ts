/** Liquid that fills a pot up to a mark: its amount follows from all that is in with it. */
import { changeItem, litresOf, planBatch, setLitres } from '../batch/plan';
import type { Batch, Kitchen, Pot, UpTo } from '../batch/schema';
import { isIn, leastEnough } from '../series';
import { contents, partOf, type Contents, type Part } from './contents';
import { linesOf } from './lines';
import { waterPart } from './levels';

/** Height above what is covered: “just over” it (common practice, a finger's breadth). */
const OVER_CM = 2;
/** Less is no filling, L; to the line is rounded down to these, to cover up. */
const STEP_L = 0.05;
const ROOM_C = 20;

function litresTo(mark: UpTo, parts: readonly Part[], pot: Pot): number {
  const at = (litres: number, progress: number): Contents =>
    contents([...parts, waterPart(litres)], () => progress, ROOM_C);
  const least = (enough: (litres: number) => boolean): number =>
    leastEnough(0, pot.capacityL, enough) ?? pot.capacityL;
  if (mark === 'line') {
    // A cook fills liquid up to the line, counting swelling and ignoring bones that rise above it.
    const { lineL } = linesOf(pot, parts);
    const litres = least((l) => Math.max(at(l, 0).liquidL, at(l, 1).liquidL) >= lineL);
    return Math.max(STEP_L, Math.floor(litres / STEP_L + 1e-6) * STEP_L);
  }
  const aboveL =
    mark === 'over' ? (Math.PI / 4) * (pot.innerDiameterCm / 10) ** 2 * (OVER_CM / 10) : 0;
  const litres = least((l) => {
    const { liquidL, heapL } = at(l, 0);
    return liquidL >= heapL + aboveL;
  });
  return Math.max(STEP_L, Math.ceil(litres / STEP_L - 1e-6) * STEP_L);
}

/**
 * The batch with what fills the pot up to a mark worked out anew.
 *
 * @example filledUp(batch, pot, kitchen) // the water of “to the line”: 2.35 L instead of 2.5 L
 */
export function filledUp(batch: Batch, pot: Pot, kitchen: Kitchen): Batch {
  if (!batch.items.some((item) => item.upTo && !item.apart)) return batch;
  return batch.items.reduce<Batch>((next, item) => {
    if (!item.upTo || item.apart) return next;
    const { items, steps } = planBatch(next, pot, kitchen);
    const own = items.find(({ id }) => id === item.id);
    if (!own) return next;
    // Under the lid that it goes in for: with what goes in at the same closing.
    const lid = steps.findIndex(({ kind }, i) => i >= own.entersAt && kind === 'pressure');
    const at = lid < 0 ? own.entersAt : lid;
    const parts = items.filter((one) => one !== own && isIn(one, at)).map(partOf);
    const litres = Number(litresTo(item.upTo, parts, pot).toFixed(2));
    const now = next.items.find(({ id }) => id === item.id);
    if (!now || Math.abs(litresOf(now) - litres) < STEP_L / 10) return next;
    return changeItem(setLitres(next, now, litres, null), item.id, { upTo: item.upTo });
  }, batch);
}
