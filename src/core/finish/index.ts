export { reductionMinutes } from './reduce';
export { SALTY_PERCENT, saltPercent, saltToAdd, SOUP_SALT_PERCENT, waterToDilute } from './salt';
export { drinks, drinksOn } from './standing';
export { slurryFor, slurryWater } from './thicken';
export {
  apparentPas,
  BY_TOMORROW,
  FLOUR_FOR_STARCH,
  IN_AN_HOUR,
  MEDIUM_PAS,
  starchFor,
  THICK_FROM,
  THICKNESSES,
  thicknessWord,
  type Body,
  type ThicknessWord,
} from './thickness';
export { brokenShare, CUT_CELLS, loosened, pulpOf, starchOf } from './starch';
export { nextTouch, PINCH_G } from './taste';
