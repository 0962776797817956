/**
 * A cook as the stove sees it: one stage after another, each ended by a mark the cook presses or
 * by the clock. The stage follows from the marks and the time alone, so that a reload
 * or a closed tab loses nothing.
 */
import { poursOf, staysShut, stepsOf } from '../batch/plan';
import type { Batch, MarkKind, PotKind, PressureStep, Prediction, Step } from '../batch/schema';
import { releaseOf, waitOf, type ReleaseMethod, potKindOf } from '../vocabulary';
import {
  firstOpened,
  known,
  type How,
  type Second,
  type StepTimeline,
  type Timeline,
} from './timeline';

export type StageKind = 'load' | 'warm-up' | 'hold' | 'wait' | 'valve' | 'pin' | 'lid' | 'do';

export interface Stage {
  readonly id: string;
  readonly step: string;
  readonly stepKind: Step['kind'];
  readonly kind: StageKind;
  readonly pot: PotKind;
  /** Mark that ends it; null when the clock does. */
  readonly mark: MarkKind | null;
  /** How long it should take, min. */
  readonly expectMin: number;
  readonly release: ReleaseMethod | null;
  /** The broth is poured off and the bones stay for another run. */
  readonly pours: boolean;
  /** The pot is left on and keeps it warm. */
  readonly keepsWarm?: true;
  /** Presumed by the clock alone: no sign of pressure was marked. */
  readonly presumed?: true;
}

function pressureStages(
  step: PressureStep,
  predicted: Prediction['steps'][number] | undefined,
  pot: PotKind,
): readonly Stage[] {
  const release = step.release ?? { method: 'natural' as const };
  const base = { step: step.id, stepKind: step.kind, pot, release: release.method, pours: false };
  const stage = (kind: StageKind, mark: MarkKind | null, expectMin: number): Stage => ({
    ...base,
    id: `${step.id}:${kind}`,
    kind,
    mark,
    expectMin,
  });
  const releaseMin = predicted?.releaseMin ?? 0;
  const waitMin = waitOf(release);
  return [
    stage('load', 'lid-locked', 0),
    stage('warm-up', 'at-pressure', predicted?.warmUpMin ?? 0),
    // An electric pot ends its hold by itself; a flame is turned off by a hand.
    stage('hold', potKindOf(pot).hasFlame ? 'hold-over' : null, step.holdMin),
    ...(waitMin > 0 ? [stage('wait', null, waitMin)] : []),
    ...(releaseOf(release.method).stove ? [stage('valve', 'valve-opened', 0)] : []),
    stage('pin', 'pin-down', Math.max(0, releaseMin - waitMin)),
    stage('lid', 'lid-off', 0.5),
  ];
}

/** The stages of a batch in a pot, in order. */
export function stagesOf(
  batch: Batch,
  predicted: Prediction,
  pot: PotKind = 'electric',
): readonly Stage[] {
  const steps = stepsOf(batch);
  const pours = poursOf(batch, steps);
  return steps.flatMap((step, index) => {
    const timed = predicted.steps.find((s) => s.id === step.id);
    if (step.kind === 'pressure') {
      const stages = pressureStages(step, timed, pot);
      return staysShut(batch, step.id) ? stages.filter(({ kind }) => kind !== 'lid') : stages;
    }
    return [
      {
        id: `${step.id}:do`,
        step: step.id,
        stepKind: step.kind,
        pot,
        kind: 'do' as const,
        mark: 'step-done' as const,
        expectMin: timed?.minutes ?? step.minutes ?? 0,
        release: null,
        pours: pours.includes(index),
        ...(step.kind === 'rest' && step.keepWarm === true && { keepsWarm: true as const }),
      },
    ];
  });
}

/** Position of a cook among its stages. */
export interface Standing {
  /** Index of the stage the cook is in; the number of stages when all are done. */
  readonly index: number;
  /** When that stage began, ms. */
  readonly since: number;
  /** How that is known. */
  readonly how: How;
  /** Minutes in it. */
  readonly elapsedMin: number;
  /** Minutes left of what it should take; below zero when it takes longer. */
  readonly leftMin: number;
}

/** Nobody said that it is at pressure: so long after it was predicted it is taken for it (assumed). */
const UNSAID_SHARE = 1.25;
const UNSAID_MIN = 3;

