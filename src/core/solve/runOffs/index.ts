export { planRunOffs } from './plan';
export type { RunOffOption, RunOffSolution } from './types';
