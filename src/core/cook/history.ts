/**
 * History of what is in a pot, from the marks of its cook and the time alone: signs and readings are seen, stretches
 * of the plan are planned; anything unseen counts as the less safe.
 */
import { entryIndex, foodOf, stepsOf } from '../batch/plan';
import type { Cook, Mark, Span } from '../batch/schema';
import {
  COLD_C,
  cooledSpans,
  followedBy,
  HEATS,
  HOT_C,
  isPerishable,
  judgeHistory,
  type History,
  type Stood,
} from '../guard';
import { coolingOf } from '../vocabulary';
import { known, timelineOf, type StepTimeline, type Timeline } from './timeline';
import { momentOf, secondsOf } from './time';

/** A pot that was just hot is surely above 57 C this long, lid or no lid, min (assumed; a litre takes 50 min). */
const SURELY_HOT_MIN = 30;
/** Cold food on full heat is through the zone in this time at the most, min (assumed). */
const HEATING_MIN = 40;
/** Temperature off the heat, and the least under pressure, C. */
const OFF_C = 95;
/** Food out of the fridge, C. */
const FRIDGE_C = 4;

/** A moment at which it is known how warm it is. */
interface Sign {
  readonly s: number;
  readonly celsius: number;
  readonly how: Span['how'];
  /** For so long it stays hot by itself, or by the plan, min. */
  readonly hotMin: number;
  /** Whether a thermometer measured it, which also bounds the time before. */
  readonly read: boolean;
  /** Whether the heat was on until then. */
  readonly on?: true;
}

const hot = (s: number, how: Span['how'], hotMin: number): Sign => ({
  s,
  celsius: OFF_C,
  how,
  hotMin,
  read: false,
});
const reading = (s: number, celsius: number): Sign => ({
  s,
  celsius,
  how: 'seen',
  hotMin: celsius >= HOT_C ? SURELY_HOT_MIN : 0,
  read: true,
});

type Went = Pick<Cook, 'batch' | 'marks' | 'startedAt' | 'predicted' | 'kitchen' | 'after'>;

/** Signs of one pressure step: what was seen of it, and the plan's word where only the lid was pressed. */
function signsOfLid(
  { locked, pin, hot: up, over, valve, down, off }: StepTimeline,
  planned: { readonly warmUpMin: number; readonly minutes: number } | undefined,
): readonly Sign[] {
  const total = planned?.minutes ?? 0;
  const afterUp = total - (planned?.warmUpMin ?? 0);
  const seen = [known(pin), known(up)].flatMap((one) =>
    one ? [hot(one.s, 'seen', afterUp + SURELY_HOT_MIN)] : [],
  );
  const later = [known(over), ...valve.map(known), known(down)].flatMap((one) =>
    one ? [hot(one.s, 'seen', SURELY_HOT_MIN)] : [],
  );
  const lid = known(locked);
  // Nobody saw it hot: the plan says so, as long as it should have taken.
  const told =
    seen.length + later.length === 0 && lid && planned
      ? [hot(lid.s + 60 * planned.warmUpMin, 'planned', afterUp + SURELY_HOT_MIN)]
      : [];
  const opened = known(off);
  const taken = opened ? [hot(opened.s, 'planned', SURELY_HOT_MIN)] : [];
  return [...seen, ...later, ...told, ...taken];
}

/** Signs of heating; thermometer readings come beside them. */
function signsOf({ marks, predicted, ...cook }: Went, timeline: Timeline): readonly Sign[] {
  const at = (mark: Mark): number => secondsOf(cook, mark.at);
  const steps = stepsOf(timeline.plan).flatMap((step, i): readonly Sign[] => {
    const went = timeline.steps[i];
    const planned = predicted.steps.find(({ id }) => id === step.id);
    if (!went) return [];
    if (step.kind === 'pressure') return signsOfLid(went, planned);
    const done = known(went.off);
    if (step.kind === 'simmer' && done) return [hot(done.s, 'planned', SURELY_HOT_MIN)];
    // A rest on keep-warm is hot as long as it lasts, by the plan.
    if (step.kind !== 'rest' || step.keepWarm !== true) return [];
    const begins = timeline.steps[i - 1]?.off ?? timeline.steps[i - 1]?.down;
    return begins ? [hot(begins.s, 'planned', (step.minutes ?? 0) + SURELY_HOT_MIN)] : [];
  });
  const read = timeline.readings.map(({ s, celsius }) => reading(s, celsius));
  const off = marks.flatMap((mark) =>
    mark.kind === 'heat-off'
      ? [{ ...hot(at(mark), 'seen', SURELY_HOT_MIN), on: true as const }]
      : [],
  );
  return [...steps, ...read, ...off];
}

