export { coolDown, type Cooling, type CoolingCurve, type Stand, type Surroundings } from './cool';
export { at, fallsTo, judge, RULE, type Judged } from './rule';
export {
  iceFor,
  isSafe,
  reheated,
  tryWay,
  WAY_KEYS,
  WAYS,
  waysToCool,
  type AtHand,
  type Left,
  type Needs,
  type Tried,
  type WayKey,
} from './ways';
export { narrowed, pastLimit, type Narrowed, type Reading } from './narrow';
export { plankHours, shapeOf, thawHours } from './thaw';
export {
  daysLeft,
  keepsOf,
  lotsOf,
  PUBLISHED,
  sinceOf,
  dueOf,
  firstToUse,
  type Keeps,
  type Lot,
} from './shelf';
export { daysLasting, fillJars, type Filled, type Sizes } from './fillJars';
export {
  daysAhead,
  eveningsFor,
  fridgeThawHours,
  pastDay,
  type DayNote,
  type LarderDay,
} from './ahead';
export { bagWorth, stockOf, type BagWorth } from './bag';
export { addDays, dayOf, daysBetween } from './calendar';
