/** One Monte Carlo draw of everything unknown about a cook. */
import { foodOf, learnedNeed } from '../batch/plan';
import { TRAITS, type Batch, type Item, type Kitchen, type Pot, type Trait } from '../batch/schema';
import type { Food } from '../food';
import { nominal, traitsOf } from './known';
import {
  COOK_SPREAD,
  COOK_VARIES,
  ITEM_SPREAD,
  knowledgeOf,
  POT_SPREAD,
  SIZE_SPREAD,
} from './priors';
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

/** An ingredient to draw: how far its need may be from what the plan says, a logarithm. */
export interface ToDraw {
  readonly id: string;
  readonly needSd: number;
  /** How far its thickness may be from what the plan says, a logarithm. */
  readonly sizeSd: number;
}

/** Spread of the thickness of an item's pieces. */
function sizeSdOf({ cut }: Item, food: Food | undefined): number {
  if (cut) return cut.shape === 'whole' ? SIZE_SPREAD.whole : SIZE_SPREAD.cut;
  const natural = food?.pieceG !== undefined || food?.shape?.kind !== 'sphere';
  return natural ? SIZE_SPREAD.natural : SIZE_SPREAD.untold;
}

/** Unknowns of a batch's items in a kitchen. */
export function toDraw(batch: Batch, kitchen: Kitchen): readonly ToDraw[] {
  return batch.items.map((item) => {
    const food = foodOf(item);
    const learned = food && kitchen.learned?.foods && learnedNeed(kitchen, food, item.old ?? false);
    const { id } = item;
    const sizeSd = sizeSdOf(item, food);
    if (!learned) return { id, needSd: ITEM_SPREAD.need, sizeSd };
    // Of what was found to be as its kind, little is not known less well than nothing was.
    const most = Math.max(ITEM_SPREAD.need, Math.abs(learned.need));
    const needSd = Math.min(most, Math.hypot(learned.sd, ITEM_SPREAD.needVaries));
    return { id, needSd, sizeSd };
  });
}

type OfPot = Omit<Unknowns, 'items'>;

/** Prior of a pot without any cook. */
function untold(pot: Pot, normal: () => number, even: () => number): OfPot {
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
  };
}

/** Of a pot whose cooks have told: its traits hang together as they were learned. */
function told(learned: NonNullable<Pot['learned']>, normal: () => number): OfPot {
  const usual = nominal(learned);
  const traits = traitsOf(
    learned,
    TRAITS.map(() => normal()),
  );
  const more = (trait: Trait): number => {
    const i = TRAITS.indexOf(trait);
    return (traits[i] as number) - (usual[i] as number);
  };
  return {
    fill: Math.exp(more('fill') + COOK_VARIES.fill * normal()),
    waterStartC: more('start') + COOK_VARIES.waterStartC * normal(),
    roomC: COOK_SPREAD.roomC * normal(),
    setpointKPa: more('setpoint'),
    power: Math.exp(more('heat')),
    efficiency: 1,
    loss: Math.exp(more('loss')),
    seal: Math.exp(more('seal')),
    valve: Math.exp(more('valve')),
    lagS: more('lag'),
  };
}

/**
 * A state of the world out of chance.
 *
 * @param items what is to be drawn of the batch's items
 * @param normal the next number of mean 0 and standard deviation 1
 * @param even the next number from 0 to 1
 */
export function unknownsOf(
  pot: Pot,
  items: readonly ToDraw[],
  normal: () => number,
  even: () => number,
): Unknowns {
  const factor = (sd: number): number => Math.exp(sd * normal());
  return {
    ...(pot.learned ? told(pot.learned, normal) : untold(pot, normal, even)),
    items: Object.fromEntries(
      items.map(({ id, needSd, sizeSd }) => [
        id,
        {
          mass: factor(ITEM_SPREAD.mass),
          size: factor(sizeSd),
          startC: ITEM_SPREAD.startC * normal(),
          need: factor(needSd),
        },
      ]),
    ),
  };
}

/** How many numbers `unknownsOf` uses up. */
export function numbersOf(pot: Pot, items: readonly ToDraw[]): number {
  return (pot.learned ? TRAITS.length + 3 : 10) + 4 * items.length;
}

/**
 * Draws a state of the world.
 *
 * @param items what is to be drawn of the batch's items
 * @param chance its next numbers are used up
 */
export function drawUnknowns(pot: Pot, items: readonly ToDraw[], chance: Chance): Unknowns {
  return unknownsOf(pot, items, chance.normal, chance.uniform);
}
