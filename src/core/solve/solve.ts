/**
 * Places and holds with which everything ends in its window, with the fewest openings, then in the least time.
 * Its results have been run through the model.
 */
import { assess, type Assessment } from '../assess';
import { changeItem, cutTo, choose, entryIndex, foodOf, staysOf, stepsOf } from '../batch/plan';
import type { Batch, Kitchen, Pot, Release } from '../batch/schema';
import { worseThan, type Danger } from '../guard';
import { spoken } from '../food';
import { changesOf } from './changes';
import { buildPlan, frameOf, type Frame } from './frame';
import { probe, type Probe } from './probe';
import { decisionKey, search, type Corrections } from './search';
import type { Solution, Wishes } from './types';
import { unmetOf } from './unmet';
import {
  better,
  check,
  correct,
  isInTime,
  lengthen,
  polish,
  ROOM,
  ROOM_WORTH,
  TRIAL_S,
  type Checked,
} from './verify';

/** Proposals that are run through the model before a number of openings is given up. */
const TRIES = 14;
/** Of these, how many may start from tables that see no plan at all; one where all the room is asked. */
const HOPELESS = 4;
/** A shortfall in the tables that is beyond the model's word, ln. */
const FAR = 0.3;
/** Shares of a window kept free at its ends: comfortable where that can be had, less, or a hair. */
const EDGES = [ROOM, 0.06, 0.005] as const;
/** A smaller cut is this much of the one before. */
const SMALLER = [0.75, 0.55, 0.4] as const;
const LEAST_CUT_MM = 8;

/** A table, and what the model has said of it since. */
interface Way {
  readonly table: Probe;
  corrections: Corrections;
}

/** The quickest plan with these releases that the model agrees with, or the nearest to one. */
function withReleases(frame: Frame, way: Way, edge: number): Checked | null {
  const { table } = way;
  const tried = new Set<string>();
  let hopeless = 0;
  let best: Checked | null = null;
  for (let n = 0; n < TRIES; n++) {
    const found = search(frame, table, way.corrections, tried, edge);
    if (!found) break;
    const first = check(frame, found.decision, TRIAL_S);
    // The tables are near the model: what they miss by far, no minute more will mend.
    const far: boolean = found.miss > FAR && best !== null;
    const checked: Checked = far ? first : lengthen(frame, first, edge, TRIAL_S);
    if (better(frame, checked, best)) best = checked;
    if (checked.wrong === 0 || far) break;
    for (const { holds, simmerMin } of [found.decision, checked.decision])
      tried.add(decisionKey(holds, simmerMin));
    way.corrections = correct(frame, table, checked, way.corrections);
    // The tables see no plan: the model's word may still open one nearby, but not for long.
    if (found.miss > 0 && ++hopeless >= (edge === ROOM ? 1 : HOPELESS)) break;
  }
  return best;
}

const NATURAL: Release = { method: 'natural' };

/** All of it under one lid, let off by itself. */
function trialOf(frame: Frame): Batch {
  return buildPlan(frame, {
    holds: [10],
    releases: [NATURAL],
    entries: Object.fromEntries(frame.placed.map((p) => [p.id, 0])),
    simmer: {},
    simmerMin: 0,
  });
}

/** The quickest release that keeps the swell off the valve. */
function quickAsSafe(frame: Frame): Release {
  const { release } = assess(trialOf(frame), frame.pot, frame.kitchen, {
    stepS: TRIAL_S,
    curves: false,
  });
  const waitMin = release[0]?.waitMin;
  if (waitMin === undefined || waitMin === null) return NATURAL;
  return waitMin === 0 ? { method: 'quick' } : { method: 'timed', afterMin: waitMin };
}

/** Ways of releasing worth a search, by the cook's school. */
function releasesFor(frame: Frame, wishes: Wishes, steps: number): readonly (readonly Release[])[] {
  const quick = quickAsSafe(frame);
  const fill = (between: Release, last: Release): readonly Release[] =>
    Array.from({ length: steps }, (_, j) => (j < steps - 1 ? between : last));
  if (wishes.release === 'natural' || quick.method === 'natural') return [fill(NATURAL, NATURAL)];
  if (wishes.release === 'quick') return [fill(quick, quick)];
  const ways = [fill(quick, quick), fill(NATURAL, NATURAL)];
  const timed: Release = { method: 'timed', afterMin: 10 };
  if (quick.method === 'quick') ways.push(fill(quick, timed));
  if (steps > 1) ways.push(fill(quick, NATURAL), fill(NATURAL, quick));
  return ways;
}

function withOpenings(frame: Frame, wishes: Wishes, openings: number): Checked | null {
  const ways = releasesFor(frame, wishes, openings + 1).flatMap((releases): Way[] => {
    const table = probe(frame, releases);
    return table ? [{ table, corrections: new Map() }] : [];
  });
  let best: Checked | null = null;
  for (const edge of EDGES) {
    for (const way of ways) {
      const found = withReleases(frame, way, edge);
      if (found && better(frame, found, best)) best = found;
    }
    if (best?.wrong !== 0 || best.room < edge / 2) continue;
    // A time so near that less room may meet it is worth a closer look.
    if (isInTime(frame, best) || !isInTime(frame, { minutes: best.minutes - ROOM_WORTH })) break;
  }
  if (!best) return null;
  const fine = lengthen(frame, check(frame, best.decision), 0);
  return fine.wrong === 0 ? polish(frame, fine) : fine;
}

