/**
 * Yup schemas of the domain. Nothing is cast and unknown fields pass, so that what is valid
 * survives a round trip untouched. Every message says what is wanted; what was found and where
 * is added by `validateBundle`.
 */
import * as yup from 'yup';
import { UNITS } from '../quantity';
import { flag, list, needed, number, object, oneOf, text, time } from './schemaParts';
import {
  LONGEST_WAIT_MIN,
  RELEASE_METHODS,
  releaseOf,
  STEP_KINDS,
  type ReleaseMethod,
} from '../vocabulary';
import type { CutShape } from './types';

export const CUT_SHAPES: readonly CutShape[] = ['whole', 'slice', 'cube', 'stick', 'crumb', 'leaf'];
const schoolsSchema = object(
  {
    noodles: oneOf(['in', 'apart']),
    salt: oneOf(['early', 'late']),
    release: oneOf(['natural', 'quick']),
    bones: oneOf(['raw', 'blanched', 'roasted']),
    vinegar: oneOf(['with', 'without']),
    vegetables: oneOf(['soft', 'bite']),
    beans: oneOf(['whole', 'creamy']),
    breast: oneOf(['pulled', 'juicy']),
  },
  'the habits of the kitchen',
)
  .optional()
  .default(undefined);

export const kitchenSchema = object(
  {
    altitudeM: needed(number(-400, 5000, 'm'), 'a number from -400 to 5000 m'),
    ambientC: needed(number(-10, 45, '°C'), 'a number from -10 to 45 °C'),
    units: needed(oneOf(['metric', 'us']), 'one of metric, us'),
    pressureIn: oneOf(['kPa', 'bar']),
    habits: schoolsSchema,
  },
  'the kitchen: altitude, room temperature and units',
);

const settingSchema = object(
  {
    name: needed(text('a name'), 'a name'),
    gaugeKPa: needed(number(5, 150, 'kPa'), 'a number from 5 to 150 kPa'),
  },
  'a pressure setting',
);

export const potSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    name: needed(text('a name'), 'a name for the pot'),
    kind: needed(oneOf(['electric', 'stovetop']), 'one of electric, stovetop'),
    capacityL: needed(number(1, 50, 'L'), 'a number from 1 to 50 L'),
    innerDiameterCm: needed(number(8, 60, 'cm'), 'a number from 8 to 60 cm'),
    maxFill: needed(number(0.2, 0.95, 'of the capacity'), 'a number from 0.2 to 0.95'),
    foamFill: needed(number(0.1, 0.95, 'of the capacity'), 'a number from 0.1 to 0.95').test(
      'below',
      'no more than the fill line',
      (value: unknown, context: yup.TestContext) => {
        const max = (context.parent as { maxFill?: unknown }).maxFill;
        return typeof value !== 'number' || typeof max !== 'number' || value <= max;
      },
    ),
    minLiquidL: needed(number(0.05, 5, 'L'), 'a number from 0.05 to 5 L'),
    powerW: needed(number(200, 5000, 'W'), 'a number from 200 to 5000 W'),
    settings: needed(
      list(settingSchema, 'a list of pressure settings').min(1, 'at least one pressure setting'),
      'a list of pressure settings',
    ),
    measured: flag.optional(),
    efficiency: number(0.2, 1, ''),
    lossWPerK: number(0.2, 20, 'W/K'),
  },
  'a pot',
);

export const amountSchema = object(
  {
    value: needed(
      yup
        .number()
        .strict()
        .typeError('a number above 0')
        .moreThan(0, 'a number above 0')
        .max(100000, 'at most 100000'),
      'a number above 0',
    ),
    unit: needed(oneOf(UNITS), `one of ${UNITS.join(', ')}`),
    size: oneOf(['small', 'medium', 'large']),
    canG: number(20, 5000, 'g'),
  },
  'an amount: a value and a unit',
);

const cutSchema = object(
  {
    shape: needed(oneOf(CUT_SHAPES), `one of ${CUT_SHAPES.join(', ')}`),
    mm: needed(number(0.2, 300, 'mm'), 'a number from 0.2 to 300 mm'),
  },
  'a cut: a shape and its mm',
).optional();

