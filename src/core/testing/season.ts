/** A household whose log holds nothing but three cooks on a practice pot: what a kitchen learns from. */
import { assess } from '../assess';
import { potOf, stepsOf } from '../batch/plan';
import type { Bundle, Cook, Mark } from '../batch/schema';
import { hotSOf, truthAt, type StandIn } from '../live';
import { startCook } from '../timetable';
import { markAt } from './marks';

/** When the lid goes on, s. */
const LID_S = 180;

/** A batch of a household as it starts on the stove. @throws RangeError where there is no such batch */
export function startedIn(household: Bundle, batchId: string, id: string, at: string): Cook {
  const { batches, pots, kitchen } = household;
  const batch = batches.find((one) => one.id === batchId);
  if (!batch) throw new RangeError(`no batch ${batchId}`);
  const pot = potOf(batch, pots);
  const assessment = assess(batch, pot, kitchen);
  return startCook({ id, batch, pot, kitchen, assessment, draws: null, at });
}

/** Cooked by the plan on a practice pot, to the table. */
function cooked(household: Bundle, batchId: string, day: number, power: number) {
  const startedAt = `2026-11-0${day}T16:00:00.000Z`;
  const started = startedIn(household, batchId, `w${day}`, startedAt);
  const standIn: StandIn = { seed: 7, power, times: 1, wallAt: startedAt, cookAt: startedAt };
  const at = (s: number): string => new Date(Date.parse(startedAt) + 1000 * s).toISOString();
  const [first] = stepsOf(started.batch);
  const step = first?.id ?? null;
  const lid = markAt('lid-locked', at(LID_S), { step });
  const on: Cook = { ...started, standIn, marks: [...started.marks, lid] };
  const { plan, heat } = truthAt(on, standIn, LID_S, undefined, true);
  const result = heat.steps[plan.steps.findIndex(({ id }) => id === step)];
  const hotS = hotSOf(result);
  if (!result || hotS === null || result.pinS === null) throw new RangeError('it never got there');
  const { startS, pinS, endS } = result;
  const heard = { step, heard: true };
  const marks: readonly Mark[] = [
    markAt('pin-up', at(pinS), heard),
    markAt('at-pressure', at(hotS), heard),
    markAt('pin-down', at(endS), heard),
    markAt('lid-off', at(endS + 20), { step }),
    markAt('done', at(endS + 300), { step: null }),
  ];
  return {
    cook: { ...on, marks: [...on.marks, ...marks], endedAt: at(endS + 300) },
    totalMin: (endS - startS) / 60,
  };
}

/**
 * @param power of the practice pot's heater, share of what it should give
 * @returns the household with its log of three cooks, w1 to w3, and what a fourth would take, min
 */
export function season(household: Bundle, batchId: string, power: number) {
  const [first, second, third, fourth] = [1, 2, 3, 4].map((day) =>
    cooked(household, batchId, day, power),
  );
  if (!first || !second || !third || !fourth) throw new RangeError('four days');
  const cooks: readonly Cook[] = [first.cook, second.cook, third.cook];
  return { household: { ...household, jars: [], cooks }, fourthMin: fourth.totalMin };
}
