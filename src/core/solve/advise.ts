/**
 * Remedies for the calls on a batch: each is run through the model before it is offered, with its effect on the
 * whole; the smallest change comes first, and one remedy for several calls is offered once, before all.
 */
import {
  applyRemedy,
  assess,
  callKey,
  findingOf,
  isStop,
  REMEDIES,
  type Draws,
  type Finding,
  type Remedy,
} from '../assess';
import type { Batch, Kitchen, Pot } from '../batch/schema';
import { mayOffer, type Danger } from '../guard';
import { formatMinutes } from '../quantity';
import { solve } from './solve';
import { tryPlan } from './trial';
import { USUAL_WISHES } from './types';

/** A remedy that has been tried. */
export interface Offer {
  readonly remedy: Remedy;
  /** Keys of the calls that it mends. */
  readonly mends: readonly string[];
  /** Keys of the warnings that are there after it; only what ends a stop may leave one. */
  readonly makes: readonly string[];
  readonly totalMin: number;
  /** Effect on the whole, in a few words. */
  readonly outcome: string;
}

export interface Advice {
  /** One remedy for several warnings; null if there is none. */
  readonly first: Offer | null;
  /** By the key of a call: up to three. */
  readonly offers: Readonly<Record<string, readonly Offer[]>>;
}

/** Judgement of a batch, with remedies. */
export interface Judged {
  readonly findings: readonly Finding[];
  readonly advice: Advice;
}

const MOST_OFFERS = 3;
/** More than this are not tried: a cook does not read them. */
const MOST_TRIALS = 16;

/** Weight of ten minutes later on the table beside that. */
const PER_MINUTE = 0.03;
/** Weight of a new warning: more than any change. */
const PER_WARNING = 100;

interface Home {
  readonly pot: Pot;
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
}

/** Remedies that no single judgement knows of: another pot, another order. */
function besides(batch: Batch, findings: readonly Finding[], home: Home): readonly Remedy[] {
  const { pot, pots, kitchen } = home;
  const remedies: Remedy[] = [];
  if (findings.some((f) => findingOf(f.code).wider === 'pot'))
    for (const other of pots)
      if (other.id !== pot.id && other.capacityL > pot.capacityL)
        remedies.push({ do: 'move-pot', pot: other, label: `Cook it in ${other.name}` });
  if (findings.some((f) => findingOf(f.code).wider === 'order')) {
    try {
      const { batch: plan, unmet } = solve(batch, pot, kitchen, USUAL_WISHES);
      if (unmet.length === 0)
        remedies.push({ do: 'take', batch: plan, label: 'Fix the timing for me' });
    } catch (error) {
      // A pot that cannot come to pressure has no order to find; its call says so.
      if (!(error instanceof RangeError)) throw error;
    }
  }
  return remedies;
}

const isGrave = ({ level }: Finding): boolean => level !== 'note';

/** Runs a remedy through the model. @returns null where it mends nothing or breaks more than it mends */
function tried(
  batch: Batch,
  remedy: Remedy,
  before: readonly Finding[],
  dangers: readonly Danger[],
  beforeMin: number,
  home: Home,
): Offer | null {
  const next = applyRemedy(batch, remedy);
  const pot = remedy.do === 'move-pot' ? remedy.pot : home.pot;
  const after = tryPlan(next, pot, home.kitchen);
  // Drop a remedy that makes any hazard worse.
  if (!mayOffer(dangers, after.dangers)) return null;
  const old = new Set(before.map(callKey));
  const made = after.findings.filter((f) => isGrave(f) && !old.has(callKey(f)));
  const left = new Map(after.findings.map((f) => [callKey(f), f.level]));
  const mends = before
    .filter((f) => !left.has(callKey(f)) || (f.level !== 'note' && left.get(callKey(f)) === 'note'))
    .map(callKey);
  // A failing plan is worse than one with a warning; report both.
  const ends = before.some((f) => isStop(f) && mends.includes(callKey(f)));
  const breaks = made.some(isStop) || (made.length > 0 && !ends);
  if (breaks || mends.length === 0) return null;
  const { totalMin } = after.time;
  const then = made.map(({ title }) => `; then: ${title.toLowerCase()}`).join('');
  return {
    remedy,
    mends,
    makes: made.map(callKey),
    totalMin,
    outcome: outcomeWords(totalMin, beforeMin) + then,
  };
}

function outcomeWords(totalMin: number, beforeMin: number): string {
  const by = Math.round(totalMin - beforeMin);
  const table = `${formatMinutes(totalMin)} in all`;
  if (by === 0) return table;
  return `${table}, ${formatMinutes(Math.abs(by))} ${by > 0 ? 'later' : 'sooner'}`;
}

function weight(offer: Offer, beforeMin: number): number {
  return (
    REMEDIES[offer.remedy.do].changes +
    PER_MINUTE * Math.max(0, offer.totalMin - beforeMin) +
    PER_WARNING * offer.makes.length
  );
}

/** The best for a call; that it is right as it is can always be said, last. */
function best(ranked: readonly Offer[], key: string): readonly Offer[] {
  const all = ranked.filter((offer) => offer.mends.includes(key));
  const right = all.find((offer) => offer.remedy.do === 'set-wish');
  const others = all.filter((offer) => offer !== right);
  return right ? [...others.slice(0, MOST_OFFERS - 1), right] : others.slice(0, MOST_OFFERS);
}

/**
 * Judges a batch by chance and tries what would mend its calls.
 *
 * @param draws of the same batch
 * @example judgeBatch(batch, pot, kitchen, pots, null).findings[0].code // "overcooked"
 */
export function judgeBatch(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  pots: readonly Pot[],
  draws: Draws | null,
): Judged {
  const { findings, time } = assess(batch, pot, kitchen, { curves: false, draws });
  const home: Home = { pot, pots, kitchen };
  const seen = new Set<string>();
  const candidates = [
    ...findings.flatMap((f) => f.remedies),
    ...besides(batch, findings, home),
  ].filter((remedy) => {
    const key = JSON.stringify(remedy);
    return !seen.has(key) && seen.add(key);
  });
  const dangers = candidates.length > 0 ? tryPlan(batch, pot, kitchen).dangers : [];
  const ranked = candidates
    .sort((a, b) => REMEDIES[a.do].changes - REMEDIES[b.do].changes)
    .slice(0, MOST_TRIALS)
    .flatMap((remedy) => tried(batch, remedy, findings, dangers, time.totalMin, home) ?? [])
    .sort((a, b) => weight(a, time.totalMin) - weight(b, time.totalMin));
  const grave = new Set(findings.filter(isGrave).map(callKey));
  const graveOf = (offer: Offer): number => offer.mends.filter((key) => grave.has(key)).length;
  const [most] = ranked
    .filter((offer) => offer.makes.length === 0)
    .sort((a, b) => graveOf(b) - graveOf(a));
  return {
    findings,
    advice: {
      first: most && graveOf(most) > 1 ? most : null,
      offers: Object.fromEntries(findings.map((f) => [callKey(f), best(ranked, callKey(f))])),
    },
  };
}
