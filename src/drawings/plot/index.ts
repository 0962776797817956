export { coolingPlot, type CoolingSeen } from './cooling';
export { LightPlot } from './LightPlot';
export { cookPlot, type Lived } from './lived';
export { LivePlot } from './LivePlot';
export { Miniature } from './Miniature';
export type { Plot } from './plot';
export { runOffPlot } from './runOffs';
export { tracePlot, type OverTheClock } from './trace';
