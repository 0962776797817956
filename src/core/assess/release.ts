/** The ways of letting the pressure go side by side, each run through the model. */
import { setRelease } from '../batch/plan';
import type { Batch, Kitchen, Pot } from '../batch/schema';
import { SAFE_CHANCE } from '../guard';
import { USUAL_DUTY } from '../heat';
import { itemReports, type ModelOptions, releaseReports, runModel, tableMin } from '../model';
import { releasesFor, type Release } from '../vocabulary';
import type { ReleaseOption } from './types';

/**
 * The ways of letting a step's pressure go side by side, in the order in which cooks choose, each
 * run through the model.
 *
 * @param step id of a pressure step
 * @returns empty where the step does not come to pressure
 */
export function compareReleases(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  step: string,
  options: ModelOptions = {},
): readonly ReleaseOption[] {
  const run = (release: Release) => {
    const model = runModel(setRelease(batch, step, release), pot, kitchen, options);
    const report = releaseReports(model).find((r) => r.step === step);
    return report && { model, report };
  };
  const natural = run({ method: 'natural' });
  if (!natural) return [];
  const { waitMin, bursts } = natural.report;
  const ways: Release[] = [
    { method: 'quick' },
    { method: 'pulsed', duty: USUAL_DUTY },
    { method: 'timed', afterMin: waitMin === null || waitMin < 10 ? 10 : waitMin },
    { method: 'natural' },
    { method: 'coldwater' },
  ];
  return ways
    .filter((way) => releasesFor(pot.kind).includes(way.method))
    .flatMap((release): ReleaseOption[] => {
      const done = release.method === 'natural' ? natural : run(release);
      if (!done) return [];
      const { model, report } = done;
      const atOnce = release.method === 'quick' ? waitMin === 0 : true;
      const inBursts = release.method === 'pulsed' ? bursts || waitMin === 0 : true;
      return [
        {
          release,
          minutes: report.minutes,
          totalMin: tableMin(model),
          steamG: report.steamG,
          swollenFraction: report.swollenFraction,
          sprayChance: report.sprayChance,
          safe: report.sprayChance < SAFE_CHANCE && atOnce && inBursts,
          textures: report.textures,
          grades: Object.fromEntries(
            itemReports(model).flatMap((i) =>
              i.grade && i.verdict !== 'right' ? [[i.id, i.grade]] : [],
            ),
          ),
        },
      ];
    });
}
