/**
 * Other tabs on the same household. Each announces its writes; a tab that hears of one reads what that write
 * changed, and no more. However many messages come, one reading runs at a time, and no edit waits for it.
 */
import { isFields } from '../core/batch/schema';
import { adopt, tellOthers } from './adopt';
import { connected, isoNow, send, writes } from './connected';
import { databaseOf, writtenOf } from './connectionState';
import type { Conflict } from './merge';
import { putBy, tellAside } from './putBy';
import { catchUp, loadBundle, type Kept } from './repository';
import { useApp } from './state';
import { coalesced } from './turns';

const CHANNEL = 'retort-household';

let channel: BroadcastChannel | null = null;

/** Announces the latest write to the other tabs. */
export function tellTabs(stamp: string): void {
  channel?.postMessage({ stamp });
}

/** Takes what the database holds now into the household. */
export function takeIn(kept: Kept): readonly Conflict[] {
  const base = writtenOf(connected())?.bundle ?? kept.bundle;
  send({ type: 'agreed', written: kept });
  return adopt(base, kept.bundle);
}

/** The household was taken away in another tab; this tab's unwritten changes go to a backup. */
export async function startedOver(): Promise<void> {
  const { household } = useApp.getState();
  if (household && household !== writtenOf(connected())?.bundle)
    await putBy(household, 'not written when another tab started over', isoNow());
  send({ type: 'agreed', written: null });
  useApp.setState({
    household: null,
    status: 'new',
    notice: 'Another tab started over. A backup of your kitchen is kept.',
  });
  useApp.temporal.getState().clear();
}

/** Takes in what others have written, unless this tab has written meanwhile: then it is read again. */
async function takeSince(read: Kept | null, base: Kept | null): Promise<void> {
  const database = databaseOf(connected());
  if (!database) return;
  if (writtenOf(connected()) !== base) return pull();
  if (!read) return startedOver();
  tellOthers(takeIn(read));
  if (read.bad.length > 0) await tellAside(database, read);
}

async function readOthers(): Promise<void> {
  const database = databaseOf(connected());
  const base = writtenOf(connected());
  if (!database) return;
  // A tab without a kitchen takes the one that another has begun.
  const read = await (base
    ? catchUp(database, base, isoNow())
    : loadBundle(database, null, isoNow()));
  if (read !== base) writes.take(() => takeSince(read, base));
}

const readings = coalesced(readOthers);

/** Takes in what other tabs have written. */
function pull(): void {
  readings.ask();
}

/** Settles when all that was heard is taken in. */
export async function heardOut(): Promise<void> {
  do {
    await readings.over();
    await writes.over();
  } while (readings.isBusy());
}

/** Hears a message; one that no tab of this kitchen sends is passed over. */
function hear({ data }: MessageEvent): void {
  const stamp = isFields(data) ? data['stamp'] : undefined;
  if (typeof stamp === 'string' && stamp !== writtenOf(connected())?.stamp) pull();
}

/** Hears what other tabs have written; a browser without channels sees it when its tab is shown. */
export function listen(): void {
  if (typeof BroadcastChannel === 'function') {
    channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = hear;
  }
  // Messages sent while the tab slept were lost.
  if (typeof document === 'undefined') return;
  document.addEventListener('visibilitychange', () => {
    if (!document.hidden) pull();
  });
}
