/** More workers than this are not worth their memory. */
const MOST_WORKERS = 4;

/** Cores that the page itself does not need. */
export function sparedCores(): number {
  const cores = typeof navigator === 'object' ? navigator.hardwareConcurrency || 2 : 2;
  return Math.max(1, Math.min(MOST_WORKERS, cores - 1));
}
