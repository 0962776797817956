export type { Heater, PressureVessel, SealingLid, Vessel } from './types';
export { potVessel, usualEfficiency, usualLoss } from './pot';
export { jarVessel, panVessel } from './open';
