export { saturationPressure, saturationTemperature } from './saturation';
export { atmosphericPressure, boilingPoint, setpoint } from './atmosphere';
export {
  latentHeat,
  liquidDensity,
  vapourDensity,
  SURFACE_TENSION,
  WATER_HEAT,
} from './properties';