/** A reading below this under the lid says that it is not at pressure, C. */
const NO_PRESSURE_C = 95;

/** Whether anything was seen of a lid that came to pressure: a sign of the pot, or a hand at its valve. */
function hasSign({ pin, hot, over, valve, down }: StepTimeline): boolean {
  return [pin, hot, over, down].some((one) => known(one) !== null) || valve.length > 0;
}

/** Stages that are reached only by a pot at pressure. */
const AFTER_PRESSURE: ReadonlySet<StageKind> = new Set(['hold', 'wait', 'valve', 'pin']);

/** Whether a stage is only presumed: at pressure by the clock, without a marked sign. */
export function isPresumed(stage: Stage, { steps }: Pick<Timeline, 'steps'>): boolean {
  const step = steps.find(({ id }) => id === stage.step);
  return step !== undefined && AFTER_PRESSURE.has(stage.kind) && !hasSign(step);
}

/** The stages, with the present one marked if it is only presumed. */
export function asPresumed(
  stages: readonly Stage[],
  { index }: Standing,
  timeline: Pick<Timeline, 'steps'>,
): readonly Stage[] {
  const stage = stages[index];
  if (!stage || !isPresumed(stage, timeline)) return stages;
  return stages.map((one, i) => (i === index ? { ...one, presumed: true } : one));
}

/** A pot that speaks for itself is not taken to be anywhere before it says so. */
export interface StandingOptions {
  readonly watched?: boolean;
}

/**
 * Stage of a cook. A moment without a mark is taken from a later mark, and where nothing was,
 * from the plan: a cook who presses hardly anything is led on all the same.
 *
 * @param startedAt ms
 * @param now ms, not before the start
 */
export function standing(
  stages: readonly Stage[],
  { steps, seen }: Pick<Timeline, 'steps' | 'seen'>,
  startedAt: number,
  now: number,
  { watched = false }: StandingOptions = {},
): Standing {
  const said = stages.map((stage) => {
    const step = steps.find(({ id }) => id === stage.step);
    return step ? endOf(stage, step) : null;
  });
  const at = ({ s }: Second): number => startedAt + s * 1000;
  let since = startedAt;
  let how: How = 'pressed';
  for (let index = 0; index < stages.length; index++) {
    const stage = stages[index] as Stage;
    const own = said[index] ?? null;
    const later = said.slice(index + 1).find((one) => one !== null && at(one) >= since) ?? null;
    const cold = seen.some(
      ({ kind, step, value = Infinity }) =>
        kind === 'temperature' && step === stage.step && value < NO_PRESSURE_C,
    );
    const end = own ? at(own) : passed(stage, since, later && at(later), now, watched || cold);
    if (end === null) {
      const elapsedMin = (now - since) / 60000;
      return { index, since, how, elapsedMin, leftMin: stage.expectMin - elapsedMin };
    }
    since = Math.max(since, end);
    how = own?.how ?? 'presumed';
  }
  return { index: stages.length, since, how, elapsedMin: (now - since) / 60000, leftMin: 0 };
}

/** End of a stage, where it was pressed or heard, and not undone by another mark. */
export function endOf({ kind }: Stage, step: StepTimeline): Second | null {
  switch (kind) {
    case 'load':
      return known(step.locked);
    case 'warm-up':
      return known(step.hot);
    case 'hold':
      return known(step.over);
    case 'wait':
      // A wait by the clock is cut short when the cook goes on to what ends the next stage.
      return firstOpened(step);
    case 'valve': {
      // A valve that spat and was closed again is still to be opened.
      const last = step.valve.at(-1);
      return last?.opens ? last : null;
    }
    case 'pin':
      return known(step.down);
    case 'lid':
    case 'do':
      return known(step.off);
  }
}

/** When a stage without an end mark was over, ms; null if it is not. */
function passed(
  stage: Stage,
  since: number,
  later: number | null,
  now: number,
  watched: boolean,
): number | null {
  const expected = since + stage.expectMin * 60000;
  if (later !== null) return Math.min(expected, later);
  if (stage.mark === null) return now >= expected ? expected : null;
  if (stage.kind !== 'warm-up' || watched || stage.expectMin <= 0) return null;
  const unsaid = since + (UNSAID_SHARE * stage.expectMin + UNSAID_MIN) * 60000;
  return now >= unsaid ? unsaid : null;
}
