/**
 * History of a lot: stretches of time from the fridge until it is eaten or thrown away, each with its coolest and
 * its warmest temperature. A history only grows; whatever is lost stays lost.
 */
import type { History, Span } from './span';
import {
  COLD_C,
  COLD_WITHIN_MIN,
  COOL_C,
  COOL_WITHIN_MIN,
  HOT_C,
  HOT_ROOM_C,
  REHEAT_C,
  STANDS_MIN,
} from './limits';

export type { History, Span } from './span';

/** Verdict on a history. */
export interface Stood {
  /** Minute from its start at which the count was over; null where it is not. */
  readonly lostMin: number | null;
  /** Rule that it broke; null where it broke none. */
  readonly why: 'raw' | 'first-limb' | 'in-all' | null;
  /** Whether that rests on presumed spans. */
  readonly presumed: boolean;
  /** Used share of the time limit, from 0; 1 and above is over. */
  readonly used: number;
  /** Minutes between 5 and 57 C since it was last heated through, and those above 21 C. */
  readonly zoneMin: number;
  readonly warmMin: number;
  /** Whether it has been heated through. */
  readonly cooked: boolean;
}

const isIn = ({ coolestC, warmestC }: Span): boolean => warmestC > COLD_C && coolestC < HOT_C;

/**
 * Judges a history by both limbs of cooling, and by the two-hour limit for raw perishables. Heating through to
 * 74 C begins the count anew, as long as nothing was lost by then; the cold and the freezer only stop it.
 *
 * @param roomC warmest air around raw food, C: above 32 C an hour counts as two
 * @example judgeHistory([{ minutes: 300, coolestC: 20, warmestC: 20, how: 'measured' }]).lostMin // 120
 */
export function judgeHistory(spans: readonly Span[], roomC = 20): Stood {
  const hotRoom = roomC > HOT_ROOM_C;
  let cooked = false;
  let zoneMin = 0;
  let warmMin = 0;
  let presumedMin = 0;
  let rawMin = 0;
  let atMin = 0;
  let lost: Pick<Stood, 'lostMin' | 'why' | 'presumed'> = {
    lostMin: null,
    why: null,
    presumed: false,
  };
  for (const span of spans) {
    if (span.coolestC >= REHEAT_C) {
      if (lost.lostMin === null) {
        cooked = true;
        zoneMin = warmMin = presumedMin = rawMin = 0;
      }
    } else if (isIn(span)) {
      const warm = span.warmestC > COOL_C;
      const rate = hotRoom && warm ? 2 : 1;
      // Minutes into the span at which each limit is passed.
      const over: readonly (readonly [left: number, why: NonNullable<Stood['why']>])[] = cooked
        ? [
            ...(warm ? [[COOL_WITHIN_MIN - warmMin, 'first-limb'] as const] : []),
            [COLD_WITHIN_MIN - zoneMin, 'in-all'],
          ]
        : [[(STANDS_MIN - rawMin) / rate, 'raw']];
      const [left, why] = over.reduce((a, b) => (b[0] < a[0] ? b : a));
      if (span.how !== 'seen') presumedMin += span.minutes;
      if (lost.lostMin === null && span.minutes > left + 1e-9)
        lost = { lostMin: atMin + Math.max(0, left), why, presumed: presumedMin > 0 };
      zoneMin += span.minutes;
      rawMin += rate * span.minutes;
      if (warm) warmMin += span.minutes;
    }
    atMin += span.minutes;
  }
  const used = cooked
    ? Math.max(warmMin / COOL_WITHIN_MIN, zoneMin / COLD_WITHIN_MIN)
    : rawMin / STANDS_MIN;
  return {
    ...lost,
    used: lost.lostMin === null ? Math.min(1, used) : Math.max(1, used),
    zoneMin,
    warmMin,
    cooked,
  };
}

/** Spans of a cooling that keeps to the rule: hot for half an hour, then through both limbs in time. */
export function cooledSpans(minutes: number): readonly Span[] {
  const part = (from: number, to: number, coolestC: number, warmestC: number): Span => ({
    minutes: Math.max(0, Math.min(minutes, to) - from),
    coolestC,
    warmestC,
    how: 'planned',
  });
  const cool = STILL_HOT_MIN + (COOL_WITHIN_MIN * 3) / 4;
  const cold = STILL_HOT_MIN + (COLD_WITHIN_MIN * 3) / 4;
  return [
    part(0, STILL_HOT_MIN, HOT_C, OFF_C),
    part(STILL_HOT_MIN, cool, COOL_C, HOT_C - 0.1),
    part(cool, cold, COLD_C, COOL_C),
    part(cold, Infinity, COLD_C, COLD_C),
  ];
}
/** Shallow pans still steam so long, min, and are poured at so much, C (assumed). */
const STILL_HOT_MIN = 30;
const OFF_C = 95;

/** Whether two spans say the same but for their length. */
const alike = (a: Span, b: Span): boolean =>
  a.how === b.how && a.coolestC === b.coolestC && a.warmestC === b.warmestC;

/** A history with more of it; stretches of no length are dropped, and like ones joined. */
export function followedBy(history: History, spans: readonly Span[]): History {
  const all: Span[] = [...history.spans];
  for (const span of spans) {
    if (!(span.minutes > 0)) continue;
    const last = all.at(-1);
    if (last && alike(last, span))
      all[all.length - 1] = { ...last, minutes: last.minutes + span.minutes };
    else all.push(span);
  }
  return { startAt: history.startAt, spans: all };
}

const MINUTES_PER_DAY = 1440;
/** Frozen food is below this, C. */
const FROZEN_BELOW_C = -5;

/** Days in the cold that were not frozen, since it was last heated through. The freezer stops them and gives none back. */
export function coldDays(spans: readonly Span[]): number {
  const from = spans.findLastIndex(({ coolestC }) => coolestC >= REHEAT_C) + 1;
  const minutes = spans
    .slice(from)
    .reduce((sum, { minutes: m, warmestC }) => sum + (warmestC > FROZEN_BELOW_C ? m : 0), 0);
  return minutes / MINUTES_PER_DAY;
}

/** Of several histories the one that is worst, since what is poured together is as old as its oldest. */
export function worstOf(histories: readonly History[]): History | null {
  const harm = ({ spans }: History): number => judgeHistory(spans).used + coldDays(spans) / 1000;
  return histories.reduce<History | null>(
    (worst, one) => (worst === null || harm(one) > harm(worst) ? one : worst),
    null,
  );
}
