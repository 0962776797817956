/**
 * One batch with its pot and its kitchen, small enough for a link: deflated, and written in the letters that a
 * link may have. It stands behind the # of an address, which no server is sent.
 */
import { type Batch, type Bundle, type Kitchen, type Pot, VERSION } from '../core/batch/schema';
import { type Validated, withoutClaims } from '../core/batch/household';
import { kitchenFor } from '../core/batch/plan';
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

async function through(
  bytes: Uint8Array<ArrayBuffer>,
  stream: CompressionStream | DecompressionStream,
  most: number,
): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Uint8Array[] = [];
  let size = 0;
  const reader = new Blob([bytes]).stream().pipeThrough(stream).getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > most) {
      await reader.cancel();
      throw new RangeError('more than a link holds');
    }
    parts.push(value);
  }
  return new Uint8Array(await new Blob(parts as BlobPart[]).arrayBuffer());
}

function toLetters(bytes: Uint8Array): string {
  const binary = Array.from(bytes, (byte) => String.fromCharCode(byte)).join('');
  return btoa(binary).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

function fromLetters(letters: string): Uint8Array<ArrayBuffer> {
  const binary = atob(letters.replaceAll('-', '+').replaceAll('_', '/'));
  return Uint8Array.from(binary, (letter) => letter.charCodeAt(0));
}

/** The part after the # of a link. */
export async function writeCarried(bundle: Bundle): Promise<string> {
  const { cooks: _, jars: __, bag: ___, foods, ...rest } = bundle;
  const text = JSON.stringify({ ...rest, ...(foods.length > 0 && { foods }) });
  const bytes = new TextEncoder().encode(text);
  return toLetters(await through(bytes, new CompressionStream('deflate-raw'), MOST_TEXT));
}

/**
 * Reads what stands behind the # of a link.
 *
 * @returns the bundle, or why it is none
 */
export async function readCarried(code: string): Promise<Validated> {
  try {
    if (code.length > MOST_TEXT) throw new RangeError('more than a link holds');
    const bytes = fromLetters(code.replace(/^#/, ''));
    const text = await through(bytes, new DecompressionStream('deflate-raw'), MOST_TEXT);
    return readBundle(new TextDecoder('utf-8', { fatal: true }).decode(text));
  } catch {
    const path = '(the link)';
    const found = code.length > 1 ? 'something else, or a part of it' : 'nothing';
    return { ok: false, problems: [{ path, found, wanted: 'a link of Retort, whole' }] };
  }
}
