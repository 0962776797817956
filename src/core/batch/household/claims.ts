/** Claims of plans on jars: each litre belongs to one plan, and leaves when that plan is cooked. */
import type { Batch, Bundle, Cook, FromJar, Item, Jar, JarEnd } from '../schema/types';

/** Ignore less, L: a spoonful clings to the glass. */
export const DREGS_L = 0.005;

/** Litres still in a jar. */
export function leftInJar({ litres, gone = [] }: Pick<Jar, 'litres' | 'gone'>): number {
  return litres - gone.reduce((sum, g) => sum + g.litres, 0);
}

export const isEmptied = (jar: Jar): boolean => leftInJar(jar) <= DREGS_L;

/** Litres that plans take of each jar, by its id. */
export function claimed(batches: readonly Batch[]): ReadonlyMap<string, number> {
  const all = new Map<string, number>();
  for (const { items } of batches)
    for (const item of items)
      for (const { jar, litres } of item.jars ?? []) all.set(jar, (all.get(jar) ?? 0) + litres);
  return all;
}

/** Litres in a jar that no plan has claimed. */
export function freeInJar(jar: Jar, claims: ReadonlyMap<string, number>): number {
  return Math.max(0, leftInJar(jar) - (claims.get(jar.id) ?? 0));
}

/** A jar from which more is taken than it holds. */
export interface Overdraft {
  readonly jar: Jar;
  readonly claimedL: number;
  readonly leftL: number;
}

export function overdrafts({
  batches,
  jars,
}: Pick<Bundle, 'batches' | 'jars'>): readonly Overdraft[] {
  const claims = claimed(batches);
  return jars.flatMap((jar) => {
    const claimedL = claims.get(jar.id) ?? 0;
    const leftL = leftInJar(jar);
    return claimedL > leftL + 1e-6 ? [{ jar, claimedL, leftL }] : [];
  });
}

function withJars(item: Item, jars: readonly FromJar[]): Item {
  const { jars: _, ...rest } = item;
  return jars.length > 0 ? { ...rest, jars } : rest;
}

/**
 * A batch that takes from no jar any more: what it is made of stays.
 *
 * @example withoutClaims(batch).items.length // 8
 */
export function withoutClaims(batch: Batch): Batch {
  if (!batch.items.some((item) => item.jars)) return batch;
  return { ...batch, items: batch.items.map((item) => withJars(item, [])) };
}

/**
 * The household with no litre in two plans: who comes first has it. What two tabs or a file have brought
 * together may ask for it twice.
 */
export function settleClaims<B extends Pick<Bundle, 'batches' | 'jars'>>(bundle: B): B {
  if (!bundle.batches.some((batch) => batch.items.some((item) => item.jars))) return bundle;
  const left = new Map(bundle.jars.map((jar) => [jar.id, leftInJar(jar)]));
  let same = true;
  const items = (batch: Batch): readonly Item[] =>
    batch.items.map((item) => {
      if (!item.jars) return item;
      const kept = item.jars.flatMap((claim): readonly FromJar[] => {
        const has = left.get(claim.jar) ?? 0;
        const litres = Math.min(claim.litres, has);
        left.set(claim.jar, has - litres);
        if (litres >= claim.litres - 1e-6) return [claim];
        same = false;
        return litres > DREGS_L ? [{ jar: claim.jar, litres }] : [];
      });
      return kept.length === item.jars.length && kept.every((c, i) => c === item.jars?.[i])
        ? item
        : withJars(item, kept);
    });
  const batches = bundle.batches.map((batch) =>
    batch.items.some((item) => item.jars) ? { ...batch, items: items(batch) } : batch,
  );
  return same ? bundle : { ...bundle, batches };
}

/** Without what stays on a shelf: the plan that goes on, and what it takes is gone. */
export function cookedFrom(bundle: Bundle, cook: Cook): Bundle {
  const plan = bundle.batches.find((batch) => batch.id === cook.batch.id);
  if (!plan || plan === withoutClaims(plan)) return { ...bundle, cooks: [...bundle.cooks, cook] };
  return {
    ...bundle,
    cooks: [...bundle.cooks, cook],
    jars: pourOut(bundle.jars, plan, cook.id, cook.startedAt),
    batches: bundle.batches.map((batch) => (batch === plan ? withoutClaims(plan) : batch)),
  };
}

/** Whether what a cook left was thrown out: it fills no jar. */
export function isThrownOut({ after }: Pick<Cook, 'after'>): boolean {
  return after?.thrownAt !== undefined || after?.cooling?.thrown === true;
}

/** Some of a jar goes. */
export function goes(jar: Jar, how: JarEnd, litres: number, at: string, into?: string): Jar {
  const gone = { how, litres: Math.min(litres, leftInJar(jar)), at, ...(into && { into }) };
  return gone.litres > 0 ? { ...jar, gone: [...(jar.gone ?? []), gone] } : jar;
}

/** The jars of a plan as it is put on the stove: what it takes is gone into that cook. */
export function pourOut(
  jars: readonly Jar[],
  batch: Batch,
  cook: string,
  at: string,
): readonly Jar[] {
  const claims = claimed([batch]);
  if (claims.size === 0) return jars;
  return jars.map((jar) => {
    const litres = claims.get(jar.id);
    return litres === undefined ? jar : goes(jar, 'cooked', litres, at, cook);
  });
}

/**
 * Takes litres from jars, one after the other as they are given.
 *
 * @returns what is taken of each; less than wanted where they do not hold as much
 * @example takeFrom([{ id: 'j1', freeL: 0.5 }, { id: 'j2', freeL: 0.5 }], 0.8) // [{ jar: 'j1', litres: 0.5 }, { jar: 'j2', litres: 0.3 }]
 */
export function takeFrom(
  jars: readonly { readonly id: string; readonly freeL: number }[],
  litres: number,
): readonly FromJar[] {
  const taken: FromJar[] = [];
  let wanted = litres;
  for (const { id, freeL } of jars) {
    const take = Math.round(1e6 * Math.min(freeL, wanted)) / 1e6;
    if (take > 0) taken.push({ jar: id, litres: take });
    wanted -= take;
    if (wanted <= 1e-6) break;
  }
  return taken;
}
