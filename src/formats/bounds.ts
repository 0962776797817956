/** What no file or page of ours comes near, and a hostile one may: told before it is worked through. */

/** A household of many years is a tenth of this, characters. */
export const MOST_CHARACTERS = 50_000_000;
/** Our files are nested a dozen levels deep. */
const MOST_DEPTH = 60;

/** Whether a value is nested deeper than anything of ours; found without nesting itself. */
export function isTooDeep(value: unknown): boolean {
  let level: unknown[] = [value];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > MOST_DEPTH) return true;
    level = level.flatMap((one) =>
      typeof one === 'object' && one !== null
        ? Object.values(one).filter((inner) => typeof inner === 'object' && inner !== null)
        : [],
    );
  }
  return false;
}
