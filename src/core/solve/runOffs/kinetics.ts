/**
 * Yields of runs of bones for any holds, read off one run of the heat model with long ones: warm-ups, releases,
 * and each hold minute by minute. Near enough to search with; what is proposed goes through the model again.
 */
import { bonesModel, type BonesModel, lastBefore, type Model, runModel } from '../../model';
import { setExtractionHold, stepsOf, stretchesOf } from '../../batch/plan';
import type { Batch, Kitchen, Pot } from '../../batch/schema';
import { extractionRate, lossRate } from '../../bones';
import { valueAt } from '../../series';

/** Longest hold looked at, min. */
export const LONGEST_MIN = 480;
/** A probe needs no finer steps than this, s. */
const STEP_S = 30;

/** One kind of bone in a run; tables by whole minutes of the hold. */
interface KindInRun {
  /** Extraction during warm-up and release, as rate times time. */
  readonly before: number;
  readonly after: number;
  /** Share of what is left as the hold begins that is still there after so many minutes. */
  readonly left: readonly number[];
  /** Share of it that is in the liquid by then and still sets. */
  readonly sets: readonly number[];
}

/** One run, but for the length of its hold. */
export interface RunKinetics {
  readonly kinds: readonly KindInRun[];
  /** Loss of set in the hold, 1/min. */
  readonly loss: number;
  /** And in the release, as rate times time. */
  readonly lossAfter: number;
  /** Minutes besides the hold. */
  readonly otherMin: number;
}

export interface Kinetics {
  /** Gelatine of each kind of bone before the first run, g. */
  readonly start: readonly number[];
  readonly mostG: number;
  readonly runs: readonly RunKinetics[];
}

/** Integral of a rate over the samples from one to another. */
function sumOver(
  s: readonly number[],
  from: number,
  to: number,
  perHour: (i: number) => number,
): number {
  let sum = 0;
  for (let i = from + 1; i <= to; i++)
    sum += ((perHour(i) + perHour(i - 1)) * (valueAt(s, i) - valueAt(s, i - 1))) / 7200;
  return sum;
}

/** Extraction from one kind of bone during a hold, minute by minute: thick ones are still warming up. */
function tables(
  s: readonly number[],
  [hot, over]: readonly [number, number],
  perHour: (i: number) => number,
  loss: number,
): Pick<KindInRun, 'left' | 'sets'> {
  const left = [1];
  const sets = [0];
  const kept = Math.exp(-loss);
  let i = hot;
  for (let minute = 1; minute <= LONGEST_MIN; minute++) {
    while (i < over && valueAt(s, i + 1) <= valueAt(s, hot) + 60 * (minute - 0.5)) i++;
    const before = valueAt(left, minute - 1);
    const after = before * Math.exp(-perHour(Math.min(over, i + 1)) / 60);
    left.push(after);
    sets.push(valueAt(sets, minute - 1) * kept + (before - after) * Math.sqrt(kept));
  }
  return { left, sets };
}

function kineticsOf(model: Model, bones: BonesModel): Kinetics | null {
  const { trace, steps: results } = model.heat;
  const steps = stepsOf(model.plan.batch);
  const runs: RunKinetics[] = [];
  for (const { from, to } of stretchesOf(model.plan.batch)) {
    const held = steps.findLastIndex((s, i) => i >= from && i < to && s.kind === 'pressure');
    const result = results[held];
    if (!result?.reached) return null;
    const sample = (seconds: number): number => trace.s.findLastIndex((t) => t <= seconds + 0.5);
    const first = Math.max(0, lastBefore(trace.step, from));
    const hot = sample(result.startS + result.warmUpS);
    const over = sample(result.startS + result.warmUpS + result.holdS);
    const last = lastBefore(trace.step, to);
    const startS = from === 0 ? 0 : (results[from - 1]?.endS ?? 0);
    // Straining between two runs takes time; the last straining does not count.
    const strain = steps.findIndex((s, i) => i > held && s.kind === 'strain');
    const endS =
      strain === to
        ? (results[to]?.endS ?? 0)
        : (results[strain < 0 ? steps.length - 1 : strain - 1]?.endS ?? 0);
    const loss = lossRate(trace.liquidC[over] ?? 20) / 60;
    runs.push({
      kinds: bones.kinds.map(({ bones: { extract }, celsius }) => {
        const rate = (i: number): number => {
          const c = celsius[i] ?? Number.NaN;
          return Number.isFinite(c) ? extractionRate(extract, c) : 0;
        };
        return {
          before: sumOver(trace.s, first, hot, rate),
          after: sumOver(trace.s, over, last, rate),
          ...tables(trace.s, [hot, over], rate, loss),
        };
      }),
      loss,
      lossAfter: sumOver(trace.s, over, last, (i) => lossRate(trace.liquidC[i] ?? 20)),
      otherMin: (endS - startS - result.holdS) / 60,
    });
  }
  return {
    start: bones.kinds.map((k) => k.most - k.bones.givenG),
    mostG: bones.kinds.reduce((sum, k) => sum + k.most, 0),
    runs,
  };
}

/** Probes a plan; null where it has no bones or never comes to pressure. */
export function probeRuns(batch: Batch, pot: Pot, kitchen: Kitchen): Kinetics | null {
  const long = stretchesOf(batch).reduce<Batch>(
    (b, _, run) => setExtractionHold(b, run, LONGEST_MIN),
    batch,
  );
  const model = runModel(long, pot, kitchen, { stepS: STEP_S });
  const bones = bonesModel(model);
  return bones && kineticsOf(model, bones);
}

/**
 * Gelatine that still sets in the broths of all runs together.
 *
 * @param holdsMin one a run, whole minutes, 0 to LONGEST_MIN
 * @returns g
 */
export function yieldOf({ start, runs }: Kinetics, holdsMin: readonly number[]): number {
  const left = [...start];
  return runs.reduce((sum, run, r) => {
    const minutes = valueAt(holdsMin, r);
    let strong = 0;
    run.kinds.forEach((kind, k) => {
      const atStart = valueAt(left, k);
      const hot = atStart * Math.exp(-kind.before);
      const over = hot * valueAt(kind.left, minutes);
      const end = over * Math.exp(-kind.after);
      const inHold =
        (atStart - hot) * Math.exp(-run.loss * minutes) + hot * valueAt(kind.sets, minutes);
      strong += inHold * Math.exp(-run.lossAfter) + (over - end);
      left[k] = end;
    });
    return sum + strong;
  }, 0);
}

/** Minutes from cold to the last straining. */
export function minutesOf({ runs }: Kinetics, holdsMin: readonly number[]): number {
  return runs.reduce((sum, run, r) => sum + run.otherMin + valueAt(holdsMin, r), 0);
}
