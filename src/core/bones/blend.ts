/** Broths poured together, boiled down, and asked how they set. */
import { SETS, type SetState } from '../batch/schema';

/** A lot of broth. */
export interface Lot {
  readonly litres: number;
  /** Gelatine that still sets, g. */
  readonly strongG: number;
}

/**
 * Gelatine from which each state of a cold broth begins, g/L (common practice: under 8 pourable,
 * to 15 trembles, to 30 soft set, above it holds a cut).
 */
export const SET_FROM: Readonly<Record<SetState, number>> = {
  pourable: 0,
  trembles: 8,
  'soft set': 15,
  'holds a cut': 30,
};

/** How a broth sets when cold. @param gPerL gelatine that still sets, g/L */
export function setOf(gPerL: number): SetState {
  return SETS.findLast((set) => gPerL >= SET_FROM[set]) ?? 'pourable';
}

/** Lots poured together: volumes and gelatine add. */
export function blend(lots: readonly Lot[]): Lot {
  return lots.reduce(
    (sum, lot) => ({ litres: sum.litres + lot.litres, strongG: sum.strongG + lot.strongG }),
    { litres: 0, strongG: 0 },
  );
}

/** Less than this is a pot boiled dry: it has no strength, L. */
const DRY_L = 0.05;

/** Whether a lot has boiled away. */
export function isDry({ litres }: Pick<Lot, 'litres'>): boolean {
  return litres < DRY_L;
}

/** Gelatine that sets, g/L; 0 where it has boiled dry. */
export function strength(lot: Lot): number {
  return isDry(lot) ? 0 : lot.strongG / lot.litres;
}

/**
 * Water to boil off until a lot has a strength.
 *
 * @param gPerL wanted, g/L, above 0
 * @returns L; 0 where it is strong enough
 * @example waterToBoilOff({ litres: 3, strongG: 30 }, 15) // 1
 */
export function waterToBoilOff(lot: Lot, gPerL: number): number {
  return Math.max(0, lot.litres - lot.strongG / gPerL);
}
