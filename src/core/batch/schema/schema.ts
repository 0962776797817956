/**
 * Schemas of the domain. Nothing is cast and unknown fields pass, so that what is valid
 * survives a round trip untouched. Every message says what is wanted; what was found and where
 * is added by `validateBundle`.
 */
import { UNITS } from '../../quantity';
import { historySchema } from './historySchema';
import { fromJarSchema, larderSchema } from './keepSchema';
import { MOST_WORDS } from './most';
import { forgottenSchema, kitchenLearnedSchema, potLearnedSchema } from './learnedSchema';
import {
  atLeast,
  atMost,
  flag,
  list,
  needed,
  nullable,
  number,
  object,
  oneOf,
  ownId,
  prose,
  ruled,
  text,
  time,
  variants,
} from './shape';
import {
  LONGEST_WAIT_MIN,
  VESSELS,
  WAYS_DONE,
  type ReleaseMethod,
  type StepKind,
  POT_KINDS,
} from '../../vocabulary';

export const CUT_SHAPES = ['whole', 'slice', 'cube', 'stick', 'crumb', 'leaf'] as const;

/** Choices where practitioners differ; what is missing is not chosen. */
export const schoolsSchema = object(
  {
    noodles: oneOf(['in', 'apart']),
    salt: oneOf(['early', 'late']),
    release: oneOf(['natural', 'quick']),
    bones: oneOf(['raw', 'blanched', 'roasted']),
    vinegar: oneOf(['with', 'without']),
    /** How vegetables are liked. */
    vegetables: oneOf(['soft', 'bite']),
    beans: oneOf(['whole', 'creamy']),
    /** A breast in one piece: pulled into shreds, or sliced. */
    breast: oneOf(['pulled', 'juicy']),
  },
  'the habits of the kitchen',
);

/** Place of the cooking, and its units. */
/** A recipe that is kept with its batch, characters. */
export const MOST_RECIPE = 20_000;

/** A word of a kitchen, and the food that is meant by it. */
export const wordSchema = object(
  {
    said: needed(text('a word'), 'the word as it is said'),
    /** Key of the food table, or name of a food of the kitchen. */
    food: needed(text('a food'), 'the food that is meant'),
  },
  'a word: what is said, and what is meant',
);

export const kitchenSchema = object(
  {
    /** m above the sea */
    altitudeM: needed(number(-400, 5000, 'm')),
    /** C */
    ambientC: needed(number(-10, 45, '°C')),
    units: needed(oneOf(['metric', 'us'])),
    /** Which English it speaks; by its units where it is missing. */
    english: oneOf(['us', 'uk']),
    /** Hours of its clock; by its English where it is missing. */
    hours: oneOf(['12', '24']),
    /** Pressure unit of a metric kitchen; kPa when missing. */
    pressureIn: oneOf(['kPa', 'bar']),
    /** Habits of this kitchen. */
    habits: schoolsSchema,
    /** How it keeps and uses what it cooks. */
    larder: larderSchema,
    /** My words for foods that a cook has put right: what they mean. */
    words: atMost(list(wordSchema, 'a list of words'), MOST_WORDS, 'words'),
    /** Learned facts that the cook no longer trusts. */
    forgotten: forgottenSchema,
    /** Lessons up to then: of a cook's own kitchen, and of one that a batch was brought from. */
    learned: kitchenLearnedSchema,
  },
  'the kitchen: altitude, room temperature and units',
);

export const settingSchema = object(
  {
    name: needed(text('a name'), 'a name'),
    /** Pressure above the air outside, kPa. */
    gaugeKPa: needed(number(5, 150, 'kPa')),
  },
  'a pressure setting',
);

