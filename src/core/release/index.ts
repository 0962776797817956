export { chanceOfLiquid, swollenAt, type AtValve, type Doubt } from './chance';
export { steamFlow, USUAL_VALVE, type Valve } from './nozzle';
export { bubblyVoid, churnVoid, swollenLevel, voidFraction } from './swell';
