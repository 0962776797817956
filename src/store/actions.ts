/**
 * Changes of the household. Every change goes through here, is checked against the file format, and can
 * be undone.
 */
import { changeProblems, type Problem } from '../core/batch/household';
import type { Bundle } from '../core/batch/schema';
import { putBy } from './putBy';
import { useApp } from './state';
import { settled } from './writing';

const { setState, getState } = useApp;

/** Returns the notice for a change that a file could not hold; null for none. */
function refusal([problem]: readonly Problem[]): string | null {
  if (!problem) return null;
  return `Not saved: ${problem.path} was ${problem.found}, but must be ${problem.wanted}. Nothing else changed.`;
}

/**
 * Changes the household, where every record stays one that a file takes.
 *
 * @param file what was read from a file, whose records have been checked
 * @returns whether it was changed; where it was not, a notice says why
 */
export function change(edit: (household: Bundle) => Bundle, file: Bundle | null = null): boolean {
  const { household } = getState();
  if (!household) return false;
  const next = edit(household);
  const notice = refusal(changeProblems(household, next, file));
  if (notice !== null) {
    say(notice);
    return false;
  }
  setState({ household: next });
  return true;
}

/** Changes what is only worked out of the rest: it is kept, and there is nothing in it to undo. */
export function changeQuietly(edit: (household: Bundle) => Bundle): void {
  const { pause, resume } = useApp.temporal.getState();
  pause();
  change(edit);
  resume();
}

/** Changes the household after putting a backup by. @throws when the backup cannot be kept */
export async function changeWithBackup(
  why: string,
  at: string,
  edit: (household: Bundle) => Bundle,
  file: Bundle | null = null,
): Promise<void> {
  const { household } = getState();
  if (!household) return;
  await putBy(household, why, at);
  change(edit, file);
  await settled();
}

/** Says something once. */
export function say(notice: string): void {
  setState({ notice });
}

export function dismissNotice(): void {
  setState({ notice: null });
}
