export type * from './types';
export { FAULTS, MISHAPS } from './cookSchema';
export {
  ANCHORS,
  CUT_SHAPES,
  kitchenSchema,
  MOST_ITEMS,
  MOST_TASKS,
  potSchema,
  SETS,
} from './schema';
export { batchFromVersion1, cookFromVersion1, VERSION } from './migrate';
export { isFields } from './fields';
export { TASTES } from './afterSchema';
export { TIMED, TRAITS } from './traits';
export { larderFormSchema } from './keepSchema';
