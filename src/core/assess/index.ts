export type {
  Assessment,
  Finding,
  FindingCode,
  FillReport,
  ItemReport,
  Level,
  Range,
  ReleaseReport,
  Remedy,
  Series,
  StepReport,
} from './types';
export { assess, type AssessOptions } from './assess';
export { applyRemedy } from './remedy';
export { drawBatch, quantile, type DrawOptions, type Draws } from './draws';
