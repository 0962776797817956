export { BeliefChart, type Dot } from './BeliefChart';
