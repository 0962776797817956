/** Damaged records, set aside: kept as they were found, to be saved to a file or deleted by the cook. */
import type { Database, SetAside } from './db';
import type { Damaged } from './sound';

/** A record for the quarantine. @param at ISO 8601 */
export function asideOf({ from, name, fault, found }: Damaged, id: string, at: string): SetAside {
  return { id, from, name, fault, found, at };
}

const KINDS: Readonly<Record<string, string>> = {
  pots: 'pot',
  batches: 'batch',
  cooks: 'cook',
  pages: 'page of cooks',
  kitchen: 'kitchen',
  jars: 'jar',
  bag: 'food in the bag',
  foods: 'food of yours',
};

/** Name of a damaged record. @example asideName({ from: 'batches', name: 'Lamb neck' }) // "batch “Lamb neck”" */
export function asideName({ from, name }: Pick<SetAside, 'from' | 'name'>): string {
  const kind = KINDS[from] ?? 'record';
  return name ? `${kind} “${name}”` : kind;
}

/** Names told in a sentence; more are counted. */
const MOST_NAMED = 3;

/** Notice of records that were set aside, and of stores that were lost. */
export function asideNotice(bad: readonly Damaged[], lost: readonly string[]): string {
  const named = bad.slice(0, MOST_NAMED).map(asideName).join(', ');
  const more = bad.length > MOST_NAMED ? ` and ${bad.length - MOST_NAMED} more` : '';
  return [
    lost.length > 0 && `The browser has lost part of your kitchen: ${lost.join(', ')}.`,
    bad.length > 0 &&
      `Damaged and set aside: ${named}${more}. Nothing is deleted: look under Files on the Batches page.`,
    bad.some(({ from }) => from === 'pots') &&
      'Check your pots in the Kitchen: usual figures stand where a pot had lost its own.',
    bad.some(({ from }) => from === 'kitchen') &&
      'Check altitude and units in the Kitchen: they are the usual ones now.',
    'Everything else is as it was. Backups are under Files, too.',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Everything set aside, the newest first. */
export async function listAside(db: Database): Promise<readonly SetAside[]> {
  return (await db.getAll('quarantine')).toSorted((a, b) => b.at.localeCompare(a.at));
}
