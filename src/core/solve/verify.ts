/** Decisions run through the model, and what is learned of them. */
import { assess, type Assessment, type Finding, type FindingCode } from '../assess';
import type { Batch } from '../batch';
import { cookRate } from '../doneness';
import { buildPlan, type Decision, type Frame } from './frame';
import type { Probe } from './probe';
import { correctionKey, type Corrections } from './search';

/** Runs in which a proposal may be lengthened. */
const LENGTHENINGS = 8;
/** From the second lengthening on, what a centre lags behind is made up for sooner. */
const EAGER = 1.5;
const LONGEST_HOLD = 240;
/** Minutes by which a good plan is tried shorter. */
const TRIMS = [8, 4, 2, 1] as const;

export interface Checked {
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

export function isUnsafe(finding: Finding): boolean {
  return UNSAFE.has(finding.code);
}

export function check(frame: Frame, decision: Decision): Checked {
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

/**
 * Lengthens holds and simmer of a decision until nothing in it stays underdone.
 *
 * A centre that lags gains less from a minute than the tables think, so this comes up from below
 * and ends close to the least. It stops where something else goes over.
 */
export function lengthen(frame: Frame, first: Checked, edge: number): Checked {
  let checked = first;
  let before: Checked | null = null;
  for (let n = 0; n < LENGTHENINGS; n++) {
    const { decision, assessment } = checked;
    const steps = decision.holds.length;
    const more = new Array<number>(steps + 1).fill(0);
    let over = false;
    for (const { id, doneness, sacrificed } of frame.placed) {
      const report = assessment.items.find((i) => i.id === id);
      const entry = decision.entries[id] ?? 0;
      if (!report || sacrificed) continue;
      if (report.verdict === 'over') over = true;
      const deficit = doneness.needMin * (1 + edge) - report.cookValueCentreMin;
      if (deficit <= 0 || report.verdict !== 'under') continue;
      const at = entry < steps ? assessment.setpointC : assessment.boilC;
      const minutes = deficit / cookRate(at, doneness.z);
      more[entry] = Math.max(more[entry] ?? 0, minutes * (before ? EAGER : 1));
    }
    if (over || more.every((m) => m === 0)) break;
    const holds = decision.holds.map((h, j) => h + Math.ceil(more[j] ?? 0));
    if (holds.some((h) => h > LONGEST_HOLD)) break;
    const extra = Math.ceil(more[steps] ?? 0);
    before = checked;
    checked = check(frame, {
      ...decision,
      holds,
      simmer: Object.fromEntries(Object.entries(decision.simmer).map(([id, t]) => [id, t + extra])),
      simmerMin: decision.simmerMin + extra,
    });
  }
  return checked;
}

/** Whether every window is kept with something to spare at its ends. */
function isRoomy(frame: Frame, { assessment }: Checked, edge: number): boolean {
  return frame.placed.every(({ id, doneness, sacrificed }) => {
    const report = assessment.items.find((i) => i.id === id);
    if (!report || sacrificed) return true;
    const { needMin, limitMin } = doneness;
    const most = limitMin === null ? Infinity : limitMin * (1 - edge);
    return report.cookValueCentreMin >= needMin * (1 + edge) && report.cookValueSurfaceMin <= most;
  });
}

/** Shortens holds and simmer of a good plan as long as it stays good, with its edges kept. */
export function trim(frame: Frame, good: Checked, edge: number): Checked {
  let best = good;
  const dimensions = good.decision.holds.length + 1;
  for (let d = 0; d < dimensions; d++)
    for (const less of TRIMS) {
      const { holds, simmer, simmerMin } = best.decision;
      const shorter = holds.map((h, j) => (j === d ? h - less : h));
      const simmerLess = d === holds.length ? less : 0;
      if (simmerMin < simmerLess || (shorter[0] ?? 0) < frame.leastHold) continue;
      if (shorter.some((h) => h < 0)) continue;
      const simmered = simmerMin - simmerLess;
      const tried = check(frame, {
        ...best.decision,
        holds: shorter,
        simmer: Object.fromEntries(
          Object.entries(simmer).map(([id, t]) => [id, Math.min(t, simmered)]),
        ),
        simmerMin: simmered,
      });
      const stays = tried.wrong === 0 && isRoomy(frame, tried, edge);
      if (stays && tried.minutes < best.minutes) best = tried;
    }
  return best;
}

export function better(a: Checked, b: Checked | null): boolean {
  if (!b) return true;
  return a.wrong !== b.wrong ? a.wrong < b.wrong : a.minutes < b.minutes;
}
