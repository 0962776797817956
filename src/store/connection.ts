/**
 * Connects the household in memory with the browser's database: opens, begins, forgets. The state of the connection is a
 * state machine (`connectionState`).
 */
import type { Bundle } from '../core/batch/schema';
import { connected, isAt, isoNow, send, setClock } from './connected';
import { databaseOf, writtenOf } from './connectionState';
import { hasDatabase } from './db';
import { checkLater } from './deepCheck';
import { openKept } from './opening';
import { listen, tellTabs } from './others';
import { foldLater } from './pages';
import { putBy, tellAside } from './putBy';
import { wipe } from './repository';
import { kindOf, nameOf, useApp } from './state';
import { forgetWorked } from './worked';
import { onClosed, settled, watchHousehold } from './writing';

/** Delay before the page says that opening takes long, ms. */
const PATIENCE_MS = 1000;

const { setState, getState } = useApp;

/** The sample kitchen of a first start; null for none. */
let sampleKitchen: (() => Promise<Bundle>) | null = null;

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
  if (connected().at !== 'closed') return;
  setClock(now);
  sampleKitchen = sample;
  if (!hasDatabase()) return goOnWithout();
  send({ type: 'open' });
  try {
    await open();
    const database = databaseOf(connected());
    if (!database) return;
    foldLater(database);
    checkLater(database);
    watchHousehold();
    listen();
    const written = writtenOf(connected());
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
  const database = databaseOf(connected());
  const stamp = database ? await wipe(database) : '';
  await forgetWorked();
  send({ type: 'agreed', written: null });
  setState({ household: null, status: 'new' });
  useApp.temporal.getState().clear();
  tellTabs(stamp);
}
