/**
 * The kinds of steps: what is said and reckoned of each in one record. Minutes and words are common
 * practice, no source.
 */
import { formatTemperature, type Units } from '../quantity';

export const STEP_KINDS = [
  'prep',
  'saute',
  'pressure',
  'open',
  'strain',
  'simmer',
  'rest',
  'cool',
] as const;

export type StepKind = (typeof STEP_KINDS)[number];
/** Steps without a lid that is locked. */
export type PlainKind = Exclude<StepKind, 'pressure'>;

/** What to do and look for on the Stove. */
export interface Doing {
  readonly title: string;
  readonly act: string;
  readonly look: (units: Units) => string;
  readonly caution: string | null;
}

export interface StepDefinition {
  /** Taken where the batch does not say, min; null for what has no default. */
  readonly minutes: number | null;
  /** Whether what is done needs no hand. */
  readonly idle: boolean;
  /** As a heading of its editor. */
  readonly title: string;
  /** In a list of what may be added. */
  readonly added: string;
  /** On the bar, and in the plan. */
  readonly short: string;
  /** Of what goes in with it. */
  readonly entry: string;
  /** In the timetable. */
  readonly move: string;
  readonly doing: Doing;
}

const HOT_BROTH =
  'Hot broth scalds and cracks cold glass. Warm the jars first, and never set hot glass in the freezer.';
const said = (words: string) => (): string => words;

export const STEPS = {
  prep: {
    minutes: 10,
    idle: false,
    title: 'Prepare',
    added: 'prepare',
    short: 'prepare',
    entry: 'at the prep',
    move: 'Get ready',
    doing: {
      title: 'Get ready',
      act: 'Cut and weigh, rinse pulses, salt as you like it.',
      look: said('Everything stands within reach.'),
      caution: null,
    },
  },
  saute: {
    minutes: 8,
    idle: false,
    title: 'Brown',
    added: 'brown, open pot',
    short: 'brown',
    entry: 'to brown',
    move: 'Brown',
    doing: {
      title: 'Brown',
      act: 'Heat the pot open, brown, then scrape the bottom clean with half a cup of liquid.',
      look: said('Nothing sticks any more, or it will scorch under pressure.'),
      caution: null,
    },
  },
  pressure: {
    minutes: null,
    idle: true,
    title: 'Under pressure',
    added: 'pressure, once more',
    short: 'hold',
    entry: 'as the lid goes on',
    move: 'Under pressure',
    doing: { title: 'Under pressure', act: '', look: said(''), caution: null },
  },
  open: {
    minutes: 3,
    idle: false,
    title: 'Open pot',
    added: 'open the pot, add or take out',
    short: 'open',
    entry: 'when opened',
    move: 'Take out and put in',
    doing: {
      title: 'Open pot',
      act: 'Take out and put in what is listed.',
      look: said('Test the slowest piece: if it resists, close and hold longer.'),
      caution: null,
    },
  },
  strain: {
    minutes: 5,
    idle: false,
    title: 'Strain',
    added: 'strain',
    short: 'strain',
    entry: 'at the strain',
    move: 'Strain',
    doing: {
      title: 'Strain',
      act: 'Pour through a sieve; for poultry bones through a cloth. Let it stand a few minutes and skim the fat.',
      look: said('No splinters in the broth.'),
      caution: HOT_BROTH,
    },
  },
  simmer: {
    minutes: 5,
    idle: false,
    title: 'Simmer, open',
    added: 'simmer, open',
    short: 'simmer',
    entry: 'at the simmer',
    move: 'Simmer',
    doing: {
      title: 'Simmer, open',
      act: 'Put in what is listed and keep it just moving.',
      look: said('Taste the late things; they go on cooking in the hot broth.'),
      caution: null,
    },
  },
  rest: {
    minutes: 10,
    idle: true,
    title: 'Rest, lid on',
    added: 'rest, lid on',
    short: 'rest',
    entry: 'at the rest',
    move: 'Rest',
    doing: {
      title: 'Rest',
      act: 'Heat off, lid on.',
      look: said('Fat rises, flavours settle.'),
      caution: null,
    },
  },
  cool: {
    minutes: 120,
    idle: true,
    title: 'Cool',
    added: 'cool',
    short: 'cool',
    entry: 'at the cool',
    move: 'Cool',
    doing: {
      title: 'Cool',
      act: 'Shallow pans or an ice bath, uncovered until cool.',
      look: (units) =>
        `From ${formatTemperature(57, units)} to ${formatTemperature(21, units)} within 2 h and to ${formatTemperature(5, units)} within 4 h more. Not canning: keep it cold.`,
      caution: HOT_BROTH,
    },
  },
} as const satisfies Record<StepKind, StepDefinition>;

/** What is known of a kind of step. */
export function stepOf(kind: StepKind): StepDefinition {
  return STEPS[kind];
}
