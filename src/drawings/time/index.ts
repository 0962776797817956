export type { ClockText } from './ticks';
export { AXIS_BOTTOM, AXIS_LEFT, AXIS_RIGHT, AXIS_TOP } from './frame';
export { sampleAt } from './sample';