export const potSchema = object(
  {
    id: ownId(),
    name: needed(text('a name'), 'a name for the pot'),
    kind: needed(oneOf(POT_KINDS)),
    /** To the brim, L. */
    capacityL: needed(number(1, 50, 'L')),
    innerDiameterCm: needed(number(8, 60, 'cm')),
    /** Fill line as a fraction of capacity. */
    maxFill: needed(number(0.2, 0.95, 'of the capacity')),
    /** Fill line for what foams or swells, as a fraction of capacity. */
    foamFill: ruled(
      needed(number(0.1, 0.95, 'of the capacity')),
      'no more than the fill line',
      (value, pot) => {
        const max = (pot as { maxFill?: unknown }).maxFill;
        return typeof value !== 'number' || typeof max !== 'number' || value <= max;
      },
    ),
    /** Free liquid needed to make steam, L. */
    minLiquidL: needed(number(0.05, 5, 'L')),
    powerW: needed(number(200, 5000, 'W')),
    settings: needed(
      atLeast(
        list(settingSchema, 'a list of pressure settings'),
        1,
        'at least one pressure setting',
      ),
      'a list of pressure settings',
    ),
    /** Whether the cook has timed it with plain water, so that power and losses are known. */
    measured: flag,
    /** Share of the power that reaches the contents, 0 to 1. */
    efficiency: number(0.2, 1, ''),
    /** Heat lost per degree above the room, W/K, lid on. */
    lossWPerK: number(0.2, 20, 'W/K'),
    /** Lessons up to then: of a cook's own pot, and of one that a batch was brought with. */
    learned: potLearnedSchema,
  },
  'a pot',
);

/** Smallest amount of any unit. */
export const LEAST_AMOUNT = 0.001;
const MOST_AMOUNT = 100_000;
const ABOVE_0 = 'a number above 0';
/** Most items and steps of a batch. */
export const MOST_ITEMS = 200;
export const MOST_STEPS = 60;

export const amountSchema = object(
  {
    // No kitchen weighs milligrams; numbers too small to compute with count as zero.
    value: needed(
      atMost(
        atLeast(number(LEAST_AMOUNT, MOST_AMOUNT, ''), LEAST_AMOUNT, ABOVE_0),
        MOST_AMOUNT,
        '',
      ),
      ABOVE_0,
    ),
    unit: needed(oneOf(UNITS)),
    size: oneOf(['small', 'medium', 'large']),
    canG: number(20, 5000, 'g'),
  },
  'an amount: a value and a unit',
);

export const cutSchema = object(
  {
    shape: needed(oneOf(CUT_SHAPES)),
    /** Thickness of a slice, edge of a cube, diameter of a stick, mm. */
    mm: needed(number(0.2, 300, 'mm')),
  },
  'a cut: a shape and its mm',
);

/** A thing goes in and comes out so often at the most; between two stays so much is done to it. */
export const MOST_STAYS = 8;
const MOST_DONE = 5;

/** Marks that a liquid may be filled up to: the line that counts, the top of what is in, a little above it. */
export const UP_TO = ['line', 'cover', 'over'] as const;

export const doneSchema = object(
  {
    how: needed(oneOf(WAYS_DONE)),
    /** Vessel in which it is heated; the usual one where it is missing. */
    in: oneOf(VESSELS),
    /** The usual ones if missing. */
    minutes: number(0, 600, 'min'),
    ovenC: number(40, 300, '°C'),
    /** Cut of the food then. */
    cut: cutSchema,
    /** Liquid that is ladled out, blended with it and poured back, ml. */
    ladleMl: number(1, 20000, 'ml'),
  },
  'what is done with a food: how',
);

export const staySchema = object(
  {
    /** Step at whose start it goes in; of the first stay the first step where it is missing. */
    from: text('the id of a step'),
    /**
     * Step at whose start it is taken out. Missing of the last stay: it stays, or goes at the next strain
     * if it is something that is strained out.
     */
    to: text('the id of a step'),
    /** Handling before it goes in: in another vessel, or beside the pot since the stay before. */
    done: atMost(list(doneSchema, 'a list of what is done'), MOST_DONE, 'things done'),
  },
  'a stay in the pot: from a step to a step',
);

