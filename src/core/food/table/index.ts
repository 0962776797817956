import type { Food } from '../types';
import { BONES } from './bones';
import { FRUIT } from './fruit';
import { GRAINS } from './grains';
import { MEAT } from './meat';
import { OFFAL } from './offal';
import { PANTRY } from './pantry';
import { PULSES } from './pulses';
import { ROOTS } from './roots';
import { SHELF } from './shelf';
import { VEGETABLES } from './vegetables';

/** The food table, in the order of its groups. */
export const FOODS: readonly Food[] = [
  ...MEAT,
  ...OFFAL,
  ...BONES,
  ...PULSES,
  ...GRAINS,
  ...ROOTS,
  ...VEGETABLES,
  ...FRUIT,
  ...PANTRY,
  ...SHELF,
];
