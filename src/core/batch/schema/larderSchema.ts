/** Schemas of what is kept: jars and tubs, and the bag in the freezer. */
import { HOLDER_KINDS, JAR_PLACES } from '../../vocabulary';
import { historySchema } from './historySchema';
import { amountSchema, BATCH_KINDS, ownFields } from './schema';
import { flag, list, needed, number, object, oneOf, ownId, text, time } from './shape';

/** How what was in a jar went. */
export const JAR_ENDS = ['used', 'given', 'thrown', 'cooked'] as const;

const goneSchema = object(
  {
    how: needed(oneOf(JAR_ENDS)),
    litres: needed(number(0.0001, 50, 'L'), 'litres'),
    /** ISO 8601 */
    at: needed(time),
    /** The cook that it went into. */
    into: text('the id of a cook'),
  },
  'how some of it went',
);

export const MOST_JARS = 5000;

/** A jar or tub of broth or soup. */
export const jarSchema = object(
  {
    id: ownId(),
    /** Contents of the jar. */
    name: needed(text('what is in it'), 'what is in it'),
    holder: oneOf(HOLDER_KINDS),
    /** Filled volume, L; withdrawals are in `gone`. */
    litres: needed(number(0.001, 50, 'L')),
    kind: oneOf(BATCH_KINDS),
    /** The cook that it comes from, and the run of bones. */
    cook: text('the id of a cook'),
    run: number(1, 60, ''),
    /** Gelatine that sets, g/L; salt, %; whether it is thick. */
    gPerL: number(0, 1000, 'g/L'),
    saltPercent: number(0, 40, '%'),
    thick: flag,
    madeAt: needed(time),
    where: needed(oneOf(JAR_PLACES)),
    /** Since when it is where it is; since it was made where this is missing. */
    since: time,
    /** This household's own days; the usual days if missing. */
    useBy: time,
    gone: list(goneSchema, 'a list of how it went'),
    /** History of its contents until `since`; its place comes after. */
    history: historySchema,
  },
  'a jar: what is in it, litres, and when it was made',
);

/** Bones and trimmings kept for stock. */
export const bagItemSchema = object(
  {
    id: ownId(),
    food: needed(text('a food'), 'a food'),
    own: object(ownFields, 'a food of the kitchen: its name and what it is like'),
    amount: needed(amountSchema, 'an amount: a value and a unit'),
    /** When it was put in. */
    at: needed(time),
  },
  'something in the bag: a food and an amount',
);
