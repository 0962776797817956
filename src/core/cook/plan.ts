/** The plan of a cook as it became: what was left out and what was changed, folded in by the clock. */
import { insertStep, setHold, setRelease, stepsOf } from '../batch/plan';
import type { Batch, Cook, Mark } from '../batch/schema';
import { byClock } from './order';

/** A small move by which a plan is changed at the stove. */
export interface Move {
  readonly change: NonNullable<Mark['change']>;
  readonly step: string;
  /** Minutes of the whole hold, or of the addition; missing if it has none. */
  readonly minutes?: number;
}

/**
 * The batch as its cook goes on with it: the plan, and what was changed since it is on the stove.
 *
 * @example planNow(cooked).items.length // 8
 */
export function planNow({ batch, marks }: Pick<Cook, 'batch' | 'marks'>): Batch {
  const out = new Set(marks.flatMap((m) => (m.kind === 'left-out' && m.item ? [m.item] : [])));
  const plan: Batch = {
    ...batch,
    items: batch.items.filter((item) => !out.has(item.id)),
    steps: stepsOf(batch),
  };
  return byClock(marks).reduce(
    (now, mark) => (mark.kind === 'changed' ? withChange(now, mark) : now),
    plan,
  );
}

/** One change of the plan; the plan as it was where the change means nothing to it. */
function withChange(plan: Batch, { change, step: id, value }: Mark): Batch {
  const step = stepsOf(plan).find((s) => s.id === id);
  if (!step) return plan;
  switch (change) {
    case 'hold':
      return step.kind === 'pressure' && value !== undefined ? setHold(plan, step.id, value) : plan;
    case 'release-now':
      return step.kind === 'pressure' ? setRelease(plan, step.id, { method: 'quick' }) : plan;
    case 'close-again':
      return insertStep(plan, step.id, {
        id: againId(plan, step.id),
        kind: 'pressure',
        ...(step.kind === 'pressure' && step.setting ? { setting: step.setting } : {}),
        holdMin: value ?? 0,
        release: step.kind === 'pressure' && step.release ? step.release : { method: 'natural' },
      });
    case 'simmer-on':
      return insertStep(plan, step.id, {
        id: againId(plan, step.id),
        kind: 'simmer',
        minutes: value ?? 0,
      });
    case 'as-it-is':
    case undefined:
      return plan;
  }
}

/** The first of `s1+1`, `s1+2` that no step has. */
function againId(plan: Batch, of: string): string {
  const taken = new Set(stepsOf(plan).map((s) => s.id));
  for (let n = 1; ; n++) if (!taken.has(`${of}+${n}`)) return `${of}+${n}`;
}

/** Whether an offer for a step was declined. */
export function isDeclined({ marks }: Pick<Cook, 'marks'>, step: string): boolean {
  return marks.some((m) => m.kind === 'declined' && m.step === step);
}
