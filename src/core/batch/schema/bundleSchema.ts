/** Schema of a bundle file. */
import { cookSchema } from './cookSchema';
import { bagItemSchema, jarSchema, MOST_JARS } from './larderSchema';
import { VERSION } from './migrate';
import { batchSchema, kitchenSchema, ownFoodSchema, potSchema } from './schema';
import { atLeast, atMost, list, needed, object, oneOf } from './shape';

const VERSIONS = 'the number 1, 2, 3 or 4';

export const bundleSchema = object(
  {
    format: needed(oneOf(['retort']), 'the word retort'),
    version: needed(oneOf([VERSION], VERSIONS)),
    kitchen: needed(kitchenSchema, 'the kitchen: altitude, room temperature and units'),
    pots: needed(atLeast(list(potSchema, 'a list of pots'), 1, 'at least one pot')),
    batches: needed(list(batchSchema, 'a list of batches'), 'a list of batches'),
    cooks: list(cookSchema, 'a list of cooks'),
    jars: atMost(list(jarSchema, 'a list of jars'), MOST_JARS, 'jars'),
    bag: list(bagItemSchema, 'a list of what is in the bag'),
    foods: list(ownFoodSchema, 'a list of foods'),
  },
  'a Retort file: an object with kitchen, pots and batches',
);
