import { contents, type Contents, type Part } from './contents';

const ROOM_C = 20;
const WATER_KG_PER_L = 0.998;

/** Levels that matter, worked out from what is under the lid. */
export interface Levels {
  /** As the lid goes on, L. */
  readonly lidOn: Contents;
  /** At the pot's temperature, nothing swollen yet. */
  readonly hottest: Contents;
  /** At the pot's temperature, everything swollen or shrunk. */
  readonly swollen: Contents;
  /** Highest of lid on and swollen at room temperature: what is held against the lines, L. */
  readonly worstL: number;
}

const none = (): number => 0;
const all = (): number => 1;

/** @param steamKg gone before the lid went on */
export function levels(
  parts: readonly Part[],
  setpointC: number,
  startC = ROOM_C,
  steamKg = 0,
): Levels {
  const lidOn = contents(parts, none, startC, steamKg);
  const swollenCold = contents(parts, all, ROOM_C, steamKg);
  return {
    lidOn,
    hottest: contents(parts, none, setpointC, steamKg),
    swollen: contents(parts, all, setpointC, steamKg),
    worstL: Math.max(contents(parts, none, ROOM_C, steamKg).levelL, swollenCold.levelL),
  };
}

/**
 * Water still to add, so that the worst level stands at a line.
 *
 * @param parts what is in the pot, water included
 * @param lineL the line, L
 * @returns L; negative when water must come out; at the least all the water there is
 */
export function waterToLine(parts: readonly Part[], lineL: number, waterL: number): number {
  const worst = (addedL: number): number => {
    const extra: Part = {
      id: '+water',
      massKg: addedL * WATER_KG_PER_L,
      dryL: addedL,
      uptakeKg: 0,
      packing: 1,
      cookedPacking: 1,
      solid: false,
      waterShare: 1,
      foaming: 0,
      swells: false,
    };
    return levels([...parts, extra], 100).worstL;
  };
  let low = -waterL;
  let high = lineL;
  if (worst(low) >= lineL) return low;
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (worst(middle) > lineL) high = middle;
    else low = middle;
  }
  return low;
}

/**
 * One factor for every amount, so that the worst level stands at a line. Volumes are
 * proportional to the amounts, so it is their ratio.
 */
export function scaleToLine(worstL: number, lineL: number): number {
  return worstL > 0 ? lineL / worstL : Number.POSITIVE_INFINITY;
}

/** Number of equal batches that each stay under a line. */
export function splitIn(worstL: number, lineL: number): number {
  return Math.max(1, Math.ceil(worstL / lineL - 1e-9));
}
