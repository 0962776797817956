/**
 * A batch run many times over what is not known. Bands and chances are counted off the draws, not
 * formulas: 8 times in 10 it lies between the first and the last tenth.
 */
import { quantileSorted } from 'd3-array';
import { stepsOf } from '../batch/plan';
import type { Batch, Kitchen, Pot, Verdict } from '../batch/schema';
import type { GradeName } from '../food';
import { between, lastOf, valueAt } from '../series';
import { drawUnknowns, seeded, toDraw } from '../unknown';
import {
  boiledMin,
  fillReport,
  type FillReport,
  type ItemReport,
  itemReports,
  KIDNEY_MIN,
  type Model,
  type Range,
  runModel,
  safeCentreC,
  type StepReport,
  stepReports,
  tableMin,
} from '../model';
import { releaseReports } from './release';

/** A draw needs no finer steps than this, s. */
const DRAW_STEP_S = 20;
/** Points of the band. */
const BAND_POINTS = 60;
/** Fewer draws than this say nothing. */
const LEAST_DRAWS = 10;

/** How often a verdict came out, 0 to 1. */
export type Chances = Readonly<Record<Verdict, number>>;

/** How often a thing went wrong that hurts, 0 to 1, by step or item; never where it is missing. */
export interface Risks {
  /** Ran dry and scorched. */
  readonly dry: Readonly<Record<string, number>>;
  /** Never came to its temperature. */
  readonly never: Readonly<Record<string, number>>;
  /** Its centre stayed below what is safe, or kidney beans were not boiled for long enough. */
  readonly unsafe: Readonly<Record<string, number>>;
}

export interface Draws {
  readonly draws: number;
  readonly totalMin: Range;
  readonly steps: readonly {
    readonly id: string;
    readonly warmUpMin: Range;
    readonly releaseMin: Range;
  }[];
  readonly fill: {
    /** What is held against the lines, L. */
    readonly worstL: Range;
    /** With the swell at the valve, L. */
    readonly releaseL: Range;
    readonly finishedBrothL: Range;
    /** How often it stays under the line that counts, 0 to 1. */
    readonly fits: number;
  };
  readonly verdicts: Readonly<Record<string, Chances>>;
  /** How often each grade came out, 0 to 1. */
  readonly grades: Readonly<Record<string, Readonly<Partial<Record<GradeName, number>>>>>;
  readonly risks: Risks;
  /** Liquid temperature over the time of the plan: 10 and 90 %. */
  readonly band: {
    readonly minute: readonly number[];
    readonly p10: readonly number[];
    readonly p90: readonly number[];
  };
}

export interface DrawOptions {
  readonly draws: number;
  readonly seed: number;
  /** Time step, s; 20 where it is missing. */
  readonly stepS?: number;
  /** Called after each draw; return false to stop. */
  readonly onDraw?: (done: number) => boolean;
}

