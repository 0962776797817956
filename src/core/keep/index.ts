export { coolDown, type Cooling, type CoolingCurve, type Stand, type Surroundings } from './cool';
export { iceFor, isWay, WAYS, type AtHand, type Left, type Needs, type WayKey } from './ways';
export { isSafe, reheated, waysToCool, type Tried } from './tryWays';
export { narrowed, type Narrowed } from './narrow';
export { follow, type Followed } from './follow';
export { FRIDGE_SET_C } from './places';
export { plankHours, thawHours } from './thaw';
export { isJarLost, jarHistory, movedTo } from './jarHistory';
export { lotHistory } from './lotHistory';
export {
  aboutJar,
  daysLeft,
  keepsOf,
  dueOf,
  firstToUse,
  isGood,
  plannable,
  type Keeps,
} from './shelf';
export { daysLasting, fillJars, type Filled, type Sizes } from './fillJars';
export {
  daysAhead,
  eveningsFor,
  THAW_WORDS,
  type DayNote,
  type LarderDay,
  type ToSee,
} from './ahead';
export { bagWorth, stockOf, type BagWorth } from './bag';
export { addDays, dayOf, daysBetween } from './calendar';
