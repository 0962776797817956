/** What each release costs and whether it carries liquid up to the valve. */
import { setRelease, type Batch, type Kitchen, type Pot, type Release } from '../batch';
import { thermalProperties } from '../food';
import { foamingClass } from '../fill';
import { USUAL_DUTY } from '../heat';
import { steamFlow, swollenLevel, voidFraction } from '../release';
import { saturationTemperature } from '../water';
import { contentsAt, partsAt, runModel, type Model, type ModelOptions } from './model';
import { itemReports } from './reports';
import { texturesOf } from './texture';
import type { ReleaseOption, ReleaseReport } from './types';

/** A swollen level above this share of the capacity is too near the valve (assumed margin). */
export const SAFE_FRACTION = 0.9;

function duty(release: Release): number {
  if (release.method === 'pulsed') return release.duty ?? USUAL_DUTY;
  return release.method === 'natural' || release.method === 'coldwater' ? 0 : 1;
}

interface AtValve {
  readonly levelL: number;
  readonly foaming: number;
}

function fractionAt(model: Model, at: AtValve, celsius: number, share: number): number {
  const flow = share * steamFlow(celsius, model.air.pressurePa, model.hot.valve);
  const empty = flow > 0 ? voidFraction(celsius, flow, model.hot.surfaceM2, at.foaming) : 0;
  return swollenLevel(at.levelL, empty) / model.pot.capacityL;
}

/** Heat capacity of pot and contents, J/K. */
function capacity(model: Model, step: number): number {
  return model.plan.items
    .filter((item) => item.entersAt <= step && item.leavesAt > step)
    .reduce(
      (sum, item) => sum + (item.massG / 1000) * thermalProperties(item.food.composition, 60).heat,
      model.hot.bodyJPerK,
    );
}

/** Minutes of cooling shut from one temperature to another, all at one temperature. */
function coolingMin(model: Model, step: number, fromC: number, toC: number): number {
  const { ambientC } = model.air;
  const time = capacity(model, step) / model.hot.lossWPerK;
  return (time * Math.log((fromC - ambientC) / (toC - ambientC))) / 60;
}

function shortestWait(model: Model, step: number, at: AtValve, hotC: number): number | null {
  if (fractionAt(model, at, hotC, 1) <= SAFE_FRACTION) return 0;
  const quietC = saturationTemperature(model.air.pressurePa + 3000);
  if (fractionAt(model, at, quietC, 1) > SAFE_FRACTION) return null;
  let safe = quietC;
  let sprays = hotC;
  for (let i = 0; i < 20; i++) {
    const middle = (safe + sprays) / 2;
    if (fractionAt(model, at, middle, 1) > SAFE_FRACTION) sprays = middle;
    else safe = middle;
  }
  // A minute more than the lumped cooling says, since thick pieces keep the liquid warm.
  return Math.ceil(coolingMin(model, step, hotC, safe)) + 1;
}

/** Narrowest opening worth the trouble. */
const LEAST_DUTY = 0.1;

function largestDuty(model: Model, at: AtValve, hotC: number): number | null {
  const safe = (share: number): boolean => fractionAt(model, at, hotC, share) <= SAFE_FRACTION;
  if (safe(1)) return 1;
  if (!safe(LEAST_DUTY)) return null;
  let low = LEAST_DUTY;
  let high = 1;
  for (let i = 0; i < 12; i++) {
    const middle = (low + high) / 2;
    if (safe(middle)) low = middle;
    else high = middle;
  }
  return Math.floor(low * 20) / 20;
}

function advice(waitMin: number | null): string {
  if (waitMin === null) return 'Let the pin drop by itself; do not open the valve.';
  if (waitMin === 0) return 'The valve may be opened at once, standing back.';
  return `Wait ${waitMin} min, then open the valve slowly.`;
}

/** One report for every pressure step that comes to pressure. */
export function releaseReports(model: Model): readonly ReleaseReport[] {
  const { trace, steps } = model.heat;
  return model.plan.steps.flatMap((step, index) => {
    const result = steps[index];
    if (step.kind !== 'pressure' || !result?.reached) return [];
    const opensC = result.valveOpensC;
    const sample = trace.s.findIndex(
      (s, i) =>
        trace.step[i] === index &&
        s >= result.startS + result.warmUpS + result.holdS - 1 &&
        (opensC === null || (trace.liquidC[i] ?? 0) <= opensC + 0.01),
    );
    const parts = partsAt(model, index);
    const at: AtValve = {
      levelL: contentsAt(model, Math.max(0, sample), index, parts).levelL,
      foaming: foamingClass(parts),
    };
    const hotC = saturationTemperature(model.air.pressurePa + step.gaugeKPa * 1000);
    const waitMin = shortestWait(model, index, at, hotC);
    return [
      {
        step: step.id,
        method: step.release.method,
        minutes: result.releaseS / 60,
        steamG: result.releaseSteamKg * 1000,
        swollenFraction: fractionAt(model, at, opensC ?? hotC, duty(step.release)),
        advice: advice(waitMin),
        waitMin,
        duty: largestDuty(model, at, hotC),
        textures: texturesOf(model, index),
      },
    ];
  });
}

/**
 * The ways of letting a step's pressure go side by side, each run through the model.
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
  const first = run({ method: 'natural' });
  if (!first) return [];
  const { waitMin, duty: widest } = first.report;
  const ways: Release[] = [
    { method: 'natural' },
    { method: 'timed', afterMin: waitMin === null || waitMin < 10 ? 10 : waitMin },
    { method: 'quick' },
    // Where the valve may stand open, bursts are a matter of taste.
    { method: 'pulsed', duty: widest === 1 ? USUAL_DUTY : (widest ?? LEAST_DUTY) },
    ...(pot.kind === 'stovetop' ? [{ method: 'coldwater' } as const] : []),
  ];
  return ways.flatMap((release): ReleaseOption[] => {
    const done = release.method === 'natural' ? first : run(release);
    if (!done) return [];
    const { model, report } = done;
    return [
      {
        release,
        minutes: report.minutes,
        totalMin: (model.heat.trace.s.at(-1) ?? 0) / 60,
        steamG: report.steamG,
        swollenFraction: report.swollenFraction,
        safe: report.swollenFraction <= SAFE_FRACTION || duty(release) === 0,
        textures: report.textures,
        verdicts: Object.fromEntries(itemReports(model).map((i) => [i.id, i.verdict])),
      },
    ];
  });
}
