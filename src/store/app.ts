/**
 * The state of the shell: the household in memory, kept in the browser's database as it changes,
 * shared with other tabs, and undoable. The interface reads it and calls its actions; nothing
 * else writes.
 */
import { temporal } from 'zundo';
import { create } from 'zustand';
import { changeProblems, type Bundle, type Problem } from '../core/batch';
import { openDatabase, type Backup, type Database } from './db';
import { mergeBundles, type Conflict } from './merge';
import {
  keepBackup,
  listBackups,
  loadBundle,
  saveChanges,
  StartedOver,
  wipe,
  type Kept,
} from './repository';

export type Status = 'loading' | 'new' | 'ready' | 'failed';

/** What stands between the cook and a kept change. */
export interface StorageTrouble {
  readonly kind: 'full' | 'failed' | 'newer';
  readonly message: string;
}

export interface AppState {
  readonly status: Status;
  readonly household: Bundle | null;
  readonly trouble: StorageTrouble | null;
  /** Said once, such as that another tab changed something. */
  readonly notice: string | null;
}

const CHANNEL = 'retort-household';

export const useApp = create<AppState>()(
  temporal((): AppState => ({ status: 'loading', household: null, trouble: null, notice: null }), {
    partialize: ({ household }) => ({ household }),
    equality: (a, b) => a.household === b.household,
    limit: 200,
  }),
);

const { setState, getState } = useApp;

let database: Database | null = null;
let channel: BroadcastChannel | null = null;
/** What the database holds, as this tab last read or wrote it. */
let written: Kept | null = null;
let queue: Promise<void> = Promise.resolve();
let isoNow = (): string => '';

function troubleOf(error: unknown): StorageTrouble {
  const full = error instanceof DOMException && error.name === 'QuotaExceededError';
  return full
    ? {
        kind: 'full',
        message:
          'This browser has no room left. Nothing is lost while this page stays open: export everything to a file now.',
      }
    : {
        kind: 'failed',
        message:
          'The browser would not keep the last change. Nothing is lost while this page stays open: export everything to a file now.',
      };
}

/** How long a write that failed waits before it is tried again, ms. */
const AGAIN_MS = 5000;
let again: ReturnType<typeof setTimeout> | null = null;

/** Leaving the page now would lose something. */
const askBeforeLeaving = (event: Event): void => event.preventDefault();

/** Asks before the page is left while something is not written, and only then. */
function watchLeaving(unsaved: boolean): void {
  if (typeof removeEventListener !== 'function') return;
  removeEventListener('beforeunload', askBeforeLeaving);
  if (unsaved) addEventListener('beforeunload', askBeforeLeaving);
}

/**
 * What the household is once others' changes are joined with it: what this tab has changed since, and
 * what it can undo, stands on them.
 */
function adopt(base: Bundle, theirs: Bundle): readonly Conflict[] {
  const { household } = getState();
  const { bundle, conflicts } = mergeBundles(base, household ?? base, theirs);
  const onTop = (states: readonly Partial<AppState>[]): Partial<AppState>[] =>
    states.map((state) =>
      state.household
        ? { household: mergeBundles(base, state.household, theirs).bundle }
        : { household: theirs },
    );
  const { temporal } = useApp;
  const { pastStates, futureStates, pause, resume } = temporal.getState();
  pause();
  setState({ household: bundle, status: 'ready' });
  temporal.setState({ pastStates: onTop(pastStates), futureStates: onTop(futureStates) });
  resume();
  return conflicts;
}

function tell(conflicts: readonly Conflict[]): void {
  const what = conflicts.map((c) => c.what).join('; ');
  setState({
    notice: what
      ? `Changed in another tab too, and this one's stands: ${what}.`
      : 'Changed in another tab; this one shows it too.',
  });
}

/** The household was taken away in another tab; what this one had not written is put by. */
async function startedOver(): Promise<void> {
  const { household } = getState();
  if (database && household && household !== written?.bundle)
    await keepBackup(database, household, 'not written when another tab started over', isoNow());
  written = null;
  setState({
    household: null,
    status: 'new',
    notice: 'Another tab has started over. A backup of the household is kept.',
  });
  useApp.temporal.getState().clear();
}

