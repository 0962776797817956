/** Costs of each release, and its chance of liquid at the valve. */
import { valueAt, isIn } from '../series';
import { releaseOf } from '../vocabulary';
import { capital, thermalProperties } from '../food';
import { foamingClass, levels, linesOf, type Part } from '../fill';
import { FALLEN_MIN, frothyAmong, HALF_FULL, SAFE_CHANCE } from '../guard';
import { COLD_WATER_W_PER_K } from '../heat';
import { chanceOfLiquid, swollenAt, type AtValve, type Doubt } from '../release';
import { COOK_SPREAD, ITEM_SPREAD, valveDoubt } from '../unknown';
import { saturationTemperature } from '../water';
import { texturesOf } from './carryOver';
import type { Model } from './model';
import { contentsAt, partsAt } from './read';
import type { ReleaseReport } from './types';

/** Foaming class from which starch makes a stable foam. */
const STARCHY = 3;
/** A pot above its line is left alone for so long at the least, min (assumed). */
const OVERFULL_MIN = 10;

/** A pressure step as its valve is about to be opened. */
interface Opening {
  readonly at: AtValve;
  readonly doubt: Doubt;
  /** Above the line that counts, or starchy above half: never at once. */
  readonly tooFull: boolean;
  readonly starchyAboveHalf: boolean;
  /** Holds what froths whatever its level. */
  readonly froths: boolean;
  readonly hotC: number;
}

/** How well the level is known: the whole fill, and every ingredient by its share. */
function levelDoubt(parts: readonly Part[]): number {
  const total = parts.reduce((sum, p) => sum + p.massKg, 0) || 1;
  const own = parts.reduce((sum, p) => sum + (p.massKg / total) ** 2, 0);
  return Math.hypot(COOK_SPREAD.fill, ITEM_SPREAD.mass * Math.sqrt(own));
}

/** Foods in the pot during a step, by the cook's names. */
function saidAt({ plan }: Model, index: number) {
  return plan.items.filter((item) => isIn(item, index));
}

function openingOf(model: Model, index: number, hotC: number): Opening {
  const { trace, steps } = model.heat;
  const result = steps[index];
  const opensC = result?.valveOpensC ?? null;
  const over = (result?.startS ?? 0) + (result?.warmUpS ?? 0) + (result?.holdS ?? 0);
  const sample = trace.s.findIndex(
    (s, i) =>
      trace.step[i] === index &&
      s >= over - 1 &&
      (opensC === null || valueAt(trace.liquidC, i) <= opensC + 0.01),
  );
  const { pot, vessel, air } = model;
  const parts = partsAt(model, index);
  const { worstL } = levels(parts, hotC);
  const foaming = foamingClass(parts);
  const starchyAboveHalf = foaming >= STARCHY && worstL > HALF_FULL * pot.capacityL + 1e-6;
  return {
    at: {
      level: contentsAt(model, Math.max(0, sample), index, parts).levelL / pot.capacityL,
      foaming,
      surfaceM2: vessel.surfaceM2,
      valve: vessel.lid.valve,
      outsidePa: air.pressurePa,
      coldWaterWPerK: COLD_WATER_W_PER_K,
    },
    doubt: {
      level: levelDoubt(parts),
      valve: valveDoubt(pot),
    },
    tooFull: starchyAboveHalf || worstL > linesOf(pot, parts).lineL + 1e-6,
    starchyAboveHalf,
    froths: frothyAmong(saidAt(model, index)).length > 0,
    hotC,
  };
}

/** Heat capacity of pot and contents, J/K. */
function capacity(model: Model, step: number): number {
  return model.plan.items
    .filter((item) => isIn(item, step))
    .reduce(
      (sum, item) => sum + (item.massG / 1000) * thermalProperties(item.food.composition, 60).heat,
      model.vessel.bodyJPerK,
    );
}

/** Minutes of cooling shut from one temperature to another, all at one temperature. */
function coolingMin(model: Model, step: number, fromC: number, toC: number): number {
  const { ambientC } = model.air;
  const time = capacity(model, step) / model.vessel.lossWPerK;
  return (time * Math.log((fromC - ambientC) / (toC - ambientC))) / 60;
}

function shortestWait(model: Model, step: number, opening: Opening): number | null {
  const { at, doubt, hotC, tooFull, froths } = opening;
  const safe = (celsius: number): boolean =>
    chanceOfLiquid(at, celsius, 'open', doubt) < SAFE_CHANCE;
  const least = Math.max(tooFull ? OVERFULL_MIN : 0, froths ? FALLEN_MIN : 0);
  if (safe(hotC)) return least;
  const quietC = saturationTemperature(model.air.pressurePa + 3000);
  if (!safe(quietC)) return null;
  let low = quietC;
  let high = hotC;
  for (let i = 0; i < 8; i++) {
    const middle = (low + high) / 2;
    if (safe(middle)) low = middle;
    else high = middle;
  }
  // A minute more than the lumped cooling says, since thick pieces keep the liquid warm.
  return Math.max(least, Math.ceil(coolingMin(model, step, hotC, low)) + 1);
}

/** In the order in which cooks choose: at once, in bursts, after a wait, when it has dropped. */
function advice(waitMin: number | null, bursts: boolean): string {
  if (waitMin === 0) return 'The valve can be opened right away, standing back.';
  const wait =
    waitMin === null
      ? 'let the pin drop by itself'
      : `wait ${waitMin} min, then open the valve slowly`;
  if (bursts)
    return `Open it in short bursts, if its manual allows it, and stop when it spits; or ${wait}.`;
  return waitMin === null
    ? 'Let the pin drop by itself; do not open the valve.'
    : `${capital(wait)}.`;
}

/**
 * One report for every pressure step that comes to pressure.
 *
 * @example releaseReports(runModel(batch, pot, kitchen))[0].minutes // 28.1
 */
export function releaseReports(model: Model): readonly ReleaseReport[] {
  return model.plan.steps.flatMap((step, index): ReleaseReport[] => {
    const result = model.heat.steps[index];
    if (step.kind !== 'pressure' || !result?.reached) return [];
    const hotC = saturationTemperature(model.air.pressurePa + step.gaugeKPa * 1000);
    const opening = openingOf(model, index, hotC);
    const { at, doubt } = opening;
    const tooFull = opening.tooFull || opening.froths;
    const how = releaseOf(step.release.method).lets;
    const opensC = result.valveOpensC ?? hotC;
    const waitMin = shortestWait(model, index, opening);
    const burstsChance = chanceOfLiquid(at, hotC, 'bursts', doubt);
    return [
      {
        step: step.id,
        method: step.release.method,
        minutes: result.releaseS / 60,
        steamG: result.releaseSteamKg * 1000,
        swollenFraction: how ? swollenAt(at, opensC, how) : at.level,
        sprayChance: how ? chanceOfLiquid(at, opensC, how, doubt) : 0,
        // A cook who cannot wait opens the pot anyway; its level is known in advance.
        foamAboveHalf: opening.starchyAboveHalf && how !== null && opensC > hotC - 1,
        advice: advice(waitMin, !tooFull && burstsChance < SAFE_CHANCE),
        waitMin,
        bursts: !tooFull && burstsChance < SAFE_CHANCE,
        textures: texturesOf(model, index),
      },
    ];
  });
}
