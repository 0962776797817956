import { readKept, writeKept } from '@/ui/kept';

/** Which batch was on the bench last, in this browser; without it the bench opens on the first. */
const KEY = 'retort-last-batch';

export function lastBatch(): string | null {
  return readKept(KEY);
}

export function rememberBatch(id: string): void {
  writeKept(KEY, id);
}
