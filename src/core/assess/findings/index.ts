import type { Finding, Level } from '../types';
import { bonesCrumble, bonesSpent, overExtracted, thinSet } from './bones';
import type { Context, Judge } from './context';
import { overcooked, undercooked } from './doneness';
import { slowCooling } from './cooling';
import {
  boilsDry,
  dryStart,
  empty,
  neverAtPressure,
  notCovered,
  overLine,
  tooLittleLiquid,
} from './fill';
import { noodlesDrink, saltLeft, salty } from './finish';
import { dairy, releaseCosts, scorch, sprayRisk, thickener } from './pot';
import { centreSafety, kidneyBeans } from './safety';

/** By harm: what scalds, burns or sickens, then what spoils the dish, then what costs a little. */
const JUDGES: readonly Judge[] = [
  empty,
  kidneyBeans,
  centreSafety,
  slowCooling,
  sprayRisk,
  overLine,
  tooLittleLiquid,
  boilsDry,
  neverAtPressure,
  undercooked,
  overcooked,
  dairy,
  scorch,
  thickener,
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

const WEIGHT: Readonly<Record<Level, number>> = { stop: 0, warn: 1, note: 2 };

/** Every judgement on a batch, the gravest first. */
export function findingsOf(context: Context): readonly Finding[] {
  return JUDGES.flatMap((judge) => judge(context)).sort(
    (a, b) => WEIGHT[a.level] - WEIGHT[b.level],
  );
}

export type { Context } from './context';
