export {
  isMassUnit,
  MASS_G,
  SIZE_FACTOR,
  LITRES_PER_QUART,
  METRES_PER_FOOT,
  PRESSURE_UNITS,
  toCelsius,
  toFahrenheit,
  UNITS,
  VOLUME_ML,
  volumeMl,
  type Amount,
  type PressureUnit,
  type Size,
  type Unit,
  type Units,
} from './units';
export {
  formatAmount,
  measured,
  formatFraction,
  formatDegrees,
  formatLength,
  formatLevel,
  formatAcross,
  formatAltitude,
  formatPressure,
  formatGrams,
  formatMass,
  formatMinutes,
  formatSalt,
  formatShare,
  formatStrength,
  formatStrengthBand,
  formatTemperature,
  formatVolume,
  nearestFraction,
} from './format';
export { readNumber } from './packed';
export { readTyped, type Typed } from './typed';
export { DURATION_UNIT, durationsInFigures, numberOf, SPELLED, tensInFigures } from './spelled';
export { parseAmount, parseLength, type ParsedAmount } from './parse';
