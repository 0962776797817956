/**
 * Between the household in memory and the browser's database: opened, written as it changes, shared with other
 * tabs, written again after a failure. Where it stands is a state machine (`connectionState`).
 */
import type { Bundle } from '../core/batch/schema';
import { nanoid } from 'nanoid';
import { writeBundleInTurns } from '../formats/write';
import { adopt, tellOthers } from './adopt';
import { keepBackup, keepDay, listBackups, makeRoom } from './backups';
import {
  CLOSED,
  databaseOf,
  next,
  troubleOf,
  writtenOf,
  type Connection,
  type ConnectionEvent,
} from './connectionState';
import { setAsideTornCooks } from './deepCheck';
import {
  hasDatabase,
  lostStores,
  openDatabase,
  type Backup,
  type Database,
  type SetAside,
} from './db';
import { askToLast } from './lasting';
import { watchLeaving } from './leaving';
import type { Conflict } from './merge';
import { openKept } from './opening';
import { asideNotice, listAside } from './quarantine';
import { foldLater } from './pages';
import { loadBundle, saveChanges, StartedOver, wipe, type Kept } from './repository';
import { kindOf, nameOf, trouble, useApp } from './state';
import { turns } from './turns';
import { forgetWorked } from './worked';

const CHANNEL = 'retort-household';
/** Backups kept in the page itself. */
const IN_MEMORY = 3;
/** Delay before a write that failed is tried again, ms. */
const AGAIN_MS = 5000;
/** Delay before the page says that opening takes long, ms. */
const PATIENCE_MS = 1000;

const { setState, getState } = useApp;
const work = turns();

let connection: Connection = CLOSED;
let channel: BroadcastChannel | null = null;
let again: ReturnType<typeof setTimeout> | null = null;
/** The sample kitchen of a first start; null for none. */
let sampleKitchen: (() => Promise<Bundle>) | null = null;
let isoNow = (): string => '';
/** Day that has its backup, and the writing of it. */
let day = '';
let dayKept: Promise<void> = Promise.resolve();

/** Goes to the next state, and shows what it means for the page. */
function send(event: ConnectionEvent): void {
  connection = next(connection, event);
  const kind = troubleOf(connection);
  const waiting = connection.at === 'opening' ? connection.waiting : null;
  const shown = getState();
  if ((shown.trouble?.kind ?? null) !== kind || shown.waiting !== waiting)
    setState({ ...(kind ? trouble(kind) : { trouble: null }), waiting });
}

const isAt = (...states: readonly Connection['at'][]): boolean => states.includes(connection.at);

/** Keeps a backup of the household, in the browser or, where it keeps nothing, in this page. */
export async function putBy(household: Bundle, why: string, at: string): Promise<void> {
  if (connection.at === 'open') return keepBackup(connection.database, household, why, at);
  const backup = { id: nanoid(10), at, why, text: await writeBundleInTurns(household) };
  const before = connection.at === 'memory' ? connection.backups : [];
  send({ type: 'backed up', backups: [backup, ...before].slice(0, IN_MEMORY) });
}

export async function backups(): Promise<readonly Backup[]> {
  if (connection.at === 'memory') return connection.backups;
  const database = databaseOf(connection);
  return database ? listBackups(database) : [];
}

/** Everything that was set aside as damaged, the newest first. */
export async function setAside(): Promise<readonly SetAside[]> {
  const database = databaseOf(connection);
  return database ? listAside(database) : [];
}

/** Deletes a damaged record for good. */
export async function forgetAside(id: string): Promise<void> {
  const database = databaseOf(connection);
  if (!database) return;
  await database.delete('quarantine', id);
  setState({ aside: await database.count('quarantine') });
}

/** Says which records were set aside, after a backup of all that could be opened. */
async function tellAside(database: Database, kept: Kept | null): Promise<void> {
  setState({ aside: await database.count('quarantine') });
  const lost = lostStores(database);
  if (!kept || (kept.bad.length === 0 && lost.length === 0)) return;
  setState({ notice: asideNotice(kept.bad, lost) });
  await keepBackup(database, kept.bundle, 'all that could be opened', isoNow());
}

/** Takes what the database holds now into the household. */
function takeIn(kept: Kept): readonly Conflict[] {
  const base = writtenOf(connection)?.bundle ?? kept.bundle;
  send({ type: 'agreed', written: kept });
  return adopt(base, kept.bundle);
}

/** Delay before all cooks are looked through, ms: the page is quiet by then. */
const CHECK_AFTER_MS = 15_000;

/** Looks through all cooks later, and takes those that are damaged out of the household. */
function checkLater(database: Database): void {
  const check = async (): Promise<void> => {
    if (databaseOf(connection) !== database) return;
    const kept = await setAsideTornCooks(database, writtenOf(connection)?.bundle ?? null, isoNow());
    if (!kept) return;
    takeIn(kept);
    channel?.postMessage('changed');
    await tellAside(database, kept);
  };
  const timer = setTimeout(() => work.take(check), CHECK_AFTER_MS);
  // Without a page nothing needs to be kept running.
  if (typeof timer === 'object') timer.unref();
}

/** The household was taken away in another tab; this tab's unwritten changes go to a backup. */
async function startedOver(): Promise<void> {
  const { household } = getState();
  if (household && household !== writtenOf(connection)?.bundle)
    await putBy(household, 'not written when another tab started over', isoNow());
  send({ type: 'agreed', written: null });
  setState({
    household: null,
    status: 'new',
    notice: 'Another tab started over. A backup of your kitchen is kept.',
  });
  useApp.temporal.getState().clear();
}

