/**
 * Conduction in a cylinder from all sides, in rings and layers: what is too thick to stir itself. Heat is
 * kept, temperatures follow from it, so that nothing is lost through the freezing point either. Explicit in
 * time; the step is the longest that is stable (Carslaw & Jaeger, “Conduction of Heat in Solids”, 2nd ed.
 * 1959, for the series it is checked against).
 */
import { FREEZING_POINT } from '../food';
import { celsiusAt, conductivityAt, heatAt, type Matter } from './matter';

export interface Cylinder {
  readonly radiusM: number;
  readonly heightM: number;
}

/** Heat transfer at its walls, W/(m2 K), from the contents' edge outwards. */
export interface Walls {
  readonly side: number;
  readonly top: number;
  readonly bottom: number;
}

export interface Grid {
  readonly rings: number;
  readonly layers: number;
  readonly dr: number;
  readonly dz: number;
  readonly matter: Matter;
  /** Of a cell in each ring, kg. */
  readonly cellKg: Float64Array;
  /** Its upper face, and its outer one, m2. */
  readonly faceM2: Float64Array;
  readonly rimM2: Float64Array;
  /** J/kg above freezing, by layer and ring from the middle of the bottom. */
  readonly heat: Float64Array;
  readonly celsius: Float64Array;
  readonly flow: Float64Array;
  /** Whether there is ice in any of it. */
  frozen: boolean;
}

/** Cells are about so thick, m, and no fewer than so many. */
const CELL_M = 0.007;
const LEAST_CELLS = 10;
const MOST_CELLS = 20;

function cellsOf(lengthM: number): number {
  return Math.min(MOST_CELLS, Math.max(LEAST_CELLS, Math.round(lengthM / CELL_M)));
}

/** @param startC of all of it, C */
export function makeGrid({ radiusM, heightM }: Cylinder, matter: Matter, startC: number): Grid {
  const rings = cellsOf(radiusM);
  const layers = cellsOf(heightM);
  const dr = radiusM / rings;
  const dz = heightM / layers;
  const cells = rings * layers;
  const each = (of: (ring: number) => number): Float64Array =>
    Float64Array.from({ length: rings }, (_, ring) => of(ring));
  const faceM2 = each((ring) => Math.PI * dr * dr * (2 * ring + 1));
  return {
    rings,
    layers,
    dr,
    dz,
    matter,
    cellKg: faceM2.map((m2) => 1000 * matter.kgPerL * m2 * dz),
    faceM2,
    rimM2: each((ring) => 2 * Math.PI * (ring + 1) * dr * dz),
    heat: new Float64Array(cells).fill(heatAt(matter, startC)),
    celsius: new Float64Array(cells).fill(startC),
    flow: new Float64Array(cells),
    frozen: startC < FREEZING_POINT,
  };
}

/** The longest step that cannot swing, s. */
export function stableS({ dr, dz, matter }: Grid, frozen: boolean): number {
  const k = frozen ? matter.frozenConductivity : matter.conductivity;
  const heat = frozen ? Math.min(matter.heat, matter.ice.heat) : matter.heat;
  // Around the middle a ring has most wall for what it holds.
  return (0.45 * 1000 * matter.kgPerL * heat) / (k * (2 / (dr * dr) + 1 / (dz * dz)));
}

/** The outermost half cell and the film in a row, W/(m2 K). */
const through = (film: number, k: number, half: number): number =>
  film > 0 ? 1 / (1 / film + half / k) : 0;

