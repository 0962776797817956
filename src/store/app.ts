/**
 * The state of the shell: the household in memory, kept in the browser's database as it changes,
 * shared with other tabs, and undoable. The interface reads it and calls its actions; nothing
 * else writes.
 */
import { temporal } from 'zundo';
import { create } from 'zustand';
import { changeProblems, type Bundle, type Problem } from '../core/batch';
import { openDatabase, type Backup, type Database } from './db';
import { keepBackup, listBackups, loadBundle, saveChanges, wipe } from './repository';

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
/** What the database holds. */
let written: Bundle | null = null;
let queue: Promise<void> = Promise.resolve();

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

/** Writes what changed, one change after another; tells the other tabs. */
function persist(): void {
  queue = queue.then(async () => {
    const { household } = getState();
    if (!database || !household || household === written) return;
    try {
      await saveChanges(database, written, household);
      written = household;
      channel?.postMessage('changed');
      if (getState().trouble) setState({ trouble: null });
    } catch (error) {
      setState({ trouble: troubleOf(error) });
    }
  });
}

useApp.subscribe((state, before) => {
  if (state.household !== before.household && state.household !== written) persist();
});

/** Waits until everything is written. */
export function settled(): Promise<void> {
  return queue;
}

async function reloadFromOtherTab(): Promise<void> {
  if (!database) return;
  await queue;
  const fresh = await loadBundle(database);
  if (!fresh) return;
  written = fresh;
  setState({
    household: fresh,
    status: 'ready',
    notice: 'Changed in another tab; this one now shows the newer state.',
  });
  useApp.temporal.getState().clear();
}

/** Opens the database and loads what is there. Called once, by the shell. */
export async function start(sample: (() => Promise<Bundle>) | null): Promise<void> {
  if (database) return;
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
    channel.onmessage = () => void reloadFromOtherTab();
    if (written) setState({ household: written, status: 'ready' });
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
