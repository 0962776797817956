export { grips, type Grip } from './grips';
export { StepBar } from './StepBar';