function hasNoodles(batch: Batch): boolean {
  return batch.items.some((item) => foodOf(item)?.group === 'pasta');
}

interface Attempt {
  readonly frame: Frame;
  readonly checked: Checked;
  readonly openings: number;
}

/** Fewest openings first; with more, only if that is what it takes. */
function attempt(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
  known?: readonly Danger[],
): Attempt | null {
  const frame = frameOf(batch, pot, kitchen, wishes, known);
  let best: Attempt | null = null;
  for (let openings = 0; openings <= Math.min(2, wishes.openings); openings++) {
    const checked = withOpenings(frame, wishes, openings);
    if (!checked) continue;
    if (checked.wrong === 0 && isInTime(frame, checked)) return { frame, checked, openings };
    if (!best || better(frame, checked, best.checked)) best = { frame, checked, openings };
  }
  return best;
}

/** A centre with less than this share of its surface's cook value lags: a smaller cut helps. */
const LAGS = 0.6;

/** A batch with what stays underdone, or holds the rest up, cut smaller. */
function cutSmaller(batch: Batch, assessment: Assessment, factor: number): Batch | null {
  let next = batch;
  for (const report of assessment.items) {
    const lags = report.cookValueCentreMin < LAGS * report.cookValueSurfaceMin;
    if (report.verdict !== 'under' && !lags) continue;
    const item = batch.items.find((i) => i.id === report.id);
    const cut = item?.cut;
    if (!item || !cut || cut.mm * factor < LEAST_CUT_MM) continue;
    const mm = Math.max(LEAST_CUT_MM, Math.round((cut.mm * factor) / 5) * 5);
    if (mm < cut.mm) next = changeItem(next, item.id, { cut: cutTo(cut, mm) });
  }
  return next === batch ? null : next;
}

function settled(found: Attempt | null): boolean {
  return found !== null && unmetOf(found.frame, found.checked).length === 0;
}

/** Items that must stay late: under one lid everything would fill the pot higher than the present plan. */
function keptLate(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
): { readonly held: readonly string[]; readonly dangers?: readonly Danger[] } {
  const steps = stepsOf(batch);
  const lid = steps.findIndex(({ kind }) => kind === 'pressure');
  const late = batch.items.flatMap((item) =>
    !item.apart && entryIndex(item, steps) > lid ? [item.id] : [],
  );
  if (late.length === 0) return { held: [] };
  const frame = frameOf(batch, pot, kitchen, wishes);
  const atOnce = assess(trialOf(frame), pot, kitchen, { stepS: TRIAL_S, curves: false });
  const { dangers } = frame;
  const over = worseThan(dangers, atOnce.dangers).some(({ hazard }) => hazard === 'fill');
  return { held: over ? late : [], dangers };
}

/**
 * Plans a batch.
 *
 * @param batch valid, with at least one item; its prep and saute stay in front, its straining,
 *   resting and cooling behind
 * @returns the plan, verified by `assess`; with what it cannot meet and by how much
 * @throws RangeError when the pot cannot come to pressure with this batch, and where something goes in more
 *   than once: a search that moves whole foods does not know what a cook takes out in between for
 * @example solve(batch, pot, kitchen, USUAL_WISHES).totalMin // 76.3
 */
export function solve(batch: Batch, pot: Pot, kitchen: Kitchen, asked: Wishes): Solution {
  const twice = batch.items.find((item) => !item.apart && staysOf(item).length > 1);
  if (twice)
    throw new RangeError(
      `the ${spoken(foodOf(twice)?.name ?? twice.food)} goes in, comes out and goes in again: such a plan is only judged, and not made anew`,
    );
  const start = choose(batch, 'noodles', asked.noodles === 'apart' ? 'apart' : 'in');
  const { held, dangers } = keptLate(start, pot, kitchen, asked);
  const wishes: Wishes = { ...asked, keep: [...asked.keep, ...held] };
  let found = attempt(start, pot, kitchen, wishes, dangers);
  if (!settled(found) && wishes.noodles === 'either' && hasNoodles(batch)) {
    const apart = attempt(choose(batch, 'noodles', 'apart'), pot, kitchen, wishes);
    if (apart && (!found || better(apart.frame, apart.checked, found.checked))) found = apart;
  }
  if (found && !settled(found) && wishes.cuts)
    for (const factor of SMALLER) {
      const smaller = cutSmaller(found.frame.batch, found.checked.assessment, factor);
      const cut = smaller && attempt(smaller, pot, kitchen, wishes);
      if (cut && better(cut.frame, cut.checked, found.checked)) found = cut;
      if (settled(found)) break;
    }
  if (!found) throw new RangeError('the pot does not come to pressure with this batch');
  const { frame, checked, openings } = found;
  return {
    batch: checked.batch,
    openings,
    totalMin: checked.minutes,
    unmet: unmetOf(frame, checked),
    changes: changesOf(batch, checked.batch, kitchen.units),
  };
}
