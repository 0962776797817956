/**
 * A batch run many times over what is not known. Bands and chances are counted off the draws, not
 * formulas: 8 times in 10 it lies between the first and the last tenth.
 */
import { quantileSorted } from 'd3-array';
import { stepsOf } from '../batch/plan';
import type { Batch, Kitchen, Pot, Verdict } from '../batch/schema';
import type { GradeName } from '../food';
import { isShort } from '../guard';
import { between, lastOf, valueAt } from '../series';
import { drawUnknowns, seeded, toDraw } from '../unknown';
import {
  fillReport,
  type FillReport,
  foodsOf,
  type ItemReport,
  itemReports,
  type Model,
  type Range,
  releaseReports,
  runModel,
  type StepReport,
  stepReports,
  tableMin,
} from '../model';

/** A draw needs no finer steps than this, s. */
const DRAW_STEP_S = 20;
/** Points of the band. */
const BAND_POINTS = 60;

/** How often a verdict came out, 0 to 1. */
export type Chances = Readonly<Record<Verdict, number>>;

/** How often a thing went wrong that hurts, 0 to 1, by step or item; never where it is missing. */
export interface Risks {
  /** Ran dry and scorched. */
  readonly dry: Readonly<Record<string, number>>;
  /** Never came to its temperature. */
  readonly never: Readonly<Record<string, number>>;
  /** Its centre stayed too cool, or its beans were not boiled for long enough. */
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
    /** Level compared with the lines, L. */
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
}

/** Which draws of a seed are run: from one to before another. */
export interface PartOptions {
  readonly seed: number;
  readonly from: number;
  readonly to: number;
  /** Time step, s; 20 where it is missing. */
  readonly stepS?: number;
  /** Called after each draw with how many of the part are done. */
  readonly onDraw?: (done: number) => void;
}

/** Draws as they came out, in their order. */
export interface DrawnPart {
  /** Minutes at which the curves are read, the same in every part. */
  readonly minutes: readonly number[];
  readonly drawn: readonly Drawn[];
}

function range(values: readonly number[]): Range {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number => quantileSorted(sorted, share) ?? Number.NaN;
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/**
 * Runs some of the draws of a seed. Parts together give the same digits as all at once: a draw is found by
 * drawing the ones before it, which costs nothing beside running one, and all read their curves at the minutes
 * of the first draw.
 *
 * @throws RangeError for a food that is not in the table
 */
export function drawPart(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  { seed, from, to, stepS = DRAW_STEP_S, onDraw }: PartOptions,
): DrawnPart {
  const chance = seeded(seed);
  const items = toDraw(batch, kitchen);
  const drawn: Drawn[] = [];
  let minutes: readonly number[] = [];
  for (let n = 0; n < to; n++) {
    const unknowns = drawUnknowns(pot, items, chance);
    if (n > 0 && n < from) continue;
    const model = runModel(batch, pot, kitchen, { stepS, unknowns });
    if (n === 0) minutes = minutesOf(model);
    if (n < from) continue;
    drawn.push(read(model, minutes));
    onDraw?.(drawn.length);
  }
  return { minutes, drawn };
}

function minutesOf(model: Model): readonly number[] {
  const total = lastOf(model.heat.trace.s) / 60;
  return Array.from({ length: BAND_POINTS }, (_, i) => (1.15 * total * i) / (BAND_POINTS - 1));
}

/** Summary of draws. @param parts of one seed, in their order @returns null for no draws */
export function sumDraws(batch: Batch, parts: readonly DrawnPart[]): Draws | null {
  const drawn = parts.flatMap((part) => part.drawn);
  const minutes = parts[0]?.minutes ?? [];
  return drawn.length > 0 ? summary(drawn, minutes, batch) : null;
}

/**
 * Runs a batch many times over what is not known.
 *
 * @param options how many draws and the seed; the same seed gives the same answer
 * @returns null for no draws
 * @example drawBatch(batch, pot, kitchen, { draws: 20, seed: 1 }).totalMin.p50 // 129.4
 */
export function drawBatch(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  { draws, ...options }: DrawOptions,
): Draws | null {
  return sumDraws(batch, [drawPart(batch, pot, kitchen, { ...options, from: 0, to: draws })]);
}

/** Results kept of one draw. */
export interface Drawn {
  readonly totalMin: number;
  readonly curve: readonly number[];
  readonly steps: readonly Pick<StepReport, 'id' | 'warmUpMin' | 'releaseMin'>[];
  readonly fill: Pick<FillReport, 'worstL' | 'releaseL' | 'finishedBrothL' | 'lineL'>;
  readonly items: readonly Pick<ItemReport, 'id' | 'verdict' | 'grade'>[];
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
  const { report } = fillReport(model, releaseReports(model));
  const { worstL, releaseL, finishedBrothL, lineL } = report;
  return {
    totalMin: tableMin(model),
    curve: minutes.map((minute) => between(s, liquidC, minute * 60)),
    steps: stepReports(model).map(({ id, warmUpMin, releaseMin }) => ({
      id,
      warmUpMin,
      releaseMin,
    })),
    fill: { worstL, releaseL, finishedBrothL, lineL },
    items: items.map(({ id, verdict, grade }) => ({ id, verdict, grade })),
    dry: steps.map((step) => step.scorchedS !== null),
    never: steps.map((step) => !step.reached),
    unsafe: foodsOf(model).map(isShort),
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
