export { judgeBatch, type Advice, type Judged, type Offer } from './advise';
export {
  nextRun,
  planRunOffs,
  type NextRun,
  type RunOffOption,
  type RunOffSolution,
} from './runOffs';
export { solve } from './solve';
export { fittedTo, timedFor } from './fitted';
export { solveGuarded, type GuardedSolution } from './guarded';
export { USUAL_WISHES, type Solution, type Unmet, type Wishes } from './types';
