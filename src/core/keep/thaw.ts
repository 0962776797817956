/**
 * How long a frozen jar takes to thaw: conduction with ice melting in it. Plank's equation with its shape
 * factors (P 1/6, 1/4, 1/2 and R 1/24, 1/16, 1/8 for sphere, long cylinder, slab; Plank 1941, ASHRAE
 * Handbook Refrigeration ch. 20) is the check.
 */
import type { Jar } from '../batch/schema';
import { HOLDERS } from '../vocabulary';
import { heatIn, makeGrid, stableS, stepGrid, type Cylinder } from './cylinder';
import { matterOf } from './matter';
import { PLACES, type Place } from './places';

const LONGEST_S = 96 * 3600;
const FROM_C = -18;

/** Contents of a jar. */
export function shapeOf(jar: Pick<Jar, 'holder' | 'litres'>): Cylinder {
  const radiusM = HOLDERS[jar.holder ?? 'litre'].diameterCm / 200;
  return { radiusM, heightM: jar.litres / 1000 / (Math.PI * radiusM * radiusM) };
}

/** Loose enough to slip out of its jar, and to melt the rest in the pot (assumed): share of the heat. */
export const LOOSE = 0.5;

/**
 * Hours until a frozen cylinder is thawed.
 *
 * @param place where the jar is; its film may be given, W/(m2 K)
 * @param share of the heat that melts all of it, 0 to 1; 1 is thawed through
 * @throws RangeError where that is too cold to thaw in
 */
export function thawHours(
  shape: Cylinder,
  thick: boolean,
  place: Place,
  ambientC: number,
  { film = PLACES[place].film, share = 1 } = {},
): number {
  const aroundC = PLACES[place].celsius ?? ambientC;
  if (aroundC <= 0) throw new RangeError(`nothing thaws at ${aroundC} C`);
  const grid = makeGrid(shape, matterOf(thick), FROM_C);
  const walls = { side: film, top: film, bottom: film };
  const from = heatIn(grid);
  let seconds = 0;
  while (seconds < LONGEST_S) {
    if (share < 1 ? heatIn(grid) >= (1 - share) * from : !grid.frozen) break;
    const dt = stableS(grid, grid.frozen);
    stepGrid(grid, walls, aroundC, dt);
    seconds += dt;
  }
  return seconds / 3600;
}

/**
 * Plank's time to thaw a block of ice at its freezing point, h.
 *
 * @param latentJPerM3 heat of melting of a volume
 * @param thickM diameter or thickness
 * @param k of what is thawed, W/(m K)
 */
export function plankHours(
  latentJPerM3: number,
  thickM: number,
  film: number,
  k: number,
  [p, r]: readonly [number, number],
  differenceC: number,
): number {
  return ((latentJPerM3 / differenceC) * ((p * thickM) / film + (r * thickM * thickM) / k)) / 3600;
}
