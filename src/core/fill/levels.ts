import { contents, type Contents, type Part } from './contents';

const ROOM_C = 20;
const WATER_KG_PER_L = 0.998;

/** Levels that matter, worked out from what is under the lid. */
export interface Levels {
  /** Level as the lid goes on, L. */
  readonly lidOn: Contents;
  /** At the pot's temperature, nothing swollen yet. */
  readonly hottest: Contents;
  /** At the pot's temperature, everything swollen or shrunk. */
  readonly swollen: Contents;
  /** Highest of lid on and swollen at room temperature: what is held against the lines, L. */
  readonly worstL: number;
}

const all = (): number => 1;

/** State as a lid goes on: nothing is cooked yet unless given. */
export interface Before {
  /** How far each solid's uptake or giving has gone, 0 to 1. */
  readonly progress: (part: Part) => number;
  /** Gone as steam, kg. */
  readonly steamKg: number;
  /** Left behind by what is out again, kg. */
  readonly outsideKg: number;
}

const FRESH: Before = { progress: () => 0, steamKg: 0, outsideKg: 0 };

/** @param setpointC temperature under pressure, C */
export function levels(parts: readonly Part[], setpointC: number, before = FRESH): Levels {
  const at = (progress: (part: Part) => number, celsius: number): Contents =>
    contents(parts, progress, celsius, before.steamKg, before.outsideKg);
  const lidOn = at(before.progress, ROOM_C);
  return {
    lidOn,
    hottest: at(before.progress, setpointC),
    swollen: at(all, setpointC),
    worstL: Math.max(lidOn.levelL, at(all, ROOM_C).levelL),
  };
}

/** Water as a part. */
export function waterPart(litres: number): Part {
  return {
    id: '+water',
    massKg: litres * WATER_KG_PER_L,
    dryL: litres,
    uptakeKg: 0,
    swellsKg: 0,
    packing: 1,
    cookedPacking: 1,
    solid: false,
    waterShare: 1,
    foaming: 0,
    swells: false,
  };
}

/**
 * Water to add so that the highest level reaches a line.
 *
 * @param parts what is in the pot, water included
 * @param lineL the line, L
 * @returns L; negative when water must come out; at the least all the water there is
 */
export function waterToLine(parts: readonly Part[], lineL: number, waterL: number): number {
  const worst = (addedL: number): number => levels([...parts, waterPart(addedL)], 100).worstL;
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
 * One factor for every amount so that the highest level reaches a line. Volumes are
 * proportional to the amounts, so it is their ratio.
 */
export function scaleToLine(worstL: number, lineL: number): number {
  return worstL > 0 ? lineL / worstL : Number.POSITIVE_INFINITY;
}

/** Number of equal batches that each stay under a line. */
export function splitIn(worstL: number, lineL: number): number {
  return Math.max(1, Math.ceil(worstL / lineL - 1e-9));
}
