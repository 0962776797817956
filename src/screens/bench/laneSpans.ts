/** What a lane shows: when an ingredient is not yet done, in its window, past it. */
import type { ItemReport } from '@/core/assess';

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

/** The verdict in words of the trade. */
export function verdictWords(item: ItemReport): string {
  if (item.needMin === null) return item.fishOut ? 'fish out' : '';
  switch (item.verdict) {
    case 'under':
      return 'not yet done';
    case 'over':
      return item.over ?? 'too far';
    case 'right':
      return 'right';
  }
}
