/** Small choices of this device, kept beside the household. Conveniences: they may be forgotten. */
import { useSyncExternalStore } from 'react';

/** What is kept under a name; null where nothing is, or the browser forbids it. */
export function readKept(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

/** Keeps it, unless the browser is full or forbids it. */
export function writeKept(key: string, value: string): void {
  try {
    localStorage.setItem(key, value);
  } catch {
    // Whoever reads it does without.
  }
}

const listeners = new Set<() => void>();
/** Where the browser keeps nothing it lasts as long as the page. */
const inPage = new Map<string, string>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** A choice that is kept, and the way to make another. */
export function useKept(key: string): readonly [string | null, (value: string) => void] {
  const value = useSyncExternalStore(
    subscribe,
    () => readKept(key) ?? inPage.get(key) ?? null,
    () => null,
  );
  const keep = (next: string): void => {
    inPage.set(key, next);
    writeKept(key, next);
    for (const listener of listeners) listener();
  };
  return [value, keep];
}
