/**
 * A cook as the stove sees it: one stage after another, each ended by a mark the cook presses or
 * by the clock. Where a cook stands follows from the marks and the time alone, so that a reload
 * or a closed tab loses nothing.
 */
import { poursOf, stepsOf } from '../batch/plan';
import type { Batch, Mark, MarkKind, PressureStep, Prediction, Step } from '../batch/schema';
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

/** Nobody said that it is at pressure: so long after it was foretold it is taken for it (assumed). */
const UNSAID_SHARE = 1.25;
const UNSAID_MIN = 3;

/** A pot that speaks for itself is not taken to be anywhere before it says so. */
export interface StandingOptions {
  readonly watched?: boolean;
}

/**
 * Where a cook stands. What was not marked is taken from what was marked later, and where nothing was,
 * from the plan: a cook who presses hardly anything is led on all the same.
 *
 * @param startedAt ms
 * @param now ms, not before the start
 */
export function standing(
  stages: readonly Stage[],
  marks: readonly Mark[],
  startedAt: number,
  now: number,
  { watched = false }: StandingOptions = {},
): Standing {
  const said = stages.map((stage) => endMark(stage, marks));
  let since = startedAt;
  for (let index = 0; index < stages.length; index++) {
    const stage = stages[index] as Stage;
    const own = said[index] ?? null;
    const later = said.slice(index + 1).find((at) => at !== null && at >= since) ?? null;
    const end = own ?? passed(stage, since, later, now, watched);
    if (end === null) {
      const elapsedMin = (now - since) / 60000;
      return { index, since, elapsedMin, leftMin: stage.expectMin - elapsedMin };
    }
    since = Math.max(since, end);
  }
  return { index: stages.length, since, elapsedMin: (now - since) / 60000, leftMin: 0 };
}

/** When the mark that ends a stage was pressed, ms; null where it was not, or is undone by another. */
function endMark(stage: Stage, marks: readonly Mark[]): number | null {
  // A wait by the clock is cut short when the cook goes on to what ends the next stage.
  const cut =
    stage.kind === 'wait' ? 'valve-opened' : stage.kind === 'hold' ? 'hold-over' : stage.mark;
  const own = marks.filter((m) => m.step === stage.step);
  // A valve that spat and was closed again is still to be opened.
  if (stage.kind === 'valve') {
    const last = own
      .filter((m) => m.kind === 'valve-opened' || m.kind === 'valve-closed')
      .toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at))
      .at(-1);
    return last?.kind === 'valve-opened' ? Date.parse(last.at) : null;
  }
  const mark = own.find((m) => m.kind === cut);
  return mark ? Date.parse(mark.at) : null;
}

/** When a stage that nobody ended was over, ms; null where it is not. */
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
