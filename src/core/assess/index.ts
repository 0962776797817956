export type {
  Assessment,
  BlendReport,
  BonesReport,
  Finding,
  FindingCode,
  FillReport,
  ItemReport,
  Level,
  Range,
  ReleaseOption,
  ReleaseReport,
  Remedy,
  RunOffReport,
  Series,
  StepReport,
  Texture,
  WorstMoment,
} from './types';
export type { NumberName } from './numberNames';
export { assess, type AssessOptions } from './assess';
export { applyRemedy, putInAfter } from './remedy';
export { drawBatch, quantile, type Chances, type DrawOptions, type Draws } from './draws';
export { compareReleases } from './release';
export { putBy, putByOf, takeUp } from './putBy';
