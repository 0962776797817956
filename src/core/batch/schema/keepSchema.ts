/** Schemas of how a household keeps what it cooks, and what a plan takes of it. */
import { HOLDER_KINDS } from '../../vocabulary';
import { list, needed, number, object, oneOf, text, time } from './shape';

/** Jars of a size at hand for cooling. */
export const jarSizeSchema = object(
  {
    kind: needed(oneOf(HOLDER_KINDS)),
    count: needed(number(0, 500, ''), 'how many'),
  },
  'a size of jar, and how many',
);

/** How this household keeps and uses what it cooks; what is missing is as usual. */
export const larderSchema = object(
  {
    /** Broth drunk or cooked with, L a day. */
    litresADay: number(0, 50, 'L'),
    fridgeDays: number(1, 14, 'days'),
    freezerMonths: number(1, 24, 'months'),
    fridgeC: number(-2, 10, '°C'),
    /** At hand for cooling. */
    pans: number(0, 20, ''),
    iceKg: number(0, 50, 'kg'),
    jars: list(jarSizeSchema, 'a list of jars at hand'),
  },
  'how this household keeps what it cooks',
);

/** Taken from a jar for an ingredient. */
export const fromJarSchema = object(
  {
    jar: needed(text('the id of a jar'), 'the id of a jar'),
    litres: needed(number(0.0001, 50, 'L'), 'litres'),
    /** Last day of the jar, computed when it was taken. */
    useBy: time,
  },
  'what is taken from a jar',
);
