/** Names of the numbers behind a call, and their values in the kitchen's units. */
import type { NumberName } from '@/core/assess';
import {
  formatDegrees,
  formatLevel,
  formatMass,
  formatMinutes,
  formatSalt,
  formatStrength,
  formatTemperature,
  formatVolume,
  LITRES_PER_QUART,
  type Units,
} from '@/core/quantity';

type Say = (value: number, units: Units) => string;

const plain: Say = (value) => String(Math.round(value));
const minutes: Say = (value) => formatMinutes(value);
const percent: Say = (value) => `${value.toFixed(1)} %`;
const share: Say = (value) => `${Math.round(100 * value)} %`;
const bones: Say = (value, units) =>
  units === 'metric'
    ? `${formatMass(1000 * value, units)} a litre`
    : `${formatMass(1000 * value * LITRES_PER_QUART, units)} a quart`;

const SAYS: Readonly<Record<NumberName, readonly [label: string, say: Say]>> = {
  batches: ['batches it takes', plain],
  boiledMin: ['cooking at its centre, as minutes in boiling water', minutes],
  bonesKgPerL: ['bones it takes', bones],
  capacityL: ['the pot holds', formatLevel],
  centreC: ['its centre reaches', formatTemperature],
  cookValueMin: ['cooking so far, as minutes in boiling water', minutes],
  drinksOnL: ['absorbed by tomorrow', formatVolume],
  earlyMin: ['ready too soon by', minutes],
  flashPercent: ['of it boils off', percent],
  freeL: ['liquid around the food', formatLevel],
  gPerL: ['gelatine that sets', formatStrength],
  gelatineG: ['gelatine', formatMass],
  grams: ['salt in it', formatSalt],
  heapL: ['the heap stands at', formatLevel],
  kWh: ['energy', (value) => `${value.toFixed(2)} kWh`],
  levelL: ['it stands at', formatLevel],
  lidOnL: ['as the lid goes on', formatLevel],
  limitMin: ['past what you want from, as minutes in boiling water', minutes],
  lineL: ['the line that counts', formatLevel],
  liquidL: ['the liquid stands at', formatLevel],
  massG: ['weight', formatMass],
  minL: ['the pot needs', formatLevel],
  minute: ['after', minutes],
  needMin: ['cooking it needs, as minutes in boiling water', minutes],
  neededMin: ['cooking it needs, as minutes in boiling water', minutes],
  overL: ['over by', formatVolume],
  pasteShare: ['paste and sugar', share],
  percent: ['salt of the whole', percent],
  powerW: ['the heater gives', (value) => `${Math.round(value)} W`],
  run: ['run', plain],
  safeC: ['it must reach', formatTemperature],
  sealedL: ['left as it seals', formatLevel],
  share: ['of what the bones hold', share],
  sprayChance: ['liquid at the valve', share],
  superheatC: ['above the boil', formatDegrees],
  swollenFraction: ['of the pot', share],
  swollenL: ['it rises to', formatLevel],
  thickShare: ['thick or starchy', share],
  toAddG: ['left to add', formatSalt],
  tooMuchMin: ['past its best from, as minutes in boiling water', minutes],
  valueMin: ['cooking so far, as minutes in boiling water', minutes],
  wantedGPerL: ['you want', formatStrength],
};

/** The numbers behind a call as label and value, in the order they were given. */
export function numberWords(
  numbers: Readonly<Partial<Record<NumberName, number>>>,
  units: Units,
): readonly (readonly [label: string, value: string])[] {
  return Object.entries(numbers).map(([name, value]) => {
    const [label, say] = SAYS[name as NumberName];
    return [label, say(value, units)];
  });
}
