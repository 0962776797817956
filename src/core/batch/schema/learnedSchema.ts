/**
 * Lessons of cooks: plain data with a spread. A cook keeps it in its pot and kitchen as it was, and its
 * own lesson; the household's knowledge follows from the lessons and is never stored.
 */
import {
  atLeast,
  atMost,
  flag,
  list,
  needed,
  number,
  object,
  oneOf,
  text,
  time,
  type Kept,
  type Shape,
} from './shape';
import { TIMED, TRAITS } from './traits';

/** No lesson has more of anything. */
const MOST = 2000;
const many = <T>(of: Shape<T>, what: string) => needed(atMost(list(of, what), MOST, what));
const exactly = (length: number, what: string) =>
  needed(atMost(atLeast(list(large, what), length, `${length} ${what}`), length, what));
const large = needed(number(-1e6, 1e6, ''));
const cooks = needed(number(0, 1e6, 'cooks'));
const share = needed(number(0, 1, ''));
const food = needed(text('a food'));
const word = needed(text('a word'));

/** Of a pot: the mean of each trait, and the root of their covariance (lower triangle). */
export const potLearnedSchema = object(
  {
    cooks,
    mean: exactly(TRAITS.length, 'means'),
    root: exactly((TRAITS.length * (TRAITS.length + 1)) / 2, 'entries of the root'),
  },
  'what has been learned of a pot',
);
export type PotLearned = Kept<typeof potLearnedSchema>;

const needSchema = object(
  {
    /** Its name in lessons. */
    food,
    /** Logarithm of its need over the table's, and its standard deviation. */
    need: needed(number(-2, 2, '')),
    sd: needed(number(0, 2, '')),
    cooks,
    /** Grades later that it is liked; below 0 earlier. */
    shift: number(-1, 1, 'grades'),
  },
  'the need of a food',
);
export type LearnedNeed = Kept<typeof needSchema>;

const bonesSchema = object(
  {
    food,
    /** Logarithms of the final yield and of the rate over the table's; standard deviation of the first. */
    most: needed(number(-3, 3, '')),
    rate: needed(number(-3, 3, '')),
    sd: needed(number(0, 3, '')),
    cooks,
  },
  'the yield of bones',
);
export type LearnedBones = Kept<typeof bonesSchema>;

/** Wish behind some words, and its probability. */
const learnedWord = { word, share, cooks };
const setSchema = object(learnedWord, 'how broths are wanted to set');
const thicknessSchema = object(
  { ...learnedWord, kind: needed(text('a kind of batch')) },
  'how thick a kind of batch is made',
);
export type LearnedWord = Kept<typeof setSchema>;
export type LearnedThickness = Kept<typeof thicknessSchema>;

/** Of a kitchen. */
export const kitchenLearnedSchema = object(
  {
    foods: atMost(list(needed(needSchema), 'foods'), MOST, 'foods'),
    bones: atMost(list(needed(bonesSchema), 'bones'), MOST, 'bones'),
    thickness: atMost(list(needed(thicknessSchema), 'thicknesses'), MOST, 'thicknesses'),
    /** How broths are wanted to set. */
    set: setSchema,
    /** Salt that was called right, %. */
    salt: object(
      { percent: needed(number(0, 5, '%')), sd: needed(number(0, 5, '%')), cooks },
      'the salt that was called right',
    ),
  },
  'what has been learned in a kitchen',
);
export type KitchenLearned = Kept<typeof kitchenLearnedSchema>;

/** Lessons that are no longer trusted, and of which cooks: those up to then. */
export const forgottenSchema = list(
  object(
    { what: needed(text('what was learned'), 'what was learned'), at: needed(time) },
    'what is forgotten: what and since when',
  ),
  'a list of what is forgotten',
);

const seconds = needed(number(0, 1e6, 's'));

/** A time that was marked of a pot. */
const timedSchema = object(
  {
    step: needed(text('the id of a step')),
    what: needed(oneOf(TIMED)),
    /** Marked time, and the models' time with the pot as it was trusted then, s. */
    seenS: seconds,
    foretoldS: seconds,
    /** Derivative of its logarithm by each trait but the lag. */
    by: exactly(TRAITS.length - 1, 'derivatives'),
    heard: flag,
  },
  'a time of a pot',
);
export type TimedRow = Kept<typeof timedSchema>;

const edge = number(0.01, 100, '');

/** How a food was found. Edges are needs over the table's: at one, a grade has just been reached. */
const foundSchema = object(
  {
    item: needed(text('the id of an item')),
    food,
    /** A need up to this reaches the wish, one below that passes it; missing where none does. */
    from: edge,
    to: edge,
    /** Of a test: the needs that explain how the food was found. */
    above: edge,
    below: edge,
    /** Tested as served: whether that was the wish. */
    wanted: flag,
  },
  'how a food was found',
);
export type FoundRow = Kept<typeof foundSchema>;

/** A run of bones. */
const givenSchema = object(
  {
    run: needed(number(1, 60, '')),
    /** Gelatine that sets, g, where it is extracted slower, as usual, and faster. */
    grams: exactly(3, 'grams'),
    litres: needed(number(0, 100, 'L')),
    /** Kinds of bones, and their shares of it. */
    of: many(needed(object({ food, share }, 'a kind of bones')), 'kinds of bones'),
  },
  'what a run of bones gave',
);
export type GivenRow = Kept<typeof givenSchema>;

/** Lesson of a finished cook, from its marks: computed once. */
export const lessonSchema = object(
  {
    pot: many(needed(timedSchema), 'times of the pot'),
    foods: many(needed(foundSchema), 'foods'),
    bones: many(needed(givenSchema), 'runs of bones'),
    /** Salt as it was served, %. */
    saltPercent: number(0, 50, '%'),
  },
  'what there is to learn from a cook',
);
export type Lesson = Kept<typeof lessonSchema>;
