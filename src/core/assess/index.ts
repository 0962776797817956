export type {
  Assessment,
  BlendReport,
  BonesReport,
  Finding,
  FillReport,
  FinishReport,
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
export { drawBatch, type Chances, type DrawOptions, type Draws } from './draws';
export { BAND_IN_TEN, SAFE_CHANCE } from './odds';
export { compareReleases } from './release';
export { callKey, putBy, putByOf, takeUp } from './putBy';
export { contentsAt, runModel, scaled, withNeeds, type Lived, type Model } from './model';
export { itemReports, tableMin } from './reports';
export { bonesModel, bonesReport, hasRuns } from './bones';
export { saltReport } from './finish';
export { safeCentreC } from './safety';
