import { useCallback } from 'react';
import type { Kitchen } from '@/core/batch/schema';
import type { ClockHabit } from '@/session/clockText';
import { useApp } from '@/store';
import { inEnglish, type English } from '@/words';

type Speaks = Pick<Kitchen, 'units' | 'english' | 'hours'>;

/** The English of a kitchen: its own choice, or by its units. */
export function englishOf(kitchen: Pick<Kitchen, 'units' | 'english'> | undefined): English {
  return kitchen?.english ?? (kitchen?.units === 'us' ? 'us' : 'uk');
}

/** How a kitchen tells the time: its own choice, or by its English. */
export function clockHabitOf(kitchen: Speaks | undefined): ClockHabit {
  const english = englishOf(kitchen);
  const hours = kitchen?.hours ?? (english === 'us' ? '12' : '24');
  return { hours: hours === '12' ? 12 : 24, dayFirst: english === 'uk' };
}

/** The English of this kitchen. */
export function useEnglish(): English {
  return englishOf(useApp((s) => s.household?.kitchen));
}

/** Turns a text of the app into this kitchen's English. What a cook wrote is shown as it was written. */
export function useSaid(): (text: string) => string {
  const english = useEnglish();
  return useCallback((text) => inEnglish(text, english), [english]);
}

/** A text of the app, in this kitchen's English. */
export function Said({ children }: { readonly children: string }): string {
  return inEnglish(children, useEnglish());
}
