/**
 * The ways to release a pot's pressure: all words and figures of one way are in one
 * record, so that another way is another record and the compiler names what it lacks. Words are
 * common practice, no source.
 */
import { potKindOf, type PotKind } from './pots';

/** How the steam leaves, once it is let. */
export type Letting = 'open' | 'bursts' | 'cold water';

export type Release =
  | { readonly method: 'natural' }
  | { readonly method: 'quick' }
  | { readonly method: 'timed'; readonly afterMin: number }
  | {
      readonly method: 'pulsed';
      /** Share of the time that the valve is open. */
      readonly duty?: number;
      /** Wait with the valve shut before it, min. */
      readonly afterMin?: number;
    }
  | { readonly method: 'coldwater'; readonly afterMin?: number };

export type ReleaseMethod = Release['method'];

/** Longest wait before a valve, min. */
export const LONGEST_WAIT_MIN = 240;

/** Instructions at the valve, and the button that ends them. */
interface AtTheStove {
  readonly title: string;
  readonly act: string;
  readonly press: string;
}

export interface ReleaseDefinition {
  /** How it lets the steam out; null where the pot cools shut until the pin drops. */
  readonly lets: Letting | null;
  /** Whether the valve stays shut for some minutes first: always, when asked, or never. */
  readonly waits: 'always' | 'may' | 'never';
  /** In a choice. */
  readonly chosen: string;
  /** In the plan, before "after 10 min". */
  readonly planned: string;
  /** Name in a table beside other ways, which shows the minutes of its own wait. */
  readonly compared: string;
  /** In the reading of the valve, behind its minutes. */
  readonly read: string;
  /** On the bar of the steps, before when. */
  readonly grip: string;
  /** In a recipe. */
  readonly recipe: string;
  /** On the Stove and in the timetable; null where nothing is done. */
  readonly stove: AtTheStove | null;
  /** In an offer, as a way round a problem. */
  readonly remedy: string;
}

const OPEN: AtTheStove = { title: 'Open the valve', act: 'Open it slowly.', press: 'Valve opened' };
const SCALDS = 'stand back, the steam scalds.';

export const RELEASES = {
  natural: {
    lets: null,
    waits: 'never',
    chosen: 'natural: let the pin drop by itself',
    planned: 'natural release',
    compared: 'let it drop',
    read: 'by itself',
    grip: 'by itself',
    recipe: 'Let the pressure release naturally.',
    stove: null,
    remedy: 'Let the pin drop by itself',
  },
  quick: {
    lets: 'open',
    waits: 'never',
    chosen: 'quick: open the valve at once',
    planned: 'quick release',
    compared: 'at once',
    read: 'at once',
    grip: '',
    recipe: `Quick release: ${SCALDS}`,
    stove: OPEN,
    remedy: 'Open the valve at once',
  },
  timed: {
    lets: 'open',
    waits: 'always',
    chosen: 'timed: wait, then open the valve',
    planned: 'valve',
    compared: 'wait',
    read: 'then open',
    grip: '',
    recipe: `Quick release: ${SCALDS}`,
    stove: OPEN,
    remedy: 'Wait',
  },
  pulsed: {
    lets: 'bursts',
    waits: 'may',
    chosen: 'pulsed: open in bursts',
    planned: 'valve in bursts',
    compared: 'in bursts',
    read: 'in bursts',
    grip: 'in bursts ',
    recipe: `Release the steam in bursts: ${SCALDS}`,
    stove: { ...OPEN, act: 'Open in short bursts and stop when it spits.' },
    remedy: 'Open it in bursts, if its manual allows it',
  },
  coldwater: {
    lets: 'cold water',
    waits: 'may',
    chosen: 'cold water over the lid',
    planned: 'cold water over the lid',
    compared: 'cold water',
    read: 'cold water',
    grip: 'cold water ',
    recipe: 'Release it with cold water over the lid.',
    stove: {
      title: 'Cold water over the lid',
      act: 'Stovetop only: run cold water over the edge of the lid, not over the valve.',
      press: 'Water on',
    },
    remedy: 'Cold water over the lid',
  },
} as const satisfies Record<ReleaseMethod, ReleaseDefinition>;

/** All ways, in the order in which they are offered. */
export const RELEASE_METHODS = Object.keys(RELEASES) as readonly ReleaseMethod[];

/** Properties of a way. */
export function releaseOf(method: ReleaseMethod): ReleaseDefinition {
  return RELEASES[method];
}

/** Ways that a pot of a kind can let its pressure go. */
export function releasesFor(kind: PotKind): readonly ReleaseMethod[] {
  return RELEASE_METHODS.filter(
    (m) => potKindOf(kind).mayChillLid || releaseOf(m).lets !== 'cold water',
  );
}

/**
 * Minutes that a release waits with the valve shut; 0 for one that only waits.
 *
 * @example waitOf({ method: 'timed', afterMin: 10 }) // 10
 */
export function waitOf(release: Release | undefined): number {
  return release && 'afterMin' in release ? (release.afterMin ?? 0) : 0;
}

/**
 * A release by a method: it takes over nothing of one by another method.
 *
 * @param before of the same step
 * @param minutes that it waits, from 0, where it may
 */
export function releaseBy(
  method: ReleaseMethod,
  before: Release | undefined,
  minutes: number,
): Release {
  switch (method) {
    case 'timed':
      return { method, afterMin: minutes };
    case 'pulsed':
    case 'coldwater':
      return afterWait(before?.method === method ? before : { method }, minutes);
    case 'natural':
    case 'quick':
      return { method };
  }
}

/**
 * The same release after another wait: one that may wait stays what it is, with all that was set of
 * it; anything else opens the valve then.
 *
 * @param minutes from 0
 * @example afterWait({ method: 'natural' }, 8) // { method: 'timed', afterMin: 8 }
 */
export function afterWait(release: Release | undefined, minutes: number): Release {
  if (release?.method === 'pulsed' || release?.method === 'coldwater') {
    const { afterMin: _, ...rest } = release;
    return minutes > 0 ? { ...rest, afterMin: minutes } : rest;
  }
  return minutes > 0 ? { method: 'timed', afterMin: minutes } : { method: 'quick' };
}
