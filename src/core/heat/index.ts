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
export { heatPot, usualEfficiency, usualLoss } from './pot';
export { openLoss } from './evaporation';
export { COLD_WATER_W_PER_K, KEEPS_WARM_C } from './phases';
