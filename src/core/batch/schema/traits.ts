/** What is learned of pots, by name. */

/** What may be other than believed of a pot in its kitchen, in the order of the numbers that tell of it. */
export const TRAITS = [
  /** What is measured with this kitchen's cups, as a factor; its logarithm. */
  'fill',
  /** What comes out of its tap, C from what is believed. */
  'start',
  /** Its pressure, kPa from what is believed. */
  'setpoint',
  /** What arrives of the heater, the losses, the steam before the pin: factors, their logarithms. */
  'heat',
  'loss',
  'seal',
  /** What its valve lets through, as a factor; its logarithm. */
  'valve',
  /** From pressure to the pot's own countdown, s. */
  'lag',
] as const;

/**
 * What is timed of a pot: from the lid to the pin and to pressure, from one to the other; down again by itself,
 * and through the valve.
 */
export const TIMED = ['pin', 'hot', 'lag', 'down', 'vent'] as const;

export type Trait = (typeof TRAITS)[number];
export type Timed = (typeof TIMED)[number];
