/**
 * One batch with its pot and its kitchen, small enough for a link: deflated, and written in the letters that a
 * link may have. It comes after the # of an address, which browsers do not send to a server.
 */
import { type Batch, type Bundle, type Kitchen, type Pot, VERSION } from '../core/batch/schema';
import { type Validated, withoutClaims } from '../core/batch/household';
import { kitchenFor } from '../core/batch/plan';
import { fromLetters, packed, toLetters, unpacked } from './packed';
import { readBundle } from './read';

/** A link of more does not go into a code that a phone reads off a screen, characters. */
export const MOST_LINK = 2000;
/** Text packed tighter than anything a cook writes is refused, characters. */
const MOST_TEXT = 400_000;

/** A phone needs no shelf, and no words for recipes. */
function slim({ larder: _, words: __, ...kitchen }: Kitchen): Kitchen {
  return kitchen;
}

/** The recipe that it was read from is longer than all of the plan, and stays at home. */
function withoutRecipe({ recipe: _, ...batch }: Batch): Batch {
  return batch;
}

/** The household of one batch; its jars stay on their shelf. */
export function carriedOf(batch: Batch, pot: Pot, kitchen: Kitchen): Bundle {
  const foods = batch.items.flatMap((item) => item.own ?? []);
  return {
    format: 'retort',
    version: VERSION,
    kitchen: slim(kitchenFor(batch, kitchen)),
    pots: [pot],
    batches: [withoutClaims({ ...withoutRecipe(batch), potId: pot.id })],
    cooks: [],
    jars: [],
    bag: [],
    foods: foods.filter((food, i) => foods.findIndex((f) => f.id === food.id) === i),
  };
}

/** The part after the # of a link. */
export async function writeCarried(bundle: Bundle): Promise<string> {
  const { cooks: _, jars: __, bag: ___, foods, ...rest } = bundle;
  const text = JSON.stringify({ ...rest, ...(foods.length > 0 && { foods }) });
  return toLetters(await packed(text, MOST_TEXT));
}

/**
 * Reads the part of a link after the #.
 *
 * @returns the bundle, or the faults of the text
 */
export async function readCarried(code: string): Promise<Validated> {
  try {
    if (code.length > MOST_TEXT) throw new RangeError('more than a link holds');
    return readBundle(await unpacked(fromLetters(code.replace(/^#/, '')), MOST_TEXT));
  } catch {
    const path = '(the link)';
    const found = code.length > 1 ? 'something else, or a part of it' : 'nothing';
    return { ok: false, problems: [{ path, found, wanted: 'a link of Retort, whole' }] };
  }
}
