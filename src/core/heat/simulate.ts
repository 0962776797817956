import { releaseOf, waitOf, type Letting, type Release } from '../vocabulary';
import { Phases } from './phases';
import { PotSystem } from './system';
import type { Air, HeatItem, HeatPot, HeatResult, HeatStep, StepResult } from './types';

export interface SimulateOptions {
  /** Time step of slow phases, s; 10 by default, larger is coarser and faster. */
  readonly stepS?: number;
}

/** Share of the time a pulsed release has its valve open, where the cook gives none (assumed). */
export const USUAL_DUTY = 0.3;

interface ReleaseResult {
  readonly seconds: number;
  readonly steamKg: number;
  readonly valveOpensC: number | null;
}

/** What drives the pot while its steam is let out. */
const LETS: Readonly<Record<Letting, (phases: Phases, step: number, how: Release) => void>> = {
  open: (phases, step) => phases.quick(step, 1),
  bursts: (phases, step, how) =>
    phases.quick(step, ('duty' in how ? how.duty : null) ?? USUAL_DUTY),
  'cold water': (phases, step) => phases.coldWater(step),
};

/** A pin that has not dropped by then never will, s. */
const DROPS_S = 6 * 3600;

function release(phases: Phases, step: number, how: Release): ReleaseResult {
  const { system } = phases;
  const start = system.seconds;
  const steam = system.steamKg;
  let valveOpensC: number | null = null;
  const { lets } = releaseOf(how.method);
  const waitS = waitOf(how) * 60;
  // Shut until the pin has dropped, or for the wait; what is left after it is let out.
  const dropped =
    lets === null ? phases.natural(step, DROPS_S) : waitS > 0 && phases.natural(step, waitS);
  if (lets !== null && !dropped) {
    valveOpensC = system.liquidC;
    LETS[lets](phases, step, how);
  }
  return { seconds: system.seconds - start, steamKg: system.steamKg - steam, valveOpensC };
}

type Ended = Omit<StepResult, 'startS' | 'endS' | 'heaterJ'>;

function pressureStep(
  phases: Phases,
  index: number,
  step: Extract<HeatStep, { kind: 'pressure' }>,
): Ended {
  const warm = phases.warmUp(index, step.gaugeKPa);
  const nothing = {
    ...NOT_UNDER_PRESSURE,
    warmUpS: warm.seconds,
    reached: false,
    scorchedS: phases.scorchedS,
  };
  if (!warm.reached) return nothing;
  const sealedKg = phases.system.waterKg;
  phases.hold(index, warm.targetC, step.holdMin);
  const out = release(phases, index, step.release);
  phases.openLid();
  return {
    warmUpS: warm.seconds,
    holdS: step.holdMin * 60,
    releaseS: out.seconds,
    releaseSteamKg: out.steamKg,
    reached: true,
    scorchedS: phases.scorchedS,
    sealedKg,
    valveOpensC: out.valveOpensC,
  };
}

const NOT_UNDER_PRESSURE = {
  warmUpS: 0,
  holdS: 0,
  releaseS: 0,
  releaseSteamKg: 0,
  reached: true,
  scorchedS: null,
  sealedKg: null,
  valveOpensC: null,
};

function otherStep(
  phases: Phases,
  index: number,
  step: Exclude<HeatStep, { kind: 'pressure' }>,
): Ended {
  const plain = { ...NOT_UNDER_PRESSURE, holdS: step.minutes * 60 };
  switch (step.kind) {
    case 'prep':
    case 'open':
    case 'strain':
    case 'cool':
      phases.stand(index, step.kind, step.minutes, false);
      return plain;
    case 'rest':
      phases.stand(index, 'rest', step.minutes, true, step.keepsWarm);
      return plain;
    case 'saute':
      phases.brown(index, step.minutes);
      return plain;
    case 'simmer': {
      const warm = phases.boil(index, step.minutes);
      return {
        ...plain,
        warmUpS: warm.seconds,
        reached: warm.reached,
        scorchedS: phases.scorchedS,
      };
    }
  }
}

/**
 * Runs a cook from cold to the table.
 *
 * @param items what goes in, with the index of the step at whose start it enters and leaves
 * @param steps in order
 * @param pot its power, losses and valve
 * @param air pressure and temperature outside
 * @returns the trace, the temperatures of every item, the times of each step, the heat balance
 */
export function simulate(
  items: readonly HeatItem[],
  steps: readonly HeatStep[],
  pot: HeatPot,
  air: Air,
  options: SimulateOptions = {},
): HeatResult {
  const system = new PotSystem(
    pot,
    air,
    items.filter((i) => i.shape).map((i) => i.id),
  );
  const phases = new Phases(system, { stepS: options.stepS ?? 10 });
  const results: StepResult[] = [];
  steps.forEach((step, index) => {
    if (step.kind !== 'pressure' && step.pours) system.pour();
    for (const item of items)
      if (item.leavesAt === index && item.entersAt < index) system.take(item);
    for (const item of items)
      if (item.entersAt === index && item.leavesAt > index) system.put(item);
    const startS = system.seconds;
    if (index === 0) system.sample(index, firstPhase(step), 0);
    phases.scorchedS = null;
    const heated = system.energy.intoJ;
    const result =
      step.kind === 'pressure' ? pressureStep(phases, index, step) : otherStep(phases, index, step);
    const heaterJ = system.energy.intoJ - heated;
    results.push({ startS, endS: system.seconds, heaterJ, ...result });
  });
  system.close();
  const { record, energy } = system;
  return { trace: record.trace, items: record.items, steps: results, energy };
}

function firstPhase(step: HeatStep) {
  return step.kind === 'pressure' ? ('warm-up' as const) : step.kind;
}
