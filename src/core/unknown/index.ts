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
export { inverseOf, rootOf, solveSmall } from './linear';
export {
  COOK_SPREAD,
  COOK_VARIES,
  ITEM_SPREAD,
  knowledgeOf,
  POT_SPREAD,
  type Knowledge,
  type PotSpread,
} from './priors';
export { seeded, type Chance } from './random';
