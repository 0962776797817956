export type { Assessment, Finding, Level, ReleaseOption, Remedy } from './types';
export { findingOf, type FindingCode } from './findingCodes';
export type { NumberName } from './numberNames';
export { assess, type AssessOptions } from './assess';
export { applyRemedy, putInAfter, REMEDIES } from './remedy';
export { drawBatch, drawPart, sumDraws, type Chances, type DrawnPart, type Draws } from './draws';
export { BAND_IN_TEN } from './odds';
export { compareReleases } from './release';
export { callKey, isStop, putBy, putByOf, takeUp } from './putBy';
