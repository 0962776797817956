import type { Batch, Bundle, Run, SchoolKey } from '@/core/batch';
import { change, useApp } from '@/store';

/** The household; only called below the shell, which shows nothing without one. */
export function useHousehold(): Bundle {
  const household = useApp((s) => s.household);
  if (!household) throw new Error('no household');
  return household;
}

export function saveBatch(batch: Batch): void {
  change((h) => ({
    ...h,
    batches: h.batches.some((b) => b.id === batch.id)
      ? h.batches.map((b) => (b.id === batch.id ? batch : b))
      : [...h.batches, batch],
  }));
}

export function deleteBatch(id: string): void {
  change((h) => ({ ...h, batches: h.batches.filter((b) => b.id !== id) }));
}

/** Remembers a choice as the kitchen's habit, or forgets it. */
export function saveHabit(key: SchoolKey, value: string | undefined): void {
  change((h) => {
    const habits = Object.entries({ ...h.kitchen.habits, [key]: value });
    return {
      ...h,
      kitchen: {
        ...h.kitchen,
        habits: Object.fromEntries(habits.filter(([, v]) => v !== undefined)),
      },
    };
  });
}

export function saveRun(run: Run): void {
  change((h) => ({
    ...h,
    runs: h.runs.some((r) => r.id === run.id)
      ? h.runs.map((r) => (r.id === run.id ? run : r))
      : [...h.runs, run],
  }));
}

/** The run still on the stove, the newest first. */
export function runOnStove(household: Bundle): Run | undefined {
  return household.runs
    .filter((r) => !r.endedAt)
    .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))[0];
}
