export type * from './types';
export type { ItemCook, Lived, Model, ModelOptions } from './model';
export { runModel } from './run';
export { scaled, withNeeds } from './world';
export { boundsOf, contentsAt, lastBefore, partsAt } from './read';
export {
  fillReport,
  itemReports,
  seriesOf,
  setpointOf,
  stepReports,
  tableMin,
  worstMoment,
  type Closing,
  type Filled,
} from './reports';
export { bonesModel, bonesReport, hasRuns, runOffReport, type BonesModel } from './bones';
export { drinkersOf, finishReport, saltReport } from './finish';
export { releaseReports } from './release';
export { foodsOf, guardedOf } from './safety';
