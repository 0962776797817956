export { firmness, meanCook, softenedBy } from './curve';
export { BOUNDS, type Bound, type Where } from './bounds';
export { gradeAt, gradeTimes, measure, scaleOf, type Scale, type Step } from './scale';
