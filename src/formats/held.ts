/**
 * Cooks as they are kept on the device and handed to workers: numbers and words as they are, what has parts
 * as a text that is read when somebody looks at it. Of thousands of cooks a page looks at a few, and a browser
 * copies a text as one block and not name by name.
 */
import MurmurHash3 from 'imurmurhash';
import type { Batch, Cook } from '../core/batch/schema';

type Fields = Readonly<Record<string, unknown>>;

/** A record with some of its fields as texts. */
interface HeldFields {
  /** In the order of the record. */
  readonly fields: Fields;
  /** Those that are texts of theirs. */
  readonly texts: readonly string[];
  /** Those that are held in the same way. */
  readonly held: readonly string[];
}

export interface HeldCook extends HeldFields {
  readonly id: string;
  /** Another one where anything of the cook is another; missing in what an older build wrote. */
  readonly mark?: number;
}

/** Which batch a cook was of is asked of all cooks at once: its name and number are not in a text. */
const HELD: readonly (keyof Cook)[] = ['batch'];

/** Text of a record, at its place. */
const SOURCE = Symbol('source');
interface Read {
  readonly [SOURCE]?: HeldFields;
}

function holdFields(record: object, nested: readonly string[]): HeldFields {
  const from = (record as Read)[SOURCE];
  if (from) return from;
  const texts: string[] = [];
  const held: string[] = [];
  const fields = Object.entries(record).map(([key, value]) => {
    if (typeof value !== 'object' || value === null) return [key, value as unknown] as const;
    const deeper = nested.includes(key);
    (deeper ? held : texts).push(key);
    return [key, deeper ? holdFields(value as object, []) : JSON.stringify(value)] as const;
  });
  return { fields: Object.fromEntries(fields), texts, held };
}

function hashOf(held: HeldFields): number {
  const hash = new MurmurHash3();
  const add = ({ fields }: HeldFields): void => {
    for (const key of Object.keys(fields)) {
      const value = fields[key];
      hash.hash(key);
      if (typeof value === 'object' && value !== null) add(value as HeldFields);
      else hash.hash(String(value));
    }
  };
  add(held);
  return hash.result();
}

/** A cook as it is kept. */
export function holdCook(cook: Cook): HeldCook {
  const held: Omit<HeldCook, 'id'> = holdFields(cook, HELD);
  return { id: cook.id, ...held, mark: markOf(held) };
}

/** Whether a held cook is as it was written, by its hash. */
export function isHeldUnchanged({ mark, ...held }: HeldCook): boolean {
  return mark !== undefined && mark === hashOf(held);
}

const markOf = (held: Omit<HeldCook, 'id'>): number => held.mark ?? hashOf(held);

/** Key that tells whether cooks are the same ones as before, and in the same order. */
export function marksOf(cooks: readonly Cook[]): string {
  return cooks.map((cook) => `${cook.id} ${markOf(holdFields(cook, HELD))}`).join();
}

const getters = new Map<string, PropertyDescriptor>();

/** Reads a field the first time it is looked at; from then on it is a field like any other. */
function getterOf(key: string): PropertyDescriptor {
  const known = getters.get(key);
  if (known) return known;
  const made: PropertyDescriptor = {
    enumerable: true,
    configurable: true,
    get(this: Read) {
      const source = this[SOURCE] as HeldFields;
      const kept = source.fields[key];
      const value: unknown = source.held.includes(key)
        ? lookAtFields(kept as HeldFields)
        : JSON.parse(kept as string);
      Object.defineProperty(this, key, { value, enumerable: true, configurable: true });
      return value;
    },
  };
  getters.set(key, made);
  return made;
}

function lookAtFields(source: HeldFields): object {
  const record: Record<string, unknown> = { ...source.fields };
  for (const key of source.texts) Object.defineProperty(record, key, getterOf(key));
  for (const key of source.held) Object.defineProperty(record, key, getterOf(key));
  return Object.defineProperty(record, SOURCE, { value: source });
}

/** The cook that is kept so; its parts are read as they are looked at. */
export function lookAt(held: HeldCook): Cook {
  return lookAtFields(held) as Cook;
}

/** @param deeper those of what is held in it */
function textOf(
  { fields, texts, held }: HeldFields,
  only: readonly string[],
  deeper: readonly string[],
): string {
  let all = '';
  for (const key of only) {
    const value = fields[key];
    if (value === undefined) continue;
    all += all === '' ? '{"' : ',"';
    all += key;
    all += '":';
    all += texts.includes(key)
      ? (value as string)
      : held.includes(key)
        ? textOf(value as HeldFields, deeper, [])
        : JSON.stringify(value);
  }
  return all === '' ? '{}' : `${all}}`;
}

/** Some fields of some cooks, and of their batches, as JSON: nothing of them is read for it. */
export function writeHeld(
  cooks: readonly Cook[],
  only: readonly (keyof Cook)[],
  ofBatch: readonly (keyof Batch)[],
): string {
  return `[${cooks.map((cook) => textOf(holdFields(cook, HELD), only, ofBatch)).join(',')}]`;
}

/** Whether two are the same to the letter; nothing of them is read for it. */
export function sameHeld(a: HeldFields, b: HeldFields): boolean {
  const keys = Object.keys(a.fields);
  return (
    keys.length === Object.keys(b.fields).length &&
    keys.every((key) => {
      const [one, other] = [a.fields[key], b.fields[key]];
      if (one === other) return true;
      return (
        a.held.includes(key) &&
        b.held.includes(key) &&
        sameHeld(one as HeldFields, other as HeldFields)
      );
    })
  );
}
