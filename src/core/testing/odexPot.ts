/**
 * The pot's heat equations again, for the general solver of the `odex` package (Hairer & Wanner's
 * extrapolation code): one pressure step with natural release, no water moving. The ends of the
 * phases are given, so that nothing but the equations is solved here.
 */
import { foodByKey, thermalProperties } from '../food';
import {
  simulate,
  type Air,
  type BodyShape,
  type HeatItem,
  type HeatResult,
  type StepResult,
  type Trace,
} from '../heat';
import { makeBody, type Body } from '../heat/body';
import { between, valueAt } from '../series';
import { potVessel, type PressureVessel } from '../vessel';
import { atmosphericPressure, boilingPoint, setpoint } from '../water';
import { KITCHEN, POT } from './kitchen';

interface Solver {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    derivative: (x: number, y: readonly number[]) => number[],
    from: number,
    y: readonly number[],
    to: number,
  ): { readonly y: number[] };
}

/** The package as it is used here. */
export interface Odex {
  readonly Solver: new (n: number) => Solver;
}

/** Loads the package; by a name the compiler does not follow, since its own source fails our checks. */
export async function loadOdex(): Promise<Odex> {
  const name: string = 'odex';
  const loaded = (await import(name)) as Odex & { readonly default?: Odex };
  return loaded.default ?? loaded;
}

export interface Minutes {
  /** Liquid at every whole minute, C. */
  readonly liquidC: readonly number[];
  /** Innermost shell of every body at every whole minute, C. */
  readonly innerC: readonly (readonly number[])[];
}

interface Phase {
  readonly endS: number;
  /** W, or null where the liquid is held. */
  readonly powerW: number | null;
  readonly heldC: number | null;
}

function at(body: Body, key: 'inner' | 'capacity', i: number): number {
  return body[key][i] as number;
}

/** Right-hand side for a phase; the state is all shells in order, then the liquid. */
function derivative(
  bodies: readonly Body[],
  capacity: number,
  pot: PressureVessel,
  air: Air,
  phase: Phase,
) {
  return (_: number, y: readonly number[]): number[] => {
    const out = new Array<number>(y.length);
    const liquid = y[y.length - 1] as number;
    let into = (phase.powerW ?? 0) - pot.lossWPerK * (liquid - air.ambientC);
    let k = 0;
    for (const body of bodies) {
      for (let i = 0; i < body.cells; i++, k++) {
        const here = y[k] as number;
        const left = i === 0 ? 0 : at(body, 'inner', i) * ((y[k - 1] as number) - here);
        const right =
          i === body.cells - 1
            ? body.outer * (liquid - here)
            : at(body, 'inner', i + 1) * ((y[k + 1] as number) - here);
        if (i === body.cells - 1) into -= right;
        out[k] = (left + right) / at(body, 'capacity', i);
      }
    }
    out[k] = phase.heldC !== null ? 0 : into / capacity;
    return out;
  };
}

/**
 * Solves a cook of one pressure step.
 *
 * @param ends when the boil is reached, when it seals, when it is at pressure, when the hold and
 *   the release end, s
 */
