/**
 * Pieces out of the pot: on a plate in still air between two stays, or in another vessel. A plate cools as a
 * body in air does, by convection, radiation and what dries off its wet surface (`evaporation`); what runs
 * from it stays on the plate and goes back with it. Beside the pot nothing couples back to it, so each body
 * is taken alone, against surroundings that keep their temperature.
 */
import type { Composition } from '../food';
import { latentHeat, WATER_HEAT } from '../water';
import {
  at,
  bodyState,
  centreC,
  FILM,
  remember,
  resumeBody,
  surfaceC,
  wet,
  type Body,
} from './body';
import { openEvaporation, openLoss } from './evaporation';
import { carryHeat, moved, movingState, pass, resumeMoving, type Moving } from './exchange';
import { advance } from './scheme';
import type { PlateState } from './state';
import type { Air, Heating, Readying } from './types';

/** Pieces heaped on a plate show so much of their surface to the air (assumed). */
const SHOWN = 0.5;
/** No more dries off a plate, share of the mass: then the surface is dry (assumed). */
const DRIES = 0.05;
/** Time step on the plate, s. */
const STEP_S = 20;
/** Still air at no difference of temperature, W/(m2 K). */
const STILL_FILM = 5;
/** Surroundings so large that a piece does not change them, J/K. */
const VAST = 1e12;

export interface Plate {
  readonly body: Body;
  readonly water: Moving | null;
  /** Juice that has run from it, kg. */
  dripKg: number;
  /** Heat that it is still to get in other vessels before it goes back. */
  heatings: readonly Heating[];
}

export function plateOf(
  { body, water }: Pick<Plate, 'body' | 'water'>,
  heatings: readonly Heating[],
): Plate {
  return { body, water, dripKg: 0, heatings };
}

export function plateState({ body, water, dripKg, heatings }: Plate): PlateState {
  return { ...bodyState(body), dripKg, heatings, water: water && movingState(water) };
}

/** Brings a plate, fresh from `plateOf`, to where it was. */
export function resumePlate(
  { body, water }: Pick<Plate, 'body' | 'water'>,
  state: PlateState,
): Plate {
  resumeBody(body, state);
  if (water && state.water) resumeMoving(water, state.water);
  const { dripKg, heatings } = state;
  return { body, water, dripKg, heatings };
}

/** A time step against surroundings that keep their temperature. */
function stand(body: Body, celsius: number, film: number, seconds: number): void {
  wet(body, film / FILM);
  remember(body);
  const node = { capacity: VAST, celsius };
  advance([body], node, celsius, seconds, { powerW: null, lossWPerK: 0 });
}

/** Takes water off a body, with its own warmth. */
function dry(body: Body, kg: number): void {
  const { capacity, work } = body;
  const total = capacity.reduce((sum, c) => sum + c, 0);
  const share = Math.min(0.5, (kg * WATER_HEAT) / total);
  for (let i = 0; i < capacity.length; i++) capacity[i] = at(capacity, i) * (1 - share);
  work.substep = 0;
  body.driedKg += kg;
}

function inAir(plate: Plate, seconds: number, air: Air): void {
  const { body } = plate;
  const celsius = at(body.t, body.cells - 1);
  const areaM2 = (SHOWN * body.wetFilm) / FILM;
  const above = celsius - air.ambientC;
  const isWet = body.driedKg < DRIES * body.massKg;
  const kgS = isWet ? openEvaporation(celsius, air, areaM2) : 0;
  const wattsPerK =
    above > 0.1 ? openLoss(celsius, air, areaM2) + (kgS * latentHeat(celsius)) / above : 0;
  stand(body, air.ambientC, Math.max(SHOWN * STILL_FILM, (SHOWN * wattsPerK) / areaM2), seconds);
  if (above > 0.1 && kgS > 0) dry(body, kgS * seconds);
  if (plate.water) plate.dripKg += pass(plate.water, seconds, 0);
}

/** @param boilC of water in this air */
function inVessel(
  plate: Plate,
  { celsius, film, lost = 0, minutes }: Heating,
  seconds: number,
  boilC: number,
): void {
  const { body, water } = plate;
  stand(body, celsius ?? boilC, film ?? FILM, seconds);
  if (lost > 0) dry(body, (lost * body.massKg * seconds) / (60 * minutes));
  if (celsius !== null || !water) return;
  pass(water, seconds, Infinity);
  carryHeat(water, { capacity: VAST, celsius: boilC }, 0);
}

/**
 * Lets a time pass on the plate; first what is to be heated is heated.
 *
 * @param boilC of water in this air
 * @param seen called after each time step, s since the beginning
 */
export function passOnPlate(
  plate: Plate,
  seconds: number,
  air: Air,
  boilC: number,
  seen?: (s: number) => void,
): void {
  let goneS = 0;
  while (seconds - goneS > 1e-9) {
    const [heating, ...rest] = plate.heatings;
    const left = Math.min(seconds - goneS, STEP_S);
    if (!heating) {
      inAir(plate, left, air);
      goneS += left;
    } else {
      const length = Math.min(left, 60 * heating.minutes);
      inVessel(plate, heating, length, boilC);
      const minutes = heating.minutes - length / 60;
      const lost = heating.lost && (heating.lost * minutes) / heating.minutes;
      const still = { ...heating, minutes, ...(lost !== undefined && { lost }) };
      plate.heatings = minutes > 1e-9 ? [still, ...rest] : rest;
      goneS += length;
    }
    seen?.(goneS);
  }
}

/** All that is still to be done in other vessels, at once. @returns its temperatures there */
export function finishHeating(plate: Plate, air: Air, boilC: number): Readying | null {
  const seconds = plate.heatings.reduce((sum, { minutes }) => sum + 60 * minutes, 0);
  if (seconds === 0) return null;
  const readied: Readying = { s: [], centreC: [], surfaceC: [], waterKg: 0 };
  const seen = (s: number): void => {
    readied.s.push(s);
    readied.centreC.push(centreC(plate.body));
    readied.surfaceC.push(surfaceC(plate.body, boilC));
  };
  seen(0);
  passOnPlate(plate, seconds, air, boilC, seen);
  return { ...readied, waterKg: plate.water ? moved(plate.water) : 0 };
}

/** Free and bound water of a body, kg. */
export function waterOf(plate: Plate, composition: Composition): number {
  const all = Object.values(composition).reduce((sum, share) => sum + share, 0);
  const own = (plate.body.massKg * composition.water) / all;
  return Math.max(0, own + (plate.water ? moved(plate.water) : 0) - plate.body.driedKg);
}
