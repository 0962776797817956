/** Words of the Stove for each kind of step; in a file of their own because only the Stove needs them. */
import { COLD_C, COOL_C, HOT_C } from '../guard/limits';
import { formatTemperature, type Units } from '../quantity';
import type { StepKind } from './steps';

/** Instructions on the Stove. */
export interface Doing {
  readonly title: string;
  readonly act: string;
  readonly look: (units: Units) => string;
  readonly caution: string | null;
}

const HOT_BROTH =
  'Hot broth scalds and cracks cold glass. Warm the jars first, and never set hot glass in the freezer.';
const said = (words: string) => (): string => words;

export const DOING = {
  prep: {
    title: 'Get ready',
    act: 'Cut and weigh, rinse pulses, salt as you like it.',
    look: said('Everything is within reach.'),
    caution: null,
  },
  saute: {
    title: 'Brown',
    act: 'Heat the pot open, brown, then scrape the bottom clean with half a cup of liquid.',
    look: said('Nothing sticks any more, or it will scorch under pressure.'),
    caution: null,
  },
  // Its stages have words of their own.
  pressure: { title: 'Pressure-cook', act: '', look: said(''), caution: null },
  open: {
    title: 'Open the pot',
    act: 'Take out and put in what is listed.',
    look: said('Test the slowest piece: if it resists, close and hold longer.'),
    caution: null,
  },
  strain: {
    title: 'Strain',
    act: 'Pour through a sieve; for poultry bones through a cloth. Let it stand a few minutes and skim the fat.',
    look: said('No splinters in the broth.'),
    caution: HOT_BROTH,
  },
  simmer: {
    title: 'Simmer without the lid',
    act: 'Put in what is listed and keep it just moving.',
    look: said('Taste the late things; they go on cooking in the hot broth.'),
    caution: null,
  },
  rest: {
    title: 'Rest',
    act: 'Heat off, lid on.',
    look: said('Fat rises, flavours settle.'),
    caution: null,
  },
  cool: {
    title: 'Cool',
    act: 'Shallow pans or an ice bath, uncovered until cool.',
    look: (units) =>
      `From ${formatTemperature(HOT_C, units)} to ${formatTemperature(COOL_C, units)} within 2 h and to ${formatTemperature(COLD_C, units)} within 4 h more. Not canning: keep it cold.`,
    caution: HOT_BROTH,
  },
} as const satisfies Record<StepKind, Doing>;

/** Instructions for a kind of step. */
export function doingOf(kind: StepKind): Doing {
  return DOING[kind];
}
