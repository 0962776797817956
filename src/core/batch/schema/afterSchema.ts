/** Schema of what is done after the lid: the finish, the taste, the bowls, how the rest gets cold. */
import { flag, list, needed, number, object, oneOf, text, time } from './shape';

/** Entries made by touch as a pot is seasoned. */
export const TASTES = ['salt', 'acid', 'heat', 'sweet'] as const;
/** Thickener of a pot; missing where it thickens by itself. */
export const THICKENINGS = ['nothing', 'blend', 'slurry', 'roux', 'reduce'] as const;

const addedSchema = object(
  {
    what: needed(oneOf(TASTES)),
    grams: needed(number(0.01, 5000, 'g'), 'grams'),
    /** ISO 8601 */
    at: needed(time),
  },
  'something added to taste',
);

/** Reading of a kitchen thermometer, C. */
export const coolingReadingC = number(-30, 150, '°C');

/** How the rest is cooled: the way, from when, and what a thermometer said. */
export const coolingSchema = object(
  {
    way: needed(text('a way to cool'), 'a way to cool'),
    litres: needed(number(0.01, 50, 'L'), 'litres'),
    thick: flag,
    startC: needed(number(0, 121, '°C'), 'a temperature'),
    at: needed(time),
    readings: list(
      object(
        {
          at: needed(time),
          celsius: needed(coolingReadingC, 'a temperature'),
        },
        'a reading: when and how warm',
      ),
      'a list of readings',
    ),
    /** When it was cold, or thrown out; missing while it cools. */
    endedAt: time,
    thrown: flag,
  },
  'how the rest is cooled',
);

/** After cooking: what was done, how it tasted, where it went. */
export const afterSchema = object(
  {
    /** Moves that are done, and those that the cook dropped, by their keys. */
    done: list(text('a move'), 'a list of moves'),
    dropped: list(text('a move'), 'a list of moves'),
    thickened: oneOf(THICKENINGS),
    /** How thick it was made, in a word. */
    thickness: text('a thickness'),
    added: list(addedSchema, 'a list of what was added'),
    /** Tastes that were called right. */
    right: list(needed(oneOf(TASTES), 'a taste'), 'a list of tastes'),
    bowls: number(0, 500, 'bowls'),
    bowlL: number(0, 5, 'L'),
    cooling: coolingSchema,
    /** When all of it was thrown out. */
    thrownAt: time,
    /** Poured away, and reported lost, L. */
    wasteL: number(0, 100, 'L'),
    lostL: number(0, 100, 'L'),
  },
  'what was done after the lid',
);
