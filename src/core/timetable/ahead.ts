/**
 * Next moves of hands in running cooks: at the pot by its stages, and beside it by the tasks alongside. Several
 * cooks at once are one list by the clock.
 */
import { anchorStep, stepsOf } from '../batch/plan';
import type { Batch, Task } from '../batch/schema';
import type { Units } from '../quantity';
import type { Stage, StageKind, Standing, Timeline } from '../cook';
import { heatedFor } from './elsewhere';
import { wordsOf } from './words';

/** When each stage begins, ms; what is late already begins now. */
export function beginsOf(stages: readonly Stage[], at: Standing, now: number): readonly number[] {
  let from = now + Math.max(0, at.leftMin) * 60_000;
  return stages.map((stage, i) => {
    if (i <= at.index) return at.since;
    const begin = from;
    from += stage.expectMin * 60_000;
    return begin;
  });
}

/** Moves that need hands; the rest runs by itself. */
const HANDS: ReadonlySet<StageKind> = new Set(['load', 'valve', 'lid', 'do']);

export type AheadKind = 'pot' | 'begin' | 'ready' | 'table';

/** A move to come. */
export interface Ahead {
  readonly id: string;
  readonly kind: AheadKind;
  /** ms; not after now where it is due */
  readonly at: number;
  readonly words: string;
  /** Of the pot. */
  readonly stage?: StageKind;
  /** Tasks alongside that begin or are ready. */
  readonly task?: string;
}

/** Time of a task's anchor at the cook's present state, ms. */
function anchorAt(
  plan: Batch,
  task: Task,
  stages: readonly Stage[],
  begins: readonly number[],
  tableAt: number,
): number {
  const step = anchorStep(plan, task);
  if (step === null) return tableAt;
  const kind: StageKind = task.ready === 'lid' ? 'load' : 'lid';
  const index = stages.findIndex((s) => s.step === step && s.kind === kind);
  // The lid goes on when loading ends, and is off when the stage of the lid does.
  return index < 0 ? tableAt : (begins[index + 1] ?? tableAt);
}

/** Something done beside the pot, and when it is to be ready, ms. */
interface Beside {
  readonly id: string;
  readonly words: string;
  readonly minutes: number;
  readonly readyAt: number;
}

/** Foods heated in other vessels for a step that has not begun. */
function heatedBeside(
  plan: Batch,
  stages: readonly Stage[],
  at: Standing,
  begins: readonly number[],
  units: Units,
): readonly Beside[] {
  return stepsOf(plan).flatMap(({ id: step }) => {
    const index = stages.findIndex((stage) => stage.step === step);
    const readyAt = begins[index];
    if (index <= at.index || readyAt === undefined) return [];
    return heatedFor(plan, step, units).map(({ item, sentences, minutes }) => {
      const words = sentences.map((sentence) => sentence.replace(/\.$/, '')).join(', ');
      return { id: `${item.id} for ${step}`, words, minutes, readyAt };
    });
  });
}

/**
 * Every move of hands to come, in the order of the clock.
 *
 * @param startedAt ms, from which the timeline counts
 * @param now ms of the cook's own clock
 */
export function aheadOf(
  { plan, tasks }: Pick<Timeline, 'plan' | 'tasks'>,
  stages: readonly Stage[],
  at: Standing,
  startedAt: number,
  now: number,
  units: Units,
): readonly Ahead[] {
  const begins = beginsOf(stages, at, now);
  const last = stages.length - 1;
  const tableAt =
    at.index > last
      ? now
      : at.index === last
        ? now + Math.max(0, at.leftMin) * 60_000
        : (begins[last] ?? now) + (stages[last]?.expectMin ?? 0) * 60_000;
  const pot = stages.flatMap((stage, i): readonly Ahead[] => {
    const heatOff = stage.kind === 'hold' && stage.mark !== null;
    if (i < at.index || !(HANDS.has(stage.kind) || heatOff)) return [];
    const { title: named, press } = wordsOf(stage, units);
    const title = heatOff && press ? press : named;
    // A task with minutes of its own is due when they are over.
    const comesAt = (begins[i] ?? now) + (heatOff ? stage.expectMin * 60_000 : 0);
    const due = i === at.index ? now + Math.max(0, at.leftMin) * 60_000 : comesAt;
    return [{ id: stage.id, kind: 'pot', at: due, words: title, stage: stage.kind }];
  });
  const asked = (plan.alongside ?? []).map((task): Beside => {
    const { id, minutes, words } = task;
    return { id, minutes, words, readyAt: anchorAt(plan, task, stages, begins, tableAt) };
  });
  const all = [...asked, ...heatedBeside(plan, stages, at, begins, units)];
  const beside = all.flatMap((one): readonly Ahead[] => {
    const { begunS = null, doneS = null } = tasks[one.id] ?? {};
    if (doneS !== null) return [];
    const begunAt = begunS === null ? null : startedAt + begunS * 1000;
    const takesMs = one.minutes * 60_000;
    const readyAt = begunAt === null ? one.readyAt : begunAt + takesMs;
    const ready: Ahead = {
      id: `${one.id}:ready`,
      kind: 'ready',
      at: readyAt,
      words: `${one.words}: ready`,
      task: one.id,
    };
    if (begunAt !== null) return [ready];
    return [
      {
        id: `${one.id}:begin`,
        kind: 'begin',
        at: readyAt - takesMs,
        words: `${one.words}: begin`,
        task: one.id,
      },
    ];
  });
  const table: Ahead = { id: 'table', kind: 'table', at: tableAt, words: 'Serve' };
  return [...pot, ...beside, table].sort((a, b) => a.at - b.at);
}

/** Hands cannot be at two valves within so long, min. */
export const CLASH_MIN = 2;

/** A move, and whose it is. */
export interface OwnedMove {
  readonly owner: string;
  readonly at: number;
}

/** Pairs of moves of different owners that come too near each other, the earlier one first. */
export function clashesOf<T extends OwnedMove>(moves: readonly T[]): readonly (readonly [T, T])[] {
  const sorted = moves.toSorted((a, b) => a.at - b.at);
  return sorted.flatMap((first, i) =>
    sorted
      .slice(i + 1)
      .filter((next) => next.owner !== first.owner && next.at - first.at < CLASH_MIN * 60_000)
      .map((next) => [first, next] as const),
  );
}