function solveWithOdex(
  odex: Odex,
  items: readonly HeatItem[],
  pot: PressureVessel,
  air: Air,
  ends: readonly [number, number, number, number, number],
  boilC: number,
  holdC: number,
  tolerance: number,
): Minutes {
  const bodies = items.flatMap((i) =>
    i.shape ? [makeBody(i.id, i.massKg, i.composition, i.shape, i.startC)] : [],
  );
  let capacity = pot.bodyJPerK;
  let heat = pot.bodyJPerK * air.ambientC;
  for (const i of items) {
    if (i.shape) continue;
    const c = i.massKg * thermalProperties(i.composition, 60).heat;
    capacity += c;
    heat += c * i.startC;
  }
  const full = pot.heater.powerW * pot.heater.efficiency;
  const phases: Phase[] = [
    { endS: ends[0], powerW: full, heldC: null },
    { endS: ends[1], powerW: null, heldC: boilC },
    { endS: ends[2], powerW: full, heldC: null },
    { endS: ends[3], powerW: null, heldC: holdC },
    { endS: ends[4], powerW: 0, heldC: null },
  ];
  let y = [...bodies.flatMap((b) => [...b.t]), heat / capacity];
  let now = 0;
  const liquidC: number[] = [];
  const innerC: number[][] = bodies.map(() => []);
  const note = (): void => {
    liquidC.push(y[y.length - 1] as number);
    let k = 0;
    bodies.forEach((b, n) => {
      innerC[n]?.push(y[k] as number);
      k += b.cells;
    });
  };
  note();
  for (const phase of phases) {
    if (phase.heldC !== null) y[y.length - 1] = phase.heldC;
    const f = derivative(bodies, capacity, pot, air, phase);
    while (now < phase.endS - 1e-6) {
      const minute = 60 * (Math.floor(now / 60 + 1e-9) + 1);
      const to = Math.min(minute, phase.endS);
      const solver = new odex.Solver(y.length);
      solver.absoluteTolerance = tolerance;
      solver.relativeTolerance = tolerance;
      solver.maxSteps = 1e6;
      y = solver.solve(f, now, y, to).y;
      now = to;
      if (Math.abs(now - minute) < 1e-6) note();
    }
  }
  return { liquidC, innerC };
}

/** Ends of the phases of a first pressure step, as the pot's own solver found them. */
function phaseEnds(
  trace: Trace,
  result: StepResult,
  boilC: number,
): readonly [number, number, number, number, number] {
  const boils = valueAt(
    trace.s,
    trace.liquidC.findIndex((t) => t >= boilC - 0.05),
  );
  const rises = trace.liquidC.findIndex((t, i) => valueAt(trace.s, i) > boils && t > boilC + 0.05);
  const seals = rises > 0 ? valueAt(trace.s, rises - 1) : boils;
  const hot = result.startS + result.warmUpS;
  return [boils, seals, hot, hot + result.holdS, hot + result.holdS + result.releaseS];
}

/** Our liquid temperature at every whole minute up to a time, C. */
export function minutesOf(trace: Trace, endS: number): readonly number[] {
  const out: number[] = [];
  for (let s = 0; s <= endS; s += 60) out.push(between(trace.s, trace.liquidC, s));
  return out;
}

/** The reference batch's bodies under one lid for an hour: ours and the general solver's answer. */
export function odexCase(): {
  readonly ours: (stepS: number) => HeatResult;
  readonly theirs: (odex: Odex, tolerance: number) => Minutes;
  readonly endS: number;
} {
  const item = (key: string, massKg: number, shape: BodyShape | null, startC = 5): HeatItem => {
    const food = foodByKey(key);
    if (!food) throw new RangeError(`no food called ${key}`);
    const { composition } = food;
    return { id: key, massKg, composition, shape, startC, stays: [{ from: 0, to: 9 }] };
  };
  const items = [
    item('lamb-neck', 0.9, { n: 3, mm: 46 }),
    item('pearl-barley', 0.12, { n: 3, mm: 3.5 }, 20),
    item('onion', 0.22, { n: 3, mm: 11.5 }),
    item('carrot', 0.18, { n: 3, mm: 34 }),
    item('leek', 0.18, { n: 1, mm: 15 }),
    item('water', 1.4, null, 20),
  ];
  const pot = potVessel(POT);
  const air = { pressurePa: atmosphericPressure(KITCHEN.altitudeM), ambientC: KITCHEN.ambientC };
  const boilC = boilingPoint(KITCHEN.altitudeM);
  const holdC = setpoint(KITCHEN.altitudeM, 80);
  const ours = (stepS: number): HeatResult =>
    simulate(
      items,
      [{ kind: 'pressure', gaugeKPa: 80, holdMin: 60, release: { method: 'natural' } }],
      pot,
      air,
      { stepS },
    );
  const { trace, steps } = ours(10);
  const [first] = steps;
  if (!first) throw new RangeError('no step');
  const ends = phaseEnds(trace, first, boilC);
  return {
    ours,
    theirs: (odex, tolerance) =>
      solveWithOdex(odex, items, pot, air, ends, boilC, holdC, tolerance),
    endS: ends[4],
  };
}
