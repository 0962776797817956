export { GRADES, gradeIndex, gradesOf, type Family, type GradeName } from './families';
export type {
  Composition,
  Extract,
  FoamingClass,
  Food,
  FoodGroup,
  Mark,
  OwnFood,
  SafetyRule,
  Solid,
} from './types';
export {
  MELTING,
  presetsOf,
  spanOf,
  usualSpan,
  wishOf,
  type Dish,
  type Likes,
  type Manner,
  type Preset,
  type Span,
  type Wish,
} from './wish';
export { capital, counted, does, inARow, isMany, spoken } from './spoken';
export { FOODS } from './table';
export {
  foodByKey,
  matchFoods,
  mendSpelling,
  nameWords,
  resolveFood,
  SURE_MATCH,
  type FoodIndex,
  type FoodMatch,
} from './match';
export { indexOf, ownFood, type Meant } from './own';
export { amountGrams, amountOfGrams, cupGrams, foodInAmount } from './mass';
export {
  FREEZING_POINT,
  iceFraction,
  normalise,
  thermalProperties,
  type ThermalProperties,
} from './properties';
export { FLAT_WIDE, JOINT_LONG, KG_PER_L, wholeMm } from './piece';
