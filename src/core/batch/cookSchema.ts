/** Yup schema of a run: what was foretold, what happened. */
import * as yup from 'yup';
import { batchSchema, kitchenSchema, potSchema, SETS } from './schema';
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

const MOST_SAMPLES = 2000;
const samples = (what: string, least: number, most: number, unit: string) =>
  needed(list(needed(number(least, most, unit), what), what).max(MOST_SAMPLES, what), what);

const traceSchema = object(
  {
    minute: samples('minutes', 0, 20000, 'min'),
    liquidC: samples('temperatures', -50, 300, '°C'),
    boilC: needed(number(50, 120, '°C'), 'the boiling point'),
  },
  'the curve that was foretold',
)
  .test('lengths', 'as many temperatures as minutes', (value: unknown) => {
    const trace = value as { minute?: unknown[]; liquidC?: unknown[] } | undefined;
    return trace?.minute?.length === trace?.liquidC?.length;
  })
  .optional()
  .default(undefined);

const bandSchema = object(
  {
    p10: needed(number(0, 20000, 'min'), 'minutes'),
    p90: needed(number(0, 20000, 'min'), 'minutes'),
  },
  'a range of minutes',
)
  .optional()
  .default(undefined);

const shares = yup
  .object()
  .strict()
  .typeError('a chance for each item')
  .test('chances', 'a number from 0 to 1 for each item', (value: unknown) =>
    Object.values((value ?? {}) as Record<string, unknown>).every(
      (v) => typeof v === 'number' && v >= 0 && v <= 1,
    ),
  )
  .optional()
  .default(undefined);

const yieldSchema = object(
  {
    run: needed(number(1, 60, ''), 'the number of the run'),
    litres: number(0, 100, 'L'),
    set: oneOf(SETS),
  },
  'the yield of a run of bones',
);

export const cookSchema = object(
  {
    id: needed(text('an id'), 'an id'),
    batch: needed(batchSchema, 'the batch as it was cooked'),
    pot: needed(potSchema, 'the pot as it was'),
    kitchen: needed(kitchenSchema, 'the kitchen as it was'),
    model: needed(number(1, 1000, ''), 'the version of the models'),
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
          trace: traceSchema,
          band: bandSchema,
          chances: shares,
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
