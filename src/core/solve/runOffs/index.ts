export { nextRun, type NextRun } from './next';
export { planRunOffs } from './plan';
export type { RunOffOption, RunOffSolution } from './types';
