export { AimSheet, BrothPlan } from './later';
export { runAt, runStart } from './runAt';
