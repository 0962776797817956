export {
  isMassUnit,
  isVolumeUnit,
  MASS_G,
  SIZE_FACTOR,
  LITRES_PER_CUP,
  LITRES_PER_QUART,
  toFahrenheit,
  UNITS,
  VOLUME_ML,
  type Amount,
  type Size,
  type Unit,
  type Units,
} from './units';
export {
  formatAmount,
  formatFraction,
  formatDegrees,
  formatLength,
  formatLevel,
  formatMass,
  formatMinutes,
  formatSalt,
  formatTemperature,
  formatVolume,
  nearestFraction,
} from './format';
export { parseAmount, parseLength, volumeMl, type ParsedAmount } from './parse';
