/**
 * Between the household in memory and the browser's database: opened, written as it changes, shared with
 * other tabs, kept again where it was lost.
 */
import type { Bundle } from '../core/batch/schema';
import { nanoid } from 'nanoid';
import { writeBundleInTurns } from '../formats/write';
import { keepBackup, keepDay, listBackups, makeRoom } from './backups';
import { hasDatabase, openDatabase, type Backup, type Database } from './db';
import { askToLast } from './lasting';
import { watchLeaving } from './leaving';
import { mergeBundles, type Conflict } from './merge';
import { openKept } from './opening';
import { foldLater } from './pages';
import { loadBundle, saveChanges, StartedOver, wipe, type Kept } from './repository';
import { kindOf, nameOf, trouble, useApp, type AppState } from './state';
import { forgetWorked } from './worked';

const CHANNEL = 'retort-household';

const { setState, getState } = useApp;

let database: Database | null = null;
let channel: BroadcastChannel | null = null;
/** Contents of the database as this tab last read or wrote them. */
let written: Kept | null = null;
/** Backups of this page where the browser keeps nothing. */
let inMemory: readonly Backup[] = [];
let queue: Promise<void> = Promise.resolve();
let isoNow = (): string => '';

/** How long a write that failed waits before it is tried again, ms. */
const AGAIN_MS = 5000;
let again: ReturnType<typeof setTimeout> | null = null;

/**
 * Merges others' changes into the household: keeps what this tab has changed since, and
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
      ? `Another tab changed the same; this tab’s version was kept: ${what}.`
      : 'Another tab made a change; this tab shows it too.',
  });
}

/** Puts the household by, in the browser or, where that keeps nothing, in this page. */
export async function putBy(household: Bundle, why: string, at: string): Promise<void> {
  if (database) return keepBackup(database, household, why, at);
  inMemory = [
    { id: nanoid(10), at, why, text: await writeBundleInTurns(household) },
    ...inMemory,
  ].slice(0, 3);
}

/** The household was taken away in another tab; what this one had not written is put by. */
async function startedOver(): Promise<void> {
  const { household } = getState();
  if (database && household && household !== written?.bundle)
    await putBy(household, 'not written when another tab started over', isoNow());
  written = null;
  setState({
    household: null,
    status: 'new',
    notice: 'Another tab started over. A backup of your kitchen is kept.',
  });
  useApp.temporal.getState().clear();
}

/** The day that is put by already, or about to be. */
let day = '';
let puttingBy: Promise<void> = Promise.resolve();

/** Puts the day by as it began; no change waits for it, nor is any kept out by its having no room. */
function putDayBy(db: Database, bundle: Bundle): void {
  const at = isoNow();
  if (day === at.slice(0, 10)) return;
  day = at.slice(0, 10);
  puttingBy = keepDay(db, bundle, at).catch(() => undefined);
}

/** Tries later what failed now: the change that was not written, or the database that did not open. */
function tryAgain(): void {
  again ??= setTimeout(() => {
    again = null;
    if (database) persist();
    else void keepAgain();
  }, AGAIN_MS);
}

async function write(): Promise<void> {
  const { household } = getState();
  if (!household || household === written?.bundle) return;
  // Kept by nobody: what stands in the way is said already.
  if (!database) return watchLeaving(true);
  try {
    const before = written;
    const { kept, conflicts } = await saveChanges(database, written, household);
    // Ask for lasting storage for the cook's own work, not for the sample.
    if (before) {
      void askToLast(database).catch(() => undefined);
      putDayBy(database, before.bundle);
    }
    written = kept;
    foldLater(database);
    channel?.postMessage('changed');
    if (getState().trouble) setState({ trouble: null });
    if (kept.bundle !== household) {
      // Others have written too: what was changed here while it was written stands on that.
      tell([...conflicts, ...adopt(household, kept.bundle)]);
    }
  } catch (error) {
    if (error instanceof StartedOver) return startedOver();
    if (!database) return;
    const kind = kindOf(error);
    if (kind === 'full') {
      await forgetWorked();
      await makeRoom(database).catch(() => undefined);
    }
    setState(trouble(kind));
    tryAgain();
  }
  watchLeaving(getState().household !== written?.bundle);
}

/** Reads and writes of the database that run or wait. */
let busy = 0;

/** One after another; with nothing before it, at once. */
function inTurn(work: () => Promise<void>): void {
  busy++;
  // Errors are reported where they occur; later links of the chain must not fail by them.
  queue = (busy === 1 ? work() : queue.then(work))
    .catch(() => undefined)
    .finally(() => {
      busy--;
    });
}