const wishSchema = object(
  {
    from: needed(text('a grade'), 'a grade'),
    to: needed(text('a grade'), 'a grade'),
  },
  'a wish: the first and the last grade that are right',
);

export const ownFields = {
  id: ownId(),
  name: needed(text('a name'), 'a name for the food'),
  like: needed(text('a known food'), 'a food of the table that it cooks as'),
  pieceG: number(0.05, 20000, 'g'),
  cooked: number(0.2, 5, ''),
  foams: flag,
  for: oneOf(['flavour']),
  apart: flag,
};

/** A food of the kitchen. */
export const ownFoodSchema = object(
  ownFields,
  'a food of the kitchen: its name and what it is like',
);

export const itemSchema = object(
  {
    id: ownId(),
    /** Key of the food table, a name the add line understands, or that of a food of the kitchen. */
    food: needed(text('a food'), 'a food'),
    /** Food of the kitchen, as it was when it went in; missing for a food of the table. */
    own: object(ownFields, 'a food of the kitchen: its name and what it is like'),
    amount: needed(amountSchema, 'an amount: a value and a unit'),
    cut: nullable(cutSchema),
    /** Temperature when it goes in, C; below zero it is frozen. */
    startC: nullable(number(-40, 100, '°C')),
    /** Hours soaked beforehand (pulses). */
    soakedH: nullable(number(0, 72, 'hours')),
    /** Kept for years: slower to soften (pulses). */
    old: nullable(flag),
    /** Cooked in a pan of its own and joined in the bowl. */
    apart: nullable(flag),
    /** Purpose of the item; flavour is spent and not judged by texture. By food and dish when missing. */
    for: oneOf(['eat', 'flavour']),
    /** The grades that are right, first and last; by food and dish when missing. */
    wish: wishSchema,
    /** Its stays in the pot, in order; one, from the first step on, where they are missing. */
    stays: atMost(list(staySchema, 'a list of stays'), MOST_STAYS, 'stays'),
    /** Tied in a bag, or left whole to be lifted out. */
    bag: flag,
    /** It fills the pot up to a mark, and its amount follows from the rest. */
    upTo: oneOf(UP_TO),
    /** Broth of this household: what is dissolved in it. */
    broth: object(
      {
        /** The name on its jar. */
        name: text('what it is'),
        /** Gelatine that sets, g/L; salt, %. */
        gPerL: number(0, 1000, 'g/L'),
        saltPercent: number(0, 40, '%'),
      },
      'what is dissolved in a broth',
    ),
    /** The jars that it comes from, kept for it until it is cooked. */
    jars: atMost(list(fromJarSchema, 'a list of jars'), 50, 'jars'),
    /** History of the broth from those jars; it goes on with the plan. */
    history: historySchema,
    /** The bones of another item, picked clean and put back: what that one gave is gone from them. */
    from: text('the id of an item'),
  },
  'an item: a food and an amount',
);

const afterMin = number(0, LONGEST_WAIT_MIN, 'min');

/** How the pressure is let go. */
export const releaseSchema = variants(
  'method',
  {},
  {
    natural: {},
    quick: {},
    /** Wait with the valve shut before it is opened, min. */
    timed: { afterMin: needed(afterMin, `the minutes to wait, 0 to ${LONGEST_WAIT_MIN}`) },
    /** Share of the time that the valve is open. */
    pulsed: { afterMin, duty: number(0.05, 1, '') },
    coldwater: { afterMin },
  } satisfies Record<ReleaseMethod, object>,
  'a release: its method',
);

const minutes = number(0, 2880, 'min');

