import type { Food } from '../types';
import { alike } from './alike';
import { ALIKE_MEAT } from './alikeMeat';
import { ALIKE_PLANTS } from './alikePlants';
import { ALIKE_SHELF } from './alikeShelf';
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

const OWN: readonly Food[] = [
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

/** The food table, in the order of its groups, and after it what cooks as a food of these. */
export const FOODS: readonly Food[] = [
  ...OWN,
  ...alike(OWN, [...ALIKE_MEAT, ...ALIKE_PLANTS, ...ALIKE_SHELF]),
];
