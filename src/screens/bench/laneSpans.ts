/** What a lane shows: when an ingredient is not yet done, in its window, past it. */
import type { Chances, ItemReport } from '@/core/assess';

export type SpanKind = 'straw' | 'leaf' | 'rust' | 'plain';

export interface Span {
  readonly kind: SpanKind;
  /** Shares of the whole time, 0 to 1. */
  readonly from: number;
  readonly to: number;
}

/**
 * Spans of an item over the whole cook, in order, without gaps between entry and exit.
 *
 * @param totalMin length of the plan, above 0
 */
export function laneSpans(item: ItemReport, totalMin: number): readonly Span[] {
  if (item.apart) return [];
  const share = (minute: number): number => Math.min(1, Math.max(0, minute / totalMin));
  const from = share(item.enterMin);
  const to = share(Math.min(item.leaveMin, totalMin));
  if (item.needMin === null) return to > from ? [{ kind: 'plain', from, to }] : [];
  const done = item.doneMin === null ? to : share(item.doneMin);
  const over = item.overMin === null ? to : Math.max(done, share(item.overMin));
  const spans: Span[] = [
    { kind: 'straw', from, to: done },
    { kind: 'leaf', from: done, to: over },
    { kind: 'rust', from: over, to },
  ];
  return spans.filter((span) => span.to > span.from + 1e-9);
}

/** From this many draws of ten on, a verdict is told without its odds. */
const SURE = 0.95;

/**
 * The verdict in words of the trade, with its odds where the draws leave it open.
 *
 * @param chances how often each verdict was drawn; undefined while they are not known
 */
export function verdictWords(item: ItemReport, chances?: Chances): string {
  if (item.apart) return 'apart, in the bowl';
  if (item.needMin === null) return item.fishOut ? 'fish out' : '';
  const words = {
    under: 'not yet done',
    over: item.over ?? 'too far',
    right: 'right',
  }[item.verdict];
  const chance = chances?.[item.verdict] ?? 1;
  return chance >= SURE ? words : `${words}, ${Math.max(1, Math.round(10 * chance))} in 10`;
}
