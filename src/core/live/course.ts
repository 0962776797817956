/**
 * A cook as it really goes: the plan with what was changed in it, and what hands made of its steps so
 * far. Everything follows from the marks and the time, so that a reload or a closed tab loses nothing.
 */
import type { Lived } from '../model';
import { insertStep, setHold, setRelease, stepsOf } from '../batch/plan';
import type { Batch, Cook, Mark, MarkKind, PressureStep, Step } from '../batch/schema';
import { releaseOf } from '../vocabulary';

/** A gap between two steps shorter than this is none, s. */
const GAP_S = 20;
/** What hands have not done yet is done soon, s. */
const SOON_S = 30;

/** The batch as its cook goes on with it: the plan, and what was changed since it is on the stove. */
export function planNow({ batch, marks }: Pick<Cook, 'batch' | 'marks'>): Batch {
  const out = new Set(marks.flatMap((m) => (m.kind === 'left-out' && m.item ? [m.item] : [])));
  const plan: Batch = {
    ...batch,
    items: batch.items.filter((item) => !out.has(item.id)),
    steps: stepsOf(batch),
  };
  return marks.reduce((now, mark) => (mark.kind === 'changed' ? withChange(now, mark) : now), plan);
}

/** One change of the plan; as it was where the change means nothing to it. */
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

/** A cook as the models go through it: time counts from its start, in seconds. */
export interface Course {
  /** With the gaps between its steps as steps of their own. */
  readonly batch: Batch;
  readonly lived: Readonly<Record<string, Lived>>;
  readonly nowS: number;
}

/** Seconds from the start of a cook to a moment, ISO 8601. */
export function secondsOf({ startedAt }: Pick<Cook, 'startedAt'>, at: string): number {
  return (Date.parse(at) - Date.parse(startedAt)) / 1000;
}

/** The first mark of a kind in a step, s from the start; null where there is none. */
export function markedS(
  cook: Pick<Cook, 'marks' | 'startedAt'>,
  kind: MarkKind,
  step: string,
): number | null {
  const mark = cook.marks.find((m) => m.kind === kind && m.step === step);
  return mark ? secondsOf(cook, mark.at) : null;
}

interface Marks {
  /** First of a kind in a step, s from the start; null where there is none. */
  readonly at: (kind: MarkKind, step: string) => number | null;
  readonly all: (kinds: readonly MarkKind[], step: string) => readonly number[];
  /** The first mark of any later step, s. */
  readonly next: (steps: readonly Step[], index: number) => number | null;
}

function marksOf(cook: Pick<Cook, 'marks' | 'startedAt'>, nowS: number): Marks {
  const timed = cook.marks
    .map((mark) => ({ mark, s: secondsOf(cook, mark.at) }))
    .filter(({ s }) => s <= nowS + 1)
    .sort((a, b) => a.s - b.s);
  const all = (kinds: readonly MarkKind[], step: string): readonly number[] =>
    timed.flatMap(({ mark, s }) => (mark.step === step && kinds.includes(mark.kind) ? [s] : []));
  return {
    all,
    at: (kind, step) => all([kind], step)[0] ?? null,
    next: (steps, index) => {
      const later = new Set(steps.slice(index + 1).map((s) => s.id));
      return (
        timed.find(
          ({ mark }) => mark.step !== null && later.has(mark.step) && PASSES.has(mark.kind),
        )?.s ?? null
      );
    },
  };
}

/** What cannot be done in a step before the one before it is over. */
const PASSES: ReadonlySet<MarkKind> = new Set([
  'lid-locked',
  'pin-up',
  'at-pressure',
  'hold-over',
  'valve-opened',
  'pin-down',
  'lid-off',
  'step-done',
]);

function pressureLived(
  step: PressureStep,
  marks: Marks,
  nowS: number,
  seen: boolean,
  byPlan: boolean,
): Lived {
  const overS = marks.at('hold-over', step.id);
  const hotS = seen ? marks.at('at-pressure', step.id) : null;
  const holdEndsS = overS ?? (hotS === null ? null : hotS + 60 * step.holdMin);
  const downS = seen ? marks.at('pin-down', step.id) : null;
  const valveS = marks.all(['valve-opened', 'valve-closed'], step.id);
  const lets = releaseOf(step.release?.method ?? 'natural').lets;
  return {
    ...(holdEndsS !== null && { holdEndsS }),
    ...(downS !== null && { downS }),
    ...(valveS.length > 0 && { valveS }),
    // Nobody has opened it yet; a pot does not open by itself.
    ...(valveS.length === 0 && lets !== null && { shutUntilS: byPlan ? nowS + SOON_S : Infinity }),
  };
}

/**
 * A cook as it has gone so far and goes on by its plan.
 *
 * @param nowS s from its start; what was marked later does not count
 * @param seen whether what was seen of the pot is taken as its time, or only what hands did, which is
 *   all that a pot itself knows
 * @param byPlan whether hands go on by the plan from now on; a pot that is only looked at stays shut
 */
export function courseOf(
  cook: Pick<Cook, 'batch' | 'marks' | 'startedAt'>,
  nowS: number,
  seen = true,
  byPlan = seen,
): Course {
  const plan = planNow(cook);
  const marks = marksOf(cook, nowS);
  const steps = stepsOf(plan);
  const lived: Record<string, Lived> = {};
  const course: Step[] = [];
  let atS = 0;
  let future = false;
  const gap = (id: string, kind: 'open' | 'rest', endsS: number): void => {
    course.push({ id, kind, minutes: 0 });
    lived[id] = { endsS };
  };
  steps.forEach((step, index) => {
    const passedS = marks.next(steps, index);
    if (future) course.push(step);
    else if (step.kind === 'pressure') {
      const lockedS = marks.at('lid-locked', step.id) ?? earliest(marks, step.id);
      const beginsS = lockedS ?? passedS;
      if ((beginsS ?? nowS) - atS > GAP_S) gap(`${step.id}:before`, 'open', beginsS ?? nowS);
      course.push(step);
      if (beginsS === null) {
        future = true;
        return;
      }
      lived[step.id] = pressureLived(step, marks, nowS, seen, byPlan);
      const offS = marks.at('lid-off', step.id) ?? passedS;
      // Until the lid is off it stands shut, even with its pin down.
      gap(`${step.id}:shut`, 'rest', offS ?? nowS);
      if (offS === null) future = true;
      else atS = offS;
    } else {
      course.push(step);
      const doneS = marks.at('step-done', step.id) ?? passedS;
      lived[step.id] = doneS === null ? { notOverS: nowS } : { endsS: doneS };
      if (doneS === null) future = true;
      else atS = doneS;
    }
  });
  return { batch: { ...plan, steps: course }, lived, nowS };
}

/** The first mark of a step whose lid nobody said was locked, s. */
function earliest(marks: Marks, step: string): number | null {
  return marks.all([...PASSES], step)[0] ?? null;
}