/**
 * Writes what changed, one change after another; tells the other tabs. With nothing before it, it is
 * asked for at once, before the page draws what changed.
 */
function persist(): void {
  watchLeaving(true);
  inTurn(write);
}

useApp.subscribe((state, before) => {
  if (state.household !== before.household && state.household !== written?.bundle) persist();
});

/** Waits until everything is written. */
export async function settled(): Promise<void> {
  await queue;
  await puttingBy;
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
  inTurn(readOthers);
}

/** The database is closed under the page. */
function onClosed(why: 'newer' | 'deleted' | 'lost'): void {
  database = null;
  if (why === 'newer') return setState(trouble('newer'));
  if (why === 'lost') return void keepAgain();
  written = null;
  setState(trouble('deleted'));
}

/** Keeps everything in the browser again after it let go of it, or was made to. */
export async function keepAgain(): Promise<void> {
  try {
    database = await openDatabase({ onClosed });
    const found = await loadBundle(database, written?.bundle ?? null);
    const { household } = getState();
    // Whoever began anew meanwhile loses nothing by it.
    if (found && found.stamp !== written?.stamp)
      await keepBackup(database, found.bundle, 'before another tab kept its own', isoNow());
    written = found;
    if (household) {
      setState({ trouble: null });
      persist();
    }
    await settled();
  } catch (error) {
    setState(trouble(kindOf(error)));
    tryAgain();
  }
}

/** Hears what other tabs have written; a browser without channels sees it when its tab is shown. */
function listen(): void {
  if (typeof BroadcastChannel === 'function') {
    channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = pull;
  }
  // Messages sent while the tab slept were lost.
  if (typeof document === 'undefined') return;
  document.addEventListener('visibilitychange', () => {
    if (!document.hidden) pull();
  });
}

/** How long a start may take before a word is said, ms. */
const PATIENCE_MS = 1000;

/** Whether the page has begun, with or without what the browser keeps. */
let begun = false;
let sampleKitchen: (() => Promise<Bundle>) | null = null;

/** The first start of a kitchen: with a sample, or by the cook. */
async function first(): Promise<void> {
  if (sampleKitchen) await begin(await sampleKitchen());
  else setState({ status: 'new' });
}

/** Goes on without the browser's storage: everything lasts as long as the page. */
export async function goOnWithout(): Promise<void> {
  if (begun) return;
  begun = true;
  setState({ ...trouble('memory'), waiting: null });
  await first();
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
  if (database || begun) return;
  isoNow = now;
  sampleKitchen = sample;
  if (!hasDatabase()) return goOnWithout();
  const waiting = (why: AppState['waiting']): void => {
    if (!begun) setState({ waiting: why });
  };
  const slow = setTimeout(() => waiting(getState().waiting ?? 'slow'), PATIENCE_MS);
  let blocked: ReturnType<typeof setTimeout> | undefined;
  try {
    const opened = await openKept({
      onClosed,
      onBlocked: () => {
        blocked = setTimeout(() => waiting('blocked'), PATIENCE_MS);
      },
    });
    // Who went on without it is not thrown back.
    if (begun) return opened.database.close();
    database = opened.database;
    written = opened.kept;
    foldLater(database);
    begun = true;
    listen();
    if (written) setState({ household: written.bundle, status: 'ready' });
    else await first();
    useApp.temporal.getState().clear();
  } catch (error) {
    // Some browsers say only when it is opened that nothing is kept.
    if (/^(?:Security|InvalidState)Error$/.test(nameOf(error))) {
      await goOnWithout();
      return;
    }
    if (!begun) setState({ status: 'failed', ...trouble(kindOf(error)) });
  } finally {
    clearTimeout(slow);
    clearTimeout(blocked);
    setState({ waiting: null });
  }
}

/** Takes a bundle as the household, at the first start; it is shown once it is written. */
export async function begin(bundle: Bundle): Promise<void> {
  setState({ household: bundle });
  await settled();
  setState({ status: 'ready' });
  useApp.temporal.getState().clear();
}

export async function backups(): Promise<readonly Backup[]> {
  return database ? listBackups(database) : inMemory;
}

/** Forgets the household (a backup is kept) and goes back to the first start. */
export async function startOver(at: string): Promise<void> {
  const { household } = getState();
  if (!household) return;
  await settled();
  await putBy(household, 'before starting over', at);
  if (database) await wipe(database);
  await forgetWorked();
  written = null;
  setState({ household: null, status: 'new' });
  useApp.temporal.getState().clear();
  channel?.postMessage('changed');
}
