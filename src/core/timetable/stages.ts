/**
 * A cook as the stove sees it: one stage after another, each ended by a mark the cook presses or
 * by the clock. Where a cook stands follows from the marks and the time alone, so that a reload
 * or a closed tab loses nothing.
 */
import {
  poursOf,
  stepsOf,
  type Batch,
  type Mark,
  type MarkKind,
  type PressureStep,
  type Prediction,
  type Step,
} from '../batch';
import { releaseOf, waitOf, type ReleaseMethod } from '../vocabulary';

export type StageKind = 'load' | 'warm-up' | 'hold' | 'wait' | 'valve' | 'pin' | 'lid' | 'do';

export interface Stage {
  readonly id: string;
  readonly step: string;
  readonly stepKind: Step['kind'];
  readonly kind: StageKind;
  /** What ends it: a mark; null when the clock does. */
  readonly mark: MarkKind | null;
  /** How long it should take, min. */
  readonly expectMin: number;
  readonly release: ReleaseMethod | null;
  /** The broth is poured off and the bones stay for another run. */
  readonly pours: boolean;
}

function pressureStages(
  step: PressureStep,
  predicted: Prediction['steps'][number] | undefined,
): readonly Stage[] {
  const release = step.release ?? { method: 'natural' as const };
  const base = { step: step.id, stepKind: step.kind, release: release.method, pours: false };
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
    stage('hold', null, step.holdMin),
    ...(waitMin > 0 ? [stage('wait', null, waitMin)] : []),
    ...(releaseOf(release.method).stove ? [stage('valve', 'valve-opened', 0)] : []),
    stage('pin', 'pin-down', Math.max(0, releaseMin - waitMin)),
    stage('lid', 'lid-off', 0.5),
  ];
}

/** The stages of a batch, in order. */
export function stagesOf(batch: Batch, predicted: Prediction): readonly Stage[] {
  const steps = stepsOf(batch);
  const pours = poursOf(batch, steps);
  return steps.flatMap((step, index) => {
    const foretold = predicted.steps.find((s) => s.id === step.id);
    if (step.kind === 'pressure') return pressureStages(step, foretold);
    return [
      {
        id: `${step.id}:do`,
        step: step.id,
        stepKind: step.kind,
        kind: 'do' as const,
        mark: 'step-done' as const,
        expectMin: foretold?.minutes ?? step.minutes ?? 0,
        release: null,
        pours: pours.includes(index),
      },
    ];
  });
}

export interface Standing {
  /** Index of the stage the cook is in; the number of stages when all are done. */
  readonly index: number;
  /** When that stage began, ms. */
  readonly since: number;
  /** Minutes in it. */
  readonly elapsedMin: number;
  /** Minutes left of what it should take; below zero when it takes longer. */
  readonly leftMin: number;
}

/**
 * Where a cook stands.
 *
 * @param startedAt ms
 * @param now ms, not before the start
 */
export function standing(
  stages: readonly Stage[],
  marks: readonly Mark[],
  startedAt: number,
  now: number,
): Standing {
  let since = startedAt;
  for (let index = 0; index < stages.length; index++) {
    const stage = stages[index] as Stage;
    const end = endOf(stage, marks, since, now);
    if (end === null) {
      const elapsedMin = (now - since) / 60000;
      return { index, since, elapsedMin, leftMin: stage.expectMin - elapsedMin };
    }
    since = end;
  }
  return { index: stages.length, since, elapsedMin: (now - since) / 60000, leftMin: 0 };
}

function endOf(stage: Stage, marks: readonly Mark[], since: number, now: number): number | null {
  // A wait by the clock is cut short when the cook goes on to what ends the next stage.
  const cut =
    stage.kind === 'wait' ? 'valve-opened' : stage.kind === 'hold' ? 'hold-over' : stage.mark;
  const mark = marks.find((m) => m.kind === cut && m.step === stage.step);
  if (mark) return Date.parse(mark.at);
  if (stage.mark !== null) return null;
  const end = since + stage.expectMin * 60000;
  return now >= end ? end : null;
}

/** What really happened in a pressure step, min; null where a mark is missing. */
export interface Happened {
  readonly step: string;
  readonly warmUpMin: number | null;
  readonly releaseMin: number | null;
}

function timeOf(marks: readonly Mark[], kind: MarkKind, step: string): number | null {
  const mark = marks.find((m) => m.kind === kind && m.step === step);
  return mark ? Date.parse(mark.at) : null;
}

/** Reads the real times of every pressure step off the marks. */
export function happened(batch: Batch, marks: readonly Mark[]): readonly Happened[] {
  return stepsOf(batch).flatMap((step) => {
    if (step.kind !== 'pressure') return [];
    const locked = timeOf(marks, 'lid-locked', step.id);
    const hot = timeOf(marks, 'at-pressure', step.id);
    const down = timeOf(marks, 'pin-down', step.id);
    const over =
      timeOf(marks, 'hold-over', step.id) ?? (hot === null ? null : hot + step.holdMin * 60000);
    const between = (a: number | null, b: number | null): number | null =>
      a === null || b === null ? null : (b - a) / 60000;
    return [{ step: step.id, warmUpMin: between(locked, hot), releaseMin: between(over, down) }];
  });
}