/** The first heat, s: a lid that is locked, or the beginning of an open pan. */
function heatsAtS({ plan, steps }: Timeline): number | null {
  const first = stepsOf(plan).findIndex(({ kind }) => HEATS.has(kind));
  if (first < 0) return null;
  if (stepsOf(plan)[first]?.kind === 'pressure') return known(steps[first]?.locked)?.s ?? null;
  return first === 0 ? 0 : (steps[first - 1]?.off?.s ?? null);
}

/** When perishable food went into the cold pot, s; null if none is in it before it is hot. */
function rawFromS(cook: Went, { plan }: Timeline): Pick<Sign, 's' | 'how'> | null {
  const first = stepsOf(plan).findIndex(({ kind }) => kind === 'pressure' || kind === 'simmer');
  const raw = plan.items.filter((item) => {
    const food = foodOf(item);
    const early = entryIndex(item, stepsOf(plan)) <= Math.max(0, first);
    return food && !item.apart && early && isPerishable(item.own?.name ?? item.food, food);
  });
  if (raw.length === 0) return null;
  const ids = new Set(raw.map(({ id }) => id));
  const ticked = cook.marks.flatMap((mark) =>
    mark.kind === 'ticked' && mark.item && ids.has(mark.item) ? [secondsOf(cook, mark.at)] : [],
  );
  return ticked.length > 0 ? { s: Math.min(...ticked), how: 'seen' } : { s: 0, how: 'presumed' };
}

/** Minutes until it is at 57 C, if it cooled from one temperature to another by itself (Newton's law of cooling). */
function minutesToZone(minutes: number, fromC: number, toC: number, roomC: number): number {
  const below = Math.max(roomC + 0.5, toC);
  const all = Math.log((fromC - roomC) / (below - roomC));
  return all > 0
    ? Math.min(minutes, (minutes * Math.log((fromC - roomC) / (HOT_C - roomC))) / all)
    : 0;
}

/** From one sign to the next, or to now. */
function between(from: Sign, to: Sign | null, untilS: number, roomC: number): readonly Span[] {
  const minutes = (untilS - from.s) / 60;
  const span = (m: number, coolestC: number, warmestC: number, how: Span['how']): Span => ({
    minutes: m,
    coolestC,
    warmestC,
    how,
  });
  if (from.celsius < HOT_C) {
    const coolest = Math.min(from.celsius, to?.celsius ?? roomC);
    const warmest = Math.max(from.celsius, Math.min(HOT_C - 1, to?.celsius ?? roomC));
    return [span(minutes, coolest, warmest, to?.read ? 'seen' : 'presumed')];
  }
  // A thermometer tells what happened since: it was held hot, or it has cooled by itself.
  if (to?.on) return [span(minutes, Math.min(from.celsius, OFF_C), OFF_C, 'seen')];
  if (to?.read && to.celsius >= HOT_C)
    return [span(minutes, Math.min(from.celsius, to.celsius), from.celsius, 'seen')];
  if (to?.read) {
    const first = minutesToZone(minutes, from.celsius, to.celsius, roomC);
    return [
      span(first, HOT_C, from.celsius, 'seen'),
      span(minutes - first, to.celsius, HOT_C - 0.1, 'seen'),
    ];
  }
  const hotMin = Math.min(minutes, from.hotMin);
  const coolest = Math.min(from.celsius, OFF_C);
  return [
    span(hotMin, coolest, Math.max(from.celsius, OFF_C), from.how),
    span(minutes - hotMin, roomC, HOT_C - 0.1, 'presumed'),
  ];
}

