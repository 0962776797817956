import type { Pot } from '../batch';
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
/** Less than this share of the contents is a seasoning, not a filling. */
const TRACE_SHARE = 0.02;

function counted(parts: readonly Part[]): readonly Part[] {
  const total = parts.reduce((sum, part) => sum + part.massKg, 0);
  return parts.filter((part) => part.massKg >= TRACE_SHARE * total);
}

/** Highest foaming class among what makes up the contents, 0 to 3. */
export function foamingClass(parts: readonly Part[]): number {
  return Math.max(0, ...counted(parts).map((part) => part.foaming));
}

/** @param pot its lines as fractions of its capacity */
export function linesOf(pot: Pot, parts: readonly Part[]): Lines {
  const foams = counted(parts).some((part) => part.foaming >= FOAMS || part.swells);
  const maxL = pot.maxFill * pot.capacityL;
  const foamL = pot.foamFill * pot.capacityL;
  return { maxL, foamL, foams, lineL: foams ? foamL : maxL };
}
