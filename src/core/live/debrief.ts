/**
 * A practice run looked back on with the truth in hand: at each moment at which something could be chosen, what
 * the best next move was by search over the same few moves, and what it cost not to make it.
 */
import { isShort } from '../guard';
import { contentsAt, foodsOf, itemReports, tableMin, type Model } from '../model';
import { stepsOf } from '../batch/plan';
import type { Cook, Verdict } from '../batch/schema';
import { between, valueAt } from '../series';
import { saturationTemperature } from '../water';
import {
  firstOpened,
  known,
  asOf,
  changedAt,
  mendedAt,
  notOver,
  secondsOf,
  stepIn,
  timelineOf,
  type Move,
} from '../cook';
import { MISHAP, putRightS, STICKS_AFTER_S, type Fault, type Mishap } from './mishaps';
import { movesAmong } from './propose';
import { truthAt, type StandIn } from './standIn';

/** Outcome of a cook, real or possible. */
export interface Outcome {
  /** Min from the start. */
  readonly tableMin: number;
  readonly verdicts: Readonly<Record<string, Verdict>>;
  readonly scorched: boolean;
  /** Broth that is left, L. */
  readonly brothL: number;
  /** Meat and poultry whose middle did not get hot enough to be safe. */
  readonly unsafe: readonly string[];
}

export interface Decision {
  readonly kind: 'hold' | 'wait' | 'opening' | 'fault';
  /** s from the start */
  readonly atS: number;
  readonly step: string;
  readonly fault?: Fault;
  /** The best of the moves then, the plan's own among them; null for a fault, which is put right at once. */
  readonly best: Move | null;
  readonly then: Outcome;
  /** Course of the plan without a change. */
  readonly asPlanned: Outcome;
  /** Outcomes still possible after it. */
  readonly left: Outcome;
  /** Loss by this choice: chances of foods, with a small weight for minutes. */
  readonly cost: number;
}

export interface Debrief {
  readonly mishaps: readonly {
    readonly kind: Mishap;
    readonly told: string;
    readonly signs: string;
  }[];
  readonly outcome: Outcome;
  readonly decisions: readonly Decision[];
  /** The dearest choice, where one cost anything to speak of; else the dearest mishap; null where all went well. */
  readonly culprit: Decision | Mishap | null;
  /** How it really was, min and C. */
  readonly truth: { readonly minute: readonly number[]; readonly liquidC: readonly number[] };
}

/** A minute later weighs as much as this of a food that is right (assumed). */
const MINUTE_WEIGHS = 0.02;
/** A pot that scorched, and a food that makes ill, in foods that are right (assumed). */
const SCORCHED = 2;
const UNSAFE = 3;
/** Smaller losses are not mentioned. */
const NOTHING = 0.1;
/** A fault that is seen is put right so soon, s. */
const SEEN_S = 60;
const CURVE_POINTS = 160;
/** Steams this near its boiling point, C. */
const BOILS_C = 1;

function outcomeOf(model: Model): Outcome {
  // Foods without grades, such as water and salt, come out as they are.
  const eaten = itemReports(model).filter(({ id }) => model.cooks[id]?.scale);
  return {
    tableMin: tableMin(model),
    verdicts: Object.fromEntries(eaten.map(({ id, verdict }) => [id, verdict])),
    scorched: model.heat.steps.some((step) => step.scorchedS !== null),
    brothL: contentsAt(model, model.heat.trace.s.length - 1).freeL,
    unsafe: foodsOf(model).flatMap((food) => (isShort(food) ? [food.id] : [])),
  };
}

/** Score of an outcome, higher is better: doneness, time to the table, and safety. */
export function worthOf({ tableMin: min, verdicts, scorched, unsafe }: Outcome): number {
  const right = Object.values(verdicts).filter((verdict) => verdict === 'right').length;
  return (
    right -
    MINUTE_WEIGHS * (Number.isFinite(min) ? min : 600) -
    (scorched ? SCORCHED : 0) -
    UNSAFE * unsafe.length
  );
}

/** The cook up to a moment; later marks are of what it might have been. */
function upTo(cook: Cook, s: number): Cook {
  return notOver(asOf(cook, s));
}

const goesOn = (cook: Cook, standIn: StandIn, s: number): Outcome =>
  outcomeOf(truthAt(cook, standIn, s, undefined, true));

interface Moment {
  readonly kind: Decision['kind'];
  readonly atS: number;
  readonly step: string;
  readonly fault?: Fault;
}

function momentsOf(cook: Cook, standIn: StandIn, model: Model, endS: number): readonly Moment[] {
  const timeline = timelineOf(cook);
  const faults = (standIn.mishaps ?? []).flatMap((mishap): readonly Moment[] => {
    const { fault } = MISHAP[mishap];
    const step = stepsOf(cook.batch).find((s) => s.kind === 'pressure');
    const lid = step && known(stepIn(timeline, step.id).locked);
    return fault && step && lid
      ? [{ kind: 'fault', atS: firstSign(model, fault, lid.s, endS), step: step.id, fault }]
      : [];
  });
  const steps = stepsOf(timeline.plan).flatMap((step): readonly Moment[] => {
    if (step.kind !== 'pressure') return [];
    const went = stepIn(timeline, step.id);
    const { hot, over, off } = went;
    const opened = firstOpened(went);
    const waits = step.release?.method === 'timed' && over && (opened?.s ?? endS) > over.s;
    const lidOff = known(off);
    return [
      ...(hot ? [{ kind: 'hold' as const, atS: hot.s, step: step.id }] : []),
      ...(waits ? [{ kind: 'wait' as const, atS: over.s, step: step.id }] : []),
      ...(lidOff ? [{ kind: 'opening' as const, atS: lidOff.s, step: step.id }] : []),
    ];
  });
  return [...faults, ...steps].filter((m) => m.atS <= endS).sort((a, b) => a.atS - b.atS);
}

