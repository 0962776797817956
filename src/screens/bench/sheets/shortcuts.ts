/** Keys of the Bench, and what each opens. */
import { useEffect } from 'react';
import { useKept } from '@/ui/kept';
import type { Opened } from '@/session/opened';

export interface Shortcut {
  readonly key: string;
  readonly does: string;
  readonly opens: Exclude<Opened, object | null> | 'put in';
}

export const SHORTCUTS: readonly Shortcut[] = [
  { key: 'a', does: 'put something in', opens: 'put in' },
  { key: 'f', does: 'fix the timing', opens: 'solve' },
  { key: 's', does: 'scale, move or split', opens: 'scale' },
  { key: 'c', does: 'timetable', opens: 'clock' },
  { key: 'w', does: 'our habits', opens: 'schools' },
  { key: 'n', does: 'add a step', opens: 'new step' },
  { key: '?', does: 'these shortcuts', opens: 'help' },
];

/** Keys that other parts answer to. */
export const OTHER_KEYS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Tab', 'to the next handle, ingredient or warning'],
  ['arrows', 'on a handle: move it'],
  ['Page Up, Page Down', 'on a handle: move it further'],
  ['Home, End', 'on a handle: to its end'],
];

const KEPT = 'single-keys';

/** Whether single letters are shortcuts; speech input and stray keys make some cooks switch them off (WCAG 2.1.4). */
export function useSingleKeys(): readonly [on: boolean, set: (on: boolean) => void] {
  const [kept, keep] = useKept(KEPT);
  return [kept !== 'off', (on) => keep(on ? 'on' : 'off')];
}

function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null
  );
}

/** Listens for the Bench's keys while nothing is open over it. */
export function useShortcuts(open: (what: Shortcut['opens']) => void, listening: boolean): void {
  const [single] = useSingleKeys();
  useEffect(() => {
    if (!listening) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
      const shortcut = SHORTCUTS.find((s) => s.key === event.key);
      if (!shortcut || (!single && shortcut.opens !== 'help')) return;
      event.preventDefault();
      open(shortcut.opens);
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [open, listening, single]);
}
