import { COOKED } from './cooked';
import { KEPT } from './kept';
import { POT_CASES } from './pot';
import { STANDING } from './standing';

/** All written cases, in the order of docs/safety.md. */
export const CASES = [...STANDING, ...COOKED, ...POT_CASES, ...KEPT];
