/**
 * Conduction into a body, in one dimension, implicit in time.
 *
 * A stage of the time scheme gives the temperatures as u + w x (liquid temperature), so that the
 * liquid can be solved together with all its bodies without iteration. Bodies with ice are solved
 * by the enthalpy method (after Voller & Cross 1981): heat is conserved through the freezing point.
 */
import { FREEZING_POINT } from '../food';
import { at, type Body } from './body';
import { enthalpyOf, temperatureOf, type Ice } from './ice';

function factor(
  body: Body,
  substep: number,
  capacity: Float64Array,
  ratio: Float64Array | null,
): void {
  const { work, cells, inner, outer } = body;
  let below = 0;
  for (let i = 0; i < cells; i++) {
    const left = at(inner, i) * (ratio ? at(ratio, i) : 1);
    const right = i === cells - 1 ? outer : at(inner, i + 1) * (ratio ? at(ratio, i + 1) : 1);
    const diagonal = at(capacity, i) / substep + left + right;
    const pivot = diagonal - left * below;
    work.pivot[i] = 1 / pivot;
    below = (i === cells - 1 ? 0 : right) / pivot;
    work.eliminate[i] = below;
  }
  work.w.fill(0);
  work.w[cells - 1] = outer * at(work.pivot, cells - 1);
  for (let i = cells - 2; i >= 0; i--) work.w[i] = at(work.eliminate, i) * at(work.w, i + 1);
}

/** Conductivity of each inner face relative to thawed. */
function faceRatios(body: Body, ice: Ice): Float64Array {
  const ratios = body.work.faces;
  for (let i = 0; i < body.cells; i++) {
    const t = i === 0 ? at(body.t, 0) : (at(body.t, i) + at(body.t, i - 1)) / 2;
    const frozen = t < FREEZING_POINT ? 1 - FREEZING_POINT / t : 0;
    ratios[i] = 1 + (ice.conductivityRatio - 1) * frozen;
  }
  return ratios;
}

/** Capacities on the way from the temperatures now to those expected. */
function secantCapacity(body: Body, ice: Ice, expected: Float64Array): Float64Array {
  const { cap } = body.work;
  for (let i = 0; i < body.cells; i++) {
    const from = at(body.t, i);
    let to = at(expected, i);
    if (Math.abs(to - from) < 0.01) to = from + 0.01;
    cap[i] = (at(ice.cellKg, i) * (enthalpyOf(ice, to) - enthalpyOf(ice, from))) / (to - from);
  }
  return cap;
}

/** A stage's answer for the liquid: heat into the body = slope x liquid temperature - offset, W. */
export interface Coupling {
  slope: number;
  offset: number;
  /** Whether the passes over the melting curve of what is frozen came to agree. */
  settled: boolean;
}

function sweep(body: Body, substep: number, capacity: Float64Array): void {
  const { cells, inner, t, ice } = body;
  const { pivot, eliminate, u, faces } = body.work;
  const frozen = ice !== null && !ice.thawed;
  const rate = 1 / substep;
  let carry = 0;
  for (let i = 0; i < cells; i++) {
    const left = frozen ? at(inner, i) * at(faces, i) : at(inner, i);
    carry = (at(capacity, i) * rate * at(t, i) + left * carry) * at(pivot, i);
    u[i] = carry;
  }
  for (let i = cells - 2; i >= 0; i--) {
    carry = at(u, i) + at(eliminate, i) * carry;
    u[i] = carry;
  }
}

/** Passes over the melting curve at the most, and how near two passes must come, C. */
const MELT_PASSES = 40;
const MELT_NEAR = 0.005;

/**
 * Solves a substep of a frozen body for a liquid temperature: chords of the enthalpy curve, drawn
 * again until they end where the solution does. Damped, since a chord across the freezing point
 * can jump to and fro.
 *
 * @returns whether the passes came to agree
 */
function melt(body: Body, ice: Ice, substep: number, liquidGuess: number): boolean {
  const { work, cells } = body;
  const faces = faceRatios(body, ice);
  work.stage.set(body.t);
  for (let pass = 0; pass < MELT_PASSES; pass++) {
    const capacity = secantCapacity(body, ice, work.stage);
    factor(body, substep, capacity, faces);
    sweep(body, substep, capacity);
    const damping = pass < 3 ? 1 : 0.5;
    let change = 0;
    for (let i = 0; i < cells; i++) {
      const before = at(work.stage, i);
      const after = at(work.u, i) + at(work.w, i) * liquidGuess;
      change = Math.max(change, Math.abs(after - before));
      work.stage[i] = before + damping * (after - before);
    }
    if (change < MELT_NEAR) return true;
  }
  return false;
}

/**
 * Prepares an implicit substep from the body's temperatures.
 *
 * @param substep s
 * @param liquidGuess liquid temperature expected, C (used by frozen bodies only)
 */
export function couple(body: Body, substep: number, liquidGuess: number, out: Coupling): void {
  const { work, cells, ice } = body;
  out.settled = true;
  if (ice && !ice.thawed) {
    out.settled = melt(body, ice, substep, liquidGuess);
    work.substep = 0;
  } else {
    if (work.substep !== substep) {
      factor(body, substep, body.capacity, null);
      work.substep = substep;
    }
    sweep(body, substep, body.capacity);
  }
  out.slope = body.outer * (1 - at(work.w, cells - 1));
  out.offset = body.outer * at(work.u, cells - 1);
}

/** Ends the substep prepared by `couple`, with the liquid at a temperature: what flows is kept. */
export function settle(body: Body, substep: number, liquidC: number): void {
  const { work, cells, ice, t } = body;
  const { u, w } = work;
  if (!ice || ice.thawed) {
    for (let i = 0; i < cells; i++) t[i] = at(u, i) + at(w, i) * liquidC;
    return;
  }
  for (let i = 0; i < cells; i++) work.stage[i] = at(u, i) + at(w, i) * liquidC;
  const { faces } = work;
  for (let i = 0; i < cells; i++) {
    const here = at(work.stage, i);
    const left = i === 0 ? 0 : at(body.inner, i) * at(faces, i) * (at(work.stage, i - 1) - here);
    const right =
      i === cells - 1
        ? body.outer * (liquidC - here)
        : at(body.inner, i + 1) * at(faces, i + 1) * (at(work.stage, i + 1) - here);
    const h = at(ice.enthalpy, i) + substep * (left + right);
    ice.enthalpy[i] = h;
    t[i] = temperatureOf(ice, h / at(ice.cellKg, i));
  }
}

/**
 * Moves the state on to where the second stage of the scheme starts: the first stage's change,
 * stretched by a factor from the remembered start.
 */
export function stretch(body: Body, by: number): void {
  const { ice, t, cells } = body;
  const { start, startEnthalpy } = body.work;
  if (!ice || ice.thawed) {
    for (let i = 0; i < cells; i++) {
      const from = at(start, i);
      t[i] = from + by * (at(t, i) - from);
    }
    return;
  }
  for (let i = 0; i < cells; i++) {
    const from = at(startEnthalpy, i);
    const h = from + by * (at(ice.enthalpy, i) - from);
    ice.enthalpy[i] = h;
    t[i] = temperatureOf(ice, h / at(ice.cellKg, i));
  }
}
