export {
  drawUnknowns,
  numbersOf,
  toDraw,
  unknownsOf,
  type ItemUnknowns,
  type ToDraw,
  type Unknowns,
} from './draw';
export { asLearned, nominal, potPrior, spreadsOf, traitOf, valveDoubt } from './known';
export { inverseOf, solveSmall } from './linear';
export {
  COOK_SPREAD,
  COOK_VARIES,
  ITEM_SPREAD,
  knowledgeOf,
  ODD,
  oddShare,
  POT_SPREAD,
  SIZE_SPREAD,
  type Knowledge,
  type PotSpread,
} from './priors';
export { bell, phi, seeded, type Chance, type Spread } from './random';
