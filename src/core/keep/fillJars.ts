/** A pot into jars: sizes at hand, so that all is used and a jar is what is wanted at a time. */
import { HOLDERS, usableL, type HolderKind } from '../vocabulary';

export interface Sizes {
  readonly kind: HolderKind;
  readonly count: number;
}

export interface Filled {
  readonly jars: readonly { readonly kind: HolderKind; readonly litres: number }[];
  /** Litres that fit into no jar. */
  readonly overL: number;
}

/** A jar that is fuller than that is a full one; emptier, a smaller one is looked for. */
const WELL_FILLED = 0.6;

const round = (litres: number): number => Math.round(litres * 1e4) / 1e4;

/**
 * Fills jars.
 *
 * @param portionL what is used at a time: a day's drinking, a pot of rice
 * @param frozen whether ice needs its room
 * @example fillJars(1.3, [{ kind: 'half-litre', count: 6 }], 0.5, false).jars.length // 3
 */
export function fillJars(
  litres: number,
  sizes: readonly Sizes[],
  portionL: number,
  frozen: boolean,
): Filled {
  const at = (kind: HolderKind): number => usableL(kind, frozen);
  const left = new Map<HolderKind, number>();
  for (const { kind, count } of sizes) left.set(kind, (left.get(kind) ?? 0) + count);
  const nearest = [...left.keys()].toSorted(
    (a, b) =>
      Math.abs(at(a) - portionL) - Math.abs(at(b) - portionL) ||
      HOLDERS[a].capacityL - HOLDERS[b].capacityL,
  );
  const jars: { kind: HolderKind; litres: number }[] = [];
  let over = litres;
  for (const kind of nearest) {
    const room = at(kind);
    const free = left.get(kind) ?? 0;
    const needs = Math.ceil(over / room - 1e-9);
    // Shared out evenly where that leaves none half empty; else full ones, and the rest in what fits it.
    const even = needs > 0 && needs <= free && over / needs >= WELL_FILLED * room;
    const full = even ? needs : Math.min(free, Math.floor(over / room + 1e-9));
    const each = even ? over / needs : room;
    for (let n = 0; n < full; n++) jars.push({ kind, litres: round(each) });
    left.set(kind, free - full);
    over -= full * each;
    if (over <= 1e-4) break;
  }
  if (over > 1e-4) {
    const free = [...left.keys()].filter((kind) => (left.get(kind) ?? 0) > 0);
    const fits = free.filter((kind) => at(kind) >= over).toSorted((a, b) => at(a) - at(b));
    const kind = fits[0];
    if (kind) {
      jars.push({ kind, litres: round(over) });
      over = 0;
    }
  }
  return { jars, overL: over > 1e-4 ? over : 0 };
}

/** Days that litres last at what is used; null where nothing is. */
export function daysLasting(litres: number, litresADay: number | undefined): number | null {
  return litresADay ? litres / litresADay : null;
}
