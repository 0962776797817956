/** Decisions run through the model, and what is learned of them. */
import { assess, findingOf, type Assessment, type Finding } from '../assess';
import type { Batch } from '../batch/schema';
import { cookRate } from '../doneness';
import { worseThan } from '../guard';
import { measured } from './edges';
import { buildPlan, type Decision, type Edge, type Frame } from './frame';
import type { Probe } from './probe';
import { correctionKey, type Corrections } from './search';

/** Runs in which a proposal may be lengthened. */
const LENGTHENINGS = 8;
/** From the second lengthening on, what a centre lags behind is made up for sooner. */
const EAGER = 1.5;
const LONGEST_HOLD = 240;
/** Most minutes by which a good plan is changed at once. */
const LONGEST_STRIDE = 4;
/** Share of a window's ends that is room enough: foods and stoves differ by about a tenth. */
export const ROOM = 0.15;
/** Minutes that the whole of it is worth (assumed). */
export const ROOM_WORTH = 15;
/** Cost of a minute too late. */
const LATE = 100;
/** A serving time is met to half a minute. */
const IN_TIME = 0.5;

export interface Checked {
  readonly batch: Batch;
  readonly assessment: Assessment;
  readonly decision: Decision;
  /** Items whose verdict is not right, and what would be unsafe. */
  readonly wrong: number;
  readonly minutes: number;
  /** Share of its window that the tightest item keeps free at either end, 0 to ROOM. */
  readonly room: number;
}

function isUnsafe({ code }: Finding): boolean {
  return findingOf(code).unsafe;
}

/** Titles of what is unsafe in a plan, or worse than in the plan as it was. */
export function unsafeIn(
  { dangers }: Frame,
  { findings, dangers: now }: Assessment,
): readonly string[] {
  const titles = [...findings.filter(isUnsafe), ...worseThan(dangers, now)].map((f) => f.title);
  return [...new Set(titles.filter(Boolean))];
}

/** Time step of a trial, s: what it finds is run again as finely as everything else. */
export const TRIAL_S = 25;
export const FINE_S = 10;
/** Enough to tell which of two plans is better. */
const ROUGH_S = 60;

export function check(frame: Frame, decision: Decision, stepS = FINE_S): Checked {
  const batch = buildPlan(frame, decision);
  const assessment = assess(batch, frame.pot, frame.kitchen, { stepS, curves: false });
  const wrong = frame.placed.filter((p) => {
    return assessment.items.find((i) => i.id === p.id)?.verdict !== 'right';
  }).length;
  const unsafe = unsafeIn(frame, assessment).length;
  return {
    batch,
    assessment,
    decision,
    wrong: wrong + unsafe,
    minutes: assessment.time.totalMin,
    room: roomIn(frame, assessment),
  };
}

function roomIn(frame: Frame, { items }: Assessment): number {
  return frame.placed.reduce((least, { id, from, to }) => {
    const report = items.find((i) => i.id === id);
    if (!report) return least;
    const had = (edge: Edge): number =>
      measured(edge, report.cookValueCentreMin, report.cookValueSurfaceMin) / edge.minutes;
    const below = from ? had(from) - 1 : ROOM;
    const above = to ? 1 - had(to) : ROOM;
    return Math.max(0, Math.min(least, below, above));
  }, ROOM);
}

/** Differences between model and tables become part of the tables. */
export function correct(
  frame: Frame,
  table: Probe,
  checked: Checked,
  before: Corrections,
): Corrections {
  const after = new Map(before);
  const { holds, entries, simmer, simmerMin } = checked.decision;
  for (const { id } of frame.placed) {
    const entry = entries[id];
    const report = checked.assessment.items.find((i) => i.id === id);
    const x = entry === undefined ? undefined : table.exposures[id]?.[entry];
    if (entry === undefined || !x || !report) continue;
    const t = entry === holds.length ? (simmer[id] ?? simmerMin) : simmerMin;
    const predicted = (of: 'centre' | 'surface'): number =>
      x.base[of] +
      (x.simmer[of][t] ?? 0) +
      x.holds.reduce((sum, c, j) => sum + (c?.[of][holds[j] ?? 0] ?? 0), 0);
    after.set(correctionKey(id, entry), {
      centre: report.cookValueCentreMin - predicted('centre'),
      surface: report.cookValueSurfaceMin - predicted('surface'),
    });
  }
  return after;
}

/**
 * Lengthens holds and simmer of a decision until nothing in it stays underdone.
 *
 * A centre that lags gains less from a minute than the tables think, so this comes up from below
 * and ends close to the least. It stops where something else goes over.
 */
