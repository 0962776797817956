/**
 * What is not known, drawn many times: masses, start temperatures, the share of the power that
 * arrives, the losses, what each food needs. Ranges are quantiles of the draws, not formulas.
 */
import type { Batch, Kitchen, Pot, Verdict } from '../batch';
import { runModel, type Model } from './model';
import { seeded } from './random';
import { releaseReports } from './release';
import { fillReport, itemReports, stepReports } from './reports';
import type { FillReport, ItemReport, Range, StepReport } from './types';

/** Standard deviations (assumed; to be learned from the log). */
const SPREAD = { mass: 0.06, startC: 1.5, efficiency: 0.04, loss: 0.15, need: 0.1 };
/** A draw needs no finer steps than this, s. */
const DRAW_STEP_S = 20;
/** Points of the band. */
const BAND_POINTS = 60;

/** How often a verdict came out, 0 to 1. */
export type Chances = Readonly<Record<Verdict, number>>;

export interface Draws {
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
  /** Called after each draw; return false to stop. */
  readonly onDraw?: (done: number) => boolean;
}

/** Quantile of sorted numbers, linear between them. @example quantile([1, 2, 3], 0.5) // 2 */
export function quantile(sorted: readonly number[], q: number): number {
  const at = (sorted.length - 1) * q;
  const low = sorted[Math.floor(at)] ?? Number.NaN;
  const high = sorted[Math.ceil(at)] ?? low;
  return low + (high - low) * (at - Math.floor(at));
}

function range(values: readonly number[]): Range {
  const sorted = [...values].sort((a, b) => a - b);
  return { p10: quantile(sorted, 0.1), p50: quantile(sorted, 0.5), p90: quantile(sorted, 0.9) };
}

/** Temperature at a minute of a trace, linear between samples; the last one after its end. */
function temperatureAt(
  s: readonly number[],
  t: readonly number[],
  minute: number,
  from: number,
): [number, number] {
  let i = from;
  while (i < s.length - 1 && (s[i + 1] ?? 0) < minute * 60) i++;
  const a = s[i] ?? 0;
  const b = s[i + 1] ?? a;
  const share = b > a ? Math.min(1, Math.max(0, (minute * 60 - a) / (b - a))) : 0;
  const low = t[i] ?? Number.NaN;
  return [low + share * ((t[i + 1] ?? low) - low), i];
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
  const normal = seeded(options.seed);
  const drawn: Drawn[] = [];
  let minutes: readonly number[] = [];
  for (let n = 0; n < options.draws; n++) {
    const model = runModel(batch, pot, kitchen, {
      stepS: DRAW_STEP_S,
      vary: {
        mass: () => Math.exp(SPREAD.mass * normal()),
        startC: () => SPREAD.startC * normal(),
        efficiency: Math.exp(SPREAD.efficiency * normal()),
        loss: Math.exp(SPREAD.loss * normal()),
        need: () => Math.exp(SPREAD.need * normal()),
      },
    });
    if (minutes.length === 0) {
      const total = (model.heat.trace.s.at(-1) ?? 0) / 60;
      minutes = Array.from(
        { length: BAND_POINTS },
        (_, i) => (1.15 * total * i) / (BAND_POINTS - 1),
      );
    }
    drawn.push(read(model, minutes));
    if (options.onDraw && !options.onDraw(n + 1)) break;
  }
  if (drawn.length < Math.min(10, options.draws)) return null;
  return summary(drawn, minutes);
}

/** What is kept of one draw. */
interface Drawn {
  readonly totalMin: number;
  readonly curve: readonly number[];
  readonly steps: readonly StepReport[];
  readonly fill: FillReport;
  readonly items: readonly ItemReport[];
}

function read(model: Model, minutes: readonly number[]): Drawn {
  const { s, liquidC } = model.heat.trace;
  let at = 0;
  return {
    totalMin: (s.at(-1) ?? 0) / 60,
    curve: minutes.map((minute) => {
      const [t, next] = temperatureAt(s, liquidC, minute, at);
      at = next;
      return t;
    }),
    steps: stepReports(model),
    fill: fillReport(model, releaseReports(model)).report,
    items: itemReports(model),
  };
}

function summary(drawn: readonly Drawn[], minutes: readonly number[]): Draws {
  const over = (value: (d: Drawn) => number): Range => range(drawn.map(value));
  const share = (is: (d: Drawn) => boolean): number => drawn.filter(is).length / drawn.length;
  const bands = minutes.map((_, i) => over((d) => d.curve[i] ?? 0));
  const [first] = drawn;
  return {
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
    verdicts: Object.fromEntries(
      (first?.items ?? []).map(({ id }, i) => {
        const often = (verdict: Verdict): number => share((d) => d.items[i]?.verdict === verdict);
        return [id, { under: often('under'), right: often('right'), over: often('over') }];
      }),
    ),
    band: { minute: minutes, p10: bands.map((b) => b.p10), p90: bands.map((b) => b.p90) },
  };
}
