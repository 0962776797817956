/**
 * The pot at a moment, as plain data: all that the model needs to go on from there. It can be kept
 * in a file, sent to a worker, or poured into another vessel.
 */
import { FREEZING_POINT } from '../food';
import type { Vessel } from '../vessel';
import type { Air, EnergyBalance, Heating, LegName, StepResult } from './types';

/** A food in the pot, or on its plate. */
export interface BodyState {
  readonly id: string;
  /** Index of the stay that it is in, or was in last. */
  readonly stay: number;
  /** Water that has dried off in air, kg. */
  readonly driedKg: number;
  /** Of its shells from the centre out, C. */
  readonly t: readonly number[];
  /** Of its shells, J/K; water that moved has changed them. */
  readonly capacity: readonly number[];
  /** Enthalpy of its shells above the freezing point, J; null once it has thawed. */
  readonly enthalpy: readonly number[] | null;
  /** Film that reaches it, W/K. */
  readonly film: number;
}

/** Water that a food has taken up or given; it outlasts the food's stay in the pot. */
export interface WaterState {
  readonly id: string;
  /** kg so far: above zero taken up, below zero given. */
  readonly moved: number;
  /** By bands of shells from the centre out; none once the food is out. */
  readonly bands: readonly WaterBand[];
}

/** A food on a plate between two stays. */
export interface PlateState extends BodyState {
  /** Juice that has run from it and goes back with it, kg. */
  readonly dripKg: number;
  /** Heat that it is still to get in other vessels. */
  readonly heatings: readonly Heating[];
  /** Its water on the move; null for what moves none. */
  readonly water: WaterState | null;
}

/** Water on the move in a band of shells. */
export interface WaterBand {
  /** Minutes at 100 C that it has had. */
  readonly value: number;
  /** kg so far. */
  readonly moved: number;
  /** Part of it whose heat has not moved yet, kg. */
  readonly pending: number;
}

/** A step on its way. */
export interface StepNow extends Omit<
  StepResult,
  'endS' | 'heaterJ' | 'releaseS' | 'releaseSteamKg'
> {
  /** Heat that the heater had given before it, J. */
  readonly heatedJ: number;
  /** When its release began, s from the start, and the steam that had gone by then, kg. */
  readonly releaseFromS: number;
  readonly steamKg: number;
}

/** Position of the pot in the plan. */
export interface Place {
  /** Index of the step; the number of steps where all are over. */
  readonly step: number;
  /** Null before the step has begun. */
  readonly leg: LegName | null;
  /** When the leg began, s from the start. */
  readonly beganS: number;
  /** Rest of the time step in which the run was cut, s. */
  readonly owedS: number;
  /** Air left in the head space as it sealed, Pa at the boiling point. */
  readonly airPa: number;
  /** Steam gone at which the pin rises, kg. */
  readonly sealsAtKg: number;
  readonly now: StepNow | null;
}

export interface PotState {
  /** s from the start */
  readonly seconds: number;
  readonly liquidC: number;
  /** Heat that melts the ice afloat in it, J; it stays at 0 C until that has come. */
  readonly iceJ: number;
  /** Free water, kg. */
  readonly waterKg: number;
  /** Other things dissolved or afloat in the liquid, kg. */
  readonly otherKg: number;
  /** Of the liquid alone, J/K. */
  readonly liquidJPerK: number;
  /** Steam gone so far, kg. */
  readonly steamKg: number;
  readonly bodies: readonly BodyState[];
  readonly plates: readonly PlateState[];
  readonly waters: readonly WaterState[];
  readonly energy: EnergyBalance;
  readonly place: Place;
  /** Of the steps that are over. */
  readonly steps: readonly StepResult[];
}

export const AT_THE_START: Place = {
  step: 0,
  leg: null,
  beganS: 0,
  owedS: 0,
  airPa: 0,
  sealsAtKg: 0,
  now: null,
};

/** An empty vessel as cold as the room. */
export function coldState(vessel: Vessel, air: Air): PotState {
  return {
    seconds: 0,
    liquidC: air.ambientC,
    iceJ: 0,
    waterKg: 0,
    otherKg: 0,
    liquidJPerK: 0,
    steamKg: 0,
    bodies: [],
    plates: [],
    waters: [],
    energy: {
      intoJ: 0,
      storedJ: 0,
      lostJ: 0,
      steamJ: 0,
      addedJ: vessel.bodyJPerK * air.ambientC,
    },
    place: AT_THE_START,
    steps: [],
  };
}

/** Heat that a body stores above 0 C of liquid state, J. */
function storedIn({ t, capacity, enthalpy }: BodyState): number {
  const own = enthalpy?.map((h, i) => h + FREEZING_POINT * (capacity[i] as number));
  return (own ?? t.map((c, i) => c * (capacity[i] as number))).reduce((sum, j) => sum + j, 0);
}

/**
 * The contents in another vessel, before the first step of a plan of its own: what is poured gives
 * and takes heat until liquid and wall are one temperature. Its items are in already: they enter the
 * plan that follows at step -1.
 *
 * @param wallC of the vessel that it is poured into, C
 * @example pourInto(end, jarVessel(0.95, 9.5), 20) // a jar that begins to cool
 */
export function pourInto(state: PotState, vessel: Vessel, wallC: number): PotState {
  const wetJ = state.liquidJPerK * state.liquidC + vessel.bodyJPerK * wallC - state.iceJ;
  const addedJ = state.bodies.reduce((sum, body) => sum + storedIn(body), wetJ);
  return {
    ...state,
    plates: [],
    seconds: 0,
    liquidC: Math.max(0, wetJ) / (state.liquidJPerK + vessel.bodyJPerK),
    iceJ: Math.max(0, -wetJ),
    steamKg: 0,
    energy: { intoJ: 0, storedJ: 0, lostJ: 0, steamJ: 0, addedJ },
    place: AT_THE_START,
    steps: [],
  };
}
