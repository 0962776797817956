import { useEffect, useRef, type RefObject } from 'react';

/**
 * Moves the focus to what has come, where the element that had it is gone (WCAG 2.4.3).
 *
 * @param what changes when something new has come
 * @returns the ref of what gets the focus; it needs a tabIndex
 */
export function useArrival<T extends HTMLElement>(what: unknown): RefObject<T | null> {
  const ref = useRef<T>(null);
  const shown = useRef(what);
  useEffect(() => {
    if (shown.current === what) return;
    shown.current = what;
    const { activeElement } = document;
    if (activeElement === null || activeElement === document.body)
      ref.current?.focus({ preventScroll: true });
  }, [what]);
  return ref;
}
