export { coolingPlot, type CoolingSeen } from './cooling';
export { LightPlot } from './LightPlot';
export { LivePlot } from './LivePlot';
export { Miniature } from './Miniature';
export type { Plot } from './plot';
export { runOffPlot } from './runOffs';
export { cookPlot, tracePlot, type Lived, type OverTheClock } from './trace';
