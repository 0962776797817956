import {
  changeItem,
  changeStep,
  cutTo,
  enterWith,
  freshStepId,
  inPot,
  insertStep,
  scaleBatch,
  setHold,
  setMinutes,
  setRelease,
  setExtractionWater,
  splitHold,
  stepsOf,
  stopAfter,
} from '../batch/plan';
import type { Batch } from '../batch/schema';
import type { Remedy } from './types';

/** Moves an item to a simmer after the last pressure step, made or lengthened as needed. */
export function putInAfter(batch: Batch, id: string, minutes: number): Batch {
  const steps = stepsOf(batch);
  const last = steps.findLastIndex((s) => s.kind === 'pressure');
  const simmer = steps.slice(last + 1).find((s) => s.kind === 'simmer');
  if (simmer) {
    const have = simmer.minutes ?? 0;
    const longer = have < minutes ? setMinutes(batch, simmer.id, minutes) : batch;
    return enterWith(longer, id, simmer.id);
  }
  const fresh = freshStepId(batch);
  const longer = insertStep(batch, steps[last]?.id ?? null, { id: fresh, kind: 'simmer', minutes });
  return enterWith(longer, id, fresh);
}

/** Opens the pot before the end of a hold, and puts an item in then. */
export function putInLate(batch: Batch, id: string, step: string, minutes: number): Batch {
  const before = new Set(stepsOf(batch).map((s) => s.id));
  const held = stepsOf(batch).find((s) => s.id === step);
  if (held?.kind !== 'pressure') return batch;
  const split = splitHold(batch, step, held.holdMin - minutes);
  const again = stepsOf(split).find((s) => s.kind === 'pressure' && !before.has(s.id));
  return again ? enterWith(split, id, again.id) : batch;
}

function cutItem(batch: Batch, id: string, mm: number): Batch {
  const cut = batch.items.find((i) => i.id === id)?.cut;
  return changeItem(batch, id, { cut: cutTo(cut, mm) });
}

type Of<D extends Remedy['do']> = Extract<Remedy, { do: D }>;

interface RemedyDefinition<R extends Remedy> {
  /** How much of what the cook wants it changes; minutes count besides (assumed). */
  readonly changes: number;
  readonly apply: (batch: Batch, remedy: R) => Batch;
}

/** Every remedy: what it does, and what it costs the cook. */
export const REMEDIES: { readonly [D in Remedy['do']]: RemedyDefinition<Of<D>> } = {
  'keep-warm': {
    changes: 0.5,
    apply: (batch, { step }) =>
      changeStep(batch, step, (s) => (s.kind === 'rest' ? { ...s, keepWarm: true } : s)),
  },
  deglaze: {
    changes: 0.4,
    apply: (batch, { step, ml }) =>
      changeStep(batch, step, (s) => (s.kind === 'saute' ? { ...s, deglazeMl: ml } : s)),
  },
  'set-release': {
    changes: 0.7,
    apply: (batch, { step, release }) => setRelease(batch, step, release),
  },
  'set-water': {
    changes: 1,
    apply: (batch, { run = 0, litres }) => setExtractionWater(batch, run, litres),
  },
  'put-in-after': {
    changes: 1,
    apply: (batch, { item, minutes }) => putInAfter(batch, item, minutes),
  },
  'set-minutes': {
    changes: 1,
    apply: (batch, { step, minutes }) => setMinutes(batch, step, minutes),
  },
  'set-hold': { changes: 1.2, apply: (batch, { step, holdMin }) => setHold(batch, step, holdMin) },
  'put-in-late': {
    changes: 1.4,
    apply: (batch, { item, step, minutes }) => putInLate(batch, item, step, minutes),
  },
  'set-cut': { changes: 1.6, apply: (batch, { item, mm }) => cutItem(batch, item, mm) },
  apart: {
    changes: 1.6,
    apply: (batch, { item }) => changeItem(batch, item, { apart: true, stays: undefined }),
  },
  'stop-after': { changes: 2, apply: (batch, { runs }) => stopAfter(batch, runs) },
  'move-pot': { changes: 2.2, apply: (batch, { pot }) => inPot(batch, pot) },
  take: { changes: 2.4, apply: (_, { batch }) => batch },
  'set-wish': { changes: 3, apply: (batch, { item, wish }) => changeItem(batch, item, { wish }) },
  scale: { changes: 4, apply: (batch, { factor }) => scaleBatch(batch, factor) },
};

function definitionOf<R extends Remedy>(remedy: R): RemedyDefinition<R> {
  return REMEDIES[remedy.do] as RemedyDefinition<Remedy> as RemedyDefinition<R>;
}

/**
 * Does what a finding offers.
 *
 * @example applyRemedy(batch, { do: 'set-hold', step: 's1', holdMin: 26 }).steps[0].holdMin // 26
 */
export function applyRemedy(batch: Batch, remedy: Remedy): Batch {
  return definitionOf(remedy).apply(batch, remedy);
}
