/** Schema of the history of a lot: how warm it was for how long, from the fridge to the last jar. */
import type { HowKnown } from '../../guard/span';
import { atMost, list, needed, number, object, oneOf, time } from './shape';

const HOW_KNOWN = ['seen', 'planned', 'presumed'] as const satisfies readonly HowKnown[];

const spanSchema = object(
  {
    minutes: needed(number(0, 10_000_000, 'min'), 'minutes'),
    coolestC: needed(number(-60, 150, '°C'), 'a temperature'),
    warmestC: needed(number(-60, 150, '°C'), 'a temperature'),
    how: needed(oneOf(HOW_KNOWN)),
  },
  'a stretch of time: minutes, and how warm',
);

export const historySchema = object(
  {
    /** ISO 8601; when the first stretch begins. */
    startAt: needed(time),
    spans: needed(
      atMost(list(spanSchema, 'a list of stretches'), 500, 'stretches'),
      'a list of stretches',
    ),
  },
  'the history of a lot',
);