/** Keeps the day as it began. No change waits for this, and none is refused because of it. */
function keepToday(database: Database, bundle: Bundle): void {
  const at = isoNow();
  if (day === at.slice(0, 10)) return;
  day = at.slice(0, 10);
  dayKept = keepDay(database, bundle, at).catch(() => undefined);
}

/** Tries again later: the change that was not written, or the database that did not open. */
function tryLater(): void {
  again ??= setTimeout(() => {
    again = null;
    if (connection.at === 'open') persist();
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
  const before = writtenOf(connection);
  if (!household || household === before?.bundle) return;
  const database = databaseOf(connection);
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
    channel?.postMessage('changed');
    // Others have written too: changes made here during the write are rebased on theirs.
    if (kept.bundle !== household) tellOthers([...conflicts, ...adopt(household, kept.bundle)]);
    if (kept.bad.length > 0) await tellAside(database, kept);
  } catch (error) {
    if (error instanceof StartedOver) return startedOver();
    // Closed meanwhile: the reason is on the page already.
    if (databaseOf(connection)) await writeFailed(database, error);
  }
  watchLeaving(getState().household !== writtenOf(connection)?.bundle);
}

/**
 * Writes what changed, one change after another; tells the other tabs. With nothing before it, the write is
 * requested at once, before the page draws the change.
 */
function persist(): void {
  watchLeaving(true);
  work.take(write);
}

/** Waits until everything is written. */
export async function settled(): Promise<void> {
  await work.over();
  await dayKept;
}

async function readOthers(): Promise<void> {
  const database = databaseOf(connection);
  if (!database) return;
  const written = writtenOf(connection);
  const fresh = await loadBundle(database, written?.bundle ?? null, isoNow());
  if (!fresh) return written ? startedOver() : undefined;
  if (fresh.stamp === written?.stamp) return;
  tellOthers(takeIn(fresh));
  if (fresh.bad.length > 0) await tellAside(database, fresh);
}

/** Takes in what other tabs have written. */
function pull(): void {
  work.take(readOthers);
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

function onClosed(why: 'newer' | 'deleted' | 'lost'): void {
  send({ type: 'closed', why });
  if (isAt('reopening')) void reopen();
}

/** Opens the database again after it was closed under the page. */
async function reopen(): Promise<void> {
  try {
    const written = writtenOf(connection);
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
function watchHousehold(): void {
  useApp.subscribe((state, before) => {
    if (state.household !== before.household && state.household !== writtenOf(connection)?.bundle)
      persist();
  });
}

/** The first start of a kitchen: with a sample, or by the cook. */
async function first(): Promise<void> {
  if (sampleKitchen) await begin(await sampleKitchen());
  else setState({ status: 'new' });
}

/** Goes on without the browser's storage: everything lasts as long as the page. */
export async function goOnWithout(): Promise<void> {
  if (!isAt('closed', 'opening', 'failed')) return;
  send({ type: 'go on without' });
  watchHousehold();
  await first();
}

/** Opens the database, and says so when that takes long. */
async function open(): Promise<void> {
  const waits = (why: 'slow' | 'blocked') => (): void => send({ type: 'waits', why });
  const slow = setTimeout(waits('slow'), PATIENCE_MS);
  let blocked: ReturnType<typeof setTimeout> | undefined;
  try {
    const { database, kept } = await openKept(
      {
        onClosed,
        onBlocked: () => {
          blocked = setTimeout(waits('blocked'), PATIENCE_MS);
        },
      },
      isoNow(),
    );
    send({ type: 'opened', database, kept });
    // Who went on without it is not thrown back.
    if (!isAt('open')) database.close();
  } finally {
    clearTimeout(slow);
    clearTimeout(blocked);
  }
}

/**
 * Opens the database and loads what is there. Called once, by the shell.
 *
 * @param sample the kitchen of a first start; null to ask the cook
 * @param now the time, ISO 8601, for backups
 */
export async function start(
  sample: (() => Promise<Bundle>) | null,
  now: () => string,
): Promise<void> {
  if (connection.at !== 'closed') return;
  isoNow = now;
  sampleKitchen = sample;
  if (!hasDatabase()) return goOnWithout();
  send({ type: 'open' });
  try {
    await open();
    const database = databaseOf(connection);
    if (!database) return;
    foldLater(database);
    checkLater(database);
    watchHousehold();
    listen();
    const written = writtenOf(connection);
    if (written) setState({ household: written.bundle, status: 'ready' });
    else await first();
    useApp.temporal.getState().clear();
    await tellAside(database, written).catch(() => undefined);
  } catch (error) {
    // Some browsers say only when it is opened that nothing is kept.
    if (/^(?:Security|InvalidState)Error$/.test(nameOf(error))) return goOnWithout();
    if (!isAt('opening')) return;
    send({ type: 'refused', why: kindOf(error) });
    setState({ status: 'failed' });
  }
}

/** Takes a bundle as the household, at the first start; it is shown once it is written. */
export async function begin(bundle: Bundle): Promise<void> {
  setState({ household: bundle });
  await settled();
  setState({ status: 'ready' });
  useApp.temporal.getState().clear();
}

/** Forgets the household (a backup is kept) and goes back to the first start. */
export async function startOver(at: string): Promise<void> {
  const { household } = getState();
  if (!household) return;
  await settled();
  await putBy(household, 'before starting over', at);
  const database = databaseOf(connection);
  if (database) await wipe(database);
  await forgetWorked();
  send({ type: 'agreed', written: null });
  setState({ household: null, status: 'new' });
  useApp.temporal.getState().clear();
  channel?.postMessage('changed');
}
