/** Keys of the entries of lists: their ids, or else the fields that tell one from another. */
import { isFields } from '../batch/schema';

type Entry = Readonly<Record<string, unknown>>;

const by =
  (...fields: readonly string[]) =>
  (entry: Entry): string =>
    fields.map((field) => String(entry[field] ?? '')).join(' ');

/** Lists whose entries have no id: the fields that tell one from another. */
const KEYS: Readonly<Record<string, (entry: Entry) => string>> = {
  readings: by('at'),
  added: by('at', 'what'),
  gone: by('at', 'how', 'litres'),
  yields: by('run'),
  settings: by('name'),
  words: by('said'),
  forgotten: by('what'),
  despite: by('code'),
  putBy: by('code', 'item', 'step'),
  // Of an item, the jars that it comes from; of the larder, the sizes at hand.
  jars: by('jar', 'kind'),
};

/** Key of a list's entry: its id, or else the fields that tell it from the others; null where nothing does. */
export function keyOf(entry: Entry, list: string): string | null {
  const { id } = entry;
  return typeof id === 'string' ? id : (KEYS[list]?.(entry) ?? null);
}

/** Keys of a list's entries; null if one has none or two share one. @param list name of its field */
export function keysOf(value: readonly unknown[], list: string): readonly string[] | null {
  const keys = value.map((one) => (isFields(one) ? keyOf(one, list) : null));
  if (keys.includes(null) || new Set(keys).size < keys.length) return null;
  return keys as readonly string[];
}
