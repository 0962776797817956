export type * from './types';
export { FAULTS, MARKS, MISHAPS } from './markKinds';
export { markId } from './markId';
export {
  ANCHORS,
  CUT_SHAPES,
  kitchenSchema,
  MOST_ITEMS,
  MOST_RECIPE,
  MOST_TASKS,
  potSchema,
  SETS,
} from './schema';
export {
  batchFromVersion1,
  batchFromVersion3,
  cookFromVersion1,
  cookFromVersion3,
  isMistaught,
  marksFromVersion2,
  VERSION,
} from './migrate';
export { isFields } from './fields';
export { TASTES } from './afterSchema';
export { TIMED, TRAITS } from './traits';
export { larderSchema } from './keepSchema';
export { isWithin, LIMITS, type Limits } from './limits';
