export { FEWEST, reliabilityOf, type Bin, type Reliability } from './reliability';
export { foundIn } from './search';
export { historyOf } from './history';
