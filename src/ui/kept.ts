/** Small choices of this device, kept beside the household. Conveniences: they may be forgotten. */
import { useSyncExternalStore } from 'react';

/** Text kept under a name; null where nothing is, or the browser forbids it. */
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
    // Unreadable contents count as none.
    forget(key);
  }
}

function forget(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // The browser forbids it all.
  }
}

const listeners = new Set<() => void>();
/** In a browser that keeps nothing it lasts as long as the page. */
const inPage = new Map<string, string>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Keeps a choice at least as long as the page, and updates the components that show it. */
export function keepNow(key: string, value: string): void {
  inPage.set(key, value);
  writeKept(key, value);
  for (const listener of listeners) listener();
}

/** A choice that is kept, and the way to make another. */
export function useKept(key: string): readonly [string | null, (value: string) => void] {
  const value = useSyncExternalStore(
    subscribe,
    () => readKept(key) ?? inPage.get(key) ?? null,
    () => null,
  );
  const keep = (next: string): void => keepNow(key, next);
  return [value, keep];
}
