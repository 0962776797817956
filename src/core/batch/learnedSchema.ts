/**
 * Yup schemas of what cooks have taught: plain data with a spread. A cook keeps it in its pot and kitchen as
 * it was, and its own lesson; what a household knows now is worked out of the lessons, never stored.
 */
import { flag, list, mayBe, needed, number, object, oneOf, ownId, text, time } from './schemaParts';
import { TIMED, TRAITS } from './traits';

const some = (many: number, what: string) =>
  needed(list(needed(number(-1e6, 1e6, ''), 'a number'), what).length(many, what), what);

/** Of a pot: the middle of each trait, and the root of how they spread together (lower triangle). */
export const potLearnedSchema = mayBe(
  {
    cooks: needed(number(1, 1e6, ''), 'a number of cooks'),
    mean: some(TRAITS.length, `${TRAITS.length} numbers`),
    root: some(
      (TRAITS.length * (TRAITS.length + 1)) / 2,
      `${(TRAITS.length * (TRAITS.length + 1)) / 2} numbers`,
    ),
  },
  'what has been learned of a pot',
);

const learnedNeed = object(
  {
    /** As lessons call it. */
    food: needed(text('a food'), 'a food'),
    /** Logarithm of its need over the table's, and its standard deviation. */
    need: needed(number(-2, 2, ''), 'a number from -2 to 2'),
    sd: needed(number(0, 2, ''), 'a number from 0 to 2'),
    cooks: needed(number(0, 1e6, ''), 'a number of cooks'),
    /** Grades later that it is liked; below 0 earlier. */
    shift: number(-1, 1, ''),
  },
  'what has been learned of a food',
);

const learnedBones = object(
  {
    food: needed(text('a food'), 'a food'),
    /** Logarithms of what it gives in the end, and how fast, over the table's; of the first its deviation. */
    most: needed(number(-3, 3, ''), 'a number from -3 to 3'),
    rate: needed(number(-3, 3, ''), 'a number from -3 to 3'),
    sd: needed(number(0, 3, ''), 'a number from 0 to 3'),
    cooks: needed(number(1, 1e6, ''), 'a number of cooks'),
  },
  'what has been learned of bones',
);

/** Of a kitchen. */
export const kitchenLearnedSchema = mayBe(
  {
    foods: list(learnedNeed, 'a list of foods'),
    bones: list(learnedBones, 'a list of bones'),
    /** How thick a kind of batch is made, and how likely that is. */
    thickness: list(
      object(
        {
          kind: needed(text('a kind of batch'), 'a kind of batch'),
          word: needed(text('a thickness'), 'a thickness'),
          share: needed(number(0, 1, ''), 'a number from 0 to 1'),
          cooks: needed(number(1, 1e6, ''), 'a number of cooks'),
        },
        'how thick a kind of batch is made',
      ),
      'a list of thicknesses',
    ),
    /** Salt that was called right, %. */
    salt: mayBe(
      {
        percent: needed(number(0, 5, '%'), 'a number from 0 to 5 %'),
        sd: needed(number(0, 5, '%'), 'a number from 0 to 5 %'),
        cooks: needed(number(1, 1e6, ''), 'a number of cooks'),
      },
      'the salt that is right',
    ),
  },
  'what has been learned in a kitchen',
);

/** What is not to be believed any more, and of which cooks: those up to then. */
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

const timedSchema = object(
  {
    step: ownId(),
    what: needed(oneOf(TIMED), `one of ${TIMED.join(', ')}`),
    /** As it was marked, and as the models have it with the pot as it was believed, s. */
    seenS: needed(number(0, 1e6, 's'), 'seconds'),
    foretoldS: needed(number(0, 1e6, 's'), 'seconds'),
    /** Change of its logarithm by each trait but the lag. */
    by: some(TRAITS.length - 1, `${TRAITS.length - 1} numbers`),
    heard: flag.optional(),
  },
  'a time of a pot',
);

/** A need over the table's: at it, the grade has just been reached. */
const edge = number(0.01, 100, '');

const triedSchema = object(
  {
    item: ownId(),
    food: needed(text('a food'), 'a food'),
    /** A need up to this reaches what is wanted, one below that passes it; missing where none does. */
    from: edge,
    to: edge,
    /** Of a test: the needs by which it was as it was found. */
    above: edge,
    below: edge,
    /** It was tried as it was served: whether that was what was wanted. */
    wanted: flag.optional(),
  },
  'a food that was tried',
);

const givenSchema = object(
  {
    run: needed(number(1, 60, ''), 'the number of the run'),
    /** Gelatine that sets, g, where it is extracted slower, as the table has it, and faster. */
    grams: some(3, '3 numbers'),
    litres: needed(number(0, 100, 'L'), 'litres'),
    /** Kinds of bones, and their shares of it. */
    of: needed(
      list(
        object(
          {
            food: needed(text('a food'), 'a food'),
            share: needed(number(0, 1, ''), 'a number from 0 to 1'),
          },
          'bones and their share',
        ),
        'a list of bones',
      ),
      'a list of bones',
    ),
  },
  'what a run of bones gave',
);

/** What there is to learn from a cook, by its marks: worked out once, when it is over. */
export const lessonSchema = mayBe(
  {
    pot: needed(list(timedSchema, 'a list of times'), 'a list of times'),
    foods: needed(list(triedSchema, 'a list of foods'), 'a list of foods'),
    bones: needed(list(givenSchema, 'a list of runs'), 'a list of runs'),
    /** Salt as it was served, %. */
    saltPercent: number(0, 50, '%'),
  },
  'what there is to learn from a cook',
);
