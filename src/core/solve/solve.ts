/**
 * Where everything goes in and how long it is held, so that all ends in its window with the
 * fewest openings, then in the least time. What it returns has been run through the model.
 */
import { assess, type Assessment, type Finding, type FindingCode } from '../assess';
import { changeItem, foodOf, type Batch, type Kitchen, type Pot, type Release } from '../batch';
import { cookRate } from '../doneness';
import { changesOf } from './changes';
import { buildPlan, frameOf, type Decision, type Frame } from './frame';
import { probe, type Probe } from './probe';
import { correctionKey, decisionKey, search, type Corrections } from './search';
import type { Solution, Unmet, Wishes } from './types';

/** Proposals that are run through the model before a number of openings is given up. */
const TRIES = 14;
/** Of these, how many may start from tables that see no plan at all. */
const HOPELESS = 4;
/** Shares of a window kept free at its ends: comfortable where that can be had, or a hair. */
const EDGES = [0.06, 0.005] as const;
/** A smaller cut is this much of the one before. */
const SMALLER = [0.75, 0.55, 0.4] as const;
const LEAST_CUT_MM = 8;

interface Checked {
  readonly batch: Batch;
  readonly assessment: Assessment;
  readonly decision: Decision;
  /** Items whose verdict is not right, and what would be unsafe. */
  readonly wrong: number;
  readonly minutes: number;
}

const UNSAFE: ReadonlySet<FindingCode> = new Set([
  'spray-risk',
  'never-at-pressure',
  'poultry-not-safe',
  'meat-not-safe',
  'kidney-bean-toxin',
] satisfies FindingCode[]);

function isUnsafe(finding: Finding): boolean {
  return UNSAFE.has(finding.code);
}

function check(frame: Frame, decision: Decision): Checked {
  const batch = buildPlan(frame, decision);
  const assessment = assess(batch, frame.pot, frame.kitchen);
  const wrong = frame.placed.filter((p) => {
    const verdict = assessment.items.find((i) => i.id === p.id)?.verdict;
    return !p.sacrificed && verdict !== 'right';
  }).length;
  const unsafe = assessment.findings.filter(isUnsafe).length;
  return {
    batch,
    assessment,
    decision,
    wrong: wrong + unsafe,
    minutes: assessment.time.totalMin.p50,
  };
}

/** What the model gave beyond the tables becomes part of them. */
function correct(frame: Frame, table: Probe, checked: Checked, before: Corrections): Corrections {
  const after = new Map(before);
  const { holds, entries, simmer, simmerMin } = checked.decision;
  for (const { id } of frame.placed) {
    const entry = entries[id];
    const report = checked.assessment.items.find((i) => i.id === id);
    const x = entry === undefined ? undefined : table.exposures[id]?.[entry];
    if (entry === undefined || !x || !report) continue;
    const t = entry === holds.length ? (simmer[id] ?? simmerMin) : simmerMin;
    const told = (of: 'centre' | 'surface'): number =>
      x.base[of] +
      (x.simmer[of][t] ?? 0) +
      x.holds.reduce((sum, c, j) => sum + (c?.[of][holds[j] ?? 0] ?? 0), 0);
    after.set(correctionKey(id, entry), {
      centre: report.cookValueCentreMin - told('centre'),
      surface: report.cookValueSurfaceMin - told('surface'),
    });
  }
  return after;
}

function better(a: Checked, b: Checked | null): boolean {
  if (!b) return true;
  return a.wrong !== b.wrong ? a.wrong < b.wrong : a.minutes < b.minutes;
}

/** The quickest plan with these releases that the model agrees with, or the nearest to one. */
function withReleases(frame: Frame, table: Probe, edge: number): Checked | null {
  let corrections: Corrections = new Map();
  const tried = new Set<string>();
  let hopeless = 0;
  let best: Checked | null = null;
  for (let n = 0; n < TRIES; n++) {
    const found = search(frame, table, corrections, tried, edge);
    if (!found) break;
    const checked = check(frame, found.decision);
    if (better(checked, best)) best = checked;
    if (checked.wrong === 0) break;
    tried.add(decisionKey(found.decision.holds, found.decision.simmerMin));
    corrections = correct(frame, table, checked, corrections);
    // The tables see no plan: the model's word may still open one nearby, but not for long.
    if (found.miss > 0 && ++hopeless >= HOPELESS) break;
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
      if (found && better(found, best)) best = found;
    }
    if (best?.wrong === 0) return best;
  }
  return best;
}

