export { FEWEST, reliabilityOf, type Bin, type Reliability } from './reliability';
export { foundIn } from './search';
export { askedFor, factsOf, type Fact } from './again';
export { changesBetween, historyOf } from './history';
export { lessonOf } from './lesson';
export {
  factorOf,
  nameOfLesson,
  potTold,
  taughtBy,
  type BandS,
  type Factor,
  type PotTold,
  type Taught,
} from './told';
export { forgets, forgottenUntil, withLearned, type Known, type Learned } from './learned';
export { knownKitchen, learnFrom } from './known';
export {
  hasLesson,
  LOOKED_AT,
  LOOKED_AT_OF_BATCH,
  newestFirst,
  teachers,
  type Teacher,
} from './teachers';
