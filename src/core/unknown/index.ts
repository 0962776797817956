export { drawUnknowns, numbersOf, unknownsOf, type ItemUnknowns, type Unknowns } from './draw';
export {
  COOK_SPREAD,
  ITEM_SPREAD,
  knowledgeOf,
  POT_SPREAD,
  type Knowledge,
  type PotSpread,
} from './priors';
export { seeded, type Chance } from './random';
