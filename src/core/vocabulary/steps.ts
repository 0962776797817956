/**
 * The kinds of steps: what is said and reckoned of each in one record; what the Stove says at length is
 * composed by name (`doing`). Minutes and words are common practice, no source.
 */
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

export interface StepDefinition {
  /** Taken where the batch does not say, min; null for what has no default. */
  readonly minutes: number | null;
  /** Whether what is done needs no hand. */
  readonly idle: boolean;
  /** Heading of its editor. */
  readonly title: string;
  /** In a list of what may be added. */
  readonly added: string;
  /** On the bar, and in the plan. */
  readonly short: string;
  /** Name as a stage at which food goes in. */
  readonly entry: string;
  /** In the timetable. */
  readonly move: string;
}

export const STEPS = {
  prep: {
    minutes: 10,
    idle: false,
    title: 'Prepare',
    added: 'prepare',
    short: 'prepare',
    entry: 'prepare',
    move: 'Get ready',
  },
  saute: {
    minutes: 8,
    idle: false,
    title: 'Brown',
    added: 'brown, open pot',
    short: 'brown',
    entry: 'brown',
    move: 'Brown',
  },
  pressure: {
    minutes: null,
    idle: true,
    title: 'Pressure-cook',
    added: 'pressure-cook again',
    short: 'hold',
    entry: 'pressure-cook',
    move: 'Pressure-cook',
  },
  open: {
    minutes: 3,
    idle: false,
    title: 'Open the pot',
    added: 'open the pot, add or take out',
    short: 'open',
    entry: 'open the pot',
    move: 'Take out and put in',
  },
  strain: {
    minutes: 5,
    idle: false,
    title: 'Strain',
    added: 'strain',
    short: 'strain',
    entry: 'strain',
    move: 'Strain',
  },
  simmer: {
    minutes: 5,
    idle: false,
    title: 'Simmer without the lid',
    added: 'simmer without the lid',
    short: 'simmer',
    entry: 'simmer',
    move: 'Simmer',
  },
  rest: {
    minutes: 10,
    idle: true,
    title: 'Rest, lid on',
    added: 'rest, lid on',
    short: 'rest',
    entry: 'rest',
    move: 'Rest',
  },
  cool: {
    minutes: 120,
    idle: true,
    title: 'Cool',
    added: 'cool',
    short: 'cool',
    entry: 'cool',
    move: 'Cool',
  },
} as const satisfies Record<StepKind, StepDefinition>;

/** Properties of a kind of step. */
export function stepOf(kind: StepKind): StepDefinition {
  return STEPS[kind];
}
