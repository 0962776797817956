/** The judgements: what follows from each beside its own remedies, one record a code. */

export interface FindingDefinition {
  /** Changes tried beyond its own remedies: a bigger pot, another order of the plan. */
  readonly wider: 'pot' | 'order' | null;
  /** A plan with it is never proposed. */
  readonly unsafe: boolean;
  /** While it stops the cook, no time to the table can be told. */
  readonly timeless: boolean;
}

const CALM = { wider: null, unsafe: false, timeless: false } as const;
const UNSAFE = { wider: null, unsafe: true, timeless: false } as const;

export const FINDINGS = {
  empty: CALM,
  'over-max-fill': { ...CALM, wider: 'pot' },
  'over-foam-line': { ...CALM, wider: 'pot' },
  'too-little-liquid': { wider: null, unsafe: true, timeless: true },
  'dry-start': CALM,
  'not-covered': CALM,
  'never-at-pressure': { wider: null, unsafe: true, timeless: true },
  'spray-risk': UNSAFE,
  'release-costs': CALM,
  'browned-bottom': CALM,
  'scorch-risk': { wider: null, unsafe: false, timeless: true },
  'dairy-under-pressure': CALM,
  undercooked: { ...CALM, wider: 'order' },
  overcooked: { ...CALM, wider: 'order' },
  'noodles-drink': CALM,
  'poisonous-plant': UNSAFE,
  'poultry-not-safe': UNSAFE,
  'meat-not-safe': UNSAFE,
  'kidney-bean-toxin': UNSAFE,
  'not-reheated': UNSAFE,
  'standing-raw': UNSAFE,
  'lost-food': UNSAFE,
  'past-its-day': UNSAFE,
  'too-much-fat': UNSAFE,
  spirits: UNSAFE,
  fizzy: CALM,
  thermometer: CALM,
  salty: CALM,
  'bones-spent': CALM,
  'bones-crumble': CALM,
  'thin-set': CALM,
  'over-extracted': CALM,
  'salt-at-end': CALM,
  'slow-cooling': CALM,
} as const satisfies Record<string, FindingDefinition>;

export type FindingCode = keyof typeof FINDINGS;

/** Properties of a judgement. */
export function findingOf(code: FindingCode): FindingDefinition {
  return FINDINGS[code];
}
