import {
  changeItem,
  changeStep,
  freshStepId,
  inPot,
  insertStep,
  scaleBatch,
  setHold,
  setMinutes,
  setRelease,
  setRunWater,
  splitHold,
  stepsOf,
  stopAfter,
  type Batch,
} from '../batch';
import type { Remedy } from './types';

/** Moves an item to a simmer after the last pressure step, made or lengthened as needed. */
export function putInAfter(batch: Batch, id: string, minutes: number): Batch {
  const steps = stepsOf(batch);
  const last = steps.findLastIndex((s) => s.kind === 'pressure');
  const simmer = steps.slice(last + 1).find((s) => s.kind === 'simmer');
  if (simmer) {
    const have = simmer.minutes ?? 0;
    const longer = have < minutes ? setMinutes(batch, simmer.id, minutes) : batch;
    return changeItem(longer, id, { enters: simmer.id });
  }
  const fresh = freshStepId(batch);
  const longer = insertStep(batch, steps[last]?.id ?? null, { id: fresh, kind: 'simmer', minutes });
  return changeItem(longer, id, { enters: fresh });
}

/** Opens the pot before the end of a hold, and puts an item in then. */
export function putInLate(batch: Batch, id: string, step: string, minutes: number): Batch {
  const before = new Set(stepsOf(batch).map((s) => s.id));
  const held = stepsOf(batch).find((s) => s.id === step);
  if (held?.kind !== 'pressure') return batch;
  const split = splitHold(batch, step, held.holdMin - minutes);
  const again = stepsOf(split).find((s) => s.kind === 'pressure' && !before.has(s.id));
  return again ? changeItem(split, id, { enters: again.id }) : batch;
}

function cutTo(batch: Batch, id: string, mm: number): Batch {
  const cut = batch.items.find((i) => i.id === id)?.cut;
  return cut ? changeItem(batch, id, { cut: { ...cut, mm } }) : batch;
}

/** Does what a finding offers. */
export function applyRemedy(batch: Batch, remedy: Remedy): Batch {
  switch (remedy.do) {
    case 'set-water':
      return setRunWater(batch, remedy.run ?? 0, remedy.litres);
    case 'scale':
      return scaleBatch(batch, remedy.factor);
    case 'set-release':
      return setRelease(batch, remedy.step, remedy.release);
    case 'set-hold':
      return setHold(batch, remedy.step, remedy.holdMin);
    case 'set-minutes':
      return setMinutes(batch, remedy.step, remedy.minutes);
    case 'stop-after':
      return stopAfter(batch, remedy.runs);
    case 'apart':
      return changeItem(batch, remedy.item, { apart: true, enters: null });
    case 'set-cut':
      return cutTo(batch, remedy.item, remedy.mm);
    case 'set-wish':
      return changeItem(batch, remedy.item, { wish: remedy.wish });
    case 'keep-warm':
      return changeStep(batch, remedy.step, (s) =>
        s.kind === 'rest' ? { ...s, keepWarm: true } : s,
      );
    case 'move-pot':
      return inPot(batch, remedy.pot);
    case 'take':
      return remedy.batch;
    case 'put-in-late':
      return putInLate(batch, remedy.item, remedy.step, remedy.minutes);
    case 'put-in-after':
      return putInAfter(batch, remedy.item, remedy.minutes);
  }
}
