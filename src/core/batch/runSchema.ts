/** Yup schema of a run: what was foretold, what happened. */
import * as yup from 'yup';
import { batchSchema, SETS } from './schema';
import { list, needed, number, object, oneOf, text, time } from './schemaParts';

const verdicts = yup
  .object()
  .strict()
  .typeError('a verdict for each item')
  .test('verdicts', 'under, right or over for each item', (value) =>
    Object.values(value).every((v) => v === 'under' || v === 'right' || v === 'over'),
  );

const MARKS = [
  'started',
  'lid-locked',
  'at-pressure',
  'hold-over',
  'valve-opened',
  'pin-down',
  'lid-off',
  'step-done',
  'done',
] as const;

const markSchema = object(
  {
    kind: needed(oneOf(MARKS), `one of ${MARKS.join(', ')}`),
    step: text('the id of a step').nullable(),
    at: needed(time, 'a date and time'),
  },
  'a mark: what and when',
);

const predictedStepSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    warmUpMin: needed(number(0, 10000, 'min'), 'minutes'),
    holdMin: needed(number(0, 10000, 'min'), 'minutes'),
    releaseMin: needed(number(0, 10000, 'min'), 'minutes'),
    minutes: needed(number(0, 10000, 'min'), 'minutes'),
  },
  'a predicted step',
);

const runOffSchema = object(
  {
    run: needed(number(1, 60, ''), 'the number of the run'),
    step: text('the id of a step').nullable(),
    litres: needed(number(0, 100, 'L'), 'litres'),
    gPerL: needed(number(0, 1000, 'g/L'), 'grams a litre'),
    set: needed(oneOf(SETS), `one of ${SETS.join(', ')}`),
  },
  'a predicted run of bones',
);

const yieldSchema = object(
  {
    run: needed(number(1, 60, ''), 'the number of the run'),
    litres: number(0, 100, 'L'),
    set: oneOf(SETS),
  },
  'the yield of a run of bones',
);

export const runSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    batch: needed(batchSchema, 'the batch as it was cooked'),
    potId: needed(text('the id of a pot'), 'the id of a pot'),
    startedAt: needed(time, 'a date and time'),
    endedAt: time,
    predicted: needed(
      object(
        {
          totalMin: needed(number(0, 20000, 'min'), 'minutes'),
          steps: needed(list(predictedStepSchema, 'a list of steps'), 'a list of steps'),
          verdicts: needed(verdicts, 'a verdict for each item'),
          finishedBrothL: needed(number(0, 100, 'L'), 'litres'),
          fishOut: list(text('the id of an item'), 'a list of items'),
          runOffs: list(runOffSchema, 'a list of runs of bones'),
        },
        'what was predicted',
      ),
      'what was predicted',
    ),
    marks: needed(list(markSchema, 'a list of marks'), 'a list of marks'),
    verdicts: needed(verdicts, 'a verdict for each item'),
    yields: list(yieldSchema, 'a list of yields'),
    note: yup.string().strict().typeError('text').max(5000, 'at most 5000 characters'),
    nextTime: object(
      { holdMin: number(-600, 600, 'min'), waterMl: number(-20000, 20000, 'ml') },
      'what to change next time',
    )
      .optional()
      .default(undefined),
  },
  'a run',
);
