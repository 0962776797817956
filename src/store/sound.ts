/**
 * Whether what the database holds can be opened, record by record. A damaged record is found here, named, and set
 * aside (`quarantine`), so that it costs no other record anything.
 */
import { isFields, type Pot } from '../core/batch/schema';
import { cookSchema } from '../core/batch/schema/cookSchema';
import { bagItemSchema, jarSchema } from '../core/batch/schema/larderSchema';
import { batchSchema, kitchenSchema, ownFoodSchema, potSchema } from '../core/batch/schema/schema';
import { faultsOf, type AnyShape } from '../core/batch/schema/shape';
import { isHeldUnchanged } from '../formats/held';
import { readCook, type KeptCook } from './keptCook';

/** Lists of records, and the parts of the household's own record. */
export type Source = 'pots' | 'batches' | 'cooks' | 'pages' | 'kitchen' | 'jars' | 'bag' | 'foods';

/** A record that cannot be opened, as it was found. */
export interface Damaged {
  readonly from: Source;
  /** Its id or name, as far as it has one. */
  readonly name: string;
  readonly fault: string;
  readonly found: unknown;
}

const SHAPES = {
  pots: potSchema,
  batches: batchSchema,
  jars: jarSchema,
  bag: bagItemSchema,
  foods: ownFoodSchema,
} as const satisfies Partial<Record<Source, AnyShape>>;

type Listed = keyof typeof SHAPES;

function faultOf(shape: AnyShape, value: unknown): string | null {
  if (!isFields(value)) return 'is no record';
  for (const { path, wanted } of faultsOf(shape, value)) return `${path || 'it'}: ${wanted}`;
  return null;
}

function nameOf(value: unknown): string {
  if (!isFields(value)) return '';
  const { name, food, id, fields } = value;
  // A cook is held in parts; its own name is its batch's.
  const own = isFields(fields) ? fields : value;
  const batch = isFields(own['batch']) ? own['batch'] : {};
  const dish = isFields(batch['fields']) ? batch['fields']['name'] : batch['name'];
  return [name, dish, food, id].find((one): one is string => typeof one === 'string') ?? '';
}

export function damaged(from: Source, found: unknown, fault: string): Damaged {
  return { from, name: nameOf(found), fault, found };
}

/**
 * Sound records of a list, and the damaged ones. Of two with one id the second is damaged.
 *
 * @param known those that were sound before, which are not read again
 */
export function sift<T>(
  from: Listed,
  records: unknown,
  known: readonly T[] = [],
): { readonly sound: readonly T[]; readonly bad: readonly Damaged[] } {
  if (records === undefined) return { sound: [], bad: [] };
  if (records === known) return { sound: known, bad: [] };
  if (!Array.isArray(records)) return { sound: [], bad: [damaged(from, records, 'is no list')] };
  const sound: T[] = [];
  const bad: Damaged[] = [];
  const ids = new Set<unknown>();
  const before = new Set<unknown>(known);
  for (const record of records as readonly unknown[]) {
    const fault = before.has(record) ? null : faultOf(SHAPES[from], record);
    const id = isFields(record) ? record['id'] : undefined;
    if (fault !== null || ids.has(id))
      bad.push(damaged(from, record, fault ?? 'its id is used twice'));
    else {
      ids.add(id);
      sound.push(record as T);
    }
  }
  return { sound, bad };
}

/** A damaged pot, mended: its sound fields, and the usual ones for the rest. Null without an id. */
function mendedPot(found: unknown, usual: Pot): Pot | null {
  if (!isFields(found) || typeof found['id'] !== 'string' || found['id'] === '') return null;
  const sound = Object.entries(potSchema.fields).filter(
    ([key, field]) =>
      found[key] !== undefined && faultsOf(field, found[key], found).next().done === true,
  );
  const mended = {
    ...usual,
    name: 'My pot',
    ...Object.fromEntries(sound.map(([key]) => [key, found[key]])),
  };
  const { maxFill, foamFill } = usual;
  return (
    [mended, { ...mended, maxFill, foamFill }].find((pot) => faultOf(potSchema, pot) === null) ??
    null
  );
}

/** Pots, with damaged ones repaired in place, so that their plans keep a pot. */
export function siftPots(records: unknown, usual: Pot, known: readonly Pot[] = []) {
  const { sound, bad } = sift('pots', records, known);
  const mended = bad.flatMap(({ found }) => mendedPot(found, usual) ?? []);
  return { sound: [...sound, ...mended].toSorted((a, b) => (a.id < b.id ? -1 : 1)), bad };
}

/** Fault of a kitchen; null for none. */
export function kitchenFault(kitchen: unknown): string | null {
  return faultOf(kitchenSchema, kitchen);
}

const strings = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

/** Whether a text can be the JSON of a list or a record: cut texts end otherwise. */
const looksWhole = (text: unknown): boolean =>
  typeof text === 'string' && /^(?:\{[^]*\}|\[[^]*\])$/.test(text.slice(0, 1) + text.slice(-1));

/** Fields that every cook has, and what each is while it is held. */
const COOK_TEXTS = ['pot', 'kitchen', 'predicted', 'marks', 'verdicts'];

function heldFault(held: unknown, texts: readonly string[]): string | null {
  if (!isFields(held) || !isFields(held['fields'])) return 'its fields are missing';
  const { fields, texts: told, held: deeper } = held;
  if (!strings(told) || !strings(deeper)) return 'its list of fields is missing';
  const missing = texts.find((key) => !told.includes(key));
  if (missing !== undefined) return `${missing} is missing`;
  const cut = told.find((key) => !looksWhole((fields as Record<string, unknown>)[key]));
  return cut === undefined ? null : `${cut} is cut short`;
}

/** Fault of a cook that shows without reading its parts; null for none. */
export function cookFault(kept: unknown): string | null {
  if (!isFields(kept) || typeof kept['id'] !== 'string' || kept['id'] === '')
    return 'its id is missing';
  if (!('fields' in kept)) return wholeCookFault(kept as unknown as KeptCook);
  const own = heldFault(kept, COOK_TEXTS);
  if (own !== null) return own;
  const fields = kept['fields'] as Record<string, unknown>;
  if (fields['id'] !== kept['id']) return 'its id is another one';
  if (typeof fields['startedAt'] !== 'string' || Number.isNaN(Date.parse(fields['startedAt'])))
    return 'when it started is missing';
  const batch = heldFault(fields['batch'], ['items']);
  return batch === null ? null : `its batch: ${batch}`;
}

/** Fault of a cook, all of it read; null for none. */
function wholeCookFault(kept: KeptCook): string | null {
  try {
    return faultOf(cookSchema, JSON.parse(JSON.stringify(readCook(kept))));
  } catch {
    return 'it cannot be read';
  }
}

/**
 * Fault of a cook that its hash tells: what is as it was written is sound. Reads all of it only where the hash is
 * another one.
 */
export function changedCookFault(kept: unknown): string | null {
  const fault = cookFault(kept);
  if (fault !== null) return fault;
  const sound = kept as KeptCook;
  return 'fields' in sound && isHeldUnchanged(sound) ? null : wholeCookFault(sound);
}
