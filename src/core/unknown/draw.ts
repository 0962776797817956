/** One draw of all that is not known of a cook. */
import type { Pot } from '../batch';
import { COOK_SPREAD, ITEM_SPREAD, knowledgeOf, POT_SPREAD } from './priors';
import type { Chance } from './random';

/** Of one ingredient: factors, and degrees. */
export interface ItemUnknowns {
  readonly mass: number;
  readonly size: number;
  readonly startC: number;
  readonly need: number;
}

/** A state of the world that agrees with what is known; factors but where a unit is named. */
export interface Unknowns {
  readonly fill: number;
  readonly waterStartC: number;
  readonly roomC: number;
  readonly power: number;
  readonly efficiency: number;
  readonly loss: number;
  readonly seal: number;
  readonly lagS: number;
  readonly setpointKPa: number;
  readonly valve: number;
  readonly items: Readonly<Record<string, ItemUnknowns>>;
}

/**
 * A state of the world out of chance.
 *
 * @param ids the batch's items
 * @param normal the next number of mean 0 and standard deviation 1
 * @param even the next number from 0 to 1
 */
export function unknownsOf(
  pot: Pot,
  ids: readonly string[],
  normal: () => number,
  even: () => number,
): Unknowns {
  const spread = POT_SPREAD[pot.kind][knowledgeOf(pot)];
  const factor = (sd: number): number => Math.exp(sd * normal());
  return {
    fill: factor(COOK_SPREAD.fill),
    waterStartC: COOK_SPREAD.waterStartC * normal(),
    roomC: COOK_SPREAD.roomC * normal(),
    power: factor(spread.power),
    efficiency: factor(spread.efficiency),
    loss: factor(spread.loss),
    seal: factor(spread.seal),
    lagS: spread.lagS * even(),
    setpointKPa: spread.setpointKPa * normal(),
    valve: factor(spread.valve),
    items: Object.fromEntries(
      ids.map((id) => [
        id,
        {
          mass: factor(ITEM_SPREAD.mass),
          size: factor(ITEM_SPREAD.size),
          startC: ITEM_SPREAD.startC * normal(),
          need: factor(ITEM_SPREAD.need),
        },
      ]),
    ),
  };
}

/** How many numbers `unknownsOf` uses up. */
export function numbersOf(ids: readonly string[]): number {
  return 10 + 4 * ids.length;
}

/**
 * Draws a state of the world.
 *
 * @param ids the batch's items
 * @param chance its next numbers are used up
 */
export function drawUnknowns(pot: Pot, ids: readonly string[], chance: Chance): Unknowns {
  return unknownsOf(pot, ids, chance.normal, chance.uniform);
}