function unmetOf(frame: Frame, wishes: Wishes, checked: Checked): readonly Unmet[] {
  const unmet: Unmet[] = [];
  const { assessment } = checked;
  const total = assessment.time.totalMin.p50;
  for (const placed of frame.placed) {
    const item = assessment.items.find((i) => i.id === placed.id);
    if (!item || placed.sacrificed || item.verdict === 'right') continue;
    if (item.verdict === 'under') {
      const rate = cookRate(assessment.boilC, placed.doneness.z);
      const byMin = (placed.doneness.needMin - item.cookValueCentreMin) / rate;
      unmet.push({
        wish: 'done',
        item: item.id,
        byMin,
        sentence: `${item.name} still needs about ${Math.max(1, Math.round(byMin))} min at the boil.`,
      });
    } else {
      const byMin = total - (item.overMin ?? total);
      unmet.push({
        wish: 'not overdone',
        item: item.id,
        byMin,
        sentence: `${item.name} is ${item.over ?? 'overdone'} ${Math.max(1, Math.round(byMin))} min before it is on the table.`,
      });
    }
  }
  for (const f of assessment.findings)
    if (isUnsafe(f)) unmet.push({ wish: 'safe', item: null, byMin: 0, sentence: `${f.title}.` });
  if (wishes.byMin !== undefined && total > wishes.byMin + 0.5) {
    const byMin = total - wishes.byMin;
    unmet.push({
      wish: 'by',
      item: null,
      byMin,
      sentence: `It is on the table after ${Math.round(total)} min, ${Math.round(byMin)} later than wished.`,
    });
  }
  return unmet;
}

/** Noodles moved to a pan of their own, where the cook's school or the pot asks for it. */
function noodlesApart(batch: Batch): Batch {
  return batch.items.reduce(
    (b, item) =>
      foodOf(item)?.group === 'pasta' ? changeItem(b, item.id, { apart: true, enters: null }) : b,
    batch,
  );
}

function noodlesIn(batch: Batch): Batch {
  return batch.items.reduce(
    (b, item) =>
      item.apart && foodOf(item)?.group === 'pasta'
        ? changeItem(b, item.id, { apart: undefined })
        : b,
    batch,
  );
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
    const inTime = wishes.byMin === undefined || checked.minutes <= wishes.byMin + 0.5;
    if (checked.wrong === 0 && inTime) return { frame, checked, openings };
    if (!best || better(checked, best.checked)) best = { frame, checked, openings };
  }
  return best;
}

/** A batch with what stays underdone cut smaller. */
function cutSmaller(batch: Batch, assessment: Assessment, factor: number): Batch | null {
  let next = batch;
  for (const report of assessment.items) {
    if (report.verdict !== 'under') continue;
    const item = batch.items.find((i) => i.id === report.id);
    const cut = item?.cut;
    if (!item || !cut || cut.mm * factor < LEAST_CUT_MM) continue;
    const mm = Math.max(LEAST_CUT_MM, Math.round((cut.mm * factor) / 5) * 5);
    if (mm < cut.mm) next = changeItem(next, item.id, { cut: { ...cut, mm } });
  }
  return next === batch ? null : next;
}

function settled(found: Attempt | null, wishes: Wishes): boolean {
  return found !== null && unmetOf(found.frame, wishes, found.checked).length === 0;
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
  const start = wishes.noodles === 'apart' ? noodlesApart(batch) : noodlesIn(batch);
  let found = attempt(start, pot, kitchen, wishes);
  if (!settled(found, wishes) && wishes.noodles === 'either' && hasNoodles(batch)) {
    const apart = attempt(noodlesApart(batch), pot, kitchen, wishes);
    if (apart && (!found || better(apart.checked, found.checked))) found = apart;
  }
  if (found && !settled(found, wishes) && wishes.cuts)
    for (const factor of SMALLER) {
      const smaller = cutSmaller(found.frame.batch, found.checked.assessment, factor);
      const cut = smaller && attempt(smaller, pot, kitchen, wishes);
      if (cut && better(cut.checked, found.checked)) found = cut;
      if (settled(found, wishes)) break;
    }
  if (!found) throw new RangeError('the pot does not come to pressure with this batch');
  const { frame, checked, openings } = found;
  return {
    batch: checked.batch,
    openings,
    totalMin: checked.minutes,
    unmet: unmetOf(frame, wishes, checked),
    changes: changesOf(batch, checked.batch, kitchen.units),
  };
}
