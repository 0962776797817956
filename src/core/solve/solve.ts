/**
 * Where everything goes in and how long it is held, so that all ends in its window with the
 * fewest openings, then in the least time. What it returns has been run through the model.
 */
import { assess, type Assessment } from '../assess';
import {
  changeItem,
  choose,
  foodOf,
  type Batch,
  type Kitchen,
  type Pot,
  type Release,
} from '../batch';
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
  type Checked,
} from './verify';

/** Proposals that are run through the model before a number of openings is given up. */
const TRIES = 14;
/** Of these, how many may start from tables that see no plan at all; one where all the room is asked. */
const HOPELESS = 4;
/** Shares of a window kept free at its ends: comfortable where that can be had, less, or a hair. */
const EDGES = [ROOM, 0.06, 0.005] as const;
/** A smaller cut is this much of the one before. */
const SMALLER = [0.75, 0.55, 0.4] as const;
const LEAST_CUT_MM = 8;

/** The quickest plan with these releases that the model agrees with, or the nearest to one. */
function withReleases(frame: Frame, table: Probe, edge: number): Checked | null {
  let corrections: Corrections = new Map();
  const tried = new Set<string>();
  let hopeless = 0;
  let best: Checked | null = null;
  for (let n = 0; n < TRIES; n++) {
    const found = search(frame, table, corrections, tried, edge);
    if (!found) break;
    const checked = lengthen(frame, check(frame, found.decision), edge);
    if (better(frame, checked, best)) best = checked;
    if (checked.wrong === 0) break;
    for (const { holds, simmerMin } of [found.decision, checked.decision])
      tried.add(decisionKey(holds, simmerMin));
    corrections = correct(frame, table, checked, corrections);
    // The tables see no plan: the model's word may still open one nearby, but not for long.
    if (found.miss > 0 && ++hopeless >= (edge === ROOM ? 1 : HOPELESS)) break;
  }
  return best;
}

const NATURAL: Release = { method: 'natural' };

/** The quickest release that keeps the swell off the valve. */
function quickAsSafe(frame: Frame): Release {
  const trial = buildPlan(frame, {
    holds: [10],
    releases: [NATURAL],
    entries: Object.fromEntries(frame.placed.map((p) => [p.id, 0])),
    simmer: {},
    simmerMin: 0,
  });
  const waitMin = assess(trial, frame.pot, frame.kitchen).release[0]?.waitMin;
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
  const tables = releasesFor(frame, wishes, openings + 1).flatMap((releases) => {
    const table = probe(frame, releases);
    return table ? [table] : [];
  });
  let best: Checked | null = null;
  for (const edge of EDGES) {
    for (const table of tables) {
      const found = withReleases(frame, table, edge);
      if (found && better(frame, found, best)) best = found;
    }
    if (best?.wrong !== 0 || best.room < edge / 2) continue;
    // A time so near that less room may meet it is worth a closer look.
    if (isInTime(frame, best) || !isInTime(frame, { minutes: best.minutes - ROOM_WORTH })) break;
  }
  return best?.wrong === 0 ? polish(frame, best) : best;
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
function attempt(batch: Batch, pot: Pot, kitchen: Kitchen, wishes: Wishes): Attempt | null {
  const frame = frameOf(batch, pot, kitchen, wishes);
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
    if (mm < cut.mm) next = changeItem(next, item.id, { cut: { ...cut, mm } });
  }
  return next === batch ? null : next;
}

function settled(found: Attempt | null): boolean {
  return found !== null && unmetOf(found.frame, found.checked).length === 0;
}

/**
 * Plans a batch.
 *
 * @param batch valid, with at least one item; its prep and saute stay in front, its straining,
 *   resting and cooling behind
 * @returns the plan, verified by `assess`; with what it cannot meet and by how much
 * @throws RangeError when the pot cannot come to pressure with this batch
 */
export function solve(batch: Batch, pot: Pot, kitchen: Kitchen, wishes: Wishes): Solution {
  const start = choose(batch, 'noodles', wishes.noodles === 'apart' ? 'apart' : 'in');
  let found = attempt(start, pot, kitchen, wishes);
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
