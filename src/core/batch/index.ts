export type * from './types';
export { isStock, pressureUnit } from './kind';
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
export { batchRefusal, problemsOf, validateBundle, type Problem, type Validated } from './validate';
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
export { changeProblems } from './changeProblems';
export { readLike, type Like } from './like';
export { idOfName, likeName, likeWords, sameFood } from './ownNames';
export { foodOf } from './named';
export { kitchenFor, learnedBones, learnedNeed, lessonName, likedSet, wantedSet } from './learned';
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
export { forServings, inPot, inTheirPots, waysOf, type Way } from './scale';
export { SCHOOLS, type School, type SchoolKey } from './schoolList';
export { changed } from './defined';
export { isFields } from './fields';
export { putIn } from './putIn';
export { wantedSoon } from './soon';
export {
  claimed,
  cookedFrom,
  freeInJar,
  goes,
  isEmptied,
  leftInJar,
  pourOut,
  settleClaims,
  takeFrom,
  withoutClaims,
} from './claims';
export { pourIn, shelvesOf, trimClaims, type Shelf } from './fromLarder';
export { TASTES } from './afterSchema';
export { TIMED, TRAITS } from './traits';
export { larderFormSchema } from './keepSchema';
export {
  addTask,
  anchorStep,
  anchorWords,
  changeTask,
  readMeanwhile,
  readTask,
  removeTask,
  taskLine,
  taskWords,
  type Anchor,
  type NewTask,
} from './alongside';
export { byHabit, choose, chosen, schoolsOf } from './schools';
