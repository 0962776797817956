export { cookRate, cookValues, USUAL_Z } from './cookValue';
export { CHART, type ChartRow } from './chart';
export { donenessOf, type Doneness } from './needs';
export { conductionShape } from './shape';
export { judge } from './verdict';
