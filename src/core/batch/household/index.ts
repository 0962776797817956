export { withDefaults } from './defaults';
export { batchRefusal, problemsOf, validateBundle, type Problem, type Validated } from './validate';
export { changeProblems } from './changeProblems';
export { FIRST_POT, USUAL_POTS, usualPowerW, type UsualPot } from './usualPots';
export {
  claimed,
  cookedFrom,
  freeInJar,
  goes,
  isEmptied,
  isThrownOut,
  leftInJar,
  pourOut,
  settleClaims,
  takeFrom,
  withoutClaims,
} from './claims';
export { pourIn, shelvesOf, type AboutJar, trimClaims, type Shelf } from './shelves';
export { withWord } from './words';
export { isEmpty } from './empty';
