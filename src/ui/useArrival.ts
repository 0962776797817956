import { useEffect, useRef, type RefObject } from 'react';

/**
 * Moves the focus to what has come, where the element that had it is gone (WCAG 2.4.3). What comes while nothing had
 * it, as by a mark of another device, leaves it alone.
 *
 * @param what changes when something new has come
 * @returns the ref of what gets the focus; it needs a tabIndex
 */
export function useArrival<T extends HTMLElement>(what: unknown): RefObject<T | null> {
  const ref = useRef<T>(null);
  const shown = useRef(what);
  const had = useRef<EventTarget | null>(null);
  useEffect(() => {
    const note = ({ target }: FocusEvent): void => {
      had.current = target;
    };
    had.current = document.activeElement;
    document.addEventListener('focusin', note);
    return () => document.removeEventListener('focusin', note);
  }, []);
  useEffect(() => {
    if (shown.current === what) return;
    shown.current = what;
    const { activeElement } = document;
    const isGone = had.current instanceof Element && !had.current.isConnected;
    if (isGone && (activeElement === null || activeElement === document.body))
      ref.current?.focus({ preventScroll: true });
  }, [what]);
  return ref;
}
