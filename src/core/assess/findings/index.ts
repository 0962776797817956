import type { Finding, Level } from '../types';
import { bonesCrumble, bonesSpent, overExtracted, thinSet } from './bones';
import type { Context, Judge } from './context';
import { overcooked, undercooked } from './doneness';
import { slowInPot } from './cooling';
import { boilsDry, dryStart, empty, neverAtPressure, notCovered, tooLittleLiquid } from './fill';
import { noodlesDrink, saltLeft, salty } from './finish';
import { crust, releaseCosts, scorch, thickPulp } from './pot';
import { dangers } from './safety';

/** By harm: what scalds, burns or sickens, then what spoils the dish, then what costs a little. */
const JUDGES: readonly Judge[] = [
  empty,
  dangers,
  tooLittleLiquid,
  boilsDry,
  neverAtPressure,
  undercooked,
  overcooked,
  scorch,
  crust,
  thickPulp,
  slowInPot,
  notCovered,
  thinSet,
  bonesSpent,
  bonesCrumble,
  overExtracted,
  salty,
  releaseCosts,
  dryStart,
  noodlesDrink,
  saltLeft,
];

const WEIGHT: Readonly<Record<Level, number>> = { never: 0, stop: 1, warn: 2, note: 3 };

/** Every judgement on a batch, the gravest first. */
export function findingsOf(context: Context): readonly Finding[] {
  return JUDGES.flatMap((judge) => judge(context)).sort(
    (a, b) => WEIGHT[a.level] - WEIGHT[b.level],
  );
}

export type { Context } from './context';