/** When a lid that does not seal steams, or a pot that sticks is off: what a cook could have seen, s. */
function firstSign(model: Model, fault: Fault, lidS: number, endS: number): number {
  if (fault === 'bottom') return Math.min(endS, lidS + STICKS_AFTER_S);
  const { s, liquidC } = model.heat.trace;
  const boilC = saturationTemperature(model.air.pressurePa);
  const from = s.findIndex((at, i) => at > lidS && valueAt(liquidC, i) >= boilC - BOILS_C);
  return from < 0 ? endS : Math.min(endS, valueAt(s, from));
}

/** Unknown until the food is tried. */
const HIDDEN: ReadonlySet<Mishap> = new Set(['old-beans', 'frozen']);

/** The practice pot as far as a cook can know it while its lid is on: foods as their kind. */
function asKnowable(cook: Cook, standIn: StandIn): StandIn {
  return {
    ...standIn,
    needs: Object.fromEntries(cook.batch.items.map(({ id }) => [id, 1])),
    mishaps: (standIn.mishaps ?? []).filter((mishap) => !HIDDEN.has(mishap)),
  };
}

function decide(
  cook: Cook,
  standIn: StandIn,
  { kind, atS, step, fault }: Moment,
): { readonly best: Move | null; readonly then: Outcome; readonly asPlanned: Outcome } {
  const before = upTo(cook, atS);
  if (kind === 'fault' && fault) {
    const mended = mendedAt(before, atS + SEEN_S, step, fault);
    const then = goesOn(mended, standIn, atS + SEEN_S + 1);
    return { best: null, then, asPlanned: then };
  }
  const asPlanned = goesOn(before, standIn, atS);
  const moment = kind === 'hold' ? 'shut' : kind === 'wait' ? 'cooling' : 'open';
  // Under the lid the best move is the best by what can be known; at an open pot anything can be tried.
  const known = moment === 'open' ? standIn : asKnowable(cook, standIn);
  let best: Move = { change: 'as-it-is', step };
  let most = worthOf(goesOn(before, known, atS));
  for (const move of movesAmong(before, moment, step)) {
    const worth = worthOf(goesOn(changedAt(before, atS, move), known, atS));
    if (worth > most) [best, most] = [move, worth];
  }
  const then = goesOn(changedAt(before, atS, best), standIn, atS);
  // A choice that only luck made worse is not blamed.
  if (best.change === 'as-it-is' || worthOf(then) < worthOf(asPlanned))
    return { best: { change: 'as-it-is', step }, then: asPlanned, asPlanned };
  return { best, then, asPlanned };
}

/** Cost of each mishap alone: the same hands with it and without it. */
function dearest(cook: Cook, standIn: StandIn, endS: number, went: number): Mishap | null {
  let found: Mishap | null = null;
  let most = NOTHING;
  for (const mishap of standIn.mishaps ?? []) {
    const without = (standIn.mishaps ?? []).filter((other) => other !== mishap);
    const cost = worthOf(goesOn(cook, { ...standIn, mishaps: without }, endS)) - went;
    if (cost > most) [found, most] = [mishap, cost];
  }
  return found;
}

/**
 * Looks back on a practice run that is over.
 *
 * @throws RangeError for a cook that is not over, or was not on a practice pot
 */
export function debriefOf(cook: Cook): Debrief {
  const { standIn, endedAt } = cook;
  if (!standIn || !endedAt) throw new RangeError('no rehearsal that is over');
  const endS = secondsOf(cook, endedAt);
  const model = truthAt(cook, standIn, endS, endS);
  // Steps open at the end run as planned: no one waits for a practice run.
  const outcome = { ...goesOn(cook, standIn, endS), tableMin: endS / 60 };
  const moments = momentsOf(cook, standIn, model, endS);
  const found = moments.map((moment) => decide(cook, standIn, moment));
  const went = worthOf(outcome);
  const decisions = moments.map((moment, i): Decision => {
    const { best, then, asPlanned } = found[i] as (typeof found)[number];
    const next = found[i + 1];
    // Outcomes still possible at the next choice were not lost by this one.
    const never = moment.fault !== undefined && putRightS(cook, moment.fault, endS) === Infinity;
    const left = !never && next && worthOf(next.then) > went ? next.then : outcome;
    const cost = Math.max(0, worthOf(then) - worthOf(left));
    return { ...moment, best, then, asPlanned, left, cost };
  });
  const worst = decisions.reduce<Decision | null>(
    (a, b) => (b.cost > (a?.cost ?? NOTHING) ? b : a),
    null,
  );
  const { s, liquidC } = model.heat.trace;
  const minute = Array.from(
    { length: CURVE_POINTS },
    (_, i) => (i / (CURVE_POINTS - 1)) * (endS / 60),
  );
  return {
    mishaps: (standIn.mishaps ?? []).map((kind) => ({
      kind,
      told: MISHAP[kind].told,
      signs: MISHAP[kind].signs,
    })),
    outcome,
    decisions,
    culprit: worst ?? dearest(cook, standIn, endS, went),
    truth: { minute, liquidC: minute.map((m) => between(s, liquidC, m * 60)) },
  };
}