async function write(): Promise<void> {
  const { household } = getState();
  if (!database || !household || household === written?.bundle) return;
  try {
    const { kept, conflicts } = await saveChanges(database, written, household);
    written = kept;
    channel?.postMessage('changed');
    if (getState().trouble) setState({ trouble: null });
    if (kept.bundle !== household) {
      // Others have written too: what was changed here while it was written stands on that.
      tell([...conflicts, ...adopt(household, kept.bundle)]);
    }
  } catch (error) {
    if (error instanceof StartedOver) return startedOver();
    setState({ trouble: troubleOf(error) });
    again ??= setTimeout(() => {
      again = null;
      persist();
    }, AGAIN_MS);
  }
  watchLeaving(getState().household !== written?.bundle);
}

/** Writes what changed, one change after another; tells the other tabs. */
function persist(): void {
  watchLeaving(true);
  queue = queue.then(write);
}

useApp.subscribe((state, before) => {
  if (state.household !== before.household && state.household !== written?.bundle) persist();
});

/** Waits until everything is written. */
export function settled(): Promise<void> {
  return queue;
}

async function readOthers(): Promise<void> {
  if (!database) return;
  const fresh = await loadBundle(database, written?.bundle ?? null);
  if (!fresh) return written ? startedOver() : undefined;
  if (fresh.stamp === written?.stamp) return;
  const base = written?.bundle ?? fresh.bundle;
  written = fresh;
  tell(adopt(base, fresh.bundle));
}

/** Takes in what other tabs have written. */
function pull(): void {
  queue = queue.then(readOthers).catch(() => undefined);
}

/**
 * Opens the database and loads what is there. Called once, by the shell.
 *
 * @param now the time, ISO 8601, for what is put by
 */
export async function start(
  sample: (() => Promise<Bundle>) | null,
  now: () => string,
): Promise<void> {
  if (database) return;
  isoNow = now;
  try {
    database = await openDatabase(() =>
      setState({
        trouble: {
          kind: 'newer',
          message: 'A newer Retort is open in another tab. Reload this one.',
        },
      }),
    );
    written = await loadBundle(database);
    channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = pull;
    // What was said while the tab slept was not heard.
    if (typeof document !== 'undefined')
      document.addEventListener('visibilitychange', () => {
        if (!document.hidden) pull();
      });
    if (written) setState({ household: written.bundle, status: 'ready' });
    else if (sample) await begin(await sample());
    else setState({ status: 'new' });
    useApp.temporal.getState().clear();
  } catch (error) {
    setState({ status: 'failed', trouble: troubleOf(error) });
  }
}

/** Takes a bundle as the household, at the first start; it is shown once it is written. */
export async function begin(bundle: Bundle): Promise<void> {
  setState({ household: bundle });
  await settled();
  setState({ status: 'ready' });
  useApp.temporal.getState().clear();
}

/** What a file would not take is not kept either: told in a cook's words. */
function refusal([problem]: readonly Problem[]): string | null {
  if (!problem) return null;
  return `That was not kept: ${problem.path}, ${problem.found}, where ${problem.wanted} is wanted. All else is as it was.`;
}

/**
 * Changes the household, where every record stays one that a file takes.
 *
 * @returns whether it was changed; where it was not, a notice says why
 */
export function change(edit: (household: Bundle) => Bundle): boolean {
  const { household } = getState();
  if (!household) return false;
  const next = edit(household);
  const notice = refusal(changeProblems(household, next));
  if (notice !== null) {
    setState({ notice });
    return false;
  }
  setState({ household: next });
  return true;
}

/** Changes the household after putting a backup by. @throws when the backup cannot be kept */
export async function changeWithBackup(
  why: string,
  at: string,
  edit: (household: Bundle) => Bundle,
): Promise<void> {
  const { household } = getState();
  if (!household || !database) return;
  await keepBackup(database, household, why, at);
  change(edit);
  await settled();
}

export async function backups(): Promise<readonly Backup[]> {
  return database ? listBackups(database) : [];
}

/** Forgets the household (a backup is kept) and goes back to the first start. */
export async function startOver(at: string): Promise<void> {
  const { household } = getState();
  if (!database || !household) return;
  await settled();
  await keepBackup(database, household, 'before starting over', at);
  await wipe(database);
  written = null;
  setState({ household: null, status: 'new' });
  useApp.temporal.getState().clear();
  channel?.postMessage('changed');
}

export function dismissNotice(): void {
  setState({ notice: null });
}
