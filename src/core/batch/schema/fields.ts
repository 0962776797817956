/** Contents of a file before the check: anything at all. */

export type Fields = Readonly<Record<string, unknown>>;

export function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Every entry of a list changed; what is no list as it is. */
export function each(value: unknown, change: (entry: unknown, index: number) => unknown): unknown {
  return Array.isArray(value) ? value.map(change) : value;
}
