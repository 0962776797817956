/** The stays of an item in the pot: when it goes in, comes out, goes in again, and what hands do with it meanwhile. */
import type { Done, Item, Stay, Step } from '../schema/types';

/** Index of a step; `otherwise` where none is named or it is gone. */
export function indexOfStep(
  steps: readonly Step[],
  id: string | null | undefined,
  otherwise: number,
): number {
  const found = id ? steps.findIndex((s) => s.id === id) : -1;
  return found < 0 ? otherwise : found;
}

const ALL_ALONG: readonly [Stay] = [{}];

/** Stays of an item, at least one. */
export function staysOf({ stays }: Pick<Item, 'stays'>): readonly [Stay, ...Stay[]] {
  const [first, ...rest] = stays ?? [];
  return first ? [first, ...rest] : ALL_ALONG;
}

/** Step at whose start it first goes in; null for the first of the plan. */
export function entryOf(item: Pick<Item, 'stays'>): string | null {
  return staysOf(item)[0].from ?? null;
}

/** Index of the step at whose start it first goes in. */
export function entryIndex(item: Pick<Item, 'stays'>, steps: readonly Step[]): number {
  return indexOfStep(steps, entryOf(item), 0);
}

/** Step at whose start it comes out for good; null where it stays. */
export function exitOf(item: Pick<Item, 'stays'>): string | null {
  return staysOf(item).at(-1)?.to ?? null;
}

/** A stay without what it does not say. */
export function stay(
  from: string | null | undefined,
  to?: string | null,
  done?: readonly Done[],
): Stay {
  return {
    ...(from && { from }),
    ...(to && { to }),
    ...(done && done.length > 0 && { done: [...done] }),
  };
}

/** Fields of an item: its stays, none where they say nothing. */
export interface StaysOf {
  readonly stays: readonly Stay[] | undefined;
}

/** Stays as an item keeps them. */
export function kept(stays: readonly Stay[]): StaysOf {
  return { stays: stays.every((one) => Object.keys(one).length === 0) ? undefined : stays };
}

/** Change of an item: it goes in first with a step. @param from null for the first step of the plan */
export function enteringAt(item: Pick<Item, 'stays'>, from: string | null): StaysOf {
  const [first, ...rest] = staysOf(item);
  return kept([stay(from, first.to, first.done), ...rest]);
}

/** Change of an item: it comes out for good with a step. @param to null where it stays */
export function leavingAt(item: Pick<Item, 'stays'>, to: string | null): StaysOf {
  const all = staysOf(item);
  return kept(all.map((one, i) => (i === all.length - 1 ? stay(one.from, to, one.done) : one)));
}

/** Change of an item: out with a step, back with another, and what is done in between. */
export function setAside(
  item: Pick<Item, 'stays'>,
  out: string,
  back: string,
  done: readonly Done[] = [],
): StaysOf {
  const all = staysOf(item);
  const last = all.at(-1) ?? {};
  return kept([...all.slice(0, -1), stay(last.from, out, last.done), stay(back, last.to, done)]);
}

/** Change of an item when a step goes: what went in with it goes in with the one before. */
export function withoutStep(item: Pick<Item, 'stays'>, id: string, before: string | null): StaysOf {
  const all = staysOf(item);
  return kept(
    all.map((one, i) =>
      stay(
        one.from === id ? before : one.from,
        one.to === id ? (i < all.length - 1 ? before : null) : one.to,
        one.done,
      ),
    ),
  );
}

/** Change of an item when several steps go for good: stays that began in them go too. */
export function withoutSteps(item: Pick<Item, 'stays'>, gone: ReadonlySet<string>): StaysOf {
  const left = staysOf(item).filter((one, i) => i === 0 || !one.from || !gone.has(one.from));
  return kept(left.map(({ from, to, done }) => stay(from, to && gone.has(to) ? null : to, done)));
}

/** A stay by the indexes of its steps. */
export interface Stretch {
  readonly from: number;
  /** Index of the step at whose start it comes out; null where it does not say. */
  readonly to: number | null;
  readonly done: readonly Done[];
}

/** The stays of an item in order, none of them empty, none before the one before it is over. */
export function spansOf(item: Pick<Item, 'stays'>, steps: readonly Step[]): readonly Stretch[] {
  const all = staysOf(item);
  const spans: Stretch[] = [];
  all.forEach((one, i) => {
    const from = indexOfStep(steps, one.from, i === 0 ? 0 : -1);
    const before = spans.at(-1);
    if (from < 0 || (before && from < (before.to ?? from))) return;
    if (before && before.to === null) spans[spans.length - 1] = { ...before, to: from };
    const to = indexOfStep(steps, one.to, -1);
    spans.push({ from, to: to < 0 ? null : Math.max(from, to), done: one.done ?? [] });
  });
  return spans.filter(({ from, to }, i) => i === spans.length - 1 || to !== from);
}