/** Returns the spans from the start of cooling on. */
function afterwards(cook: Went, fromS: number, untilS: number, roomC: number): readonly Span[] {
  const { cooling } = cook.after ?? {};
  if (!cooling) return [];
  const ends = cooling.endedAt ? Math.min(untilS, secondsOf(cook, cooling.endedAt)) : untilS;
  const readings = (cooling.readings ?? [])
    .map(({ at, celsius }) => reading(secondsOf(cook, at), celsius))
    .filter(({ s }) => s >= fromS && s <= ends)
    .toSorted((a, b) => a.s - b.s);
  const way = coolingOf(cooling.way);
  const first: Sign = { s: fromS, celsius: cooling.startC, how: 'seen', hotMin: 0, read: true };
  if (way === 'cools' && readings.length === 0) return cooledSpans((ends - fromS) / 60);
  const start = { ...first, hotMin: way === 'hot' ? Infinity : SURELY_HOT_MIN };
  return chain([start, ...readings], ends, roomC);
}

function chain(signs: readonly Sign[], untilS: number, roomC: number): readonly Span[] {
  return signs.flatMap((sign, i) =>
    between(sign, signs[i + 1] ?? null, signs[i + 1]?.s ?? untilS, roomC),
  );
}

/**
 * History of the contents of a pot up to a moment.
 *
 * @param nowMs ms since 1970
 */
export function historyOf(cook: Went, nowMs: number): History {
  const timeline = timelineOf(cook);
  const roomC = cook.kitchen.ambientC;
  const nowS = (nowMs - Date.parse(cook.startedAt)) / 1000;
  const coolS = cook.after?.cooling ? secondsOf(cook, cook.after.cooling.at) : Infinity;
  const untilS = Math.min(nowS, coolS);
  const signs = signsOf(cook, timeline)
    .filter(({ s }) => s <= untilS)
    .toSorted((a, b) => a.s - b.s);
  const raw = rawFromS(cook, timeline);
  const [first] = signs;
  const heatsS = Math.min(heatsAtS(timeline) ?? Infinity, first?.s ?? Infinity, untilS);
  const spans: Span[] = [];
  if (raw && raw.s < heatsS)
    spans.push({
      minutes: (heatsS - raw.s) / 60,
      coolestC: FRIDGE_C,
      warmestC: roomC,
      how: raw.how,
    });
  const hotS = first?.s ?? untilS;
  if (raw && hotS > heatsS) {
    const minutes = (hotS - heatsS) / 60;
    spans.push(
      {
        minutes: Math.min(minutes, HEATING_MIN),
        coolestC: FRIDGE_C,
        warmestC: HOT_C,
        how: 'planned',
      },
      // Nobody has seen it hot: it is so by the plan, and no longer than the plan has it.
      { minutes: minutes - HEATING_MIN, coolestC: roomC, warmestC: OFF_C, how: 'presumed' },
    );
  }
  spans.push(...chain(signs, untilS, roomC), ...afterwards(cook, untilS, nowS, roomC));
  const startS = raw?.s ?? heatsS;
  const startAt = momentOf(cook, Number.isFinite(startS) ? startS : 0);
  return followedBy({ startAt, spans: [] }, spans);
}

/** Verdict on what is in the pot, up to a moment. */
export function stoodOf(cook: Went, nowMs: number): Stood {
  return judgeHistory(historyOf(cook, nowMs).spans, cook.kitchen.ambientC);
}

/** After this time without a look at the pot, ask about it before anything else, min. */
const FORGOTTEN_MIN = 60;

/**
 * Whether it is to be asked when the heat went off and how warm it is now: for an hour or more nothing tells that it
 * was hot, or cold.
 */
export function howWarmAsked(cook: Went, nowMs: number): boolean {
  if (cook.after?.cooling) return false;
  const last = historyOf(cook, nowMs).spans.at(-1);
  return (
    last !== undefined &&
    last.how === 'presumed' &&
    last.minutes > FORGOTTEN_MIN &&
    last.warmestC > COLD_C &&
    last.coolestC < HOT_C &&
    signsOf(cook, timelineOf(cook)).length > 0
  );
}
