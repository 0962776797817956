export { isStock, pressureUnit } from './kind';
export {
  usualMinutes,
  FRIDGE_C,
  FROZEN_C,
  planBatch,
  potOf,
  stepsOf,
  type Plan,
  type PlannedItem,
  type PlannedStay,
  type PlannedStep,
} from './complete';
export { idOfName, likeName, likeWords, sameFood } from './ownNames';
export { foodOf } from './named';
export { kitchenFor, learnedBones, learnedNeed, lessonName, likedSet, wantedSet } from './learned';
export {
  addItems,
  changeItem,
  changeStep,
  enterWith,
  freshItemId,
  freshStepId,
  insertStep,
  litresOf,
  setLitres,
  moveStep,
  placeStep,
  removeItem,
  removeStep,
  scaleBatch,
  setHold,
  timedBy,
  setMinutes,
  setRelease,
  setWater,
  splitHold,
  waterL,
} from './edit';
export {
  allDone,
  amountWords,
  countedItem,
  doneIn,
  doneMin,
  doWords,
  tickIn,
  tickOut,
} from './handWords';
export { handlingAt, keptApart, staysShut, type Into } from './entries';
export { newBatch } from './newBatch';
export { poursOf } from './pours';
export { enteringAt, entryIndex, entryOf, exitOf, kept, stay, staysOf } from './stays';
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
export { putIn, type NewItem } from './putIn';
export { atTheEnd } from './late';
export { wantedSoon } from './soon';
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
export { isToBreakDown } from './dish';
export { cutTo } from './usualCut';