export function lengthen(frame: Frame, first: Checked, edge: number, stepS = FINE_S): Checked {
  let checked = first;
  let before: Checked | null = null;
  for (let n = 0; n < LENGTHENINGS; n++) {
    const { decision, assessment } = checked;
    const steps = decision.holds.length;
    const more = new Array<number>(steps + 1).fill(0);
    let over = false;
    for (const { id, z, from } of frame.placed) {
      const report = assessment.items.find((i) => i.id === id);
      const entry = decision.entries[id] ?? 0;
      if (!report) continue;
      if (report.verdict === 'over') over = true;
      const had = from ? measured(from, report.cookValueCentreMin, report.cookValueSurfaceMin) : 0;
      const deficit = (from?.minutes ?? 0) * (1 + edge) - had;
      if (deficit <= 0 || report.verdict !== 'under') continue;
      const at = entry < steps ? assessment.setpointC : assessment.boilC;
      const minutes = deficit / cookRate(at, z);
      more[entry] = Math.max(more[entry] ?? 0, minutes * (before ? EAGER : 1));
    }
    if (over || more.every((m) => m === 0)) break;
    const holds = decision.holds.map((h, j) => h + Math.ceil(more[j] ?? 0));
    if (holds.some((h) => h > LONGEST_HOLD)) break;
    const extra = Math.ceil(more[steps] ?? 0);
    before = checked;
    checked = check(
      frame,
      {
        ...decision,
        holds,
        simmer: Object.fromEntries(
          Object.entries(decision.simmer).map(([id, t]) => [id, t + extra]),
        ),
        simmerMin: decision.simmerMin + extra,
      },
      stepS,
    );
  }
  return checked;
}

export function isInTime({ byMin }: Frame, { minutes }: Pick<Checked, 'minutes'>): boolean {
  return byMin === null || minutes <= byMin + IN_TIME;
}

/** Minutes that a plan costs, with those it is too late and too tight counted on top. */
function costOf(frame: Frame, { minutes, room }: Checked): number {
  const late = isInTime(frame, { minutes }) ? 0 : minutes - (frame.byMin ?? 0);
  return minutes + LATE * late + ROOM_WORTH * (1 - room / ROOM);
}

/** A decision with one hold, or the simmer after the last one, longer by minutes; null where it cannot be. */
function changedBy(frame: Frame, decision: Decision, at: number, by: number): Decision | null {
  const { holds, simmer, simmerMin } = decision;
  const atSimmer = at === holds.length;
  // Nothing goes in after: there is nothing to simmer for.
  if (atSimmer && simmerMin === 0 && Object.keys(simmer).length === 0) return null;
  const held = holds.map((h, j) => (j === at ? h + by : h));
  const simmered = simmerMin + (atSimmer ? by : 0);
  if (simmered < frame.leastSimmer || (held[0] ?? 0) < frame.leastHold) return null;
  if (held.some((h) => h < 0 || h > LONGEST_HOLD)) return null;
  return {
    ...decision,
    holds: held,
    simmer: Object.fromEntries(
      Object.entries(simmer).map(([id, t]) => [
        id,
        t === simmerMin ? simmered : Math.min(t, simmered),
      ]),
    ),
    simmerMin: simmered,
  };
}

/**
 * Makes holds and simmer of a good plan shorter or longer as long as that makes it better. What a plan
 * costs falls and then rises with every hold, so that a minute either way tells which way to go. Goes at
 * rough steps; what it comes to is looked at again as finely as the plan was.
 */
export function polish(frame: Frame, good: Checked): Checked {
  let best = check(frame, good.decision, ROUGH_S);
  const go = (at: number, by: number): boolean => {
    const decision = changedBy(frame, best.decision, at, by);
    const tried = decision && check(frame, decision, ROUGH_S);
    if (!tried || !better(frame, tried, best)) return false;
    best = tried;
    return true;
  };
  for (let at = 0; at <= good.decision.holds.length; at++)
    for (const way of [-1, 1]) {
      let stride = 1;
      let moved = false;
      while (go(at, way * stride)) {
        moved = true;
        stride = Math.min(LONGEST_STRIDE, 2 * stride);
      }
      while (stride > 1) {
        stride /= 2;
        while (go(at, way * stride)) moved = true;
      }
      if (moved) break;
    }
  const fine = best.decision === good.decision ? good : check(frame, best.decision);
  return better(frame, fine, good) ? fine : good;
}

/** Whether one plan is better than another, or than none. */
export function better(frame: Frame, a: Checked, b: Checked | null): boolean {
  if (!b) return true;
  return a.wrong !== b.wrong ? a.wrong < b.wrong : costOf(frame, a) < costOf(frame, b);
}