/** Heat between cells, into `flow`, W. */
function inside({ rings, layers, dr, dz, matter, rimM2, faceM2, celsius, flow, frozen }: Grid) {
  const k = matter.conductivity;
  const of = (a: number, b: number): number => (frozen ? conductivityAt(matter, (a + b) / 2) : k);
  flow.fill(0);
  let at = 0;
  for (let layer = 0; layer < layers; layer++)
    for (let ring = 0; ring < rings; ring++, at++) {
      const t = celsius[at] as number;
      if (ring < rings - 1) {
        const next = celsius[at + 1] as number;
        const w = (of(t, next) * (rimM2[ring] as number) * (t - next)) / dr;
        flow[at] = (flow[at] as number) - w;
        flow[at + 1] = (flow[at + 1] as number) + w;
      }
      if (layer < layers - 1) {
        const next = celsius[at + rings] as number;
        const w = (of(t, next) * (faceM2[ring] as number) * (t - next)) / dz;
        flow[at] = (flow[at] as number) - w;
        flow[at + rings] = (flow[at + rings] as number) + w;
      }
    }
}

/** Heat through the walls, into `flow`; all of it, W. */
function outwards(grid: Grid, walls: Walls, aroundC: number): number {
  const { rings, layers, dr, dz, matter, rimM2, faceM2, celsius, flow, frozen } = grid;
  let out = 0;
  const leave = (at: number, film: number, m2: number, half: number): void => {
    const t = celsius[at] as number;
    const k = frozen ? conductivityAt(matter, t) : matter.conductivity;
    const w = through(film, k, half) * m2 * (t - aroundC);
    flow[at] = (flow[at] as number) - w;
    out += w;
  };
  const rim = rimM2[rings - 1] as number;
  for (let layer = 0; layer < layers; layer++)
    leave(layer * rings + rings - 1, walls.side, rim, dr / 2);
  for (let ring = 0; ring < rings; ring++) {
    const face = faceM2[ring] as number;
    leave(ring, walls.bottom, face, dz / 2);
    leave((layers - 1) * rings + ring, walls.top, face, dz / 2);
  }
  return out;
}

/**
 * Goes on by a step.
 *
 * @param aroundC of what is around it, C
 * @param seconds no more than `stableS`
 * @returns heat that has left it, J
 */
export function stepGrid(grid: Grid, walls: Walls, aroundC: number, seconds: number): number {
  const { rings, matter, cellKg, heat, celsius, flow } = grid;
  inside(grid);
  const out = outwards(grid, walls, aroundC);
  let ice = false;
  for (let at = 0; at < heat.length; at++) {
    const h =
      (heat[at] as number) + ((flow[at] as number) * seconds) / (cellKg[at % rings] as number);
    heat[at] = h;
    if (h < 0) ice = true;
    celsius[at] = h >= 0 ? FREEZING_POINT + h / matter.heat : celsiusAt(matter, h);
  }
  grid.frozen = ice;
  return out * seconds;
}

/** Heat in it above freezing, J. */
export function heatIn({ heat, cellKg, rings }: Grid): number {
  return heat.reduce((sum, h, at) => sum + h * (cellKg[at % rings] as number), 0);
}

export function massKg({ cellKg, layers }: Grid): number {
  return layers * cellKg.reduce((a, b) => a + b);
}

/** Takes heat off the top, J: steam. */
export function takeFromTop(grid: Grid, joules: number): void {
  const { rings, layers, cellKg, heat, celsius, matter } = grid;
  const perKg = joules / cellKg.reduce((a, b) => a + b);
  for (let at = (layers - 1) * rings; at < layers * rings; at++) {
    heat[at] = (heat[at] as number) - perKg;
    celsius[at] = celsiusAt(matter, heat[at] as number);
  }
}

/** Temperature once it is mixed, C. */
export const mixedC = (grid: Grid): number => celsiusAt(grid.matter, heatIn(grid) / massKg(grid));

/** Stirred through: one temperature, the same heat. */
export function stir(grid: Grid): void {
  const mean = heatIn(grid) / massKg(grid);
  grid.heat.fill(mean);
  grid.celsius.fill(celsiusAt(grid.matter, mean));
}

export function warmest({ celsius }: Grid): number {
  let most = -Infinity;
  for (const t of celsius) if (t > most) most = t;
  return most;
}
