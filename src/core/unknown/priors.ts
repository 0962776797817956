/**
 * Priors of a cook, by how well the pot is known: one model for bands, chances and verdicts. Standard deviations,
 * of logarithms where a factor is meant (assumed after common practice; the brief's figures).
 */
import type { Pot, PotKind } from '../batch/schema';
import type { FoodGroup } from '../food';

export type Knowledge = 'never measured' | 'measured';

/** Unknowns that all foods in a pot share. */
export interface PotSpread {
  /** Heater power, as a factor. */
  readonly power: number;
  /** Share of it that arrives, as a factor. */
  readonly efficiency: number;
  readonly loss: number;
  /** Steam that leaves before the pin, as a factor. */
  readonly seal: number;
  /** From pressure to the pot's own countdown: anything up to this, s. */
  readonly lagS: number;
  readonly setpointKPa: number;
  readonly valve: number;
}

const NEVER = { power: 0.06, loss: 0.25, seal: 0.5, setpointKPa: 6, valve: 0.25 } as const;
/** A kettle of plain water, timed, leaves what the clock and the measuring cup leave (assumed). */
const ONCE = { power: 0.02, loss: 0.1, seal: 0.25, setpointKPa: 4, valve: 0.12 } as const;

/** A stovetop cook starts the clock as the regulator moves; an electric pot when it sees fit. */
export const POT_SPREAD: Readonly<Record<PotKind, Readonly<Record<Knowledge, PotSpread>>>> = {
  electric: {
    'never measured': { ...NEVER, efficiency: 0.06, lagS: 120 },
    measured: { ...ONCE, efficiency: 0.02, lagS: 120 },
  },
  stovetop: {
    'never measured': { ...NEVER, efficiency: 0.2, lagS: 0 },
    measured: { ...ONCE, efficiency: 0.06, lagS: 0 },
  },
};

/** Unknowns that a cook shares, whatever the pot. */
export const COOK_SPREAD = {
  /** The whole fill misread, as a factor. */
  fill: 0.04,
  waterStartC: 4,
  roomC: 2,
} as const;

/**
 * Most of that comes back at every cook, the same cups, jug and tap, and can be learned with the pot; the
 * rest is another one each time, and stays (assumed: seven tenths of its square).
 */
export const COOK_LASTS = { fill: 0.034, waterStartC: 3.4 } as const;
export const COOK_VARIES = {
  fill: Math.sqrt(COOK_SPREAD.fill ** 2 - COOK_LASTS.fill ** 2),
  waterStartC: Math.sqrt(COOK_SPREAD.waterStartC ** 2 - COOK_LASTS.waterStartC ** 2),
} as const;

/**
 * Unknowns of each ingredient; of its need also the variation from one bag of a food to the next, which stays
 * however much has been learned (assumed).
 */
export const ITEM_SPREAD = {
  mass: 0.06,
  startC: 1.5,
  need: 0.15,
  needVaries: 0.08,
} as const;

/**
 * Most foods are as their kind, one in seven is not; of pulses, whose age nobody knows, one in three
 * (assumed). Their need is then further off, a logarithm.
 */
export const ODD = { sd: 0.45, share: 0.15, sharePulses: 1 / 3 } as const;

/** Share of a group's foods that are not as their kind. */
export function oddShare(group: FoodGroup): number {
  return group === 'pulse' ? ODD.sharePulses : ODD.share;
}

/**
 * Of the thickness of pieces, by how sure it is: cut to a size; as they grow; in one piece by its
 * weight; and meat whose cut is unknown (assumed).
 */
export const SIZE_SPREAD = { cut: 0.1, natural: 0.12, whole: 0.12, untold: 0.18 } as const;

export function knowledgeOf(pot: Pot): Knowledge {
  return pot.measured ? 'measured' : 'never measured';
}
