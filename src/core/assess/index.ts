export type {
  Assessment,
  Finding,
  FindingCode,
  FillReport,
  ItemReport,
  Level,
  Range,
  ReleaseOption,
  ReleaseReport,
  Remedy,
  Series,
  StepReport,
  Texture,
  WorstMoment,
} from './types';
export { assess, type AssessOptions } from './assess';
export { applyRemedy, putInAfter } from './remedy';
export { drawBatch, quantile, type Chances, type DrawOptions, type Draws } from './draws';
export { compareReleases } from './release';
export { putBy, putByOf, takeUp } from './putBy';
