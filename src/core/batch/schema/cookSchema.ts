/** Schema of a cook: what was predicted, what happened. */
import { batchSchema, kitchenSchema, potSchema, SETS } from './schema';
import {
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
  record,
  ruled,
  text,
  time,
} from './shape';
import { afterSchema } from './afterSchema';
import { lessonSchema } from './learnedSchema';
import { CHANGES, FAULTS, MARKS, MISHAPS } from './markKinds';

const VERDICTS = ['under', 'right', 'over'] as const;

const verdicts = record(oneOf(VERDICTS), 'under, right or over for each item');

/** A moment the cook pressed. */
export const markSchema = object(
  {
    /** Its own in the cook; lists of marks are joined by it. */
    id: ownId(),
    kind: needed(oneOf(MARKS)),
    step: nullable(text('the id of a step')),
    /** ISO 8601 */
    at: needed(time),
    /** Id of the item that was ticked, left out or tested; of a task, its own id. */
    item: text('the id of an item'),
    /** How it was when it was tested. */
    grade: text('a grade'),
    /** Read: C of a temperature, L of a level; minutes of a change. */
    value: number(-50, 20000, ''),
    /** Change of the plan, made or declined. */
    change: oneOf(CHANGES),
    /** Fault that was put right. */
    fault: oneOf(FAULTS),
    /** Heard of the pot itself, not pressed. */
    heard: flag,
  },
  'a mark: what and when',
);

const predictedStepSchema = object(
  {
    id: ownId(),
    warmUpMin: needed(number(0, 10000, 'min'), 'minutes'),
    holdMin: needed(number(0, 10000, 'min'), 'minutes'),
    releaseMin: needed(number(0, 10000, 'min'), 'minutes'),
    minutes: needed(number(0, 10000, 'min'), 'minutes'),
  },
  'a predicted step',
);

/** One extraction of bones as predicted. */
export const runOffSchema = object(
  {
    run: needed(number(1, 60, ''), 'the number of the run'),
    step: nullable(text('the id of a step')),
    litres: needed(number(0, 100, 'L'), 'litres'),
    gPerL: needed(number(0, 1000, 'g/L'), 'grams a litre'),
    set: needed(oneOf(SETS)),
  },
  'a predicted run of bones',
);

const MOST_SAMPLES = 2000;
const curve = (what: string, least: number, most: number, unit: string) =>
  needed(atMost(list(needed(number(least, most, unit)), what), MOST_SAMPLES, `of ${what}`));

const traceSchema = ruled(
  object(
    {
      minute: curve('minutes', 0, 20000, 'min'),
      liquidC: curve('temperatures', -50, 300, '°C'),
      boilC: needed(number(50, 120, '°C'), 'the boiling point'),
    },
    'the predicted curve',
  ),
  'as many temperatures as minutes',
  (value) => {
    const trace = value as { minute?: unknown[]; liquidC?: unknown[] };
    return trace.minute?.length === trace.liquidC?.length;
  },
);

const bandSchema = object(
  {
    p10: needed(number(0, 20000, 'min'), 'minutes'),
    p90: needed(number(0, 20000, 'min'), 'minutes'),
  },
  'a range of minutes',
);

const shares = record(needed(number(0, 1, '')), 'a number from 0 to 1 for each item');

/** Actual yield of an extraction of bones. */
export const yieldSchema = object(
  {
    run: needed(number(1, 60, ''), 'the number of the run'),
    litres: number(0, 100, 'L'),
    set: oneOf(SETS),
    /** It was called right so. */
    right: flag,
  },
  'the yield of a run of bones',
);

/** Prediction of the plan when the pot went on. */
export const predictionSchema = object(
  {
    totalMin: needed(number(0, 20000, 'min'), 'minutes'),
    steps: needed(list(predictedStepSchema, 'a list of steps'), 'a list of steps'),
    verdicts: needed(verdicts, 'a verdict for each item'),
    finishedBrothL: needed(number(0, 100, 'L'), 'litres'),
    /** Items to fish out at the table. */
    fishOut: list(text('the id of an item'), 'a list of items'),
    /** The curve, thinned: arrays of one length; missing in what an older version predicted. */
    trace: traceSchema,
    /** To the table, 8 times in 10, min; missing where it was not drawn. */
    band: bandSchema,
    /** How often each item was to come out right, 0 to 1; missing where it was not drawn. */
    chances: shares,
    /** Predicted yield of each run of bones; missing if there are none. */
    runOffs: list(runOffSchema, 'a list of runs of bones'),
  },
  'what was predicted',
);

/** A practice pot: its chance, what is wrong with it, and how fast its time goes. */
export const standInSchema = object(
  {
    seed: needed(number(0, 4294967295, ''), 'a whole number'),
    /** Heater, as a share of what the plan believes. */
    power: number(0.2, 2, ''),
    /** Need of each item, times what the plan believes. */
    needs: record(needed(number(0.2, 5, '')), 'a factor from 0.2 to 5 for each item'),
    /** Mishaps of the practice pot. */
    mishaps: ruled(
      list(needed(oneOf(MISHAPS), 'a mishap'), 'a list of mishaps'),
      'each mishap once',
      (value) => new Set(value as readonly unknown[]).size === (value as readonly unknown[]).length,
    ),
    /** Since when its time goes how many times as fast: the wall's time and the cook's. */
    times: needed(number(1, 240, '')),
    wallAt: needed(time),
    cookAt: needed(time),
  },
  'a practice pot',
);

/** One cooking of a batch: the plan as it was, what was predicted, what happened. */
export const cookSchema = object(
  {
    id: ownId(),
    batch: needed(batchSchema, 'the batch as it was cooked'),
    /** Pot and kitchen of the cook, as they were then. */
    pot: needed(potSchema, 'the pot as it was'),
    kitchen: needed(kitchenSchema, 'the kitchen as it was'),
    /** Version of the models that predicted it. */
    model: needed(number(1, 1000, ''), 'the version of the models'),
    startedAt: needed(time),
    endedAt: time,
    predicted: needed(predictionSchema, 'what was predicted'),
    marks: needed(list(markSchema, 'a list of marks'), 'a list of marks'),
    verdicts: needed(verdicts, 'a verdict for each item'),
    /** Actual yield of each run of bones. */
    yields: list(yieldSchema, 'a list of yields'),
    note: prose(5000),
    /** After cooking: the finish, the bowls, how the rest was cooled. */
    after: afterSchema,
    /** The practice pot that it is cooked on; missing on a pot of steel. */
    standIn: standInSchema,
    /** It is played, not cooked: kept apart from the log, and nothing is learned from it. */
    rehearsal: object({ drill: text('the name of a drill') }, 'a practice run'),
    /** A test with plain water: teaches about the pot, and is not eaten. */
    kettle: flag,
    /** Stops of the plan that the cook walked past, each with the reason. */
    despite: list(
      object(
        {
          code: needed(text('the code of a call'), 'the code of a call'),
          title: needed(text('the title of a call'), 'the title of a call'),
          reason: needed(text('a reason'), 'a reason'),
        },
        'a stop that was walked past, and why',
      ),
      'a list of stops that were walked past',
    ),
    /** Lesson of the cook. */
    lesson: lessonSchema,
    /** Nothing is learned from it, and why. */
    leftOut: object({ reason: needed(text('a reason'), 'a reason') }, 'why it is left out'),
    /** Changes for next time. */
    nextTime: object(
      { holdMin: number(-600, 600, 'min'), waterMl: number(-20000, 20000, 'ml') },
      'what to change next time',
    ),
  },
  'a cook',
);
