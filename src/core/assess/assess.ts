import type { Batch, Kitchen, Pot } from '../batch/schema';
import { boilingPoint } from '../water';
import type { Draws } from './draws';
import { judgeCourse } from '../guard';
import { findingsOf } from './findings';
import {
  bonesModel,
  bonesReport,
  fillReport,
  finishReport,
  guardedOf,
  hasRuns,
  itemReports,
  releaseReports,
  runModel,
  runOffReport,
  saltReport,
  seriesOf,
  setpointOf,
  stepReports,
  tableMin,
  worstMoment,
} from '../model';
import type { Assessment } from './types';

export interface AssessOptions {
  /** Time step, s: 10 by default; 30 is a coarse answer for a hand on a handle. */
  readonly stepS?: number;
  /** Whether the curves are wanted, for drawing; they are unless this says no. */
  readonly curves?: boolean;
  /** Draws of the same batch: its calls are then by chance. */
  readonly draws?: Draws | null;
}

/**
 * Everything Retort knows about a batch in a pot in a kitchen.
 *
 * @param batch valid (see validateBundle)
 * @returns fill, times, verdicts, release, salt, findings and the trace; pure
 * @throws RangeError for a food or measure that is not in the table
 * @example assess(batch, pot, kitchen).time.totalMin // 124.9
 */
export function assess(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options: AssessOptions = {},
): Assessment {
  const { stepS } = options;
  const model = runModel(batch, pot, kitchen, stepS === undefined ? {} : { stepS });
  const release = releaseReports(model);
  const gelatine = bonesModel(model);
  const bones = gelatine && hasRuns(model, gelatine) ? gelatine : null;
  const series = seriesOf(model, bones, options.curves ?? true);
  const filled = fillReport(model, release);
  const steps = stepReports(model);
  const items = itemReports(model);
  const salt = saltReport(model);
  const setpointC = setpointOf(model);
  const boilC = boilingPoint(kitchen.altitudeM);
  const finish = finishReport(model, boilC, items, gelatine);
  const runs = bones ? bonesReport(model, bones) : [];
  const runOffs = bones ? runOffReport(model, bones, runs, boilC) : null;
  const draws = options.draws ?? null;
  const dangers = judgeCourse(
    guardedOf(model, release, filled.report, draws && draws.risks.unsafe),
  );
  return {
    batch: batch.id,
    pot: pot.id,
    setpointC,
    boilC,
    fill: {
      ...filled.report,
      finishedBrothL: runOffs?.blends.at(-1)?.litres ?? filled.report.finishedBrothL,
      worst: worstMoment(model, series, release),
    },
    time: { totalMin: tableMin(model), endMin: steps.at(-1)?.endMin ?? 0, steps },
    items,
    release,
    bones: runs,
    runOffs,
    salt: { grams: salt.grams, percent: salt.percent },
    finish,
    findings: findingsOf({
      model,
      units: kitchen.units,
      filled,
      items,
      releases: release,
      salt,
      finish,
      bones: runs,
      runOffs,
      setpointC,
      boilC,
      dangers,
      draws,
    }),
    dangers,
    series,
  };
}
