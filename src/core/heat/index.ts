export type {
  Air,
  BodyShape,
  EnergyBalance,
  Hands,
  Heating,
  HeatItem,
  HeatStay,
  HeatStep,
  ItemTrace,
  Phase,
  StepResult,
  Trace,
} from './types';
export { ball, decayOf, pieceOf, rod, slab, slowness } from './piece';
export { simulate, type HeatResult, type SimulateOptions } from './simulate';
export { simulateThrough, type Spell } from './spells';
export { pourInto, type PotState } from './state';
export { enthalpyOf, FUSION, makeIce, temperatureOf, type Ice } from './ice';
export { openEvaporation, openLoss } from './evaporation';
export { COLD_WATER_W_PER_K, KEEPS_WARM_C, USUAL_DUTY } from './legs';