/** A step of a plan: its kind, and the fields of that kind. */
export const stepSchema = variants(
  'kind',
  { id: ownId() },
  {
    prep: { minutes },
    saute: {
      minutes,
      /** Minutes a side. What does not lie on the bottom at once is browned in batches. */
      sideMin: number(0.5, 60, 'min'),
      /** Liquid that the bottom is scraped clean with before the rest goes in, ml. */
      deglazeMl: number(1, 5000, 'ml'),
    },
    pressure: {
      setting: text('the name of a setting'),
      holdMin: needed(number(0, 600, 'min'), 'the minutes to hold, 0 to 600'),
      release: releaseSchema,
    },
    open: { minutes },
    strain: {
      minutes,
      /**
       * Part that stays in the pot: the broth, for a finish, or the bones, for another broth in fresh water.
       * Missing: the bones where fresh liquid is put to them afterwards.
       */
      keep: oneOf(['broth', 'bones']),
    },
    simmer: { minutes },
    rest: {
      minutes,
      /** Whether the pot keeps it warm. Where it is missing the pot is off, and the food cools. */
      keepWarm: flag,
    },
    cool: { minutes },
  } satisfies Record<StepKind, object>,
  'a step: an id and a kind',
);

/** A warning that the cook dismissed. */
export const putBySchema = object(
  {
    code: needed(text('the code of a call'), 'the code of a call'),
    item: text('the id of an item'),
    step: text('the id of a step'),
    /** Why, in the cook's words. */
    reason: needed(text('a reason'), 'a reason'),
  },
  'a call put by',
);

/** When something done beside the pot is to be ready. */
export const ANCHORS = ['table', 'lid', 'opening'] as const;
export const MOST_TASKS = 20;

/** Something done beside the pot for the same table. */
export const taskSchema = object(
  {
    id: ownId(),
    /** In the cook's own words. */
    words: needed(text('what is done'), 'what is done'),
    minutes: needed(number(1, 2880, 'min')),
    /** Hands are needed all the time; only at its two ends where this is missing. */
    attended: flag,
    ovenC: number(40, 300, '°C'),
    /** The table where it is missing. */
    ready: oneOf(ANCHORS),
    /** Which lid or opening; the first where it is missing. */
    nth: number(1, 5, ''),
  },
  'something alongside: what is done, and how long it takes',
);

/** How a broth sets, the softest first. */
export const SETS = ['pourable', 'trembles', 'soft set', 'holds a cut'] as const;

/** Aim of a cook for bones. */
export const aimSchema = object(
  {
    set: oneOf(SETS),
    /** Broth wanted, L. */
    litres: number(0.1, 100, 'L'),
    /** Hours you have, from cold to the last straining. */
    hours: number(0.25, 48, 'hours'),
    /** How often the pot may be opened and filled again, 0 to 4. */
    openings: number(0, 4, ''),
  },
  'what is wanted of the bones',
);

export const BATCH_KINDS = ['soup', 'chili', 'stock', 'broth'] as const;

export const batchSchema = object(
  {
    id: ownId(),
    name: needed(text('a name'), 'a name for the batch'),
    potId: text('the id of a pot'),
    servings: number(1, 200, 'servings'),
    kind: oneOf(BATCH_KINDS),
    items: needed(
      atMost(list(itemSchema, 'a list of items'), MOST_ITEMS, 'items'),
      'a list of items',
    ),
    steps: atMost(list(stepSchema, 'a list of steps'), MOST_STEPS, 'steps'),
    /** When it is to be on the table, ISO 8601. */
    serveAt: time,
    /** How its bones are readied; raw when missing. */
    bones: oneOf(['blanched', 'roasted']),
    /** The cook that this plan came from, by “cook again”. */
    fromCook: text('the id of a cook'),
    /** Aim for its bones. */
    aim: aimSchema,
    putBy: list(putBySchema, 'a list of calls put by'),
    /** Tasks beside the pot. */
    alongside: atMost(
      list(taskSchema, 'a list of what is done alongside'),
      MOST_TASKS,
      'things alongside',
    ),
    note: prose(5000),
    /** The recipe as written, and the page it came from. */
    recipe: object(
      {
        text: needed(prose(MOST_RECIPE), 'the words of the recipe'),
        link: prose(2000, 'a link'),
      },
      'a recipe: its words',
    ),
  },
  'a batch',
);
