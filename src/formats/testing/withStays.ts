/** Entries and exits as older versions wrote them, as stays: by hand, for tests of the migration. */
export function withStays<T>(value: T): T {
  if (Array.isArray(value)) return value.map((one: unknown) => withStays(one)) as T;
  if (typeof value !== 'object' || value === null) return value;
  const { enters, leaves, ...rest } = value as Record<string, unknown>;
  const plain = Object.fromEntries(Object.entries(rest).map(([key, one]) => [key, withStays(one)]));
  if (enters && leaves) return { ...plain, stays: [{ from: enters, to: leaves }] } as T;
  if (enters) return { ...plain, stays: [{ from: enters }] } as T;
  if (leaves) return { ...plain, stays: [{ to: leaves }] } as T;
  return plain as T;
}
