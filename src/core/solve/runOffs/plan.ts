/**
 * How many runs, how long and with how much water: for each number of runs the holds are searched
 * in the tables of a probe, the water set to what is wanted or fits, and the result run through
 * the model.
 */
import { setName } from '../../vocabulary';
import { assess, isStop, type Assessment } from '../../assess';
import {
  foodOf,
  extractionWaterL,
  setExtractionHold,
  setExtractionWater,
  withExtractions,
} from '../../batch/plan';
import { SETS, type Aim, type Batch, type Kitchen, type Pot } from '../../batch/schema';
import { SET_FROM } from '../../bones';
import { formatLevel, formatMinutes, formatStrength, type Units } from '../../quantity';
import { LONGEST_MIN, minutesOf, probeRuns, yieldOf, type Kinetics } from './kinetics';
import type { RunOffOption, RunOffSolution } from './types';

/** Holds are searched in these strides, min; the last is what a cook sets. */
const STRIDES = [60, 20, 5];
const LEAST_MIN = 10;
const USUAL_MIN = 60;
/** Most runs considered. */
const MOST_RUNS = 4;
/** Without a set to reach: ten minutes more are worth it for this share of all there is (assumed). */
const WORTH = 0.01;
/** A search in tables may be off by a little; so much is asked on top. */
const SURE = 1.02;
/** How often a plan is looked at again after the model has spoken. */
const PASSES = 3;
/** Weights of what must not be missed, in hours. */
const MISSED_SET = 300;
const MISSED_TIME = 1000;

interface Search {
  readonly kinetics: Kinetics;
  readonly hours: number;
  /** Broth of all runs, L. */
  readonly litres: number;
  readonly targetGPerL: number | null;
}

/** Hours that a choice of holds costs; less is better. */
function costOf(
  { kinetics, hours: most, litres, targetGPerL }: Search,
  holds: readonly number[],
): number {
  const hours = minutesOf(kinetics, holds) / 60;
  const strongG = yieldOf(kinetics, holds);
  const late = MISSED_TIME * Math.max(0, hours - most);
  if (targetGPerL === null) return hours + late - strongG / kinetics.mostG / (6 * WORTH);
  return hours + late + MISSED_SET * Math.max(0, 1 - strongG / (targetGPerL * litres));
}

/** Pattern search: one hold longer or shorter, or minutes from one run given to another. */
function bestHolds(search: Search): readonly number[] {
  const runs = search.kinetics.runs.length;
  let holds: readonly number[] = search.kinetics.runs.map(() => USUAL_MIN);
  let cost = costOf(search, holds);
  const clamp = (minutes: number): number => Math.min(LONGEST_MIN, Math.max(LEAST_MIN, minutes));
  for (const stride of STRIDES) {
    for (let better = true; better;) {
      better = false;
      for (let i = 0; i < runs; i++)
        for (let j = -1; j < runs; j++)
          for (const by of [stride, -stride]) {
            const tried = holds.map((h, n) => {
              if (n === i) return clamp(h + by);
              return n === j ? clamp(h - by) : h;
            });
            const costs = costOf(search, tried);
            if (costs < cost - 1e-9) {
              holds = tried;
              cost = costs;
              better = true;
            }
          }
    }
  }
  return holds;
}

/** Least and most water of a run: what covers the bones, and what the line allows, L. */
function waterLimits(batch: Batch, pot: Pot, kitchen: Kitchen) {
  const { fill } = assess(batch, pot, kitchen, { stepS: 30 });
  const now = extractionWaterL(batch, 0);
  const most = now + fill.waterToLineL;
  const covering = now + fill.heapL - fill.liquidL;
  return { least: Math.min(most, Math.max(pot.minLiquidL, covering)), most };
}

function withWater(batch: Batch, runs: number, litres: number): Batch {
  let next = batch;
  for (let run = 0; run < runs; run++)
    next = setExtractionWater(next, run, Number(litres.toFixed(2)));
  return next;
}

function missesOf(aim: Aim, a: Assessment, units: Units): readonly string[] {
  const whole = a.runOffs?.blends.at(-1);
  if (!whole) return ['there are no bones in it'];
  const misses: string[] = [];
  if (aim.set && SETS.indexOf(whole.set) < SETS.indexOf(aim.set))
    misses.push(
      `${formatStrength(whole.gPerL, units)}: ${setName(whole.set)}, not ${setName(aim.set)}`,
    );
  // A tenth of a litre is what a line can be read to.
  if (aim.litres !== undefined && whole.litres < aim.litres - 0.1)
    misses.push(`${formatLevel(whole.litres, units)}, not ${formatLevel(aim.litres, units)}`);
  const total = a.bones.at(-1)?.endMin ?? a.time.totalMin;
  if (aim.hours !== undefined && total > 60 * aim.hours + 2)
    misses.push(`${formatMinutes(total)}, not ${formatMinutes(60 * aim.hours)}`);
  for (const f of a.findings) if (isStop(f)) misses.push(f.title.toLowerCase());
  return misses;
}

interface Asked {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly aim: Aim;
}

