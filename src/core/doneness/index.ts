export { cookRate, cookValues, USUAL_Z } from './cookValue';
export { CHART, type ChartRow } from './chart';
export { donenessOf, type Condition, type Doneness } from './needs';
export { conductionShape } from './shape';
