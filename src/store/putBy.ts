/** Kept beside the household: backups, and damaged records in the quarantine. */
import { nanoid } from 'nanoid';
import type { Bundle } from '../core/batch/schema';
import { writeBundleInTurns } from '../formats/write';
import { keepBackup, keepDay, listBackups } from './backups';
import { connected, isoNow, send } from './connected';
import { databaseOf } from './connectionState';
import { lostStores, type Backup, type Database, type SetAside } from './db';
import { asideNotice, listAside } from './quarantine';
import type { Kept } from './repository';
import { useApp } from './state';

/** Backups kept in the page itself. */
const IN_MEMORY = 3;

/** Keeps a backup of the household, in the browser or, where it keeps nothing, in this page. */
export async function putBy(household: Bundle, why: string, at: string): Promise<void> {
  const connection = connected();
  if (connection.at === 'open') return keepBackup(connection.database, household, why, at);
  const backup = { id: nanoid(10), at, why, text: await writeBundleInTurns(household) };
  const before = connection.at === 'memory' ? connection.backups : [];
  send({ type: 'backed up', backups: [backup, ...before].slice(0, IN_MEMORY) });
}

export async function backups(): Promise<readonly Backup[]> {
  const connection = connected();
  if (connection.at === 'memory') return connection.backups;
  const database = databaseOf(connection);
  return database ? listBackups(database) : [];
}

/** Everything that was set aside as damaged, the newest first. */
export async function setAside(): Promise<readonly SetAside[]> {
  const database = databaseOf(connected());
  return database ? listAside(database) : [];
}

/** Deletes a damaged record for good. */
export async function forgetAside(id: string): Promise<void> {
  const database = databaseOf(connected());
  if (!database) return;
  await database.delete('quarantine', id);
  useApp.setState({ aside: await database.count('quarantine') });
}

/** Reports the records set aside, after a backup of everything that opened. */
export async function tellAside(database: Database, kept: Kept | null): Promise<void> {
  useApp.setState({ aside: await database.count('quarantine') });
  const lost = lostStores(database);
  if (!kept || (kept.bad.length === 0 && lost.length === 0)) return;
  useApp.setState({ notice: asideNotice(kept.bad, lost) });
  await keepBackup(database, kept.bundle, 'all that could be opened', isoNow());
}

/** Day that has its backup, and the writing of it. */
let day = '';
let dayKept: Promise<void> = Promise.resolve();

/** Keeps the day as it began. No change waits for this, and none is refused because of it. */
export function keepToday(database: Database, bundle: Bundle): void {
  const at = isoNow();
  if (day === at.slice(0, 10)) return;
  day = at.slice(0, 10);
  dayKept = keepDay(database, bundle, at).catch(() => undefined);
}

/** Settles when the backup of the day is kept. */
export const dayIsKept = (): Promise<void> => dayKept;