function range(values: readonly number[]): Range {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number => quantileSorted(sorted, share) ?? Number.NaN;
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/**
 * Runs a batch many times over what is not known.
 *
 * @param options how many draws and the seed; the same seed gives the same answer
 * @returns null when stopped before the tenth draw
 */
export function drawBatch(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options: DrawOptions,
): Draws | null {
  const chance = seeded(options.seed);
  const items = toDraw(batch, kitchen);
  const drawn: Drawn[] = [];
  let minutes: readonly number[] = [];
  for (let n = 0; n < options.draws; n++) {
    const model = runModel(batch, pot, kitchen, {
      stepS: options.stepS ?? DRAW_STEP_S,
      unknowns: drawUnknowns(pot, items, chance),
    });
    if (minutes.length === 0) {
      const total = lastOf(model.heat.trace.s) / 60;
      minutes = Array.from(
        { length: BAND_POINTS },
        (_, i) => (1.15 * total * i) / (BAND_POINTS - 1),
      );
    }
    drawn.push(read(model, minutes));
    if (options.onDraw && !options.onDraw(n + 1)) break;
  }
  if (drawn.length < Math.min(LEAST_DRAWS, options.draws)) return null;
  return summary(drawn, minutes, batch);
}

/** What is kept of one draw. */
interface Drawn {
  readonly totalMin: number;
  readonly curve: readonly number[];
  readonly steps: readonly StepReport[];
  readonly fill: FillReport;
  readonly items: readonly ItemReport[];
  /** By index of step. */
  readonly dry: readonly boolean[];
  readonly never: readonly boolean[];
  /** By index of item. */
  readonly unsafe: readonly boolean[];
}

function read(model: Model, minutes: readonly number[]): Drawn {
  const { s, liquidC } = model.heat.trace;
  const { steps } = model.heat;
  const items = itemReports(model);
  return {
    totalMin: tableMin(model),
    curve: minutes.map((minute) => between(s, liquidC, minute * 60)),
    steps: stepReports(model),
    fill: fillReport(model, releaseReports(model)).report,
    items,
    dry: steps.map((step) => step.scorchedS !== null),
    never: steps.map((step) => !step.reached),
    unsafe: model.plan.items.map(({ id, food, apart }, i) => {
      const item = items[i];
      if (!item || apart) return false;
      if (food.safety === 'kidney-bean') return boiledMin(model, id) < KIDNEY_MIN;
      const safeC = safeCentreC(food);
      return safeC !== null && item.centreC !== null && item.centreC < safeC;
    }),
  };
}

function summary(drawn: readonly Drawn[], minutes: readonly number[], batch: Batch): Draws {
  const over = (value: (d: Drawn) => number): Range => range(drawn.map(value));
  const share = (is: (d: Drawn) => boolean): number => drawn.filter(is).length / drawn.length;
  const bands = minutes.map((_, i) => over((d) => valueAt(d.curve, i)));
  const [first] = drawn;
  const items = first?.items ?? [];
  const steps = stepsOf(batch);
  const byItem = <T>(value: (i: number) => T): Readonly<Record<string, T>> =>
    Object.fromEntries(items.map(({ id }, i) => [id, value(i)]));
  const often = (
    ids: readonly string[],
    is: (d: Drawn, i: number) => boolean | undefined,
  ): Readonly<Record<string, number>> =>
    Object.fromEntries(
      ids.map((id, i) => [id, share((d) => is(d, i) ?? false)] as const).filter(([, n]) => n > 0),
    );
  const stepIds = steps.map((s) => s.id);
  return {
    draws: drawn.length,
    totalMin: over((d) => d.totalMin),
    steps: (first?.steps ?? []).map(({ id }, i) => ({
      id,
      warmUpMin: over((d) => d.steps[i]?.warmUpMin ?? 0),
      releaseMin: over((d) => d.steps[i]?.releaseMin ?? 0),
    })),
    fill: {
      worstL: over((d) => d.fill.worstL),
      releaseL: over((d) => d.fill.releaseL),
      finishedBrothL: over((d) => d.fill.finishedBrothL),
      fits: share((d) => d.fill.worstL <= d.fill.lineL),
    },
    verdicts: byItem((i) => {
      const verdict = (v: Verdict): number => share((d) => d.items[i]?.verdict === v);
      return { under: verdict('under'), right: verdict('right'), over: verdict('over') };
    }),
    grades: byItem((i) => {
      const counts: Partial<Record<GradeName, number>> = {};
      for (const d of drawn) {
        const grade = d.items[i]?.grade;
        if (grade) counts[grade] = (counts[grade] ?? 0) + 1 / drawn.length;
      }
      return counts;
    }),
    risks: {
      dry: often(stepIds, (d, i) => d.dry[i]),
      never: often(stepIds, (d, i) => d.never[i]),
      unsafe: often(
        items.map((i) => i.id),
        (d, i) => d.unsafe[i],
      ),
    },
    band: { minute: minutes, p10: bands.map((b) => b.p10), p90: bands.map((b) => b.p90) },
  };
}
