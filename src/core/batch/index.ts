export type * from './types';
export { isStock, pressureUnit } from './kind';
export {
  amountSchema,
  batchSchema,
  CUT_SHAPES,
  itemSchema,
  kitchenSchema,
  ownFoodSchema,
  potSchema,
  SETS,
} from './schema';
export { problemsOf, validateBundle, type Problem, type Validated } from './validate';
export {
  usualMinutes,
  FRIDGE_C,
  FROZEN_C,
  planBatch,
  potOf,
  stepsOf,
  type Plan,
  type PlannedItem,
  type PlannedStep,
} from './complete';
export { readLike, type Like } from './like';
export { idOfName, likeName, likeWords, sameFood, sameName } from './ownNames';
export { foodOf, namedFood } from './named';
export { readLine, readLines, splitLines, type ReadsFor } from './line';
export { EXAMPLE_LINE, likened, renamed, type ReadLine } from './reword';
export {
  addItems,
  changeItem,
  changeStep,
  freshItemId,
  freshStepId,
  insertStep,
  moveStep,
  placeStep,
  removeItem,
  removeStep,
  scaleBatch,
  setHold,
  setMinutes,
  setRelease,
  setWater,
  splitHold,
  usualEntry,
  waterItem,
  waterL,
} from './edit';
export { handlingAt, keptApart, type Handling } from './entries';
export { USUAL_POTS, usualPowerW, type UsualPot } from './usualPots';
export { batchFromVersion1, cookFromVersion1, VERSION } from './migrate';
export { newBatch } from './newBatch';
export { indexOfStep, poursOf } from './pours';
export { READIED } from './ready';
export { stepWords } from './words';
export {
  addExtraction,
  isBroth,
  pickMeat,
  runOf,
  extractionWaterL,
  setExtractionHold,
  setExtractionWater,
  stopAfter,
  stretchesOf,
  withExtractions,
} from './extractions';
export { forServings, inPot, waysOf, type Way } from './scale';
export { SCHOOLS, type School, type SchoolKey } from './schoolList';
export { putIn } from './putIn';
export { byHabit, choose, chosen, schoolsOf } from './schools';
