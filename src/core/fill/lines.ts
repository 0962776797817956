import type { Pot } from '../batch/schema';
import type { Part } from './contents';

/** The lines of a pot for what is in it. */
export interface Lines {
  readonly maxL: number;
  readonly foamL: number;
  /** Whether anything in it foams or swells enough for the foam line to count. */
  readonly foams: boolean;
  /** The line that counts. */
  readonly lineL: number;
}

/** From this foaming class on a food counts for the foam line. */
const FOAMS = 2;
/** From this one on a little of it is enough. */
const FOAMS_MUCH = 3;
/** Less than this share of the contents is a seasoning, not a filling. */
const TRACE_SHARE = 0.02;
/** From this share on, a food that foams a little without swelling, such as potato, makes the whole foam (assumed). */
const HEAVY_SHARE = 0.35;

/** The class that a part lends to the whole, 0 to 3. */
function lentBy(part: Part, total: number): number {
  const share = part.massKg / (total || 1);
  if (share < TRACE_SHARE) return 0;
  const heavy = part.swells || part.foaming >= FOAMS_MUCH || share >= HEAVY_SHARE;
  return heavy ? part.foaming : Math.min(part.foaming, FOAMS - 1);
}

function totalKg(parts: readonly Part[]): number {
  return parts.reduce((sum, part) => sum + part.massKg, 0);
}

/** Foaming class of the contents, 0 to 3. */
export function foamingClass(parts: readonly Part[]): number {
  const total = totalKg(parts);
  return Math.max(0, ...parts.map((part) => lentBy(part, total)));
}

/** @param pot its lines as fractions of its capacity */
export function linesOf(pot: Pot, parts: readonly Part[]): Lines {
  const total = totalKg(parts);
  const foams = parts.some(
    (part) => lentBy(part, total) >= FOAMS || (part.swells && part.massKg >= TRACE_SHARE * total),
  );
  const maxL = pot.maxFill * pot.capacityL;
  const foamL = pot.foamFill * pot.capacityL;
  return { maxL, foamL, foams, lineL: foams ? foamL : maxL };
}
