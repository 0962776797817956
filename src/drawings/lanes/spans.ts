/** Spans of a lane: the grades an ingredient goes through, and the wanted range. */
import type { Chances } from '@/core/assess';
import type { ItemReport } from '@/core/model';
import type { Item } from '@/core/batch/schema';
import { gradeName } from '@/core/vocabulary';
import { gradeIndex, spanOf, wishOf, type Family } from '@/core/food';

/** Before what is wanted, in it, past it; in for flavour; what has no grades; on a plate between two stays. */
export type Zone = 'before' | 'right' | 'past' | 'flavour' | 'plain' | 'plate';

export interface LaneSpan {
  readonly zone: Zone;
  /** The grade; empty without one. */
  readonly word: string;
  /** Every other one of a zone is darker, so that they part. */
  readonly dark: boolean;
  /** Shares of the whole time, 0 to 1. */
  readonly from: number;
  readonly to: number;
}

function zoneOf(family: Family, place: number, { wish }: ItemReport): Zone {
  if (!wish) return 'plain';
  if (place < gradeIndex(family, wish.from)) return 'before';
  return place > gradeIndex(family, wish.to) ? 'past' : 'right';
}

/**
 * Spans of an item over the whole cook, in order, without gaps between entry and exit.
 *
 * @param endMin length of the plan, above 0
 */
export function laneSpans(item: ItemReport, endMin: number): readonly LaneSpan[] {
  const plates = item.stays.slice(1).flatMap((stay, i): LaneSpan[] => {
    const from = (item.stays[i]?.toMin ?? 0) / endMin;
    const to = stay.fromMin / endMin;
    return to > from ? [{ zone: 'plate', word: 'on a plate', dark: false, from, to }] : [];
  });
  const cut = (span: LaneSpan): readonly LaneSpan[] =>
    plates.reduce<readonly LaneSpan[]>(
      (left, { from, to }) =>
        left.flatMap((one) => [
          { ...one, to: Math.min(one.to, from) },
          { ...one, from: Math.max(one.from, to) },
        ]),
      [span],
    );
  return [...inPot(item, endMin).flatMap(cut), ...plates]
    .filter(({ from, to }) => to > from + 1e-9)
    .toSorted((a, b) => a.from - b.from);
}

/** Its grades from where it first goes in to where it is out for good. */
function inPot(item: ItemReport, endMin: number): readonly LaneSpan[] {
  if (item.apart) return [];
  const share = (minute: number): number => Math.min(1, Math.max(0, minute / endMin));
  const from = share(item.enterMin);
  const to = share(Math.min(item.leaveMin, endMin));
  if (to <= from) return [];
  const { family } = item;
  if (item.for === 'flavour') return [{ zone: 'flavour', word: '', dark: false, from, to }];
  if (!family || item.grades.length === 0)
    return [{ zone: 'plain', word: '', dark: false, from, to }];
  return item.grades.map(({ grade, fromMin }, i) => ({
    zone: zoneOf(family, gradeIndex(family, grade), item),
    word: gradeName(grade),
    dark: i % 2 === 1,
    from: Math.max(from, share(fromMin)),
    to: Math.min(to, share(item.grades[i + 1]?.fromMin ?? endMin)),
  }));
}

/** An item with the wish that the cook has just set, while the model is still working. */
export function asWished(item: ItemReport, source: Item): ItemReport {
  const span = source.wish && item.family && spanOf(item.family, source.wish);
  return span && item.family ? { ...item, wish: wishOf(item.family, span) } : item;
}

/** The stretch of a lane in which it is as wanted; null for what is never judged. */
export function wantedSpan(
  item: ItemReport,
  endMin: number,
): { readonly from: number; readonly to: number } | null {
  if (!item.wish || item.for === 'flavour' || item.apart) return null;
  const out = Math.min(item.leaveMin, endMin);
  const share = (minute: number | null): number =>
    Math.min(1, Math.max(0, Math.min(minute ?? out, out) / endMin));
  return {
    from: item.doneMin === null ? share(null) : share(Math.max(item.doneMin, item.enterMin)),
    to: share(item.overMin),
  };
}

/** From this many draws of ten on, a verdict is shown without its odds. */
const SURE = 0.95;

function flavourWords({ grade, fishOut }: ItemReport): string {
  if (fishOut) return 'remove before serving';
  return grade === null ? 'for its taste' : 'dissolves';
}

/**
 * Returns the final grade of an ingredient, with the chance of it where the draws disagree.
 *
 * @param chances how often each verdict was drawn; undefined while they are not known
 */
export function outcomeWords(item: ItemReport, chances?: Chances): string {
  if (item.apart) return 'cooked separately';
  if (item.for === 'flavour') return flavourWords(item);
  if (item.grade === null) return item.fishOut ? 'remove before serving' : '';
  const chance = chances?.[item.verdict] ?? 1;
  const word = { under: 'not done', right: 'right', over: 'overdone' }[item.verdict];
  const odds = chance >= SURE ? '' : ` ${Math.max(1, Math.round(10 * chance))} in 10`;
  // Say nothing of a sure success.
  return item.verdict === 'right' && !odds
    ? gradeName(item.grade)
    : `${gradeName(item.grade)}, ${word}${odds}`;
}
