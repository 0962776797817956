export type {
  Air,
  EnergyBalance,
  HeatItem,
  HeatPot,
  HeatResult,
  HeatStep,
  ItemTrace,
  Phase,
  StepResult,
  Trace,
} from './types';
export type { BodyShape } from './body';
export { simulate, USUAL_DUTY, type SimulateOptions } from './simulate';
export { heatPot } from './pot';
