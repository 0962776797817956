export { blend, isDry, SET_FROM, setOf, strength, waterToBoilOff, type Lot } from './blend';
export { extractionRate, gelatineAlong, mostGelatineG, type Bones } from './extract';
export { fatAlong } from './fat';
export { flavourOf, type Flavour } from './flavour';
export { lossRate, strongAlong } from './strength';
export { MOST_SD, RATE_SD, strengthBand, type StrengthBand } from './band';
