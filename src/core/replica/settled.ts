/** A household that can be kept, of records that several devices have joined. */
import { batchRefusal, FIRST_POT, settleClaims } from '../batch/household';
import { inTheirPots } from '../batch/plan';
import type { Batch, Bundle, Jar } from '../batch/schema';

/** Less is what clings to the glass, L. */
const DREGS_L = 1e-6;

/** Without what was taken of a jar once there was nothing left in it: two devices may have taken the same. */
function pouredOnce(jar: Jar): Jar {
  let left = jar.litres;
  let isWhole = true;
  const gone = jar.gone?.flatMap((one) => {
    const litres = Math.min(one.litres, left);
    left -= litres;
    if (litres >= one.litres - DREGS_L) return [one];
    isWhole = false;
    return litres > DREGS_L ? [{ ...one, litres }] : [];
  });
  return isWhole ? jar : { ...jar, gone };
}

/** Batches whose parts are known to fit each other: of hundreds one has changed. */
const known = new WeakSet<Batch>();

/** A batch whose parts fit each other: no stay names a step that is gone. */
function fitting(batch: Batch): Batch {
  if (known.has(batch)) return batch;
  const fit = fitted(batch);
  known.add(fit);
  return fit;
}

function fitted(batch: Batch): Batch {
  const { steps } = batch;
  if (!steps || batchRefusal(batch) === null) return batch;
  const ids = new Set(steps.map(({ id }) => id));
  const isThere = (id: string | undefined): boolean => id === undefined || ids.has(id);
  return {
    ...batch,
    items: batch.items.map((item) => {
      if (!item.stays || item.stays.every(({ from, to }) => isThere(from) && isThere(to)))
        return item;
      const { stays, ...rest } = item;
      const left = stays.flatMap(({ from, to, ...stay }) =>
        isThere(from)
          ? [{ ...stay, ...(from !== undefined && { from }), ...(isThere(to) && to && { to }) }]
          : [],
      );
      return left.length > 0 ? { ...rest, stays: left } : rest;
    }),
  };
}

const byId = (a: { readonly id: string }, b: { readonly id: string }): number =>
  a.id < b.id ? -1 : 1;

const mapped = <T>(list: readonly T[], change: (one: T) => T): readonly T[] => {
  const now = list.map(change);
  return now.every((one, i) => one === list[i]) ? list : now;
};

/**
 * A household that can be kept, of records that devices have joined one by one: no litre of a jar is used twice, plans
 * stand in pots that are there, and their parts fit each other. It depends on the records alone and not on the order in
 * which they came.
 *
 * @param raw records as they were joined
 */
export function settled(raw: Bundle): Bundle {
  const jars = mapped(raw.jars, pouredOnce);
  // Two devices may each have taken one of the last two.
  const pots = raw.pots.length > 0 ? raw.pots.toSorted(byId) : [FIRST_POT];
  const fit = mapped(raw.batches, fitting);
  const potted = inTheirPots(fit, pots);
  const batches = (potted.every((batch, i) => batch === fit[i]) ? fit : potted).toSorted(byId);
  const kept = settleClaims({ batches, jars });
  const before = new Set(raw.batches);
  const isSame =
    jars === raw.jars && raw.pots.length > 0 && kept.batches.every((batch) => before.has(batch));
  return isSame ? raw : { ...raw, pots, jars, batches: kept.batches };
}
