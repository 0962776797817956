import type { Vessel } from '../vessel';
import { Cooking, SAME_S } from './cooking';
import { LEGS, LEGS_OF, phaseOf } from './legs';
import { coldState, type PotState, type StepNow } from './state';
import { PotSystem } from './system';
import type {
  Air,
  EnergyBalance,
  HeatItem,
  HeatStep,
  ItemTrace,
  LegName,
  StepResult,
  Trace,
} from './types';

/** Time step of slow phases, s. */
const USUAL_STEP_S = 10;

export interface SimulateOptions {
  /** Time step of slow phases, s; 10 by default, larger is coarser and faster. */
  readonly stepS?: number;
  /** State to continue from; an empty cold pot before the first step by default. */
  readonly from?: PotState;
  /** Moment at which to cut it, s from the start; the end of the plan by default. */
  readonly untilS?: number;
}

export interface HeatResult {
  readonly trace: Trace;
  readonly items: Readonly<Record<string, ItemTrace>>;
  /** Of the steps that have ended, in order, and of those before the state that it went on from. */
  readonly steps: readonly StepResult[];
  readonly energy: EnergyBalance;
  /** Time steps in which liquid and what melts in it did not come to agree, even when halved. */
  readonly unsettled: number;
  /** The pot as it is left; `simulate` goes on from it. */
  readonly end: PotState;
}

const HEATED: ReadonlySet<HeatStep['kind']> = new Set(['pressure', 'saute', 'simmer']);

/** Puts in and takes out what the step asks for. @throws RangeError for what this vessel cannot do */
function begin(c: Cooking, items: readonly HeatItem[]): void {
  const { system, step, place } = c;
  if (step.kind === 'pressure') void c.lid;
  if (HEATED.has(step.kind)) void c.heater;
  const index = place.step;
  if (step.kind !== 'pressure' && step.pours) system.pour();
  for (const item of items)
    if (item.stays.some(({ from, to }) => to === index && from < index)) system.take(item);
  for (const item of items) {
    const at = item.stays.findIndex(({ from, to }) => from === index && to > index);
    if (at >= 0) system.put(item, at);
  }
  place.now = {
    startS: system.seconds,
    heatedJ: system.energy.intoJ,
    warmUpS: 0,
    pinS: null,
    holdS: 0,
    releaseFromS: system.seconds,
    steamKg: system.steamKg,
    reached: step.kind !== 'pressure',
    scorchedS: null,
    sealedKg: null,
    valveOpensC: null,
  };
}

function beginLeg(c: Cooking, leg: LegName): void {
  c.place.leg = leg;
  c.place.beganS = c.system.seconds;
  c.place.owedS = 0;
  LEGS[leg].begin?.(c);
}

/** Planned duration, or the one that hands made, s. */
function plainS(step: Exclude<HeatStep, { kind: 'pressure' }>, passedS: number): number {
  return step.endsS === undefined ? 60 * step.minutes : Math.max(0, passedS);
}

function resultOf(c: Cooking, failed: boolean): StepResult {
  const { system, step } = c;
  const { heatedJ, releaseFromS, steamKg, ...now }: StepNow = c.now;
  const released = step.kind === 'pressure' && !failed;
  return {
    ...now,
    endS: system.seconds,
    holdS:
      step.kind === 'pressure'
        ? now.holdS
        : plainS(step, system.seconds - now.startS - now.warmUpS),
    releaseS: released ? system.seconds - releaseFromS : 0,
    releaseSteamKg: released ? system.steamKg - steamKg : 0,
    heaterJ: system.energy.intoJ - heatedJ,
  };
}

/** The step is over: the lid comes off, the next one is to begin. */
function end(c: Cooking, failed: boolean): StepResult {
  if (failed) c.note({ reached: false, warmUpS: c.system.seconds - c.now.startS });
  const result = resultOf(c, failed);
  if (c.step.kind === 'pressure' && !failed) c.openLid();
  Object.assign(c.place, { step: c.place.step + 1, leg: null, now: null, owedS: 0, airPa: 0 });
  return result;
}

/**
 * Runs a cook, from cold to the table or any part of it.
 *
 * @param items what goes in, with its stays by the indexes of the steps at whose start they begin and end
 * @param steps in order, all of them, also where it goes on from a later one
 * @param vessel its power, losses and valve
 * @param air pressure and temperature outside
 * @returns the trace from where it went on, the temperatures of every item, the times of each step,
 *   the heat balance since the start, and the pot as it is left
 * @throws RangeError where the vessel cannot do a step, and where the state does not fit the plan
 */
export function simulate(
  items: readonly HeatItem[],
  steps: readonly HeatStep[],
  vessel: Vessel,
  air: Air,
  options: SimulateOptions = {},
): HeatResult {
  const { stepS = USUAL_STEP_S, from = coldState(vessel, air), untilS = Infinity } = options;
  const system = new PotSystem(vessel, air, items, from, Math.min(1, stepS / USUAL_STEP_S));
  const c = new Cooking(system, steps, from.place, stepS, untilS);
  const results = [...from.steps];
  const { place } = c;
  if (place.leg) {
    if (!LEGS_OF[c.step.kind].includes(place.leg))
      throw new RangeError(`a ${c.step.kind} step has no part called ${place.leg}`);
    c.sample(phaseOf(place.leg, c.step), LEGS[place.leg].sealed);
  }
  while (place.step < steps.length) {
    const legs = LEGS_OF[c.step.kind];
    if (!place.leg) {
      if (system.seconds >= untilS - SAME_S) break;
      begin(c, items);
      const [first] = legs;
      if (system.record.isEmpty && first) c.sample(phaseOf(first, c.step), false);
      if (first) beginLeg(c, first);
      continue;
    }
    const leg = LEGS[place.leg];
    const over = leg.over(c);
    if (!over) {
      if (system.seconds >= untilS - SAME_S) break;
      leg.pass(c);
      continue;
    }
    if (over !== 'failed') leg.end?.(c);
    const next = over === 'leg' ? legs[legs.indexOf(place.leg) + 1] : undefined;
    if (next) beginLeg(c, next);
    else results.push(end(c, over === 'failed'));
  }
  const left = system.state(place, results);
  system.close();
  const { record, energy, unsettled } = system;
  const { trace, items: traces } = record;
  return { trace, items: traces, steps: results, energy, unsettled, end: left };
}
