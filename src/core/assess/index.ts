export type {
  Assessment,
  BlendReport,
  BonesReport,
  Finding,
  FillReport,
  GradeFrom,
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
export { findingOf, type FindingCode } from './findingCodes';
export type { NumberName } from './numberNames';
export { assess, type AssessOptions } from './assess';
export { applyRemedy, putInAfter, REMEDIES } from './remedy';
export {
  BAND_IN_TEN,
  drawBatch,
  quantile,
  type Chances,
  type DrawOptions,
  type Draws,
} from './draws';
export { compareReleases, SAFE_CHANCE } from './release';
export { meltsAway } from './reports';
export { callKey, putBy, putByOf, takeUp } from './putBy';
