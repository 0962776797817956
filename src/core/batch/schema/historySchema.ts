/** Yup schema of the history of a lot: how warm it was for how long, from the fridge to the last jar. */
import type { HowKnown } from '../../guard/span';
import { list, mayBe, needed, number, object, oneOf, time } from './schemaParts';

const HOW_KNOWN = ['seen', 'planned', 'presumed'] as const satisfies readonly HowKnown[];

const spanSchema = object(
  {
    minutes: needed(number(0, 10_000_000, 'min'), 'minutes'),
    coolestC: needed(number(-60, 150, '°C'), 'a temperature'),
    warmestC: needed(number(-60, 150, '°C'), 'a temperature'),
    how: needed(oneOf(HOW_KNOWN), `one of ${HOW_KNOWN.join(', ')}`),
  },
  'a stretch of time: minutes, and how warm',
);

export const historySchema = mayBe(
  {
    /** ISO 8601; when the first stretch begins. */
    startAt: needed(time, 'a date and time'),
    spans: needed(
      list(spanSchema, 'a list of stretches').max(500, 'at most 500 stretches'),
      'a list of stretches',
    ),
  },
  'the history of a lot',
);
