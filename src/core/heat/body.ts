/**
 * Pieces of food that heat goes into: slab, cylinder or sphere in finite volumes on N equal
 * shells; all pieces of an item are one body. Frozen bodies carry enthalpy as their state.
 */
import { FREEZING_POINT, thermalProperties, type Composition } from '../food';
import { enthalpyOf, makeIce, type Ice } from './ice';
import type { BodyState } from './state';
import type { BodyShape } from './types';

export interface Body {
  readonly id: string;
  /** Index of the stay that it is in, or was in last. */
  stay: number;
  /** Water that has dried off in air, kg. */
  driedKg: number;
  readonly massKg: number;
  readonly cells: number;
  /** Heat capacity per cell above freezing, J/K. */
  readonly capacity: Float64Array;
  /** Conductance between cell i-1 and i, W/K; the first is zero. */
  readonly inner: Float64Array;
  /** Conductance from liquid to the last cell, W/K. */
  outer: number;
  /** Of the liquid film alone, W/K. */
  film: number;
  /** Of the film when the body is all in liquid, W/K. */
  readonly wetFilm: number;
  /** From the last cell's middle to the surface, K/W. */
  readonly halfCellResistance: number;
  /** Temperatures, C. */
  readonly t: Float64Array;
  readonly ice: Ice | null;
  readonly work: Work;
}

interface Work {
  /** Length of substep the factors are for, s. */
  substep: number;
  readonly start: Float64Array;
  readonly startEnthalpy: Float64Array;
  /** Elimination factors of the tridiagonal matrix. */
  readonly eliminate: Float64Array;
  readonly pivot: Float64Array;
  /** Response to a unit of liquid temperature. */
  readonly w: Float64Array;
  readonly u: Float64Array;
  readonly stage: Float64Array;
  readonly cap: Float64Array;
  readonly faces: Float64Array;
}

/**
 * Film coefficient of hot liquid on food, W/(m2 K): free convection on a ball of 30 mm in hot water
 * gives about 1100 (Churchill 1983; Incropera ch. 9), less where pieces touch in a heap (assumed).
 */
export const FILM = 800;

/** Shells per body; the series solutions are met within 0.1 C. */
export const CELLS = 12;

/** Mean temperature of a cook, at which thawed properties are taken, C. */
const MEAN_C = 60;

/**
 * Makes the body of an item.
 *
 * @param massKg all its pieces together, kg, above 0
 * @param startC temperature throughout, C
 * @param film coefficient, W/(m2 K)
 */
export function makeBody(
  id: string,
  massKg: number,
  composition: Composition,
  shape: BodyShape,
  startC: number,
  stay = 0,
  film = FILM,
  cells = CELLS,
): Body {
  const { density, conductivity, heat } = thermalProperties(composition, MEAN_C);
  const { n } = shape;
  const radius = shape.mm / 2000;
  const volume = massKg / density;
  const area = (n * volume) / radius;
  const width = radius / cells;
  const capacity = new Float64Array(cells);
  const inner = new Float64Array(cells);
  const cellKg = new Float64Array(cells);
  for (let i = 0; i < cells; i++) {
    const share = ((i + 1) / cells) ** n - (i / cells) ** n;
    cellKg[i] = massKg * share;
    capacity[i] = massKg * share * heat;
    inner[i] = i === 0 ? 0 : (conductivity * area * (i / cells) ** (n - 1)) / width;
  }
  const array = (): Float64Array => new Float64Array(cells);
  const frozen = startC < FREEZING_POINT;
  const body: Body = {
    id,
    stay,
    driedKg: 0,
    massKg,
    cells,
    capacity,
    inner,
    outer: area / (1 / film + width / 2 / conductivity),
    film: film * area,
    wetFilm: film * area,
    halfCellResistance: width / 2 / conductivity / area,
    t: new Float64Array(cells).fill(startC),
    ice: frozen ? makeIce(composition, cellKg, heat, conductivity) : null,
    work: {
      substep: 0,
      start: array(),
      startEnthalpy: array(),
      eliminate: array(),
      pivot: array(),
      w: array(),
      u: array(),
      stage: array(),
      cap: array(),
      faces: array(),
    },
  };
  if (body.ice)
    for (let i = 0; i < cells; i++)
      body.ice.enthalpy[i] = at(cellKg, i) * enthalpyOf(body.ice, startC);
  return body;
}

/** A body as plain data. */
export function bodyState({ id, stay, driedKg, t, capacity, ice, film }: Body): BodyState {
  const enthalpy = ice && !ice.thawed ? [...ice.enthalpy] : null;
  return { id, stay, driedKg, t: [...t], capacity: [...capacity], enthalpy, film };
}

/** Brings a body, fresh from `makeBody`, to where it was. */
export function resumeBody(body: Body, state: BodyState): void {
  body.driedKg = state.driedKg;
  body.t.set(state.t);
  body.capacity.set(state.capacity);
  if (body.ice) {
    body.ice.thawed = state.enthalpy === null;
    if (state.enthalpy) body.ice.enthalpy.set(state.enthalpy);
  }
  wet(body, state.film / body.wetFilm);
}

/** Sets how much of the liquid's film reaches a body: 1 in liquid or steam, less in a dry pot. */
export function wet(body: Body, share: number): void {
  const film = share * body.wetFilm;
  if (Math.abs(film - body.film) < 1e-6 * body.wetFilm) return;
  body.film = film;
  body.outer = 1 / (1 / film + body.halfCellResistance);
  body.work.substep = 0;
}

/** Reads a typed array whose index is known to be inside. */
export function at(array: Float64Array, i: number): number {
  return array[i] as number;
}

/** Whether a body still has ice, so that its answer is not linear. */
export function isFreezing(body: Body): boolean {
  return body.ice !== null && !body.ice.thawed;
}

/**
 * Keeps the state at the start of a step, to which `rewind` returns. A body whose last ice has
 * gone is plain from here on: never in the middle of a step, where heat could be lost.
 */
export function remember(body: Body): void {
  const { ice, t } = body;
  if (ice && !ice.thawed) {
    ice.thawed = t.every((c) => c > FREEZING_POINT + 0.05);
    body.work.startEnthalpy.set(ice.enthalpy);
  }
  body.work.start.set(t);
}

export function rewind(body: Body): void {
  body.t.set(body.work.start);
  if (body.ice && !body.ice.thawed) body.ice.enthalpy.set(body.work.startEnthalpy);
}

/** Temperature at the centre, by the parabola through the two inmost shells, C. */
export function centreC(body: Body): number {
  return (9 * at(body.t, 0) - at(body.t, 1)) / 8;
}

/** Temperature of the surface under the liquid film, C. */
export function surfaceC(body: Body, liquidC: number): number {
  const flux = body.outer * (liquidC - at(body.t, body.cells - 1));
  return liquidC - flux / body.film;
}

/** Heat stored above 0 C of liquid state (frozen: below zero), J. */
export function storedHeat(body: Body): number {
  let sum = 0;
  for (let i = 0; i < body.cells; i++)
    sum +=
      body.ice && !body.ice.thawed
        ? at(body.ice.enthalpy, i) + FREEZING_POINT * at(body.capacity, i)
        : at(body.capacity, i) * at(body.t, i);
  return sum;
}
