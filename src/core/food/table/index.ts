import type { Food } from '../types';
import { BONES } from './bones';
import { GRAINS } from './grains';
import { MEAT } from './meat';
import { PANTRY } from './pantry';
import { PULSES } from './pulses';
import { ROOTS } from './roots';
import { VEGETABLES } from './vegetables';

/** The food table, in the order of its groups. */
export const FOODS: readonly Food[] = [
  ...MEAT,
  ...BONES,
  ...PULSES,
  ...GRAINS,
  ...ROOTS,
  ...VEGETABLES,
  ...PANTRY,
];
