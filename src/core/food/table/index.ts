import type { Food } from '../types';
import { DRY } from './dry';
import { MEAT } from './meat';
import { PANTRY } from './pantry';
import { VEGETABLES } from './vegetables';

/** The food table, in the order of its groups. */
export const FOODS: readonly Food[] = [...MEAT, ...DRY, ...VEGETABLES, ...PANTRY];
