/** Writing of the household: as it changes, one change after another, and again after a failure. */
import { adopt, tellOthers } from './adopt';
import { keepBackup, makeRoom } from './backups';
import { connected, isAt, isoNow, send, writes } from './connected';
import { databaseOf, writtenOf } from './connectionState';
import { openDatabase, type Database } from './db';
import { askToLast } from './lasting';
import { watchLeaving } from './leaving';
import { heardOut, startedOver, tellTabs } from './others';
import { foldLater } from './pages';
import { dayIsKept, keepToday, tellAside } from './putBy';
import { loadBundle, saveChanges, StartedOver } from './repository';
import { kindOf, useApp } from './state';
import { forgetWorked } from './worked';

/** Delay before a write that failed is tried again, ms. */
const AGAIN_MS = 5000;

const { getState } = useApp;

let again: ReturnType<typeof setTimeout> | null = null;

/** Tries again later: the change that was not written, or the database that did not open. */
function tryLater(): void {
  again ??= setTimeout(() => {
    again = null;
    if (connected().at === 'open') persist();
    else void keepAgain();
  }, AGAIN_MS);
}

async function writeFailed(database: Database, error: unknown): Promise<void> {
  const why = kindOf(error);
  if (why === 'full') {
    await forgetWorked();
    await makeRoom(database).catch(() => undefined);
  }
  send({ type: 'write failed', why });
  tryLater();
}

async function write(): Promise<void> {
  const { household } = getState();
  const before = writtenOf(connected());
  if (!household || household === before?.bundle) return;
  const database = databaseOf(connected());
  // Kept by nobody: the reason is on the page already.
  if (!database) return watchLeaving(true);
  try {
    const { kept, conflicts } = await saveChanges(database, before, household, isoNow());
    // Ask for lasting storage for the cook's own work, not for the sample.
    if (before) {
      void askToLast(database).catch(() => undefined);
      keepToday(database, before.bundle);
    }
    send({ type: 'agreed', written: kept });
    foldLater(database);
    tellTabs(kept.stamp);
    // Others have written too: changes made here during the write are rebased on theirs.
    if (kept.bundle !== household) tellOthers([...conflicts, ...adopt(household, kept.bundle)]);
    if (kept.bad.length > 0) await tellAside(database, kept);
  } catch (error) {
    if (error instanceof StartedOver) return startedOver();
    // Closed meanwhile: the reason is on the page already.
    if (databaseOf(connected())) await writeFailed(database, error);
  }
  watchLeaving(getState().household !== writtenOf(connected())?.bundle);
}

/**
 * Writes what changed, one change after another; tells the other tabs. With nothing before it, the write is
 * requested at once, before the page draws the change.
 */
export function persist(): void {
  watchLeaving(true);
  writes.take(write);
}

/** Waits until everything is written. */
export async function settled(): Promise<void> {
  await heardOut();
  await dayIsKept();
}

export function onClosed(why: 'newer' | 'deleted' | 'lost'): void {
  send({ type: 'closed', why });
  if (isAt('reopening')) void reopen();
}

/** Opens the database again after it was closed under the page. */
async function reopen(): Promise<void> {
  try {
    const written = writtenOf(connected());
    const database = await openDatabase({ onClosed });
    const kept = await loadBundle(database, written?.bundle ?? null, isoNow());
    // Someone who began anew meanwhile loses nothing.
    if (kept && kept.stamp !== written?.stamp)
      await keepBackup(database, kept.bundle, 'before another tab kept its own', isoNow());
    send({ type: 'opened', database, kept });
    if (getState().household) persist();
    await settled();
  } catch (error) {
    send({ type: 'refused', why: kindOf(error) });
    tryLater();
  }
}

/** Keeps everything in the browser again after it let go of it, or was made to. */
export async function keepAgain(): Promise<void> {
  send({ type: 'try again' });
  if (isAt('reopening')) await reopen();
}

/** Writes every change of the household from now on. */
export function watchHousehold(): void {
  useApp.subscribe((state, before) => {
    if (state.household !== before.household && state.household !== writtenOf(connected())?.bundle)
      persist();
  });
}