/** The best of a number of runs with a given water each. */
function tryWater(asked: Asked, runs: number, litres: number): RunOffOption | null {
  const { pot, kitchen, aim } = asked;
  const base = withWater(withExtractions(asked.batch, runs), runs, litres);
  const kinetics = probeRuns(base, pot, kitchen);
  if (!kinetics) return null;
  // The holds hardly change how much broth there is.
  const broth = assess(base, pot, kitchen, { stepS: 30 }).runOffs?.blends.at(-1)?.litres;
  let target = aim.set && SET_FROM[aim.set] > 0 ? SET_FROM[aim.set] * SURE : null;
  let hours = aim.hours;
  for (let pass = 0; ; pass++) {
    const holdsMin = bestHolds({
      kinetics,
      hours: hours ?? Infinity,
      litres: broth ?? litres * runs,
      targetGPerL: target,
    });
    const batch: Batch = holdsMin.reduce((b, hold, run) => setExtractionHold(b, run, hold), base);
    const a = assess(batch, pot, kitchen);
    const whole = a.runOffs?.blends.at(-1);
    if (!whole) return null;
    const totalMin = a.bones.at(-1)?.endMin ?? a.time.totalMin;
    // Asks for more where the tables were a little short.
    const short = target === null || !aim.set ? 0 : SET_FROM[aim.set] / whole.gPerL - 1;
    const late = hours === undefined || !aim.hours ? 0 : totalMin / 60 - aim.hours;
    if (pass < PASSES && ((short > 0 && short < 0.2) || (late > 0 && late < 0.5))) {
      if (short > 0 && target !== null) target *= 1 + short + 0.005;
      if (late > 0 && hours !== undefined) hours -= late;
      continue;
    }
    return {
      runs,
      batch: { ...batch, aim },
      holdsMin,
      waterL: litres,
      totalMin,
      litres: whole.litres,
      gPerL: whole.gPerL,
      set: whole.set,
      fuelKWh: a.bones.reduce((sum, r) => sum + r.fuelKWh, 0),
      misses: missesOf(aim, a, kitchen.units),
    };
  }
}

/** Fewest misses, then least time with the hands' time of an opening counted. */
const OPENING_MIN = 15;
function better(a: RunOffOption, b: RunOffOption, aim: Aim): boolean {
  if (a.misses.length !== b.misses.length) return a.misses.length < b.misses.length;
  // With nothing to reach, more broth of the same bones is what another run is for.
  if (!aim.set && aim.litres === undefined) return a.gPerL * a.litres > 1.1 * b.gPerL * b.litres;
  if (a.misses.length > 0) return a.gPerL * a.litres > b.gPerL * b.litres;
  return a.totalMin + OPENING_MIN * a.runs < b.totalMin + OPENING_MIN * b.runs;
}

/** Water to try for a number of runs, the most broth first, L a run. */
function waters(asked: Asked, runs: number, least: number, most: number): readonly number[] {
  const { batch, aim } = asked;
  const now = extractionWaterL(batch, 0);
  const kept = Math.min(most, Math.max(least, now));
  if (aim.litres !== undefined) {
    // Makes up for the liquid that the bones hold back, once it is known.
    return [Math.min(most, Math.max(least, aim.litres / runs))];
  }
  return aim.set ? [kept, (kept + least) / 2, least] : [kept];
}

function bestOf(asked: Asked, runs: number, least: number, most: number): RunOffOption | null {
  let found: RunOffOption | null = null;
  for (const litres of waters(asked, runs, least, most)) {
    let option = tryWater(asked, runs, litres);
    const { litres: wanted } = asked.aim;
    if (option && wanted !== undefined && Math.abs(option.litres - wanted) > 0.03) {
      const put = Math.min(most, Math.max(least, litres + (wanted - option.litres) / runs));
      option = Math.abs(put - litres) > 0.01 ? tryWater(asked, runs, put) : option;
    }
    if (option && (!found || better(option, found, asked.aim))) found = option;
    if (found?.misses.length === 0) break;
  }
  return found;
}

/** Runs that all bones in a batch can take, and why no more. */
function limitOf({ batch, aim }: Asked): { readonly runs: number; readonly limit: string } {
  const kinds = batch.items.flatMap((item) => {
    const food = item.apart ? undefined : foodOf(item);
    return food?.extract ? [{ name: food.name, extract: food.extract }] : [];
  });
  const weakest = kinds.reduce<(typeof kinds)[number] | null>(
    (least, kind) => (!least || kind.extract.runs < least.extract.runs ? kind : least),
    null,
  );
  const stand = Math.min(MOST_RUNS, weakest?.extract.runs ?? 1);
  const asked = aim.openings === undefined ? stand : aim.openings + 1;
  if (asked < stand)
    return { runs: asked, limit: `you open the pot at most ${aim.openings ?? 0} times` };
  const why =
    weakest?.extract.crumbleMin === undefined
      ? 'what is left after that is not worth the heat'
      : 'it falls into splinters and is spent';
  return {
    runs: stand,
    limit: weakest
      ? `${weakest.name}, ${stand === 1 ? 'one broth' : `${stand} broths`} at most: ${why}`
      : 'there are no bones in it',
  };
}

/**
 * Plans the runs of bones by what the cook wants.
 *
 * @param batch with bones; its items and its first run are kept, later runs are made anew
 * @param aim set, litres, hours, openings; what is missing does not matter
 * @returns the best plan for each number of runs, and the one to take
 * @example planRunOffs(stock, pot, kitchen, {}).options.length // 1
 */
export function planRunOffs(batch: Batch, pot: Pot, kitchen: Kitchen, aim: Aim): RunOffSolution {
  const asked: Asked = { batch: withExtractions(batch, 1), pot, kitchen, aim };
  const { runs, limit } = limitOf(asked);
  const { least, most } = waterLimits(asked.batch, pot, kitchen);
  const options: RunOffOption[] = [];
  for (let n = 1; n <= runs; n++) {
    const option = bestOf(asked, n, least, most);
    if (option) options.push(option);
  }
  const best = options.reduce((found, option, i) => {
    const now = options[found];
    return now && better(option, now, aim) ? i : found;
  }, 0);
  return { options, best, limit };
}
