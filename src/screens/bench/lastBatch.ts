/** Which batch was on the bench last, in this browser. A convenience: it may be forgotten. */
const KEY = 'retort-last-batch';

export function lastBatch(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

export function rememberBatch(id: string): void {
  try {
    localStorage.setItem(KEY, id);
  } catch {
    // Storage may be full or forbidden; the bench then opens on the first batch.
  }
}
