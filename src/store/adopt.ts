/** Other tabs' changes, taken into the household of this one. */
import type { Bundle } from '../core/batch/schema';
import { mergeBundles, type Conflict, type Memo } from './merge';
import { useApp, type AppState } from './state';

/**
 * Merges others' changes into the household: keeps this tab's changes since, and rebases its undo steps on them.
 *
 * @param base what both began with
 * @returns fields that both changed; this tab's values won
 */
export function adopt(base: Bundle, theirs: Bundle): readonly Conflict[] {
  const { household } = useApp.getState();
  // Undo steps share most of their lists.
  const memo: Memo = new Map();
  const { bundle, conflicts } = mergeBundles(base, household ?? base, theirs, memo);
  const onTop = (states: readonly Partial<AppState>[]): Partial<AppState>[] =>
    states.map((state) =>
      state.household
        ? { household: mergeBundles(base, state.household, theirs, memo).bundle }
        : { household: theirs },
    );
  const { temporal } = useApp;
  const { pastStates, futureStates, pause, resume } = temporal.getState();
  pause();
  useApp.setState({ household: bundle, status: 'ready' });
  temporal.setState({ pastStates: onTop(pastStates), futureStates: onTop(futureStates) });
  resume();
  return conflicts;
}

/** Tells of others' changes, and of the fields that both changed. */
export function tellOthers(conflicts: readonly Conflict[]): void {
  const what = conflicts.map((c) => c.what).join('; ');
  useApp.setState({
    notice: what
      ? `Another tab changed the same; this tab’s version was kept: ${what}.`
      : 'Another tab made a change; this tab shows it too.',
  });
}
