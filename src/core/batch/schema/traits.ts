/** Traits of a pot that can be learned, by name. */

/** Traits of a pot in its kitchen, in vector order. */
export const TRAITS = [
  /** Cups of this kitchen, as a factor; its logarithm. */
  'fill',
  /** Tap water, C from the kitchen's setting. */
  'start',
  /** Its pressure, as a difference from the nominal one, kPa. */
  'setpoint',
  /** Heat that arrives, losses, steam before the pin: factors, their logarithms. */
  'heat',
  'loss',
  'seal',
  /** Flow through its valve, as a factor; its logarithm. */
  'valve',
  /** From pressure to the pot's own countdown, s. */
  'lag',
] as const;

/**
 * Times of a pot: from the lid to the pin and to pressure, from one to the other; down again by itself,
 * and through the valve.
 */
export const TIMED = ['pin', 'hot', 'lag', 'down', 'vent'] as const;

export type Trait = (typeof TRAITS)[number];
export type Timed = (typeof TIMED)[number];
