/** Bounds that no file or page of ours comes near, and a hostile one may: checked before it is worked through. */

/** A household of many years is a tenth of this, characters. */
export const MOST_CHARACTERS = 50_000_000;
/** Our files are nested a dozen levels deep. */
const MOST_DEPTH = 60;

/** Whether a value is nested deeper than anything of ours; it goes no deeper itself. */
export function isTooDeep(value: unknown, levels = MOST_DEPTH): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (levels < 0) return true;
  const inner: readonly unknown[] = Array.isArray(value) ? value : Object.values(value);
  return inner.some((one) => isTooDeep(one, levels - 1));
}
