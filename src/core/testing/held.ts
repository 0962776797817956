/** One food alone in liquid that is held at a temperature, in the pot that ships. */
import { foodByKey, type Composition } from '../food';
import { centreC, storedHeat, type Body } from '../heat/body';
import { coldState } from '../heat/state';
import { PotSystem } from '../heat/system';
import type { Air, BodyShape, HeatItem } from '../heat';
import type { Vessel } from '../vessel';

/** Nothing of its own, nothing lost. */
const STILL: Vessel = {
  capacityL: 100,
  surfaceM2: 1e-9,
  bodyJPerK: 1e-6,
  lossWPerK: 0,
  heater: { powerW: 1e9, efficiency: 1 },
  lid: null,
};

/** @throws RangeError for a food that is not in the table */
export function compositionOf(key: string): Composition {
  const food = foodByKey(key);
  if (!food) throw new RangeError(`no food called ${key}`);
  return food.composition;
}

export interface Held {
  readonly body: Body;
  readonly system: PotSystem;
  /** Lets a time pass, s. */
  pass(seconds: number): void;
}

/** A kilogram of beef of a shape, from a temperature, in ten of water at another. */
export function held(shape: BodyShape, startC: number, liquidC: number): Held {
  const air: Air = { pressurePa: 101325, ambientC: liquidC };
  const item = (id: string, key: string, massKg: number, more: Partial<HeatItem>): HeatItem => ({
    id,
    massKg,
    composition: compositionOf(key),
    shape: null,
    startC: liquidC,
    stays: [{ from: 0, to: 9 }],
    ...more,
  });
  const beef = item('beef', 'beef-stewing', 1, { shape, startC });
  const system = new PotSystem(STILL, air, [beef], coldState(STILL, air));
  system.put(item('water', 'water', 10, {}));
  system.put(beef);
  const [body] = system.bodies;
  if (!body) throw new RangeError('nothing went in');
  return {
    body,
    system,
    pass: (seconds) => void system.step(seconds, { powerW: null, lossWPerK: 0 }),
  };
}

/** Its centre after a time, C. @param stepS time step, s */
export function centreAfter(shape: BodyShape, seconds: number, stepS = 10): number {
  const { body, pass } = held(shape, 5, 100);
  for (let s = 0; s < seconds - 1e-6; s += stepS) pass(stepS);
  return centreC(body);
}

/** Minutes until its centre has thawed to a temperature, and the heat that it took, J. */
export function thawed(shape: BodyShape, fromC: number, toC: number, liquidC: number) {
  const { body, pass } = held(shape, fromC, liquidC);
  const before = storedHeat(body);
  let seconds = 0;
  while (centreC(body) < toC && seconds < 36_000) {
    pass(5);
    seconds += 5;
  }
  return { minutes: seconds / 60, tookJ: storedHeat(body) - before };
}
