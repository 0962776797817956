/**
 * A cook as the models go through it: its steps with what hands made of them so far. Everything follows from
 * the timeline and the time, so that a reload or a closed tab loses nothing.
 */
import { stepsOf } from '../batch/plan';
import type { Batch, Cook, PressureStep, Step } from '../batch/schema';
import { timelineOf, type StepTimeline } from '../cook';
import type { Lived } from '../model';
import { releaseOf } from '../vocabulary';

/** Shorter gaps between two steps are ignored, s. */
const GAP_S = 20;
/** Moves not made yet are made after this delay, s. */
const SOON_S = 30;

/** A cook as the models go through it: time counts from its start, in seconds. */
export interface Course {
  /** With the gaps between its steps as steps of their own. */
  readonly batch: Batch;
  readonly lived: Readonly<Record<string, Lived>>;
  readonly nowS: number;
}

function pressureLived(
  step: PressureStep,
  { over, down, valve }: StepTimeline,
  nowS: number,
  seen: boolean,
  byPlan: boolean,
): Lived {
  // By the plan it is over so long after the pressure that was seen.
  const holdEndsS = over && (seen || over.how !== 'presumed') ? over.s : null;
  const lets = releaseOf(step.release?.method ?? 'natural').lets;
  return {
    ...(holdEndsS !== null && { holdEndsS }),
    ...(seen && down && { downS: down.s }),
    ...(valve.length > 0 && { valveS: valve.map(({ s }) => s) }),
    // Nobody has opened it yet; a pot does not open by itself.
    ...(valve.length === 0 && lets !== null && { shutUntilS: byPlan ? nowS + SOON_S : Infinity }),
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
  const { plan, steps } = timelineOf(cook, nowS);
  const lived: Record<string, Lived> = {};
  const course: Step[] = [];
  let atS = 0;
  let future = false;
  const gap = (id: string, kind: 'open' | 'rest', endsS: number): void => {
    course.push({ id, kind, minutes: 0 });
    lived[id] = { endsS };
  };
  stepsOf(plan).forEach((step, index) => {
    const went = steps[index];
    if (future || !went) course.push(step);
    else if (step.kind === 'pressure') {
      const beginsS = went.locked?.s ?? null;
      if ((beginsS ?? nowS) - atS > GAP_S) gap(`${step.id}:before`, 'open', beginsS ?? nowS);
      course.push(step);
      if (beginsS === null) {
        future = true;
        return;
      }
      lived[step.id] = pressureLived(step, went, nowS, seen, byPlan);
      // Until the lid is off the pot is closed, even with its pin down.
      gap(`${step.id}:shut`, 'rest', went.off?.s ?? nowS);
      if (went.off === null) future = true;
      else atS = went.off.s;
    } else {
      course.push(step);
      lived[step.id] = went.off === null ? { notOverS: nowS } : { endsS: went.off.s };
      if (went.off === null) future = true;
      else atS = went.off.s;
    }
  });
  return { batch: { ...plan, steps: course }, lived, nowS };
}