const wishSchema = object(
  {
    from: needed(text('a grade'), 'a grade'),
    to: needed(text('a grade'), 'a grade'),
  },
  'a wish: the first and the last grade that are right',
)
  .optional()
  .default(undefined);

const ownFields = {
  id: needed(text('an id'), 'an id'),
  name: needed(text('a name'), 'a name for the food'),
  like: needed(text('a food of the table'), 'a food of the table that it cooks as'),
  pieceG: number(0.05, 20000, 'g'),
  cooked: number(0.2, 5, ''),
  foams: flag.optional(),
  for: oneOf(['flavour']),
  apart: flag.optional(),
};

/** A food of the kitchen. */
export const ownFoodSchema = object(
  ownFields,
  'a food of the kitchen: its name and what it is like',
);

export const itemSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    food: needed(text('a food'), 'a food'),
    own: object(ownFields, 'a food of the kitchen: its name and what it is like')
      .optional()
      .default(undefined),
    amount: needed(amountSchema, 'an amount: a value and a unit'),
    cut: cutSchema.nullable().default(undefined),
    startC: number(-40, 100, '°C').nullable(),
    soakedH: number(0, 72, 'hours').nullable(),
    old: flag.nullable(),
    apart: flag.nullable(),
    for: oneOf(['eat', 'flavour']),
    wish: wishSchema,
    enters: text('the id of a step').nullable(),
    leaves: text('the id of a step').nullable(),
    from: text('the id of an item'),
  },
  'an item: a food and an amount',
);

const isMethod = (method: unknown): method is ReleaseMethod =>
  RELEASE_METHODS.includes(method as ReleaseMethod);

const releaseSchema = object(
  {
    method: needed(oneOf(RELEASE_METHODS), `one of ${RELEASE_METHODS.join(', ')}`),
    afterMin: number(0, LONGEST_WAIT_MIN, 'min').when('method', {
      is: (method: unknown) => isMethod(method) && releaseOf(method).waits === 'always',
      then: (schema) => needed(schema, 'the minutes to wait, 0 to 240'),
    }),
    duty: number(0.05, 1, ''),
  },
  'a release: its method',
)
  .optional()
  .default(undefined);

export const stepSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    kind: needed(oneOf(STEP_KINDS), `one of ${STEP_KINDS.join(', ')}`),
    minutes: number(0, 2880, 'min'),
    setting: text('the name of a setting'),
    holdMin: number(0, 600, 'min').when('kind', {
      is: 'pressure',
      then: (schema) => needed(schema, 'the minutes to hold, 0 to 600'),
    }),
    release: releaseSchema,
    keep: oneOf(['broth', 'bones']),
    keepWarm: flag.optional(),
  },
  'a step: an id and a kind',
);

const putBySchema = object(
  {
    code: needed(text('the code of a call'), 'the code of a call'),
    item: text('the id of an item'),
    step: text('the id of a step'),
    reason: needed(text('a reason'), 'a reason'),
  },
  'a call put by',
);

/** How a broth sets, the softest first. */
export const SETS = ['pourable', 'trembles', 'soft set', 'holds a cut'] as const;

const aimSchema = object(
  {
    set: oneOf(SETS),
    litres: number(0.1, 100, 'L'),
    hours: number(0.25, 48, 'hours'),
    openings: number(0, 4, ''),
  },
  'what is wanted of the bones',
)
  .optional()
  .default(undefined);

export const batchSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    name: needed(text('a name'), 'a name for the batch'),
    potId: text('the id of a pot'),
    servings: number(1, 200, 'servings'),
    kind: oneOf(['soup', 'chili', 'stock', 'broth']),
    items: needed(
      list(itemSchema, 'a list of items').max(200, 'at most 200 items'),
      'a list of items',
    ),
    steps: list(stepSchema, 'a list of steps').max(60, 'at most 60 steps'),
    serveAt: time,
    bones: oneOf(['blanched', 'roasted']),
    aim: aimSchema,
    putBy: list(putBySchema, 'a list of calls put by'),
    note: yup.string().strict().typeError('text').max(5000, 'at most 5000 characters'),
  },
  'a batch',
);
