/**
 * Lessons of cooks: plain data with a spread. A cook keeps it in its pot and kitchen as it was, and its
 * own lesson; what a household knows now is worked out of the lessons, never stored. There are many numbers
 * in it, and they are written by Retort alone: they are checked by hand, which is fast enough for thousands
 * of cooks, and told to be wrong as a whole.
 */
import * as yup from 'yup';
import { isFields } from './fields';
import { list, needed, object, text, time } from './schemaParts';
import { TIMED, TRAITS, type Timed } from './traits';

type Check = (value: unknown) => boolean;

const number =
  (min: number, max: number): Check =>
  (value) =>
    typeof value === 'number' && value >= min && value <= max;
const words: Check = (value) =>
  typeof value === 'string' && value.length > 0 && value.length <= 200;
const flag: Check = (value) => typeof value === 'boolean';
const maybe =
  (check: Check): Check =>
  (value) =>
    value === undefined || check(value);
/** No lesson has more of anything. */
const MOST = 2000;
const many =
  (check: Check, length?: number): Check =>
  (value) =>
    Array.isArray(value) &&
    (length === undefined ? value.length <= MOST : value.length === length) &&
    value.every(check);
function shape(fields: Readonly<Record<string, Check>>): Check {
  const all = Object.entries(fields);
  return (value) => isFields(value) && all.every(([name, check]) => check(value[name]));
}

/** A schema of what is checked by hand; it may be left out. */
function checked<T extends object>(check: Check, wanted: string) {
  return yup
    .mixed<T>((value): value is T => isFields(value))
    .typeError(wanted)
    .test('learned', wanted, maybe(check));
}

const large = number(-1e6, 1e6);
const cooks = number(0, 1e6);

/** Of a pot: the middle of each trait, and the root of how they spread together (lower triangle). */
export interface PotLearned {
  readonly cooks: number;
  readonly mean: readonly number[];
  readonly root: readonly number[];
}

export const potLearnedSchema = checked<PotLearned>(
  shape({
    cooks,
    mean: many(large, TRAITS.length),
    root: many(large, (TRAITS.length * (TRAITS.length + 1)) / 2),
  }),
  'what has been learned of a pot',
);

export interface LearnedNeed {
  /** As lessons call it. */
  readonly food: string;
  /** Logarithm of its need over the table's, and its standard deviation. */
  readonly need: number;
  readonly sd: number;
  readonly cooks: number;
  /** Grades later that it is liked; below 0 earlier. */
  readonly shift?: number;
}

export interface LearnedBones {
  readonly food: string;
  /** Logarithms of what it gives in the end, and how fast, over the table's; of the first its deviation. */
  readonly most: number;
  readonly rate: number;
  readonly sd: number;
  readonly cooks: number;
}

/** Wish behind some words, and how likely it is. */
export interface LearnedWord {
  readonly word: string;
  readonly share: number;
  readonly cooks: number;
}

/** How thick a kind of batch is made. */
export interface LearnedThickness extends LearnedWord {
  readonly kind: string;
}

/** Of a kitchen. */
export interface KitchenLearned {
  readonly foods?: readonly LearnedNeed[];
  readonly bones?: readonly LearnedBones[];
  readonly thickness?: readonly LearnedThickness[];
  /** How broths are wanted to set. */
  readonly set?: LearnedWord;
  /** Salt that was called right, %. */
  readonly salt?: { readonly percent: number; readonly sd: number; readonly cooks: number };
}

export const kitchenLearnedSchema = checked<KitchenLearned>(
  shape({
    foods: maybe(
      many(
        shape({
          food: words,
          need: number(-2, 2),
          sd: number(0, 2),
          cooks,
          shift: maybe(number(-1, 1)),
        }),
      ),
    ),
    bones: maybe(
      many(
        shape({ food: words, most: number(-3, 3), rate: number(-3, 3), sd: number(0, 3), cooks }),
      ),
    ),
    thickness: maybe(many(shape({ kind: words, word: words, share: number(0, 1), cooks }))),
    set: maybe(shape({ word: words, share: number(0, 1), cooks })),
    salt: maybe(shape({ percent: number(0, 5), sd: number(0, 5), cooks })),
  }),
  'what has been learned in a kitchen',
);

/** Lessons that are no longer trusted, and of which cooks: those up to then. */
export const forgottenSchema = list(
  object(
    {
      what: needed(text('what was learned'), 'what was learned'),
      at: needed(time, 'a date and time'),
    },
    'what is forgotten: what and since when',
  ),
  'a list of what is forgotten',
);

/** A time that was marked of a pot. */
export interface TimedRow {
  readonly step: string;
  readonly what: Timed;
  /** Marked time, and the models' time with the pot as it was trusted then, s. */
  readonly seenS: number;
  readonly foretoldS: number;
  /** Change of its logarithm by each trait but the lag. */
  readonly by: readonly number[];
  readonly heard?: boolean;
}

/** How a food was found. Edges are needs over the table's: at one, a grade has just been reached. */
export interface FoundRow {
  readonly item: string;
  readonly food: string;
  /** A need up to this reaches what is wanted, one below that passes it; missing where none does. */
  readonly from?: number;
  readonly to?: number;
  /** Of a test: the needs by which it was as it was found. */
  readonly above?: number;
  readonly below?: number;
  /** It was tried as it was served: whether that was what was wanted. */
  readonly wanted?: boolean;
}

/** A run of bones. */
export interface GivenRow {
  readonly run: number;
  /** Gelatine that sets, g, where it is extracted slower, as usual, and faster. */
  readonly grams: readonly number[];
  readonly litres: number;
  /** Kinds of bones, and their shares of it. */
  readonly of: readonly { readonly food: string; readonly share: number }[];
}

/** Lesson of a finished cook, from its marks: computed once. */
export interface Lesson {
  readonly pot: readonly TimedRow[];
  readonly foods: readonly FoundRow[];
  readonly bones: readonly GivenRow[];
  /** Salt as it was served, %. */
  readonly saltPercent?: number;
}

const seconds = number(0, 1e6);
const edge = maybe(number(0.01, 100));

export const lessonSchema = checked<Lesson>(
  shape({
    pot: many(
      shape({
        step: words,
        what: (value) => TIMED.some((one) => one === value),
        seenS: seconds,
        foretoldS: seconds,
        by: many(large, TRAITS.length - 1),
        heard: maybe(flag),
      }),
    ),
    foods: many(
      shape({
        item: words,
        food: words,
        from: edge,
        to: edge,
        above: edge,
        below: edge,
        wanted: maybe(flag),
      }),
    ),
    bones: many(
      shape({
        run: number(1, 60),
        grams: many(large, 3),
        litres: number(0, 100),
        of: many(shape({ food: words, share: number(0, 1) })),
      }),
    ),
    saltPercent: maybe(number(0, 50)),
  }),
  'what there is to learn from a cook',
);
