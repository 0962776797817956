/** Yup schema of a bundle file. */
import * as yup from 'yup';
import { cookSchema } from './cookSchema';
import { bagItemSchema, jarSchema, MOST_JARS } from './larderSchema';
import { VERSION } from './migrate';
import { batchSchema, kitchenSchema, ownFoodSchema, potSchema } from './schema';
import { list, needed, object, oneOf } from './schemaParts';

const VERSIONS = 'the number 1, 2, 3 or 4';

export const bundleSchema = object(
  {
    format: needed(oneOf(['retort']), 'the word retort'),
    version: needed(yup.number().strict().typeError(VERSIONS).oneOf([VERSION], VERSIONS), VERSIONS),
    kitchen: needed(kitchenSchema, 'the kitchen: altitude, room temperature and units'),
    pots: needed(list(potSchema, 'a list of pots').min(1, 'at least one pot'), 'a list of pots'),
    batches: needed(list(batchSchema, 'a list of batches'), 'a list of batches'),
    cooks: list(cookSchema, 'a list of cooks'),
    jars: list(jarSchema, 'a list of jars').max(MOST_JARS, `at most ${MOST_JARS} jars`),
    bag: list(bagItemSchema, 'a list of what is in the bag'),
    foods: list(ownFoodSchema, 'a list of foods'),
  },
  'a Retort file: an object with kitchen, pots and batches',
);
