/** Changes in which "nothing" is said by undefined: the field goes. */
export type Changes<T> = { readonly [K in keyof T]?: T[K] | undefined };

/**
 * A record with changes, without fields that are undefined: a file cannot hold them.
 *
 * @example changed({ a: 1, b: 2 }, { b: undefined }) // { a: 1 }
 */
export function changed<T extends object>(record: T, changes: Partial<Changes<T>>): T {
  const fields = Object.entries({ ...record, ...changes }).filter(([, v]) => v !== undefined);
  // Required fields stay: `Changes` sets only optional fields to undefined.
  return Object.fromEntries(fields) as T;
}
